import type { Need } from '../../reading/Reader';
import type { FigureId } from '../../reading/figureIds';
import type { Build } from '../../build/Build';
import { rowsOf, type RowOf } from '../../build/lists';
import { valueAt } from '../../build/sheets';
import { assessStage } from '../../checks/assess';
import { levels, type Finding } from '../../checks/Finding';
import { explain } from '../../figures/explain';
import { nightFigures } from '../../figures/stageFigures';

export interface Compared {
  /** null is the heater of the build */ id: string | null;
  name: string;
  /** The build as it would be with this heater. */
  build: Build;
  figures: Record<(typeof compared)[number], number | null>;
  /** The worst of its survey findings on size, label, altitude. */
  worst: Finding | null;
  missing: readonly Need[];
}
export const compared = [
  'heater.outputMinKw',
  'heater.outputMaxKw',
  ...nightFigures,
  'survey.fuelWeekendL',
  'wiring.nightAh',
  'survey.weekendAh',
  'survey.outputAltitudeKw',
] as const satisfies readonly FigureId[];
const heaterFindings = ['survey.size.under', 'survey.size.over', 'survey.size.label', 'survey.altitude'];

/** The columns of a candidate that are figures of the heater sheet, and how each is called there. */
const taken = ['claimedOutputKw', 'strokeVolumeMl', 'pumpMinHz', 'pumpMaxHz', 'runCurrentA'] as const;

/** The build with another heater in it: its figures in place of those in hand, its own limit of altitude or none. */
export function withCandidate(build: Build, row: RowOf<'candidates'>): Build {
  const heater = { ...build.sheets.heater };
  for (const name of taken) heater[name] = { planned: row[name] ?? null, fitted: null };
  const { altitudeMaxM: _own, ...maker } = build.maker;
  return {
    ...build,
    // A dose that was measured belongs to the pump in hand.
    lists: { ...build.lists, doseTests: [] },
    sheets: { ...build.sheets, heater },
    maker: row.altitudeMaxM === undefined ? maker : { ...maker, altitudeMaxM: row.altitudeMaxM },
  };
}

/** What it takes to make a candidate the heater of the build: changes of figures, for a command. */
export function takeCandidate(build: Build, row: RowOf<'candidates'>) {
  return taken.map((name) => ({
    path: `heater.${name}` as const,
    slot: 'planned' as const,
    from: valueAt(build.sheets, `heater.${name}`),
    to: row[name] ?? null,
  }));
}

/** The heater in hand and each candidate, checked in the same space by the same rules. */
export function compareHeaters(build: Build): Compared[] {
  const one = (id: string | null, name: string, tried: Build): Compared => {
    const explained = compared.map((key) => explain(tried, key));
    const findings = assessStage(tried, 'survey').filter((c) => heaterFindings.includes(c.id) && c.level !== 'sound');
    return {
      id,
      name,
      build: tried,
      figures: Object.fromEntries(explained.map(({ key, value }) => [key, value])) as Compared['figures'],
      worst: findings.sort((a, b) => levels.indexOf(a.level) - levels.indexOf(b.level))[0] ?? null,
      missing: explained.flatMap(({ missing }) => missing),
    };
  };
  return [
    one(null, 'heater in hand', build),
    ...rowsOf(build.lists, 'candidates').map((row, i) => one(row.id, row.name ?? `heater ${i + 2}`, withCandidate(build, row))),
  ];
}
