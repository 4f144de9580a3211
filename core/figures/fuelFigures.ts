import type { Reader } from '../calls/Call';
import { ambientPa } from '../air/ambientPa';
import { bubbleBoreLimitMm } from '../fuel/bubbleBoreLimitMm';
import { densityKgM3 } from '../fuel/densityKgM3';
import { fuels } from '../fuel/fuels';
import { gasShare } from '../fuel/gasShare';
import { lineDropPa, reynolds } from '../fuel/lineDropPa';
import { lineVolumeMl } from '../fuel/lineVolumeMl';
import { peakFlowMlS, strokeSeconds } from '../fuel/peakFlowMlS';
import { suctionPressurePa } from '../fuel/suctionPressurePa';
import { viscosityMm2S } from '../fuel/viscosityMm2S';
import type { Derived } from './derived';

const darcy = 'Hagen–Poiseuille; Colebrook 1939 above Re 4000 (from memory; tested against the EPANET engine)';
const peakAssumption = `half-sine stroke of ${strokeSeconds * 1000} ms: assumption, common practice, no source`;

/** The fuel as it flows on the coldest day, or at any other temperature. */
function fuelAt(read: Reader, temperatureC = read.all({ t: 'heater.coldestFuelC' }).t) {
  const fuel = fuels[read.all({ grade: 'heater.fuelGrade' }).grade];
  return {
    viscosityMm2S: viscosityMm2S(
      [
        [40, fuel.viscosityMm2SAt40C],
        [100, fuel.viscosityMm2SAt100C],
      ],
      temperatureC,
    ),
    densityKgM3: densityKgM3(fuel.densityKgM3At15C, temperatureC),
  };
}

function suctionFlow(read: Reader, flowMlS: number, temperatureC?: number) {
  const { length, bore } = read.all({ length: 'fuel.suctionLengthM', bore: 'fuel.suctionBoreMm' });
  return { lengthM: length, boreMm: bore, flowMlS, ...fuelAt(read, temperatureC) };
}

const meanFlow = (read: Reader) => {
  const { dose, hz } = read.all({ dose: 'heater.strokeVolumeMl', hz: 'heater.pumpMaxHz' });
  return dose * hz;
};
const peakFlow = (read: Reader) => peakFlowMlS(read.all({ dose: 'heater.strokeVolumeMl' }).dose);

/** Lowest that the fuel can stand and still be drawn: the pickup's end. */
function suctionAt(read: Reader, temperatureC?: number): number {
  const { pump, pickup } = read.all({ pump: 'fuel.pumpAboveTankFloorMm', pickup: 'fuel.pickupClearanceMm' });
  const flow = suctionFlow(read, peakFlow(read), temperatureC);
  return suctionPressurePa({
    ambientPa: ambient(read),
    surfaceAbovePumpM: (pickup - pump) / 1000,
    densityKgM3: flow.densityKgM3,
    frictionPa: lineDropPa(flow),
  });
}
const ambient = (read: Reader) => ambientPa(read.all({ h: 'heater.altitudeM' }).h);

/** Coldest fuel at which the gas in a stroke stays within the limit; bisection between −45 and +30 °C. */
function goodDownToC(read: Reader): number {
  const limit = read.limit('gasFixPercent').value / 100;
  const holds = (t: number) => gasShare(ambient(read), suctionAt(read, t)) <= limit;
  let [cold, warm] = [-45, 30];
  if (holds(cold)) return cold;
  if (!holds(warm)) return warm;
  for (let i = 0; i < 20; i += 1) {
    const middle = (cold + warm) / 2;
    if (holds(middle)) warm = middle;
    else cold = middle;
  }
  return warm;
}

export const fuelFigures = {
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
  'fuel.viscosity': {
    label: 'Viscosity at its coldest',
    unit: 'mm²/s',
    decimals: 1,
    formula: 'log log(ν + 0.7) = A − B log T',
    source: 'ASTM D341 (from memory); two points by kind of fuel',
    compute: (read: Reader) => fuelAt(read).viscosityMm2S,
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
    source: 'definition',
    compute: (read: Reader) => reynolds(suctionFlow(read, peakFlow(read))),
  },
  'fuel.suctionDropMeanKPa': {
    label: 'Lost in the suction line, on average',
    unit: 'kPa',
    decimals: 2,
    formula: '128 μ L Q / π d⁴',
    source: darcy,
    compute: (read: Reader) => lineDropPa(suctionFlow(read, meanFlow(read))) / 1000,
  },
  'fuel.suctionDropPeakKPa': {
    label: 'Lost in the suction line, at the peak',
    unit: 'kPa',
    decimals: 1,
    formula: '128 μ L Q / π d⁴',
    source: `${darcy}; ${peakAssumption}`,
    compute: (read: Reader) => lineDropPa(suctionFlow(read, peakFlow(read))) / 1000,
  },
  'fuel.suctionKPa': {
    label: 'Lowest pressure at the pump',
    unit: 'kPa',
    decimals: 1,
    formula: 'p₀ + ρ g h − Δp',
    source: `hydrostatics; p₀ ISO 2533 (from memory); ${darcy}; tank drawn down to the pickup; the filter’s own loss and the column’s acceleration are not counted`,
    compute: (read: Reader) => suctionAt(read) / 1000,
  },
  'fuel.gasPercent': {
    label: 'Gas in each stroke',
    unit: '%',
    decimals: 1,
    formula: 'L (p₀/p − 1)',
    source: 'Henry’s law, L 0.1 after ASTM D2779 (from memory)',
    compute: (read: Reader) => gasShare(ambient(read), suctionAt(read)) * 100,
  },
  'fuel.goodDownToC': {
    label: 'Good down to',
    unit: '°C',
    decimals: 0,
    formula: 'coldest fuel with L (p₀/p − 1) within the limit',
    source: 'search over the fuel’s temperature, −45 to +30 °C; cloud and plugging points not counted',
    compute: goodDownToC,
  },
  'fuel.bubbleBoreMm': {
    label: 'Widest bore that carries bubbles',
    unit: 'mm',
    decimals: 2,
    formula: 'ρ g r² / σ < 0.842',
    source: 'Bretherton 1961 (from memory), σ 0.027 N/m',
    compute: (read: Reader) => bubbleBoreLimitMm(fuelAt(read, 15).densityKgM3),
  },
  'fuel.lineVolumeMl': {
    label: 'Line holds',
    unit: 'mL',
    decimals: 1,
    formula: 'π d² L / 4',
    source: 'geometry',
    compute: (read: Reader) => {
      const f = read.all({
        sl: 'fuel.suctionLengthM',
        sb: 'fuel.suctionBoreMm',
        pl: 'fuel.pressureLengthM',
        pb: 'fuel.pressureBoreMm',
      });
      return lineVolumeMl(f.sb, f.sl) + lineVolumeMl(f.pb, f.pl);
    },
  },
} satisfies Record<string, Derived>;
