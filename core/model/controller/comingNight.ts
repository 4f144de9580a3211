import type { Reader } from '../../reading/Reader';
import { toDo } from '../../reading/NotMeasured';
import { heatedNight, startsIn, type HeatedMinute, type Regulation } from '../../physics/heat/heatedNight';
import { nightC } from '../../physics/heat/nightUse';
import { burnSpells, whenWallShows, type ClockChange, type Spell, type StartSet } from '../../physics/time/burnSpells';
import { dayMin, minutesOf } from '../../units/timeOfDay';
import { eveningWarmerK, nodesOf, sleepersKw } from '../heat/spaceOf';
import { kwAtHz, pumpSet, rateHz, settingOf } from './settings';

export type NightKind = 'usual' | 'coldest';
/** People get up at seven. Lorbet's own assumption, no source */
export const upMin = dayMin + 7 * 60;
/** Between full and least output lie 2 K; one that pauses lights again 3 K under its target; flame comes 2 min after the glow. Common practice, no source. */
const usualBand = { bandK: 2, stopsAboveK: 1, lightsBelowK: 3, flameMin: 2 };
/** So long a space may take to warm before it is judged, min. Lorbet's own choice, no source. */
const warmingMin = 120;
/** A start so long after the night has begun is none of the evening’s, min. Lorbet’s own choice, no source. */
const eveningMin = 60;

/** What a night rests on besides the space and the weather. */
export interface NightSettings {
  regulation: Regulation;
  starts: StartSet[];
  /** min by which the controller's clock is ahead */ offMin: number;
}
export interface ComingNight {
  kind: NightKind;
  /** evenings of a week on which it goes like this, 0 for Monday */ days: number[];
  points: HeatedMinute[];
  /** as far as they lie in it */ spells: Spell[];
  /** true minutes since the midnight before the evening */ litMin: number;
  wakeMin: number;
  /** from here on it should be warm */ warmedMin: number;
  /** the coldest that it gets inside once it has been warmed */ lowest: { airC: number; min: number };
  /** the warmest, once warmed */ warmestC: number;
  starts: number;
  /** burning at its least, h */ lowHours: number;
  burnHours: number;
  fuelL: number;
  ampHours: number;
}

/** How the heater is told to burn. @throws through the reader where nobody has said how it works */
export function regulationOf(read: Reader): Regulation {
  const mode = settingOf(read, 'mode') ?? read.all({ mode: 'controller.mode' }).mode;
  const { minHz, maxHz } = pumpSet(read);
  const { startMinutes } = read.all({ startMinutes: 'heater.startMinutes' });
  const maxKw = Math.min(kwAtHz(read, Math.max(minHz, maxHz)), read.derived('survey.outputAltitudeKw'));
  const fixed = mode === 'fixed' ? rateHz(read) : null;
  if (mode === 'fixed' && fixed === null)
    return read.missing(...toDo('read its fixed rate off the panel, in hertz or as a step'));
  const pauses = read.maybe('heater.thermostat') === 'pauses' ? usualBand.stopsAboveK : null;
  return {
    targetC: mode === 'fixed' ? null : (settingOf(read, 'targetC') ?? read.all({ c: 'survey.insideC' }).c),
    rateKw: kwAtHz(read, fixed ?? minHz),
    minKw: Math.min(kwAtHz(read, Math.min(minHz, maxHz)), maxKw),
    maxKw,
    bandK: usualBand.bandK,
    stopsAboveK: settingOf(read, 'stopsAboveK') ?? pauses,
    lightsBelowK: settingOf(read, 'lightsBelowK') ?? usualBand.lightsBelowK,
    lightingMin: startMinutes + usualBand.flameMin,
  };
}
/** When it is lit by hand where no start is entered: so that the hours of heat end as people get up. */
export const litByHandMin = (read: Reader): number =>
  upMin - Math.round(Math.min(24, read.all({ h: 'heater.nightHours' }).h) * 60);

/** Its starts: those entered, or one by hand in the evening. A start without an end of its own ends as the controller has it. */
export function startsOf(read: Reader): StartSet[] {
  const runForH = settingOf(read, 'runForH');
  const own = runForH !== null && runForH > 0 ? Math.round(runForH * 60) : null;
  const rows = read.rows('timers');
  if (rows.length === 0) return [{ startMin: litByHandMin(read), runMin: own, days: 'daily', byHand: true }];
  return rows.map(({ name, startAt, runForH: row, days, by }, i) => {
    const startMin = startAt === undefined ? null : minutesOf(startAt);
    if (startMin === null) return read.missing(...toDo(`enter at what time “${name ?? `start ${i + 1}`}” begins`));
    return {
      startMin,
      runMin: row === undefined ? own : Math.round(row * 60),
      days: days ?? 'daily',
      ...(by === 'hand' ? { byHand: true } : {}),
    };
  });
}
export const nightSettingsOf = (read: Reader): NightSettings =>
  read.shared('night settings', (shared) => ({
    regulation: regulationOf(shared),
    starts: startsOf(shared),
    offMin: settingOf(shared, 'clockOffMin') ?? 0,
  }));

/** Outside through a night and the morning after: half a cosine down to its coldest, and up again till the next evening. */
function outsideOf(coldestC: number, litMin: number, wakeMin: number): (min: number) => number {
  const eveningC = coldestC + eveningWarmerK;
  return (min) => {
    if (min <= litMin) return eveningC;
    if (min <= wakeMin) return nightC(eveningC, coldestC, (min - litMin) / (wakeMin - litMin));
    return nightC(coldestC, eveningC, Math.min(1, (min - wakeMin) / Math.max(60, dayMin - (wakeMin - litMin))));
  };
}

/** What a night comes to, in one go: it is asked for by the dozen. */
function tell(points: readonly HeatedMinute[], warmedMin: number, wakeMin: number, minKw: number) {
  let [onMin, burnMin, lowMin, kwMin, warmestC] = [0, 0, 0, 0, -Infinity];
  let lowest = { airC: Infinity, min: wakeMin };
  for (const { min, airC, kw, state } of points) {
    if (state !== 'off') onMin += 1;
    if (state === 'burning') {
      burnMin += 1;
      kwMin += kw;
      if (kw <= minKw * 1.02) lowMin += 1;
    }
    if (min < warmedMin || min > wakeMin) continue;
    warmestC = Math.max(warmestC, airC);
    if (airC < lowest.airC) lowest = { airC, min };
  }
  return { onMin, burnMin, lowMin, kwMin, warmestC, lowest };
}

/**
 * The coming night by settings, on each evening of a week that differs from the others.
 * @param change clocks put on or back in that night
 * @throws through the reader where something is missing for it
 */
export function nightsBy(
  read: Reader,
  kind: NightKind,
  { regulation, starts, offMin }: NightSettings,
  change?: ClockChange,
): ComingNight[] {
  const nodes = nodesOf(read);
  if (!nodes) return read.missing(...toDo('correct the surfaces: they lose more than the air could bring to them'));
  const { coldest, usual } = read.all({ coldest: 'survey.coldestC', usual: 'survey.usualNightC' });
  const f = read.all({ startA: 'heater.startCurrentA', startMinutes: 'heater.startMinutes', runA: 'heater.runCurrentA' });
  const kwOfHz = kwAtHz(read, 1);
  const doseMl = read.derived('fuel.doseMl');
  const litMin = litByHandMin(read);
  const wakeMin = whenWallShows(upMin, change);
  const outsideC = outsideOf(kind === 'coldest' ? coldest : usual, litMin, wakeMin);
  const sleepers = sleepersKw(read) * 1000;
  const found = new Map<string, ComingNight>();
  for (let day = 0; day < 7; day += 1) {
    const all = burnSpells(starts, day, offMin, wakeMin);
    const evening = all.filter(({ toMin }) => toMin > litMin).map(({ fromMin }) => Math.max(fromMin, dayMin / 2));
    const fromMin = Math.min(litMin, ...evening) - 30;
    const toMin = wakeMin + warmingMin;
    const spells = all.filter((one) => one.toMin > fromMin && one.fromMin < toMin);
    const key = JSON.stringify(spells);
    const known = found.get(key);
    if (known) {
      known.days.push(day);
      continue;
    }
    const begin = outsideC(fromMin);
    const points = heatedNight(nodes, {
      fromMin,
      toMin,
      outsideC,
      freeW: (min) => (min >= litMin && min < wakeMin ? sleepers : 0),
      spells,
      regulation,
      begin: { airC: begin, shellC: begin },
    });
    const first = spells.find((one) => one.toMin > litMin && one.fromMin < wakeMin);
    // Lit as the night begins it has its time to warm; lit later, people lie in the cold until then.
    const warmed =
      first && first.fromMin <= litMin + eveningMin ? Math.min(Math.max(first.fromMin, litMin) + warmingMin, wakeMin) : litMin;
    const told = tell(points, warmed, wakeMin, regulation.minKw);
    const times = startsIn(points);
    found.set(key, {
      kind,
      days: [day],
      points,
      spells,
      litMin,
      wakeMin,
      warmedMin: warmed,
      lowest: told.lowest,
      warmestC: told.warmestC,
      starts: times,
      lowHours: told.lowMin / 60,
      burnHours: told.burnMin / 60,
      fuelL: (told.kwMin / kwOfHz) * doseMl * 0.06,
      // The plug glows at each start and again at each stop.
      ampHours: (told.onMin / 60) * f.runA + (times * 2 * f.startA * f.startMinutes) / 60,
    });
  }
  return [...found.values()];
}
/** The worst evening of a week first: that on which it gets coldest. */
export const worstOfWeek = (nights: readonly ComingNight[]): ComingNight =>
  [...nights].sort((a, b) => a.lowest.airC - b.lowest.airC)[0] as ComingNight;
/** The coming night as the controller is set, the worst evening of the week. */
export const comingNight = (read: Reader, kind: NightKind): ComingNight =>
  read.shared(`coming night, ${kind}`, (shared) => worstOfWeek(nightsBy(shared, kind, nightSettingsOf(shared))));
/** The same night with nothing that ends it before people get up. */
export const heatedThrough = (read: Reader, kind: NightKind): ComingNight =>
  read.shared(`night heated through, ${kind}`, (shared) =>
    worstOfWeek(
      nightsBy(shared, kind, {
        ...nightSettingsOf(shared),
        starts: [{ startMin: litByHandMin(shared), runMin: null, days: 'daily', byHand: true }],
      }),
    ),
  );
