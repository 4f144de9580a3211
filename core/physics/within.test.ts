import { airDensityRatio } from './air/airAtAltitude';
import { ambientPa } from './air/ambientPa';
import { bubbleBoreLimitMm } from './fuel/bubbleBoreLimitMm';
import { densityKgM3 } from './fuel/densityKgM3';
import { gasShare } from './fuel/gasShare';
import { lineDropPa, reynolds } from './fuel/lineDropPa';
import { lineVolumeMl } from './fuel/lineVolumeMl';
import { peakFlowMlS, peakInLineMlS } from './fuel/peakFlowMlS';
import { cutStandpipe, holeFit } from './fuel/standpipe';
import { levelForMm, volumeL } from './fuel/tankVolume';
import { heatInputKw } from './heat/heatInputKw';
import { airLossWK, demandKw, fabricLossWK } from './heat/spaceLoss';
import { copperOhmPerKm } from './wiring/copperOhmPerKm';
import { nightAh } from './wiring/nightAh';
import { solveFeed } from './wiring/solveFeed';

const flow = { lengthM: 2, boreMm: 2, flowMlS: 0.5, viscosityMm2S: 3.5, densityKgM3: 832 };
const feed = { restV: 12.6, batteryMohm: 5, lengthM: 4, ohmPerKm: 8, jointsMohm: 5, currentA: 10 };
const heat = { frequencyHz: 4, strokeVolumeMl: 0.022, densityKgM3: 832, heatingValueMJKg: 42.9 };
const night = { startCurrentA: 10, startMinutes: 2, runCurrentA: 1.4, nightHours: 8 };
const lying = { kind: 'lying', diameterMm: 300, lengthMm: 1000 } as const;

// What each was before: NaN for a bore of 0, a positive volume for a negative one, a square root of less than nothing.
test.each([
  ['a line of no bore', () => lineVolumeMl(0, 2), 'The bore is 0 mm; allowed is above 0 mm.'],
  ['a negative bore', () => lineVolumeMl(-2, 2), 'The bore is -2 mm; allowed is above 0 mm.'],
  ['a negative length', () => lineVolumeMl(2, -1), 'The length is -1 m; allowed is 0 and more m.'],
  ['friction in no bore', () => lineDropPa({ ...flow, boreMm: 0 }), 'The bore is 0 mm; allowed is above 0 mm.'],
  [
    'friction of a flow backwards',
    () => lineDropPa({ ...flow, flowMlS: -1 }),
    'The flow is -1 mL/s; allowed is 0 and more mL/s.',
  ],
  [
    'a fluid without viscosity',
    () => reynolds({ ...flow, viscosityMm2S: 0 }),
    'The viscosity is 0 mm²/s; allowed is above 0 mm²/s.',
  ],
  ['a fuel without density', () => bubbleBoreLimitMm(0), 'The density is 0 kg/m³; allowed is above 0 kg/m³.'],
  ['a fuel of 2000 °C', () => densityKgM3(832, 2000), 'The temperature of the fuel is 2000 °C; allowed is -100 up to 200 °C.'],
  ['no air outside', () => gasShare(0, 1000), 'The pressure of the air is 0 Pa; allowed is above 0 Pa.'],
  ['a stroke of no time', () => peakFlowMlS(0.02, 0), 'The time of a stroke is 0 s; allowed is above 0 s.'],
  ['more left over than there was', () => peakInLineMlS(0.1, 1, 2), 'The softening is 2 of 1; allowed is 0 up to 1 of 1.'],
  ['an air beyond the atmosphere', () => ambientPa(60000), 'The altitude is 60000 m; allowed is -1000 up to 20000 m.'],
  [
    'an air colder than nothing',
    () => airDensityRatio(0, -300),
    'The temperature of the air is -300 °C; allowed is above -273.15 °C.',
  ],
  [
    'a pump that runs backwards',
    () => heatInputKw({ ...heat, frequencyHz: -1 }),
    'The frequency is -1 Hz; allowed is 0 and more Hz.',
  ],
  ['a negative surface', () => fabricLossWK([{ areaM2: -2, uWM2K: 1 }]), 'The area is -2 m²; allowed is 0 and more m².'],
  ['a negative volume', () => airLossWK(1, -3), 'The volume is -3 m³; allowed is 0 and more m³.'],
  [
    'a space that gains by losing',
    () => demandKw(-5, 20, 0),
    'The heat lost for each kelvin is -5 W/K; allowed is 0 and more W/K.',
  ],
  ['a cable of no area', () => copperOhmPerKm(0, 20), 'The area is 0 mm²; allowed is above 0 mm².'],
  ['a negative current', () => solveFeed({ ...feed, currentA: -1 }), 'The current is -1 A; allowed is 0 and more A.'],
  ['a night of no end', () => nightAh({ ...night, nightHours: Infinity }), 'The night is Infinity h; allowed is 0 and more h.'],
  ['a hole of nothing', () => holeFit(0, 8), 'The hole is 0 mm; allowed is above 0 mm.'],
  [
    'a tank without depth',
    () => cutStandpipe({ depthMm: 0, stackMm: 8, clearMm: 30, toleranceMm: 2 }),
    'The depth is 0 mm; allowed is above 0 mm.',
  ],
  ['a level that is no number', () => volumeL(lying, NaN), 'The level is NaN mm; allowed is  mm.'],
  ['a volume that is no number', () => levelForMm(lying, NaN), 'The volume is NaN L; allowed is  L.'],
])('%s is refused with quantity, value and bounds', (_, compute, sentence) => {
  expect(compute).toThrow(new RangeError(sentence.replace('allowed is  ', 'allowed is a number of ')));
});
