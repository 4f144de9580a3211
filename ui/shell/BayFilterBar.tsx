'use client';
import { Box, InputAdornment, OutlinedInput, ToggleButton } from '@mui/material';
import { Search } from 'lucide-react';
import { useEffect, useState } from 'react';
import { stageIds, stages, type StageId } from '../../core/build/stages';
import { CellPick, Options } from '../components/cells/CellInput';
import { findMax, type BayFilter } from '../../core/checks/bayFilter';
import { bay as t } from '../texts/en/bay';

const waitsFor = Object.fromEntries(stageIds.map((id) => [id, t.waitsFor({ id: stages[id].toLowerCase() })]));

/** How long a hand rests before what it typed is looked for, ms. */
const restMs = 250;

/** Which builds are shown: looked for while one types, and by what they wait for. */
export function BayFilterBar({
  filter,
  dueCount,
  onFilter,
}: {
  filter: BayFilter;
  /** how many are due within a week; told to a lead */ dueCount: number;
  onFilter: (filter: BayFilter) => void;
}) {
  const [text, setText] = useState(filter.find);
  useEffect(() => {
    if (text === filter.find) return undefined;
    const timer = setTimeout(() => onFilter({ ...filter, find: text }), restMs);
    return () => clearTimeout(timer);
  }, [text, filter, onFilter]);
  const set = (change: Partial<BayFilter>) => onFilter({ ...filter, find: text, ...change });
  return (
    <Box className="bay-filter" role="search">
      <OutlinedInput
        value={text}
        placeholder={t.namePlaceSerial}
        onChange={(event) => setText(event.target.value)}
        startAdornment={
          <InputAdornment position="start">
            <Search size={20} aria-hidden />
          </InputAdornment>
        }
        slotProps={{ input: { 'aria-label': t.findABuild, maxLength: findMax, type: 'search' } }}
      />
      <ToggleButton value="mine" selected={filter.mine} onChange={() => set({ mine: !filter.mine })}>
        {t.mine}
      </ToggleButton>
      <ToggleButton value="stop" selected={filter.stop} onChange={() => set({ stop: !filter.stop })}>
        {t.atStop}
      </ToggleButton>
      <ToggleButton value="now" selected={filter.due === 'now'} onChange={() => set({ due: filter.due === 'now' ? '' : 'now' })}>
        {t.dueNow}
      </ToggleButton>
      {dueCount > 0 && (
        <ToggleButton
          value="week"
          selected={filter.due === 'week'}
          onChange={() => set({ due: filter.due === 'week' ? '' : 'week' })}
        >
          {t.dueThisWeek({ dueCount })}
        </ToggleButton>
      )}
      <Box className="bay-waits-for">
        <CellPick
          name="Waits for"
          value={filter.waits}
          disabled={false}
          onChoose={(waits) => set({ waits: waits as '' | StageId })}
        >
          <Options of={waitsFor} empty={t.waitsForAnything} />
        </CellPick>
      </Box>
    </Box>
  );
}
