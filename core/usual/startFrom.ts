import type { Assumed } from '../build/Assumption';
import type { Build, BuildKind } from '../build/Build';
import { emptySheets } from '../build/emptyBuild';
import type { Figure } from '../build/field';
import { sources } from '../build/fuelSources';
import type { ListValues } from '../build/lists';
import { valueAt, type FigurePath, type SheetId } from '../build/sheets';
import type { UnitCard } from '../build/unit/UnitCard';
import { bodyShapes } from '../model/heat/bodyShapes';
import { startingLists } from '../model/kit/startingLists';
import { startingHoles } from '../model/siting/startingHoles';
import type { LimitKey } from '../practices/limits';
import { usualAir } from './air';
import { heaterPlaces, type Answers } from './Answers';
import { usualFuel } from './fuel';
import { usualSiting } from './siting';
import { kindOfShape, usualSurvey } from './survey';
import { takeCard, type Values } from './takeCard';
import { mostly, type Usual } from './usual';
import { usualCoolant, usualDucts, usualLoop } from './warmth';
import { usualWiring } from './wiring';

/** What a new build begins with: what the person said, what the card tells, and all else as it usually is. */
export interface Start {
  kind: BuildKind;
  said: Values;
  maker: Partial<Record<LimitKey, number>>;
  assumed: Assumed;
  unitCard: UnitCard | null;
}

const idOf = (n: number): string => `00000000-0000-4000-9000-${String(n).padStart(12, '0')}`;
/** Rows with ids of their own, the same each time: an assumed list is never added to. */
const rows = <R extends object>(all: readonly R[], first: number): (R & { id: string })[] =>
  all.map((row, i) => ({ id: idOf(first + i), ...row }));

/** What the answers themselves say. */
function saidBy({ source, place, card }: Answers): Values {
  const { vehicle } = sources[source];
  return {
    'tank.way': source,
    'survey.fuelFrom': vehicle ? 'vehicle' : 'own',
    'survey.fuelTaken': vehicle ? (source === 'feedTee' ? 'feed' : 'tank') : 'none',
    'survey.heaterSits': place === 'under' ? 'under' : 'inside',
    'warmth.way': card.family === 'air' ? 'ducts' : 'loop',
    // What stands inside is not boxed in below the floor.
    ...(place === 'under' ? {} : { 'siting.boxed': 'no' as const }),
    'siting.mount': place === 'floor' ? 'floor' : 'shelf',
  };
}

function usualLists({ card, place, shape }: Answers): ListValues {
  const timber = shape === 'cabin' || shape === 'narrowBoat';
  const stack = [
    { name: 'plate', kind: 'plate', thicknessMm: 3 },
    { name: 'gasket', kind: 'gasket', thicknessMm: 2 },
    { name: 'ply', kind: 'timber', thicknessMm: timber ? 18 : 12 },
    ...(timber ? [] : [{ name: 'steel floor', kind: 'metal', thicknessMm: 1 }]),
  ];
  const warm = usualDucts({ card });
  const holes = card.holes.length > 0 ? card.holes : startingHoles.separate.holes;
  return {
    parts: rows(
      // A kit brings no alarm: it has to be bought.
      startingLists[card.family].map((part) => ({
        ...part,
        state: part.kind === 'alarm' ? ('missing' as const) : ('present' as const),
      })),
      100,
    ),
    ...(card.family === 'air'
      ? { ducts: rows(warm.ducts, 400), returns: rows(warm.returns, 500) }
      : { loop: rows(usualLoop, 600) }),
    ...(place === 'floor' ? { holes: rows(holes, 200), stack: rows(stack, 300) as unknown as ListValues['stack'] & object } : {}),
  };
}

/** A whole build from five answers: complete, consistent with itself, and assumed but for what was said. */
export function startFrom(answers: Answers): Start {
  const { values, maker, assumed } = takeCard(answers.card);
  const supply = values['heater.supplyV'] ?? assumed['heater.supplyV']?.value ?? 'v12';
  const volts = supply === 'v24' ? 'v24' : 'v12';
  const usual: Usual = {
    ...usualSurvey(answers),
    ...usualSiting(answers),
    ...usualFuel(answers),
    ...usualAir(answers),
    ...(answers.card.family === 'coolant' ? usualCoolant : {}),
    ...usualWiring(answers, volts === 'v24' ? 24 : 12),
    ...mostly('survey.accessoriesV', volts, ['v12', 'v24', 'none'], 'as the heater'),
    ...mostly('kit.plateV', volts, ['v12', 'v24', 'unreadable'], 'as the heater’s'),
    ...mostly('proving.coAlarmFitted', 'no', ['yes', 'no'], 'a kit brings none'),
    ...mostly('kit.plateFuel', 'diesel', ['diesel', 'petrol', 'unreadable'], 'as the heater’s'),
    ...assumed,
  };
  const said = { ...saidBy(answers), ...values };
  for (const path of Object.keys(said) as FigurePath[]) delete usual[path];
  return {
    kind: kindOfShape[answers.shape],
    said,
    maker,
    assumed: {
      basis: `${bodyShapes[answers.shape].label}; ${answers.card.name}; ${sources[answers.source].label}; heater ${heaterPlaces[answers.place]}`,
      figures: usual,
      lists: usualLists(answers),
    },
    unitCard: answers.card,
  };
}

/** A build with a start put into it; what somebody has said of it before is left as it is. */
export function withStart(build: Build, { said, maker, assumed, unitCard }: Omit<Start, 'kind'>): Build {
  const blank = emptySheets();
  const sheets = { ...build.sheets } as unknown as Record<SheetId, Record<string, Figure<number | string>>>;
  for (const [path, value] of Object.entries(said) as [FigurePath, number | string][]) {
    if (valueAt(build.sheets, path) !== null) continue;
    const [sheet, name] = path.split('.') as [SheetId, string];
    const table = sheets[sheet] ?? blank[sheet];
    sheets[sheet] = { ...table, [name]: { planned: value, fitted: null } };
  }
  return {
    ...build,
    sheets: sheets as unknown as Build['sheets'],
    maker: { ...maker, ...build.maker },
    assumed,
    ...(unitCard ? { unitCard } : {}),
  };
}
