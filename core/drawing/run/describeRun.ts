import type { Build } from '../../build/Build';
import { messageOf } from '../../checks/findingText';
import { takeAssumed } from '../../build/takeAssumed';
import { fieldAt, figureAt, valueAt, type FigurePath } from '../../build/sheets';
import type { Part } from '../../build/field';
import { levelText, type Finding } from '../../checks/Finding';
import { segmentName, segmentRows } from '../../model/fuel/routeOf';
import { pieceName, pipeRows } from '../../model/air/wayOf';
import { unrolledInWords } from '../form/unroll';
import { formatShort } from '../../units/formatNumber';
import { partFindings } from './partFindings';

const told: readonly { part: Part; title: string; paths: readonly FigurePath[] }[] = [
  { part: 'tank', title: 'Tank', paths: ['fuel.tankLengthMm', 'fuel.tankHeightMm', 'fuel.fuelLevelMm'] },
  { part: 'pickup', title: 'Pickup', paths: ['fuel.pickupKind', 'fuel.pickupClearanceMm'] },
  { part: 'suction', title: 'Suction line', paths: ['fuel.suctionLengthM', 'fuel.suctionBoreMm'] },
  { part: 'filter', title: 'Filter', paths: ['fuel.filterPlace', 'fuel.filterDirection'] },
  { part: 'pump', title: 'Pump', paths: ['fuel.pumpAngleDeg', 'fuel.pumpAboveTankFloorMm', 'fuel.pumpDirection'] },
  { part: 'line', title: 'Line to the heater', paths: ['fuel.pressureLengthM', 'fuel.pressureBoreMm'] },
  {
    part: 'heater',
    title: 'Heater',
    paths: ['fuel.heaterAboveTankFloorMm', 'siting.heaterLies', 'siting.heaterXMm', 'siting.heaterYMm'],
  },
  { part: 'intake', title: 'Combustion air', paths: ['air.intakeFrom', 'air.intakeLengthM', 'air.intakeFallMm'] },
  { part: 'exhaust', title: 'Exhaust', paths: ['air.exhaustLengthM', 'air.exhaustFallMm', 'air.exhaustPastOutlineMm'] },
  { part: 'battery', title: 'Battery and feed', paths: ['wiring.feedSource', 'wiring.feedLengthM', 'wiring.cableAreaMm2'] },
  { part: 'cabin', title: 'Carbon monoxide alarm', paths: ['proving.coAlarmFitted'] },
];

/** What a pipe that is known piece by piece tells better. */
const ofWholePipe: readonly FigurePath[] = ['air.intakeLengthM', 'air.intakeFallMm', 'air.exhaustLengthM', 'air.exhaustFallMm'];

export interface PartInWords {
  part: Part;
  title: string;
  text: string;
}

/** The run drawing in words, part by part from tank to alarm: for those who can't see it, or hold it in a hand too small. */
export function describeRun(known: Build, findings: readonly Finding[]): PartInWords[] {
  const build = takeAssumed(known);
  const worst = partFindings(findings);
  const segments = segmentRows(build.lists);
  /** A line that is known segment by segment, in words. */
  const inSegments = (side: 'suction' | 'pressure') =>
    segments
      .filter((row) => (row.side ?? 'pressure') === side)
      .map(
        (row, i) =>
          `${segmentName(row, i)} ${row.lengthM === undefined ? 'of unknown length' : `${formatShort(row.lengthM)} m`}${row.riseMm === undefined ? '' : `, ${row.riseMm < 0 ? 'falls' : 'rises'} ${formatShort(Math.abs(row.riseMm))} mm`}`,
      );
  const pipe = (part: Part) =>
    part === 'exhaust' || part === 'intake'
      ? unrolledInWords(pipeRows(build.lists, part).map((row, i) => ({ ...row, name: pieceName(row, i) })))
      : [];
  return told.map(({ part, title, paths }) => {
    const own = segments.length > 0 && (part === 'suction' || part === 'line');
    const figures = own
      ? inSegments(part === 'suction' ? 'suction' : 'pressure')
      : (pipe(part).length > 0 ? paths.filter((path) => !ofWholePipe.includes(path)) : paths).map((path) => {
          const field = fieldAt(path);
          const value = valueAt(build.sheets, path);
          const label = `${figureAt(build.sheets, path).assumed ? 'assumed ' : ''}${field.label.toLowerCase()}`;
          if (value === null) return `${label} not known`;
          return field.kind === 'choice'
            ? `${label}: ${(field.options as Record<string, string>)[value]}`
            : `${label} ${formatShort(Number(value), 3)} ${field.unit === 'deg' ? 'degrees' : field.unit}`;
        });
    const finding = worst[part];
    const message = finding
      ? ` ${levelText(finding.finding)}: ${messageOf(finding.finding)}${finding.more > 0 ? ` And ${finding.more} more.` : ''}`
      : '';
    return { part, title, text: `${[...pipe(part), ...figures].join(', ')}.${message}` };
  });
}
