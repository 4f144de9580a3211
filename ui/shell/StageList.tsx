'use client';
import { Box, Menu, MenuItem } from '@mui/material';
import { sheetIds, type SheetId } from '../../core/build/sections';
import { marksOf } from '../../core/checks/marksOf';
import { Marks } from '../components/findings/Marks';
import { goToStage } from '../components/StageLink';
import { useWorkspace } from '../sync/useWorkspace';
import { sheetName } from './sheetName';

/** All stages, each with its marks. */
export function StageList({ sheet, anchor, onClose }: { sheet: SheetId; anchor: HTMLElement; onClose: () => void }) {
  const { build, findings } = useWorkspace('build', 'findings');
  const marks = (of: SheetId) => marksOf(findings.filter(({ stage }) => stage === of));
  return (
    <Menu anchorEl={anchor} open onClose={onClose}>
      {sheetIds.map((id) => (
        <MenuItem
          key={id}
          selected={id === sheet}
          onClick={() => {
            onClose();
            goToStage(`/builds/${build.id}/${id}`);
          }}
        >
          <Box component="span" sx={{ flex: 1, pr: 3 }}>
            {sheetName(id)}
          </Box>
          <Box component="span" sx={{ display: 'inline-flex', gap: 1 }}>
            <Marks counts={marks(id)} />
          </Box>
        </MenuItem>
      ))}
    </Menu>
  );
}
