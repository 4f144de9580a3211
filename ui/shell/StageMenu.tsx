'use client';
import { Button } from '@mui/material';
import { ChevronDown } from 'lucide-react';
import { useState } from 'react';
import type { SheetId } from '../../core/build/sections';
import { marksOf } from '../../core/checks/marksOf';
import { Marks } from '../components/findings/Marks';
import { later } from '../components/later';
import { useWorkspace } from '../sync/useWorkspace';
import { sheetName } from './sheetName';
import { workspace as t } from '../texts/en/workspace';

const StageList = later(() => import('./StageList').then((m) => m.StageList));

/** On a phone the stages are one key that opens: each with its marks. */
export function StageMenu({ sheet }: { sheet: SheetId }) {
  const { findings } = useWorkspace('findings');
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const marks = marksOf(findings.filter(({ stage }) => stage === sheet));
  return (
    <>
      <Button
        aria-haspopup="menu"
        aria-expanded={anchor !== null}
        aria-label={t.stage({ sheet: sheetName(sheet) })}
        onClick={(event) => setAnchor(event.currentTarget)}
        endIcon={<ChevronDown size={18} />}
      >
        {sheet === 'heater' ? t.heater : sheetName(sheet)} <Marks counts={marks.slice(0, 1)} />
      </Button>
      {anchor && <StageList sheet={sheet} anchor={anchor} onClose={() => setAnchor(null)} />}
    </>
  );
}
