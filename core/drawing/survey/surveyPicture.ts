import type { Reader } from '../../reading/Reader';
import type { Build } from '../../build/Build';
import { drawnFrom } from '../../figures/readerOf';
import type { Need } from '../../reading/Reader';
import { bandOf } from '../../figures/survey/surveyFigures';
import { nodesOf } from '../../model/heat/spaceOf';
import type { SizeFacts } from '../../model/heat/recommendSize';
import { largerSold, smallerSold } from '../../physics/heat/sizesSold';
import { spaceParts, type SpacePart } from '../../model/heat/spaceParts';
import type { SpreadFacts } from '../../physics/heat/surveySpread';
import type { TwoNodes } from '../../physics/heat/warmUp';
import type { Uncertainty } from '../../random/monteCarlo';

export interface SurveyPicture {
  /** Ways by which heat leaves, the largest first; the air that changes is one of them. */
  ways: { name: string; lossWK: number; share: number; areaM2: number | null; uWM2K: number | null }[];
  facts: SizeFacts & { lossWK: number };
  nodes: TwoNodes | null;
  spread: SpreadFacts;
}

const ordered = (min: number, likely: number, max: number): Uncertainty => ({
  min: Math.min(min, likely),
  likely,
  max: Math.max(max, likely),
});
const around = (percent: number): Uncertainty => ordered(Math.max(0.05, 1 - percent / 100), 1, 1 + percent / 100);
/** Ribs and frames only ever add to what the panels lose: 10 % of ribs behind ply take U from 0.55 to 0.96. Parallel paths, ISO 6946 (from memory). */
const wallsMorePercent = 75;
const walls = (morePercent: number): Uncertainty => ordered(1 - Math.min(10, morePercent) / 100, 1, 1 + morePercent / 100);

/** How surely each input is known: as given on the ranges sheet, else a usual doubt (Lorbet's own choice, no source). */
function uncertaintiesOf(read: Reader, airChangesH: number, coldestC: number): SpreadFacts['uncertainties'] {
  return {
    walls: walls(read.maybe('uncertainties.uOffPercent') ?? wallsMorePercent),
    airChangesH: ordered(
      read.maybe('uncertainties.airMinH') ?? airChangesH / 2,
      airChangesH,
      read.maybe('uncertainties.airMaxH') ?? airChangesH * 2,
    ),
    coldestC: ordered(
      read.maybe('uncertainties.coldestMinC') ?? coldestC - 4,
      coldestC,
      read.maybe('uncertainties.coldestMaxC') ?? coldestC + 3,
    ),
    dose: around(read.maybe('uncertainties.doseOffPercent') ?? 6),
    shell: around(read.maybe('uncertainties.shellOffPercent') ?? 40),
  };
}

/** The usual sizes that would hold this space at its coldest and its highest place. */
function sizesFor(read: Reader): { largerKw: number | null; smallerKw: number | null } {
  const full = read.derived('heater.outputMaxKw');
  const neededKw = (read.derived('survey.demandColdestKw') / read.derived('survey.outputAltitudeKw')) * full;
  return { largerKw: largerSold(neededKw), smallerKw: smallerSold(full, neededKw) };
}

function picture(read: Reader): SurveyPicture {
  const parts: SpacePart[] = spaceParts(read);
  const f = read.all({
    insideC: 'survey.insideC',
    coldestC: 'survey.coldestC',
    usualNightC: 'survey.usualNightC',
    volumeM3: 'survey.volumeM3',
    airChangesH: 'survey.airChangesH',
  });
  const lossWK = read.derived('survey.lossWK');
  const airWK = read.derived('survey.airLossWK');
  const [minKw, maxKw] = [read.derived('heater.outputMinKw'), read.derived('survey.outputAltitudeKw')];
  const { insideC, coldestC, usualNightC } = f;
  const ways = [
    ...parts.map(({ name, lossWK: own, areaM2, uWM2K }) => ({ name, lossWK: own, areaM2, uWM2K })),
    { name: 'air that changes', lossWK: airWK, areaM2: null, uWM2K: null },
  ];
  return {
    ways: ways.map((way) => ({ ...way, share: way.lossWK / lossWK })).sort((a, b) => b.lossWK - a.lossWK),
    facts: {
      ...sizesFor(read),
      minKw,
      maxKw,
      insideC,
      coldestC,
      usualNightC,
      ...bandOf(read),
      airShare: airWK / lossWK,
      lossWK,
    },
    nodes: nodesOf(read),
    spread: {
      fabricWK: read.derived('survey.fabricLossWK'),
      areaM2: parts.reduce((sum, part) => sum + part.areaM2, 0),
      volumeM3: f.volumeM3,
      insideC,
      maxW: maxKw * 1000,
      uncertainties: uncertaintiesOf(read, f.airChangesH, coldestC),
    },
  };
}

/** What the pictures of the survey are drawn from; or what is missing for them. */
export function surveyPicture(build: Build): SurveyPicture | { missing: readonly Need[] } {
  return drawnFrom(build, picture);
}
