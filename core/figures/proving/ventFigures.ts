import type { Derived, Reader } from '../../reading/Reader';
import { freeAt, riseM, ventsOf, wantedAt } from '../../model/vent/ventsOf';
import { stackFlowM3H } from '../../physics/vent/stackFlow';
import { sleepersCo2Ppm, sleepersDewC } from '../../physics/vent/sleepers';
import { toDo } from '../../reading/NotMeasured';

const free = 'area × share free under its cover, less what is blocked; nothing of one that can be shut';
const freeSource =
  'geometry; shares of mesh and louvre from memory (Idelchik, ASHRAE); of a fly screen common practice, no source';
const wanted = 'by floor plan, and what other burners’ makers want besides';
const wantedSource = 'EN 721 (from memory), for leisure vehicles; elsewhere a guide';
const given = 'ASHRAE Fundamentals (from memory, order of magnitude)';
/** Air through the openings, m³/h, as long as there is any. */
function airOf(read: Reader): number {
  const m3H = read.derived('vent.airM3H');
  return m3H > 0 ? m3H : read.missing(...toDo('open something high and something low'));
}

export const ventFigures = {
  'vent.highCm2': {
    label: 'Free near the ceiling',
    unit: 'cm²',
    decimals: 1,
    formula: free,
    source: freeSource,
    compute: (read: Reader): number => freeAt(ventsOf(read), 'high') / 100,
  },
  'vent.wantedHighCm2': {
    label: 'Wanted near the ceiling',
    unit: 'cm²',
    decimals: 1,
    formula: wanted,
    source: wantedSource,
    compute: (read: Reader): number => wantedAt(read, 'high') / 100,
  },
  'vent.lowCm2': {
    label: 'Free near the floor',
    unit: 'cm²',
    decimals: 1,
    formula: free,
    source: freeSource,
    compute: (read: Reader): number => freeAt(ventsOf(read), 'low') / 100,
  },
  'vent.wantedLowCm2': {
    label: 'Wanted near the floor',
    unit: 'cm²',
    decimals: 1,
    formula: wanted,
    source: wantedSource,
    compute: (read: Reader): number => wantedAt(read, 'low') / 100,
  },
  'vent.airM3H': {
    label: 'Air through them on a usual night, no wind',
    unit: 'm³/h',
    decimals: 1,
    formula: 'C √(2 Δp / (1/(ρₒ A₁²) + 1/(ρᵢ A₂²))) ÷ ρᵢ, Δp = g h (ρₒ − ρᵢ)',
    source: 'orifice and stack effect (first principles); C 0.65 (ASHRAE Fundamentals, from memory)',
    compute: (read: Reader): number => {
      const vents = ventsOf(read);
      const { insideC, outsideC } = read.all({ insideC: 'survey.insideC', outsideC: 'survey.usualNightC' });
      return stackFlowM3H(freeAt(vents, 'low'), freeAt(vents, 'high'), riseM(read, vents), insideC, outsideC);
    },
  },
  'vent.sleepersPpm': {
    label: 'Carbon dioxide by morning, doors and windows shut',
    unit: 'ppm',
    decimals: 0,
    formula: '420 + sleepers × 13 L/h ÷ air',
    source: `first principles; what sleepers give off: ${given}`,
    compute: (read: Reader): number => sleepersCo2Ppm(read.all({ asleep: 'people.asleep' }).asleep, airOf(read)),
  },
  'vent.dewC': {
    label: 'What is colder runs with water',
    unit: '°C',
    decimals: 1,
    formula: 'dew point of the air outside, saturated, with sleepers × 45 g/h of water in it',
    source: `Magnus’ form (from memory); what sleepers give off: ${given}`,
    compute: (read: Reader): number => {
      const f = read.all({ asleep: 'people.asleep', insideC: 'survey.insideC', outsideC: 'survey.usualNightC' });
      return sleepersDewC(f.asleep, airOf(read), f.insideC, f.outsideC);
    },
  },
} satisfies Record<string, Derived>;
