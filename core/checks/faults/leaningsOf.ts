import type { Build, StartRun } from '../../build/Build';
import type { Fault } from '../../build/faults';
import type { Part } from '../../build/field';
import { firstAt } from '../../build/startFacts';
import { causeIds } from '../../model/faults/causes';
import { isCause } from '../../model/faults/faultCase';
import type { Leaning } from '../../model/faults/leaning';
import { partOfCause } from '../../model/faults/partOfCause';
import type { Departure } from '../../physics/start/departures';
import { departureText } from '../../wording/departureText';
import type { Finding } from '../Finding';

type Times = Leaning['times'];
/** What a finding that is at fault makes likelier; what answers a check outright stands in `knownSigns`. Common practice, no source; how many times: Lorbet’s own choice. */
const byFinding: Readonly<Record<string, Times>> = {
  // The lowest pressure before the pump on the coldest night that is looked for: air comes out, and in at any joint.
  'fuel.suction.pressure': { suctionLeak: 3, fuelGelled: 2, belowPickup: 1.5 },
  'fuel.suction.length': { suctionLeak: 2 },
  'fuel.head.lift': { suctionLeak: 2, belowPickup: 1.5 },
  'fuel.head.over': { flooded: 2, fuelWeeps: 1.5 },
  'fuel.line.bore': { jointGap: 2 },
  'fuel.line.joint': { jointGap: 2, suctionLeak: 2, fuelWeeps: 1.5 },
  'fuel.line.route': { kinkedHose: 2 },
  'fuel.clean': { filterBlocked: 2, waterInFuel: 2 },
  'fuel.tank.vent': { ventBlocked: 3 },
  'fuel.pickup.clearance': { filterBlocked: 1.5, waterInFuel: 1.5 },
  'fuel.pickup.level': { belowPickup: 2 },
  'priming.air': { suctionLeak: 2, jointGap: 2 },
  'priming.short': { lineNotPrimed: 3 },
  'priming.dry': { pumpWorn: 1.5, lineNotPrimed: 2 },
  'priming.dose': { pumpWorn: 2, pumpTooBig: 2 },
  'leak.fuel': { fuelWeeps: 4, suctionLeak: 1.5 },
  'co.reading': { exhaustLeak: 4, drawnBack: 3, burnerGasket: 2 },
  'exhaust.joint': { exhaustLeak: 3 },
  'exhaust.penetration': { exhaustLeak: 2 },
  'exhaust.support': { exhaustLeak: 1.5 },
  'exhaust.end.facing': { drawnBack: 1.5 },
  'siting.wading': { waterInExhaust: 2 },
  'air.intake.slope': { intakeBlocked: 1.5 },
  'wiring.battery.night': { batteryLow: 2 },
  'wiring.joints': { looseTerminal: 2 },
  'wiring.source': { feedWeak: 2, looseTerminal: 1.5 },
  'duct.open': { ventsShut: 3 },
  'duct.return': { returnBlocked: 3 },
  'duct.pressure': { ductTooLong: 2 },
  'coolant.air': { coolantAir: 3 },
  'coolant.flow': { coolantPump: 2 },
  'controller.mode': { sooted: 1.5 },
  'controller.pump.range': { controllerSet: 2 },
  'survey.size.over': { sooted: 2, plugWorn: 1.5 },
};
export const leaningFindings: readonly string[] = Object.keys(byFinding);
/** Where the course of the start that is complained of left its band; the phase goes before the plain side. What volts and amps under glow say is read off them. */
const tooLittleHeat: Times = { filterBlocked: 2, pumpWorn: 2, suctionLeak: 2, jointGap: 1.5, sooted: 1.5 };
const tooLittleAir: Times = { outletBlocked: 3, ventsShut: 3, returnBlocked: 3, ductTooLong: 2, fanWorn: 2 };
const byDeparture: Readonly<Record<string, Times>> = {
  'volts.under.glow': { badEarth: 2, looseTerminal: 2 },
  'volts.over': { overVolts: 2 },
  'amps.over': { fanRubs: 2, plugShort: 1.5 },
  'amps.over.glow': {},
  'amps.under': { fanWorn: 2 },
  'amps.under.glow': {},
  'hertz.over': { controllerSet: 3, pumpTooBig: 1.5 },
  'hertz.under': { controllerSet: 2, roomSensor: 1.5 },
  'outletC.over': tooLittleAir,
  'caseC.over': tooLittleAir,
  'returnC.over': { returnBlocked: 2, roomSensor: 1.5 },
  'outletC.under.ramp': tooLittleHeat,
  'outletC.under.full': tooLittleHeat,
  'caseC.under.full': tooLittleHeat,
};
/** What was mended here once comes back; where somebody was at work since it last ran well is looked at first. Common practice, no source; how many times: Lorbet’s own choice. */
const [mendedBefore, workedOn] = [2, 2];

function ofHistory(build: Build, fault: Pick<Fault, 'id' | 'at'>): Leaning[] {
  const toldMs = Date.parse(fault.at);
  const earlier = (build.faults ?? []).filter(
    ({ id, at, withdrawn }) => id !== fault.id && !withdrawn && Date.parse(at) < toldMs,
  );
  const causes = new Set(earlier.flatMap(({ repairs }) => repairs.map(({ cause }) => cause)).filter(isCause));
  const again = [...causes].map((cause) => ({
    why: { mended: cause },
    times: { [cause]: mendedBefore },
  }));
  const wellMs = build.starts
    .filter((run) => !run.dryRun && ranWell(run) && Date.parse(run.at) < toldMs)
    .reduce((last, { at }) => Math.max(last, Date.parse(at)), -Infinity);
  if (wellMs === -Infinity) return again;
  const parts = Object.entries(build.worked ?? {}) as [Part, string][];
  return [
    ...again,
    ...parts
      .filter(([, at]) => Date.parse(at) > wellMs && Date.parse(at) <= toldMs)
      .map(([part]) => ({
        why: { worked: part },
        times: Object.fromEntries(causeIds.filter((id) => partOfCause(id) === part).map((id) => [id, workedOn])),
      })),
  ];
}
/** Whether a start came to full output and burned on. */
export function ranWell(run: StartRun): boolean {
  const at = firstAt(run);
  return at.full !== undefined && at.out === undefined;
}
const ofDepartures = (departures: readonly Departure[]): Leaning[] =>
  departures.flatMap((departure) => {
    const { quantity, side, phase } = departure;
    const times = byDeparture[`${quantity}.${side}.${phase}`] ?? byDeparture[`${quantity}.${side}`] ?? {};
    return Object.keys(times).length > 0 ? [{ why: { departed: departureText(departure).what }, times }] : [];
  });
const ofFindings = (findings: readonly Finding[]): Leaning[] =>
  findings.flatMap((finding) => {
    const times = byFinding[finding.id];
    if (!times || finding.assumed || finding.supposed || (finding.level !== 'stop' && finding.level !== 'fix')) return [];
    return [{ why: { finding: finding.id }, times }];
  });

/**
 * What is on record of a build and makes causes likelier before anything is asked: its findings at fault, what was mended and worked on, and where the start
 * that is complained of left its course. Nothing assumed counts, and nothing that is sound: it makes no cause less likely.
 */
export const leaningsOf = (
  build: Build,
  findings: readonly Finding[],
  fault: Pick<Fault, 'id' | 'at'>,
  departures: readonly Departure[],
): Leaning[] => [...ofFindings(findings), ...ofHistory(build, fault), ...ofDepartures(departures)];
