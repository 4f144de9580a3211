import type { Reader, Derived } from '../../reading/Reader';
import { chambersToFill } from '../../model/priming/fillChambers';
import { strokesToFill, volumesToFill } from '../../physics/fuel/strokesToFill';

/** What the pump still has to fill: standpipe, line, gaps and filter less the air that they keep, less what a syringe filled before. */
const toFill = (read: Reader) => volumesToFill(chambersToFill(read));
const strokes = (read: Reader) => strokesToFill(toFill(read), read.derived('fuel.doseMl'));
const band = 'dose ± 10 %, volume ± 5 %, a dry pump at 75 to 100 %, all at their worst: assumption, common practice, no source';

export const primingFigures = {
  'priming.toFillMl': {
    label: 'To fill',
    unit: 'mL',
    decimals: 1,
    formula: 'standpipe + line + gaps + filter − air that stays − syringe',
    source:
      'geometry; a standpipe of 4 mm inside where nothing is given; what gaps and falling segments keep is an assumption, no source',
    compute: (read: Reader): number => {
      const { suctionMl, pressureMl } = toFill(read);
      return suctionMl + pressureMl;
    },
  },
  'priming.expectedStrokes': {
    label: 'Fills in',
    unit: 'strokes',
    decimals: 0,
    formula: '(before the pump / 0.91 + after it) / dose',
    source: 'definition; a dry pump moves 91 % of its dose in the middle of what is met: assumption, no source',
    compute: (read: Reader): number => strokes(read).expected,
  },
  'priming.lowStrokes': {
    label: 'At the earliest',
    unit: 'strokes',
    decimals: 0,
    formula: '0.95 volume / 1.10 dose, pump drawing dry as well as wet',
    source: band,
    compute: (read: Reader): number => strokes(read).low,
  },
  'priming.highStrokes': {
    label: 'At the latest',
    unit: 'strokes',
    decimals: 0,
    formula: '1.05 (before the pump / 0.75 + after it) / 0.90 dose',
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
