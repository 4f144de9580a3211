import { toDo } from '../../reading/NotMeasured';
import type { Reader, Derived } from '../../reading/Reader';
import { burningAt } from '../../physics/air/airAtAltitude';
import { fuelOf } from '../../model/fuel/runFacts';
import { densityKgM3 } from '../../physics/fuel/densityKgM3';
import { nightMeanKw } from '../../physics/heat/nightUse';
import { demandKw } from '../../physics/heat/spaceLoss';
import { airWK, eveningWarmerK, fabricWK, nodesOf, sleepersKw } from '../../model/heat/spaceOf';
import { secondsToWarm } from '../../physics/heat/warmUp';
import { hoursBelowMin, workingBand, type WorkingBand } from '../../physics/heat/workingBand';

const iso = 'ISO 6946, ISO 10456 (from memory); frames and cold bridges are not counted';
const inside = (read: Reader) => read.all({ c: 'survey.insideC' }).c;
const demandAt = (read: Reader, outsideC: number) => demandKw(read.derived('survey.lossWK'), inside(read), outsideC);

/** Between which outside temperatures this heater works steadily in this space. */
export function bandOf(read: Reader): WorkingBand {
  const [minKw, maxKw] = [read.derived('heater.outputMinKw'), read.derived('survey.outputAltitudeKw')];
  if (read.derived('heater.outputMinKw') > read.derived('heater.outputMaxKw'))
    return read.missing(...toDo('correct the pump’s frequencies: the highest must lie above the lowest'));
  // Sleepers warm the space too, so the heater runs too low a little sooner.
  const { sootAboveC } = workingBand(
    read.derived('survey.lossWK'),
    inside(read),
    minKw + sleepersKw(read),
    Math.max(maxKw, minKw + sleepersKw(read)),
  );
  // High up even the lowest setting may be more than burns clean there.
  const { shortBelowC } = workingBand(read.derived('survey.lossWK'), inside(read), Math.min(minKw, maxKw), maxKw);
  return { shortBelowC, sootAboveC };
}
function warmUpMinutes(read: Reader): number {
  const nodes = nodesOf(read);
  const { coldest } = read.all({ coldest: 'survey.coldestC' });
  if (!nodes) return Infinity;
  const start = { airC: coldest, shellC: coldest };
  return secondsToWarm(nodes, start, read.derived('survey.outputAltitudeKw') * 1000, coldest, inside(read)) / 60;
}

/** Mean output over a usual night, kW, and over the day between two. */
function meanKw(read: Reader, over: 'night' | 'day'): number {
  const { usual } = read.all({ usual: 'survey.usualNightC' });
  const eveningC = usual + eveningWarmerK;
  return nightMeanKw({
    lossWK: read.derived('survey.lossWK'),
    freeW: over === 'night' ? sleepersKw(read) * 1000 : 0,
    insideC: inside(read),
    eveningC,
    coldestC: over === 'night' ? usual : eveningC,
    minKw: read.derived('heater.outputMinKw'),
    maxKw: Math.max(read.derived('survey.outputAltitudeKw'), read.derived('heater.outputMinKw')),
  });
}
/** Litres of fuel for so many kilowatt-hours given. */
function litres(read: Reader, kwh: number): number {
  const fuel = fuelOf(read);
  const mjPerL = (densityKgM3(fuel.densityKgM3At15C, 15) * fuel.heatingValueMJKg) / 1000;
  return (kwh * 3.6) / mjPerL / (read.limit('efficiencyPercent').value / 100);
}
const nightHours = (read: Reader) => read.all({ h: 'heater.nightHours' }).h;

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
    compute: fabricWK,
  },
  'survey.airLossWK': {
    label: 'Of it with the air',
    unit: 'W/K',
    decimals: 0,
    formula: '0.335 n V',
    source: 'EN 12831 (from memory)',
    compute: airWK,
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
    formula: 'loss × (inside − outside) − 72 W a sleeper',
    source: 'heat balance; a sleeper’s heat ISO 8996 (from memory)',
    compute: (read: Reader): number => Math.max(0, demandAt(read, read.all({ c: 'survey.usualNightC' }).c) - sleepersKw(read)),
  },
  'survey.shortBelowC': {
    label: 'Falls short below',
    unit: '°C',
    decimals: 0,
    formula: 'inside − most at its highest place / loss',
    source: 'heat balance',
    compute: (read: Reader): number => bandOf(read).shortBelowC,
  },
  'survey.sootAboveC': {
    label: 'Runs too low above',
    unit: '°C',
    decimals: 0,
    formula: 'inside − (least + sleepers) / loss',
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
      return hoursBelowMin(bandOf(read), usual + eveningWarmerK, usual, hours);
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
  'survey.fuelNightL': {
    label: 'Fuel on a usual night',
    unit: 'L',
    decimals: 2,
    formula: 'mean of what is needed, never under the least, × hours ÷ (ρ H η)',
    source: 'heat balance; course of the night: Lorbet’s own choice, no source',
    compute: (read: Reader): number => litres(read, meanKw(read, 'night') * nightHours(read)),
  },
  'survey.fuelWeekendL': {
    label: 'Fuel on a usual weekend',
    unit: 'L',
    decimals: 2,
    formula: 'two nights and the day between, heated through',
    source: 'heat balance; course of night and day: Lorbet’s own choice, no source',
    compute: (read: Reader): number =>
      litres(read, meanKw(read, 'night') * nightHours(read) * 2 + meanKw(read, 'day') * (24 - nightHours(read))),
  },
  'survey.weekendAh': {
    label: 'From the battery on a usual weekend',
    unit: 'Ah',
    decimals: 0,
    formula: 'hours × running A + 2 starts × start A × glow time',
    source: 'definition; two nights and the day between, a start and a stop each night',
    compute: (read: Reader): number => {
      const f = read.all({ run: 'heater.runCurrentA', start: 'heater.startCurrentA', minutes: 'heater.startMinutes' });
      // The plug glows again when it is stopped.
      return (24 + nightHours(read)) * f.run + (4 * f.start * f.minutes) / 60;
    },
  },
  'survey.outputAltitudeKw': {
    label: 'Clean output at its highest place',
    unit: 'kW',
    decimals: 2,
    formula: 'output at full × air density there / at sea level',
    source: 'ISO 2533 (from memory); fuel cut to keep the excess air',
    compute: (read: Reader): number => (read.derived('heater.outputMaxKw') * read.derived('survey.fuelShareAltitude')) / 100,
  },
  'survey.excessAirAltitude': {
    label: 'Air over need there, fuel left as it is',
    unit: '',
    decimals: 2,
    formula: 'λ at sea level × air density there / at sea level',
    source: 'definition; λ 1.6 at sea level is an assumption, no source; under 1 it burns short of air',
    compute: (read: Reader): number => burningAt(read.all({ m: 'heater.altitudeM' }).m, 1.6).excessAir,
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
