'use client';
import { Box, Menu, MenuItem } from '@mui/material';
import { placeHref } from '../../core/build/places';
import { goToStage } from '../components/StageLink';
import { useWorkspace } from '../sync/useWorkspace';
import { ThemeSwitch } from './ThemeSwitch';
import { workspace as t } from '../texts/en/workspace';

/** What stands in the head of a wide screen, on a phone behind one key. */
export function HeadMenu({
  anchor,
  next,
  waits,
  onNext,
  onClose,
}: {
  anchor: HTMLElement;
  /** the next step that can't be undone, in words */ next: string;
  waits: boolean;
  /** null where it can't be released yet */ onNext: (() => void) | null;
  onClose: () => void;
}) {
  const { build } = useWorkspace('build');
  return (
    <Menu anchorEl={anchor} open onClose={onClose}>
      <MenuItem
        disabled={!onNext}
        onClick={() => {
          onClose();
          onNext?.();
        }}
      >
        <span>
          {waits && <span className="soft">{t.nextHoldPoint} </span>}
          <strong>{next}</strong>
        </span>
      </MenuItem>
      <MenuItem
        onClick={() => {
          onClose();
          goToStage(placeHref(build.id, { sheet: 'measure', section: 'walk' }));
        }}
      >
        {t.walkRound}
      </MenuItem>
      <MenuItem
        onClick={() => {
          onClose();
          goToStage(`/builds/${build.id}/heater`);
        }}
      >
        {t.heaterAndConditions}
      </MenuItem>
      <MenuItem
        onClick={() => {
          onClose();
          goToStage(placeHref(build.id, { sheet: 'signoff', section: 'papers' }));
        }}
      >
        {t.papersCertificateBuildFileRecord}
      </MenuItem>
      <Box component="li" sx={{ padding: '0 6px' }} role="none">
        <ThemeSwitch />
      </Box>
    </Menu>
  );
}
