import type { Reader } from '../calls/Call';
import { fillChambers } from '../priming/fillChambers';
import { strokesToFill } from '../priming/strokesToFill';
import type { Derived } from './derived';

/** What the pump still has to fill: line, gaps and filter less the air that they keep, less what a syringe filled before. */
function toFillMl(read: Reader): number {
  const whole = fillChambers(read).reduce((sum, { volumeMl, trapMl }) => sum + volumeMl - trapMl, 0);
  return Math.max(0, whole - (read.maybe('priming.preFilledMl') ?? 0));
}
const strokes = (read: Reader) => strokesToFill(toFillMl(read), read.derived('fuel.doseMl'));
const band = 'dose ± 10 %, volume ± 5 %, both at their worst: assumption, common practice, no source';

export const primingFigures = {
  'priming.toFillMl': {
    label: 'To fill',
    unit: 'mL',
    decimals: 1,
    formula: 'line + gaps + filter − air that stays − syringe',
    source: 'geometry; what gaps and falling stretches keep is an assumption, no source',
    compute: toFillMl,
  },
  'priming.expectedStrokes': {
    label: 'Fills in',
    unit: 'strokes',
    decimals: 0,
    formula: 'volume / dose',
    source: 'definition',
    compute: (read: Reader): number => strokes(read).expected,
  },
  'priming.lowStrokes': {
    label: 'At the earliest',
    unit: 'strokes',
    decimals: 0,
    formula: '0.95 volume / 1.10 dose',
    source: band,
    compute: (read: Reader): number => strokes(read).low,
  },
  'priming.highStrokes': {
    label: 'At the latest',
    unit: 'strokes',
    decimals: 0,
    formula: '1.05 volume / 0.90 dose',
    source: band,
    compute: (read: Reader): number => strokes(read).high,
  },
  'priming.expectedS': {
    label: 'That takes',
    unit: 's',
    decimals: 0,
    formula: 'strokes / f',
    source: 'definition',
    compute: (read: Reader): number => strokes(read).expected / read.all({ hz: 'priming.primingHz' }).hz,
  },
} satisfies Record<string, Derived>;
