'use client';
import { Box } from '@mui/material';
import { SightKeys } from '../startup/SightKeys';
import { proving as t } from '../../texts/en/proving';

/** The exhaust's joints, gone round while it runs. */
export function ExhaustJointsSection() {
  return (
    <>
      <Box component="p" className="cautions" sx={{ mb: 1.25 }}>
        <strong>{t.pipeBurns}</strong> {t.pipeGloves}
      </Box>
      <SightKeys of={['joints']} dated />
    </>
  );
}
