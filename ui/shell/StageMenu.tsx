'use client';
import { Box, Button, Menu, MenuItem } from '@mui/material';
import { ChevronDown } from 'lucide-react';
import { useState } from 'react';
import { sheetIds, type SheetId } from '../../core/build/sections';
import { stages } from '../../core/build/stages';
import { marksOf } from '../../core/checks/marksOf';
import { Marks } from '../components/findings/Marks';
import { goToStage } from '../components/StageLink';
import { useWorkspace } from '../sync/useWorkspace';
import { sheetName } from './sheetName';

/** On a phone the stages are one key that opens: each with its marks. */
export function StageMenu({ sheet }: { sheet: SheetId }) {
  const { build, findings } = useWorkspace('build', 'findings');
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const marks = (of: SheetId) => marksOf(findings.filter(({ stage }) => stage === of));
  return (
    <>
      <Button
        aria-haspopup="menu"
        aria-expanded={anchor !== null}
        aria-label={`Stage: ${sheetName(sheet)}`}
        onClick={(event) => setAnchor(event.currentTarget)}
        endIcon={<ChevronDown size={18} />}
      >
        {sheet === 'heater' ? 'Heater' : stages[sheet]} <Marks counts={marks(sheet).slice(0, 1)} />
      </Button>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)}>
        {sheetIds.map((id) => (
          <MenuItem
            key={id}
            selected={id === sheet}
            onClick={() => {
              setAnchor(null);
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
    </>
  );
}
