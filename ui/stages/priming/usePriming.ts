'use client';
import { useEffect, useState } from 'react';
import type { PrimingRun } from '../../../core/build/Build';
import { valueAt } from '../../../core/build/sheets';
import { explain } from '../../../core/figures/explain';
import { primedStrokes } from '../../../core/model/priming/primedStrokes';
import { restsOf } from '../../../core/drawing/line/primePicture';
import { longestSpellMs } from '../../../core/physics/fuel/pumpRest';
import { useWorkspace } from '../../sync/useWorkspace';
import { usePrimingClock } from './usePrimingClock';
import { priming as t } from '../../texts/en/priming';

/** A count of strokes: how far it is, how far it should go, and how it ended. */
export function usePriming() {
  const { settled, send, setPrimedStrokes } = useWorkspace('settled', 'send', 'setPrimedStrokes');
  const clock = usePrimingClock(settled.id);
  const [problems, setProblems] = useState<string[]>([]);
  const earlier = primedStrokes(settled);
  const hz = valueAt(settled.sheets, 'priming.primingHz');
  const [low, expected, high] = (['priming.lowStrokes', 'priming.expectedStrokes', 'priming.highStrokes'] as const).map(
    (key) => explain(settled, key).value ?? null,
  );
  const band =
    typeof low === 'number' && typeof expected === 'number' && typeof high === 'number' ? { low, expected, high } : null;
  const doseMl = explain(settled, 'fuel.doseMl').value ?? null;
  const before = clock.count && !clock.count.fromEmpty ? earlier.strokes : 0;
  const total = before + clock.strokes;
  const active = clock.count !== null;
  /** What every other page needs to know of the count. */
  const toKnow = (fromEmpty: boolean) => ({
    before: fromEmpty ? 0 : earlier.strokes,
    high: high ?? null,
    name: settled.identity.name,
  });
  const wanted = clock.count ? toKnow(clock.count.fromEmpty) : null;
  const told = clock.count;
  useEffect(() => {
    if (told && wanted && (told.high !== wanted.high || told.before !== wanted.before || told.name !== wanted.name))
      clock.know(wanted);
  });
  useEffect(() => {
    setPrimedStrokes(active ? total : null);
  }, [active, total, setPrimedStrokes]);
  useEffect(() => () => setPrimedStrokes(null), [setPrimedStrokes]);

  const begin = (by: 'clock' | 'taps', fromEmpty: boolean) => {
    if (hz === null) {
      setProblems([t.pumpFrequencyWhilePrimingIsNot]);
      return;
    }
    setProblems([]);
    clock.begin({ by, frequencyHz: hz, fromEmpty, ...toKnow(fromEmpty) });
  };
  const keep = (outcome: PrimingRun['outcome']) => {
    if (!clock.count) return;
    clock.pause();
    const { by, spells } = clock.count;
    const longestS = by === 'clock' ? Math.round(longestSpellMs(spells, Date.now(), restsOf(settled).restMs) / 1000) : null;
    const errors = send({
      kind: 'priming',
      run: {
        id: crypto.randomUUID(),
        strokes: clock.strokes,
        frequencyHz: clock.count.frequencyHz,
        fromEmpty: clock.count.fromEmpty,
        outcome,
        ...(longestS === null ? {} : { longestS }),
      },
    });
    setProblems(errors);
    if (errors.length === 0) clock.clear();
  };
  return { clock, earlier, band, doseMl, before, total, active, problems, begin, keep };
}
export type Priming = ReturnType<typeof usePriming>;
