import { breatherOf, breathFull, burningWith, meansOf, warmC, type Breather } from '../air/breath';
import type { Reader } from '../../reading/Reader';
import { pumpSet, settingOf } from './settings';

export interface AirPoint {
  hz: number;
  /** fan, of its full speed */ speedShare: number;
}
export interface SetPoint extends AirPoint {
  /** air over what the fuel needs, at its highest place and at its lowest */ highExcess: number;
  lowExcess: number;
}
export interface AirMap {
  /** rpm at full speed; null where nobody knows */ fullRpm: number | null;
  /** left of it the flame is blown out, right of it it smokes: for each speed of the fan the frequency of the pump */ smoke: AirPoint[];
  blowOut: AirPoint[];
  /** where the settings run, from lowest to highest */ set: SetPoint[];
  leastExcess: number;
  mostExcess: number;
  highestM: number;
  lowestM: number;
}
const speeds = Array.from({ length: 19 }, (_, i) => 0.2 + i * 0.05);
const steps = 4;
/** Settings by which air meets fuel. */
export const settingsOfAir = ['pumpMinHz', 'pumpMaxHz', 'fanMinRpm', 'fanMaxRpm'] as const;

/** Whether fan or pump have been read off the controller. */
export const isAirSet = (read: Reader): boolean => settingsOfAir.some((key) => settingOf(read, key) !== null);

/** Between what the pump and the fan run: Hz, and shares of the fan's full speed. */
interface Ends {
  minHz: number;
  maxHz: number;
  from: number;
  to: number;
}
/** The ends as the maker has them. */
function makerEnds(read: Reader, { minHz, maxHz, minSpeed }: Breather): Ends & { fullRpm: number | null } {
  const [slowest, fullRpm] = [read.maybe('heater.fanMinRpm'), read.maybe('heater.fanMaxRpm')];
  return { minHz, maxHz, from: slowest !== null && fullRpm !== null ? slowest / fullRpm : minSpeed, to: 1, fullRpm };
}
/** The ends as they are set. @throws through the reader where the fan's full speed is not known and a setting is in rpm */
function setEnds(read: Reader, breather: Breather): Ends & { fullRpm: number | null } {
  const maker = makerEnds(read, breather);
  const [min, max] = [settingOf(read, 'fanMinRpm'), settingOf(read, 'fanMaxRpm')];
  const full = min === null && max === null ? null : read.all({ rpm: 'heater.fanMaxRpm' }).rpm;
  return {
    ...maker,
    ...pumpSet(read),
    ...(min === null || full === null ? {} : { from: min / full }),
    ...(max === null || full === null ? {} : { to: max / full }),
  };
}

/** Heights between which it will run, m. */
const heightsOf = (read: Reader) => {
  const highestM = Math.max(0, read.maybe('heater.altitudeM') ?? 0);
  return { highestM, lowestM: Math.max(0, Math.min(highestM, read.maybe('people.lowestAltitudeM') ?? 0)) };
};
const excessOf = (read: Reader, breather: Breather) => {
  const gasC = meansOf(breathFull(read).spots, breather.exhaust);
  return ({ hz, speedShare }: AirPoint, altitudeM: number) =>
    burningWith(breather, { hz, airC: warmC, altitudeM }, Math.max(0.02, speedShare), gasC).excessAir;
};
function along(read: Reader, breather: Breather, { minHz, maxHz, from, to }: Ends): SetPoint[] {
  const excess = excessOf(read, breather);
  const { highestM, lowestM } = heightsOf(read);
  return Array.from({ length: steps + 1 }, (_, i) => {
    const at = { hz: minHz + ((maxHz - minHz) * i) / steps, speedShare: from + ((to - from) * i) / steps };
    return { ...at, highExcess: excess(at, highestM), lowExcess: excess(at, lowestM) };
  });
}
/** Air over what the fuel needs along the settings, from lowest to highest, and the same as the maker has them. */
export const airAlong = (read: Reader): { set: SetPoint[]; maker: SetPoint[]; highestM: number } =>
  read.shared('air along the settings', (shared) => {
    const breather = breatherOf(shared);
    const set = along(shared, breather, setEnds(shared, breather));
    return {
      set,
      maker: isAirSet(shared) ? along(shared, breather, makerEnds(shared, breather)) : set,
      highestM: heightsOf(shared).highestM,
    };
  });

/**
 * Air over what the fuel needs, over the pump's frequency and the fan's speed, with the pipes of this build: rich as at its highest place, lean as at its lowest.
 * @throws through the reader where something is missing for it
 */
export const airMap = (read: Reader): AirMap => read.shared('air map', readMap);
function readMap(read: Reader): AirMap {
  const breather = breatherOf(read);
  const excess = excessOf(read, breather);
  const { highestM, lowestM } = heightsOf(read);
  const leastExcess = read.limit('excessAirMin').value;
  const mostExcess = read.limit('excessAirMost').value;
  /** the frequency at which a speed of the fan gives just so much air: the gas is little but air, so that a few rounds find it */
  const border = (wanted: number, altitudeM: number): AirPoint[] =>
    speeds.map((speedShare) => {
      let hz = breather.maxHz * speedShare;
      for (let i = 0; i < 4; i += 1) hz *= excess({ hz, speedShare }, altitudeM) / wanted;
      return { hz, speedShare };
    });
  return {
    fullRpm: setEnds(read, breather).fullRpm,
    smoke: border(leastExcess, highestM),
    blowOut: border(mostExcess, lowestM),
    set: airAlong(read).set,
    leastExcess,
    mostExcess,
    highestM,
    lowestM,
  };
}
