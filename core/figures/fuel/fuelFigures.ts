import { toDo } from '../../reading/NotMeasured';
import type { Reader, Derived } from '../../reading/Reader';
import { bubbleBoreLimitMm } from '../../physics/fuel/bubbleBoreLimitMm';
import { densityKgM3 } from '../../physics/fuel/densityKgM3';
import { doseRuns, doseTest } from '../../model/fuel/doseTest';
import { reynolds } from '../../physics/fuel/lineDropPa';
import { lineVolumeMl } from '../../physics/fuel/lineVolumeMl';
import { peakFlowMlS, peakInLineMlS, strokeSeconds } from '../../physics/fuel/peakFlowMlS';
import { accelerationPa, lowestSuctionPa, segmentDropPa } from '../../physics/fuel/pressureAlong';
import { fuelState, goodDownToC } from '../../physics/fuel/pressureMap';
import { lengthOf, sideOf, type Segment } from '../../physics/fuel/Route';
import { routeOf } from '../../model/fuel/routeOf';
import { coldestFuelC, fuelOf, mapFacts, runFacts } from '../../model/fuel/runFacts';
import { gasOfStroke } from '../../physics/fuel/gasShare';

const darcy =
  'Hagen–Poiseuille; Colebrook 1939 above Re 4000 (from memory; tested against the EPANET engine); fittings ζ ρ v²/2 (from memory)';
const peakAssumption = `half-sine stroke, as measured, else of ${strokeSeconds * 1000} ms: assumption, common practice, no source`;

const meanFlow = (read: Reader): number => read.derived('fuel.doseMl') * read.all({ hz: 'heater.pumpMaxHz' }).hz;
const strokeS = (read: Reader): number => (read.maybe('line.strokeMs') ?? strokeSeconds * 1000) / 1000;
const peakFlow = (read: Reader): number => peakFlowMlS(read.derived('fuel.doseMl'), strokeS(read));
const peakInLine = (read: Reader): number =>
  peakInLineMlS(meanFlow(read), peakFlow(read), read.limit('columnSofteningPercent').value / 100);
const coldFuel = (read: Reader) => fuelState(fuelOf(read), read.derived('fuel.coldestC'));
const lowestPa = (read: Reader): number => read.shared('lowest pressure', (reader) => lowestSuctionPa(runFacts(reader)));
const suction = (read: Reader) => sideOf(routeOf(read), 'suction');
const sum = (segments: readonly Segment[], of: (segment: Segment) => number) =>
  segments.reduce((all, segment) => all + of(segment), 0);
export const fuelFigures = {
  'fuel.doseMl': {
    label: 'Dose that counts',
    unit: 'mL',
    decimals: 4,
    formula: 'Σ volume / Σ strokes, else as stated',
    source: 'definition; a dose test goes before what pump or data sheet say',
    compute: (read: Reader): number => {
      const test = doseTest(doseRuns(read));
      return test ? test.doseMl : read.all({ dose: 'heater.strokeVolumeMl' }).dose;
    },
  },
  'fuel.suctionM': {
    label: 'Line before the pump',
    unit: 'm',
    decimals: 2,
    formula: 'Σ L',
    source: 'its segments, else its rough length',
    compute: (read: Reader): number => lengthOf(suction(read)),
  },
  'fuel.pressureM': {
    label: 'Line after the pump',
    unit: 'm',
    decimals: 2,
    formula: 'Σ L',
    source: 'its segments, else its rough length',
    compute: (read: Reader): number => lengthOf(sideOf(routeOf(read), 'pressure')),
  },
  'fuel.riseMm': {
    label: 'Line rises to the heater',
    unit: 'mm',
    decimals: 0,
    formula: 'heater’s inlet − pump inlet',
    source: 'geometry; minus where it falls',
    compute: (read: Reader): number => {
      const { heater, pump } = read.all({ heater: 'fuel.heaterAboveTankFloorMm', pump: 'fuel.pumpAboveTankFloorMm' });
      return heater - pump;
    },
  },
  'fuel.coldestC': {
    label: 'Coldest that the fuel gets',
    unit: '°C',
    decimals: 0,
    formula: 'as given; outside no warmer than the coldest night',
    source: 'fuel follows the air in a long night: common practice, no source',
    compute: coldestFuelC,
  },
  'fuel.peakInLine': {
    label: 'Of that peak, in the line',
    unit: 'mL/s',
    decimals: 2,
    formula: 'mean + s (peak − mean)',
    source: 's is what rubber and gas leave over of each swing, an assumption',
    compute: peakInLine,
  },
  'fuel.viscosity': {
    label: 'Viscosity at its coldest',
    unit: 'mm²/s',
    decimals: 1,
    formula: 'log log(ν + 0.7) = A − B log T',
    source: 'ASTM D341 (from memory); two points by kind of fuel',
    compute: (read: Reader): number => coldFuel(read).viscosityMm2S,
  },
  'fuel.meanFlow': {
    label: 'Flow at full, on average',
    unit: 'mL/s',
    decimals: 3,
    formula: 'f × V',
    source: 'definition',
    compute: meanFlow,
  },
  'fuel.peakFlow': {
    label: 'Flow at the stroke’s peak',
    unit: 'mL/s',
    decimals: 2,
    formula: '(π/2) × V / t',
    source: peakAssumption,
    compute: peakFlow,
  },
  'fuel.suctionReynolds': {
    label: 'Reynolds number at the peak',
    unit: '',
    decimals: 0,
    formula: 'v d / ν',
    source: 'definition; the narrowest bore before the pump',
    compute: (read: Reader): number => {
      const boreMm = Math.min(...suction(read).map((segment) => segment.boreMm));
      return reynolds({ boreMm, flowMlS: peakInLine(read), viscosityMm2S: coldFuel(read).viscosityMm2S });
    },
  },
  'fuel.suctionDropMeanKPa': {
    label: 'Lost in the suction line, on average',
    unit: 'kPa',
    decimals: 2,
    formula: '128 μ L Q / π d⁴',
    source: darcy,
    compute: (read: Reader): number =>
      sum(suction(read), (segment) => segmentDropPa(segment, coldFuel(read), meanFlow(read))) / 1000,
  },
  'fuel.suctionDropPeakKPa': {
    label: 'Lost in the suction line, at the peak',
    unit: 'kPa',
    decimals: 1,
    formula: '128 μ L Q / π d⁴',
    source: `${darcy}; ${peakAssumption}`,
    compute: (read: Reader): number =>
      sum(suction(read), (segment) => segmentDropPa(segment, coldFuel(read), peakInLine(read))) / 1000,
  },
  'fuel.suctionPushKPa': {
    label: 'To speed the column up, at each stroke',
    unit: 'kPa',
    decimals: 1,
    formula: 's (ρ L / A) dQ/dt',
    source: `Newton; ${peakAssumption}; s is what rubber and gas leave over, an assumption`,
    compute: (read: Reader): number => {
      const [fuel, flow] = [coldFuel(read), peakFlow(read)];
      const whole = sum(suction(read), (segment) => accelerationPa(segment, fuel, flow, strokeS(read)));
      return (whole * read.limit('columnSofteningPercent').value) / 1e5;
    },
  },
  'fuel.suctionKPa': {
    label: 'Lowest pressure before the pump',
    unit: 'kPa',
    decimals: 0,
    formula: 'p₀ + ρ g h − √(Δp² + Δa²)',
    source: `hydrostatics; p₀ ISO 2533 (from memory); ${darcy}; Newton; tank drawn down to the pickup; a filter’s own loss as ζ 2`,
    compute: (read: Reader): number => lowestPa(read) / 1000,
  },
  'fuel.gasPercent': {
    label: 'Gas in each stroke',
    unit: '%',
    decimals: 0,
    formula: 'g / (1 + g), g = L (p₀/p − 1)',
    source: 'Henry’s law, L 0.1 after ASTM D2779 (from memory)',
    compute: (read: Reader): number => gasOfStroke(runFacts(read).ambientPa, lowestPa(read)) * 100,
  },
  'fuel.goodDownToC': {
    label: 'Good down to',
    unit: '°C',
    decimals: 0,
    formula: 'coldest fuel with its gas within the limit, not below the plugging point',
    source:
      'search over the fuel’s temperature, −45 to +30 °C; tank drawn down to the pickup; plugging point after the fuel’s standard (from memory)',
    compute: (read: Reader): number => {
      const facts = mapFacts(read);
      return (
        goodDownToC(facts, facts.pickupMm + 0.001) ??
        read.missing(...toDo('change the run: as it is there is no temperature at which it works'))
      );
    },
  },
  'fuel.bubbleBoreMm': {
    label: 'Widest bore that carries bubbles',
    unit: 'mm',
    decimals: 2,
    formula: 'ρ g r² / σ < 0.842',
    source: 'Bretherton 1961 (from memory), σ 0.027 N/m',
    compute: (read: Reader): number => bubbleBoreLimitMm(densityKgM3(fuelOf(read).densityKgM3At15C, 15)),
  },
  'fuel.lineVolumeMl': {
    label: 'Line holds',
    unit: 'mL',
    decimals: 1,
    formula: 'Σ π d² L / 4',
    source: 'geometry',
    compute: (read: Reader): number => sum(routeOf(read).segments, ({ boreMm, lengthM }) => lineVolumeMl(boreMm, lengthM)),
  },
} satisfies Record<string, Derived>;
