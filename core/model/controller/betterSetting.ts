import type { RowOf } from '../../build/lists';
import type { FigurePath } from '../../build/sheets';
import type { Reader } from '../../reading/Reader';
import { dayMin, minutesOf } from '../../units/timeOfDay';
import { nightSettingsOf, nightsBy, upMin, worstOfWeek, type ComingNight, type NightSettings } from './comingNight';
import { kwAtHz, pumpSet, settingOf } from './settings';

export interface Nights {
  usual: ComingNight;
  coldest: ComingNight;
}
/** One way to set it otherwise: what is changed, and the nights that it makes. */
export interface BetterSetting {
  /** settings as they would be left */ settings: Partial<Record<FigurePath, number | string>>;
  /** starts that would run so many hours */ timers: { row: RowOf<'timers'>; runForH: number }[];
  nights: Nights;
  /** as it is now */ now: Nights;
}
/** What counts against a night, a point each: K·h too cold, K·h too warm, h at the least output, starts, litres. Lorbet's own choice, no source. */
const weights = { cold: 3, warm: 1, low: 0.3, starts: 0.2, fuel: 0.3 };
const coldUnderK = 1;
const warmOverK = 2;
/** A proposal must take away so much of what counts against the settings of now. */
const worthShare = 0.15;

function costOf({ points, warmedMin, wakeMin, lowHours, starts, fuelL }: ComingNight, wantedC: number): number {
  let [cold, warm] = [0, 0];
  for (const { min, airC } of points) {
    if (min < warmedMin || min > wakeMin) continue;
    cold += Math.max(0, wantedC - coldUnderK - airC) / 60;
    warm += Math.max(0, airC - wantedC - warmOverK) / 60;
  }
  return weights.cold * cold + weights.warm * warm + weights.low * lowHours + weights.starts * starts + weights.fuel * fuelL;
}

type Change = Pick<BetterSetting, 'settings' | 'timers'> & { make: (now: NightSettings) => NightSettings };
const nothing: Change = { settings: {}, timers: [], make: (now) => now };
const both = (a: Change, b: Change): Change => ({
  settings: { ...a.settings, ...b.settings },
  timers: [...a.timers, ...b.timers],
  make: (now) => b.make(a.make(now)),
});

/** Whatever ends in the night ends as people get up instead, by a clock that is right; null where nothing does. */
function throughTheNight(read: Reader): Change | null {
  const rows = read.rows('timers');
  const runForH = settingOf(read, 'runForH') ?? 0;
  const untilUp = (startMin: number) => Math.min(24, Math.ceil((((upMin - startMin) % dayMin) / 60) * 10) / 10);
  const ending = rows.flatMap((row) => {
    const startMin = row.startAt === undefined ? null : minutesOf(row.startAt);
    const ends = row.runForH ?? (runForH > 0 ? runForH : null);
    // A start after midnight is meant for the morning, not for the night.
    return startMin === null || ends === null || startMin < dayMin / 2 || ends >= untilUp(startMin)
      ? []
      : [{ row, runForH: untilUp(startMin) }];
  });
  if (rows.length === 0 ? runForH === 0 : ending.length === 0) return null;
  const byClock = ending.some(({ row }) => row.by !== 'hand') && (settingOf(read, 'clockOffMin') ?? 0) !== 0;
  return {
    settings: { ...(rows.length === 0 ? { 'controller.runForH': 0 } : {}), ...(byClock ? { 'controller.clockOffMin': 0 } : {}) },
    timers: ending,
    make: (now) => ({
      ...now,
      offMin: byClock ? 0 : now.offMin,
      starts: now.starts.map((start, i) => {
        const longer = ending.find(({ row }) => row === rows[i]);
        return rows.length === 0 ? { ...start, runMin: null } : longer ? { ...start, runMin: longer.runForH * 60 } : start;
      }),
    }),
  };
}
/** Ways to regulate otherwise. */
function otherWays(read: Reader, wantedC: number): Change[] {
  const { minHz, maxHz } = pumpSet(read);
  const at = (make: (now: NightSettings) => Partial<NightSettings['regulation']>, settings: Change['settings']): Change => ({
    settings,
    timers: [],
    make: (now) => ({ ...now, regulation: { ...now.regulation, ...make(now) } }),
  });
  const mode = settingOf(read, 'mode');
  const target = at(() => ({ targetC: wantedC }), {
    ...(mode === 'target' ? {} : { 'controller.mode': 'target' }),
    'controller.targetC': wantedC,
  });
  if (mode === 'target') return settingOf(read, 'targetC') === wantedC ? [] : [target];
  const rates = Array.from({ length: 9 }, (_, i) => Math.round((minHz + ((maxHz - minHz) * i) / 8) * 10) / 10);
  return [target, ...rates.map((hz) => at(() => ({ rateKw: kwAtHz(read, hz) }), { 'controller.rateHz': hz }))];
}

/**
 * The setting that serves this build's nights better than that of now, the usual one and the coldest; null where none does by enough.
 * @throws through the reader where something is missing for it
 */
export function betterSetting(read: Reader): BetterSetting | null {
  const { wantedC } = read.all({ wantedC: 'survey.insideC' });
  const set = nightSettingsOf(read);
  const nightsOf = (settings: NightSettings): Nights => ({
    usual: worstOfWeek(nightsBy(read, 'usual', settings)),
    coldest: worstOfWeek(nightsBy(read, 'coldest', settings)),
  });
  const cost = ({ usual, coldest }: Nights) => costOf(usual, wantedC) + costOf(coldest, wantedC) / 2;
  const now = nightsOf(set);
  const through = throughTheNight(read);
  const ways = [nothing, ...otherWays(read, wantedC)];
  const changes = [...ways.slice(1), ...(through ? ways.map((way) => both(through, way)) : [])];
  const tried = changes
    .map(({ settings, timers, make }) => ({ settings, timers, nights: nightsOf(make(set)) }))
    .sort((a, b) => cost(a.nights) - cost(b.nights));
  const best = tried[0];
  return best && cost(best.nights) < cost(now) * (1 - worthShare) ? { ...best, now } : null;
}
