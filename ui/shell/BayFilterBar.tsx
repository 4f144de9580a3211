'use client';
import { Box, InputAdornment, OutlinedInput, ToggleButton } from '@mui/material';
import { Search } from 'lucide-react';
import { useCallback, useEffect, useRef, useState } from 'react';
import { stageIds, stages, type StageId } from '../../core/build/stages';
import { CellPick, Options } from '../components/cells/CellInput';
import { bayQuery, findMax, readBayFilter, type BayFilter } from '../../core/checks/bayFilter';
import { bay as t } from '../texts/en/bay';

const waitsFor = Object.fromEntries(stageIds.map((id) => [id, t.waitsFor({ id: stages[id].toLowerCase() })]));

/** How long a hand rests before what it typed is looked for, ms. */
const restMs = 250;

/**
 * What is wanted at this moment. The address follows it a moment later, so a press that comes before
 * the address has changed builds upon the press before it, and none is lost.
 */
function useWanted(filter: BayFilter, onFilter: (filter: BayFilter) => void) {
  const [wanted, setWanted] = useState(filter);
  const [text, setText] = useState(filter.find);
  const latest = useRef(filter);
  /** addresses asked for that have not come yet */
  const awaited = useRef<string[]>([]);
  const shown = bayQuery(filter);
  useEffect(() => {
    const at = awaited.current.indexOf(shown);
    if (at >= 0) {
      awaited.current.splice(0, at + 1);
      return;
    }
    latest.current = readBayFilter(new URLSearchParams(shown)).filter;
    setWanted(latest.current);
    setText(latest.current.find);
  }, [shown]);
  const set = useCallback(
    (change: Partial<BayFilter>) => {
      const before = bayQuery(latest.current);
      latest.current = { ...latest.current, ...change };
      if (bayQuery(latest.current) === before) return;
      awaited.current.push(bayQuery(latest.current));
      setWanted(latest.current);
      onFilter(latest.current);
    },
    [onFilter],
  );
  useEffect(() => {
    if (text === wanted.find) return undefined;
    const timer = setTimeout(() => set({ find: text }), restMs);
    return () => clearTimeout(timer);
  }, [text, wanted, set]);
  return { wanted, text, setText, set };
}

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
  const { wanted, text, setText, set } = useWanted(filter, onFilter);
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
      <ToggleButton value="mine" selected={wanted.mine} onChange={() => set({ find: text, mine: !wanted.mine })}>
        {t.mine}
      </ToggleButton>
      <ToggleButton value="stop" selected={wanted.stop} onChange={() => set({ find: text, stop: !wanted.stop })}>
        {t.atStop}
      </ToggleButton>
      <ToggleButton
        value="now"
        selected={wanted.due === 'now'}
        onChange={() => set({ find: text, due: wanted.due === 'now' ? '' : 'now' })}
      >
        {t.dueNow}
      </ToggleButton>
      {dueCount > 0 && (
        <ToggleButton
          value="week"
          selected={wanted.due === 'week'}
          onChange={() => set({ find: text, due: wanted.due === 'week' ? '' : 'week' })}
        >
          {t.dueThisWeek({ dueCount })}
        </ToggleButton>
      )}
      <Box className="bay-waits-for">
        <CellPick
          name="Waits for"
          value={wanted.waits}
          disabled={false}
          onChoose={(waits) => set({ find: text, waits: waits as '' | StageId })}
        >
          <Options of={waitsFor} empty={t.waitsForAnything} />
        </CellPick>
      </Box>
    </Box>
  );
}
