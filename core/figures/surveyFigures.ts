import { burningAt } from '../air/airAtAltitude';
import type { Reader } from '../calls/Call';
import { buildUps, glazings } from '../heat/buildUps';
import { airLossWK, demandKw, fabricLossWK } from '../heat/spaceLoss';
import { uValueWM2K } from '../heat/uValue';
import { secondsToWarm } from '../heat/warmUp';
import { hoursBelowLeast, workingBand, type WorkingBand } from '../heat/workingBand';
import type { Derived } from './derived';

const iso = 'ISO 6946, ISO 10456 (from memory); frames and cold bridges are not counted';
/** Heat that shell and furniture take along, for each m² of surface; from air to surface 7.7 W/(m² K). */
const shellJM2K = 18000;
const surfaceWM2K = 7.7;
const airJM3K = 1206;

function surfaces(read: Reader) {
  const f = read.all({
    walls: 'survey.wallAreaM2',
    wall: 'survey.wallBuildUp',
    roofs: 'survey.roofAreaM2',
    roof: 'survey.roofBuildUp',
    floors: 'survey.floorAreaM2',
    floor: 'survey.floorBuildUp',
    glass: 'survey.glassAreaM2',
    glazing: 'survey.glazing',
  });
  return [
    { areaM2: f.walls, uWM2K: uValueWM2K(buildUps[f.wall].layers, 'horizontal') },
    { areaM2: f.roofs, uWM2K: uValueWM2K(buildUps[f.roof].layers, 'up') },
    { areaM2: f.floors, uWM2K: uValueWM2K(buildUps[f.floor].layers, 'down') },
    { areaM2: f.glass, uWM2K: glazings[f.glazing].uWM2K },
  ];
}
const fabric = (read: Reader) => fabricLossWK(surfaces(read));
const air = (read: Reader) => {
  const { changes, volume } = read.all({ changes: 'survey.airChangesH', volume: 'survey.volumeM3' });
  return airLossWK(changes, volume);
};
const inside = (read: Reader) => read.all({ c: 'survey.insideC' }).c;
const demandAt = (read: Reader, outsideC: number) => demandKw(read.derived('survey.lossWK'), inside(read), outsideC);

/** Between which outside temperatures this heater works steadily in this space. */
export function bandOf(read: Reader): WorkingBand {
  const [leastKw, mostKw] = [read.derived('heater.outputMinKw'), read.derived('heater.outputMaxKw')];
  if (leastKw > mostKw) return read.missing('a highest pump frequency above the lowest');
  return workingBand(read.derived('survey.lossWK'), inside(read), leastKw, mostKw);
}

function warmUpMinutes(read: Reader): number {
  const parts = surfaces(read);
  const areaM2 = parts.reduce((sum, part) => sum + part.areaM2, 0);
  const { volume, coldest } = read.all({ volume: 'survey.volumeM3', coldest: 'survey.coldestC' });
  if (areaM2 === 0) return read.missing('surfaces through which heat is lost');
  // What U-value leaves to the shell once the way from the air to it is taken out.
  const [u, h] = [fabric(read), areaM2 * surfaceWM2K];
  if (u >= h * 0.98) return Infinity;
  const nodes = {
    airJK: airJM3K * volume,
    shellJK: shellJM2K * areaM2,
    airToShellWK: h,
    shellToOutsideWK: 1 / (1 / u - 1 / h),
    airToOutsideWK: air(read),
  };
  const start = { airC: coldest, shellC: coldest };
  return secondsToWarm(nodes, start, read.derived('heater.outputMaxKw') * 1000, coldest, inside(read)) / 60;
}

export const surveyFigures = {
  'survey.lossWK': {
    label: 'Heat lost for each degree',
    unit: 'W/K',
    decimals: 0,
    formula: 'Σ A U + 0.335 n V',
    source: `${iso}; air EN 12831 (from memory)`,
    compute: (read: Reader): number => read.derived('survey.fabricLossWK') + read.derived('survey.airLossWK'),
  },
  'survey.fabricLossWK': {
    label: 'Of it through surfaces',
    unit: 'W/K',
    decimals: 0,
    formula: 'Σ A / (Rsi + Σ d/λ + Rse)',
    source: iso,
    compute: fabric,
  },
  'survey.airLossWK': {
    label: 'Of it with the air',
    unit: 'W/K',
    decimals: 0,
    formula: '0.335 n V',
    source: 'EN 12831 (from memory)',
    compute: air,
  },
  'survey.demandColdestKw': {
    label: 'Needed on the coldest night',
    unit: 'kW',
    decimals: 2,
    formula: 'loss × (inside − outside)',
    source: 'heat balance',
    compute: (read: Reader): number => demandAt(read, read.all({ c: 'survey.coldestC' }).c),
  },
  'survey.demandUsualKw': {
    label: 'Needed on a usual night',
    unit: 'kW',
    decimals: 2,
    formula: 'loss × (inside − outside)',
    source: 'heat balance',
    compute: (read: Reader): number => demandAt(read, read.all({ c: 'survey.usualNightC' }).c),
  },
  'survey.shortBelowC': {
    label: 'Falls short below',
    unit: '°C',
    decimals: 0,
    formula: 'inside − most / loss',
    source: 'heat balance',
    compute: (read: Reader): number => bandOf(read).shortBelowC,
  },
  'survey.sootAboveC': {
    label: 'Runs too low above',
    unit: '°C',
    decimals: 0,
    formula: 'inside − least / loss',
    source: 'heat balance; that low running soots: common practice, no source',
    compute: (read: Reader): number => bandOf(read).sootAboveC,
  },
  'survey.hoursTooLow': {
    label: 'Of a usual night, run too low',
    unit: 'h',
    decimals: 1,
    formula: 'half a cosine from evening to the night’s coldest',
    source: 'course of the night, evening 8 K warmer: Lorbet’s own choice, no source',
    compute: (read: Reader): number => {
      const { usual, hours } = read.all({ usual: 'survey.usualNightC', hours: 'heater.nightHours' });
      return hoursBelowLeast(bandOf(read), usual + 8, usual, hours);
    },
  },
  'survey.warmUpMin': {
    label: 'From coldest to warm, at full',
    unit: 'min',
    decimals: 0,
    formula: 'two nodes: air; shell and furniture',
    source: 'first principles; 18 kJ/(m² K) of shell and 7.7 W/(m² K) to it: assumption, no source',
    compute: warmUpMinutes,
  },
  'survey.fuelShareAltitude': {
    label: 'Fuel that burns clean at its highest place',
    unit: '%',
    decimals: 0,
    formula: 'air density there / at sea level',
    source: 'ISO 2533 (from memory); fan at constant speed',
    compute: (read: Reader): number => burningAt(read.all({ m: 'heater.altitudeM' }).m, 1).fuelShare * 100,
  },
} satisfies Record<string, Derived>;
