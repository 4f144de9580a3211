import type { Build } from '../../build/Build';
import { startEvents } from '../../build/Build';
import { figureAt, valueAt, type FigurePath } from '../../build/sheets';
import { knownOrAssumed } from '../../figures/knownOrAssumed';
import { benchOf } from '../../model/startup/benchOf';
import { BenchHeater } from '../../physics/bench/benchHeater';
import type { BenchCode } from '../../physics/bench/benchStates';

/** What a start on the coldest night of a build would show. */
export interface ColdStart {
  outsideC: number;
  /** it reaches full output */ lights: boolean;
  /** the fuel no longer passes at that cold */ fuelStops: boolean;
  lowestV: number;
  /** what happens, in order, s after the button */ events: { label: string; atS: number }[];
  codes: BenchCode[];
  /** it smokes white at its worst: fuel that does not burn */ whiteSmoke: boolean;
  /** some of it rests on what is only assumed */ assumed: boolean;
}
/** Watched for so long; smoke from this index on is seen. */
const [watchedS, seenSmoke] = [600, 0.3];

/** A build on its coldest night: outside, fuel and battery as cold as that. */
function onColdestNight(build: Build, coldC: number): Build {
  const sheets = structuredClone(build.sheets);
  const set = (path: FigurePath) => {
    const figure = figureAt(sheets, path);
    figure.planned = coldC;
  };
  for (const path of ['survey.usualNightC', 'heater.coldestFuelC'] as const) set(path);
  if (figureAt(sheets, 'wiring.batteryC').fitted !== null) figureAt(sheets, 'wiring.batteryC').fitted = coldC;
  else set('wiring.batteryC');
  return { ...build, sheets };
}

/** A start of the bench heater as this build would have it on its coldest night; null where that is not known, or too little else is. */
export function coldStart(build: Build): ColdStart | null {
  const outsideC = valueAt(build.sheets, 'survey.coldestC') ?? build.assumed?.figures['survey.coldestC']?.value;
  if (typeof outsideC !== 'number') return null;
  const cold = onColdestNight(build, outsideC);
  const found = knownOrAssumed(cold, (read) => ({ facts: benchOf(read), goodToC: read.derived('fuel.goodDownToC') }));
  if ('missing' in found) return null;
  const { facts, goodToC } = found.value;
  const fuelStops = outsideC < goodToC;
  const heater = new BenchHeater(facts, { seed: 1 });
  if (fuelStops) heater.setFaults([{ id: 'fuelGelled', strength: 1, fromS: 0, growsS: 0 }]);
  heater.press(true);
  const events: ColdStart['events'] = [];
  const codes = new Set<BenchCode>();
  let [lowestV, white, lights] = [Infinity, 0, false];
  while (heater.s < watchedS) {
    heater.run(1);
    lowestV = Math.min(lowestV, heater.readings.volts);
    white = Math.max(white, heater.readings.whiteSmoke);
    for (const event of heater.takeEvents()) {
      if (event.kind === 'code') codes.add(event.code);
      else if (
        event.kind in startEvents &&
        !events.some(({ label }) => label === startEvents[event.kind as keyof typeof startEvents])
      )
        events.push({ label: startEvents[event.kind as keyof typeof startEvents], atS: Math.round(heater.s) });
      lights ||= event.kind === 'full';
    }
  }
  return {
    outsideC,
    lights,
    fuelStops,
    lowestV,
    events,
    codes: [...codes],
    whiteSmoke: white >= seenSmoke,
    assumed: found.assumed,
  };
}
