import { breatherOf, breathFull, excessAirHigh } from '../../model/air/breath';
import { burnedGas, excessAirByCo2, excessAirByO2 } from '../../physics/gas/burning';
import { metres, percent, times } from '../../wording/Value';
import type { Reader } from '../../reading/Reader';
import { defineCheck } from '../Check';
import { worstOf } from '../worstOf';

/** So far may a measured excess of air lie from the computed one, %. Lorbet’s own choice, no source. */
const offPercent = 25;
/** Excess of air by an analyser at full, where one was read: by the reading that leaves the flame least. More than burning can make is as rich as there is. */
function measured(read: Reader): number | null {
  const [co2, o2] = [read.maybe('pipes.co2Percent'), read.maybe('pipes.o2Percent')];
  if (co2 === null && o2 === null) return null;
  const { mass } = breatherOf(read);
  const most = burnedGas(mass, 1).co2Percent;
  return Math.min(
    co2 === null ? Infinity : excessAirByCo2(Math.min(Math.max(co2, 1), most), mass),
    o2 === null ? Infinity : excessAirByO2(Math.min(o2, 19), mass),
  );
}

/** Whether the flame gets its air through these two pipes. */
export const airFlowChecks = [
  defineCheck({
    id: 'air.excess',
    stage: 'air',
    holdPoint: 'bolting',
    part: 'intake',
    why: 'A flame with too little air makes soot and carbon monoxide; every metre, bend and blocked filter takes some of it.',
    remedy: 'Shorten the pipes, take bends out, or fit the kit’s own bore.',
    source:
      'Darcy–Weisbach, affinity laws, stoichiometry; losses of bends after Idelchik (from memory). The fan is assumed where its maker tells nothing of it.',
    messages: {
      rich: 'At full the flame gets {n} times the air its fuel needs; at least {least} is wanted. These pipes leave {share} of the air that the kit’s would.',
      high: 'At full at {altitude} the flame gets {n} times the air its fuel needs; at least {least} is wanted.',
      measuredRich: 'The analyser says {n} times the air its fuel needs; at least {least} is wanted.',
      off: 'The analyser says {n} times the air its fuel needs, these pipes should give {expected}.',
      air: 'At full the flame gets {n} times the air its fuel needs.',
    },
    remedies: {
      high: 'Set the pump lower for that height, as its maker has it, or shorten the pipes.',
      measuredRich: 'Look for a blocked filter, pipe or muffler, then for a fan or a pump set wrong.',
      off: 'Look for a blocked filter or pipe, or a leak at the probe; then measure again.',
    },
    assess: (read, say) =>
      worstOf(
        () => {
          const n = measured(read);
          const least = read.limit('excessAirMin').value;
          return n !== null && n < least ? say.fix('measuredRich', { n: times(n, 2), least: times(least, 2) }) : null;
        },
        () => {
          const least = read.limit('excessAirMin').value;
          const { excessAir } = breathFull(read);
          if (excessAir >= least) return null;
          const kit = read.limit('excessAirFull').value;
          return say.fix('rich', { n: times(excessAir, 2), least: times(least, 2), share: percent((excessAir / kit) * 100) });
        },
        () => {
          const n = measured(read);
          if (n === null) return null;
          const { excessAir } = breathFull(read);
          return Math.abs(n / excessAir - 1) * 100 > offPercent
            ? say.watch('off', { n: times(n, 2), expected: times(excessAir, 2) })
            : null;
        },
        () => {
          const full = breathFull(read);
          const altitudeM = read.maybe('heater.altitudeM') ?? 0;
          const least = read.limit('excessAirMin').value;
          const high = excessAirHigh(read);
          if (high < least) return say.watch('high', { altitude: metres(altitudeM), n: times(high, 2), least: times(least, 2) });
          return say.sound('air', { n: times(full.excessAir, 2) });
        },
      ),
  }),
];
