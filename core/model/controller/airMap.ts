import { breatherOf, breathFull, burningWith, meansOf, warmC } from '../air/breath';
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
const steps = 8;

/** Whether fan or pump have been read off the controller. */
export const isAirSet = (read: Reader): boolean =>
  (['pumpMinHz', 'pumpMaxHz', 'fanMinRpm', 'fanMaxRpm'] as const).some((key) => settingOf(read, key) !== null);

/** The fan at its two ends as it is set, of its full speed. @throws through the reader where its full speed is not known and a setting in rpm is */
function fanSet(read: Reader, minSpeed: number): { from: number; to: number; fullRpm: number | null } {
  const [min, max] = [settingOf(read, 'fanMinRpm'), settingOf(read, 'fanMaxRpm')];
  const full = min === null && max === null ? read.maybe('heater.fanMaxRpm') : read.all({ rpm: 'heater.fanMaxRpm' }).rpm;
  const slowest = read.maybe('heater.fanMinRpm');
  const least = slowest !== null && full !== null ? slowest / full : minSpeed;
  return {
    from: min === null || full === null ? least : min / full,
    to: max === null || full === null ? 1 : max / full,
    fullRpm: full,
  };
}

/**
 * Air over what the fuel needs, over the pump's frequency and the fan's speed, with the pipes of this build: rich as at its highest place, lean as at its lowest.
 * @throws through the reader where something is missing for it
 */
export const airMap = (read: Reader): AirMap => read.shared('air map', readMap);
function readMap(read: Reader): AirMap {
  const breather = breatherOf(read);
  const gasC = meansOf(breathFull(read).spots, breather.exhaust);
  const highestM = Math.max(0, read.maybe('heater.altitudeM') ?? 0);
  const lowestM = Math.max(0, Math.min(highestM, read.maybe('people.lowestAltitudeM') ?? 0));
  const leastExcess = read.limit('excessAirMin').value;
  const mostExcess = read.limit('excessAirMost').value;
  const { minHz, maxHz } = pumpSet(read);
  const { from, to, fullRpm } = fanSet(read, breather.minSpeed);
  const excess = ({ hz, speedShare }: AirPoint, altitudeM: number) =>
    burningWith(breather, { hz, airC: warmC, altitudeM }, Math.max(0.02, speedShare), gasC).excessAir;
  /** the frequency at which a speed of the fan gives just so much air: the gas is little but air, so that three rounds find it */
  const border = (wanted: number, altitudeM: number): AirPoint[] =>
    speeds.map((speedShare) => {
      let hz = breather.maxHz * speedShare;
      for (let i = 0; i < 4; i += 1) hz *= excess({ hz, speedShare }, altitudeM) / wanted;
      return { hz, speedShare };
    });
  return {
    fullRpm,
    smoke: border(leastExcess, highestM),
    blowOut: border(mostExcess, lowestM),
    set: Array.from({ length: steps + 1 }, (_, i) => {
      const at = { hz: minHz + ((maxHz - minHz) * i) / steps, speedShare: from + ((to - from) * i) / steps };
      return { ...at, highExcess: excess(at, highestM), lowExcess: excess(at, lowestM) };
    }),
    leastExcess,
    mostExcess,
    highestM,
    lowestM,
  };
}
