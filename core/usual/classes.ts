import { cardFormat, cardVersion, type CardFigure, type CardKey, type UnitCard } from '../build/unit/UnitCard';
import { startingHoles } from '../model/siting/startingHoles';

const usual = (value: number, low: number, high: number): CardFigure => ({ value, low, high, source: 'assumed' });
const mostly = (value: string, ...among: string[]): CardFigure => ({ value, among: [value, ...among], source: 'assumed' });
const both = {
  'heater.supplyV': mostly('v12', 'v24'),
  'heater.startCurrentA': usual(10, 8, 14),
  'heater.startMinutes': usual(2, 1, 3),
  'siting.mayLie': mostly('flat', 'side'),
  'siting.studThread': mostly('M6', 'M8'),
  'siting.studLengthMm': usual(40, 20, 60),
  'siting.spigotLengthMm': usual(42, 20, 70),
  'siting.clampWidthMm': usual(12, 8, 16),
  'priming.filterVolumeMl': usual(2, 0.3, 20),
  'priming.primingHz': usual(4, 2, 6),
  'pipes.exhaustBoreMm': usual(24, 22, 30),
  'pipes.intakeBoreMm': usual(25, 20, 30),
  'unit.glowColdOhm': usual(0.9, 0.5, 1.5),
  'unit.controllerLeadM': usual(2, 1, 5),
} satisfies { [K in CardKey]?: CardFigure };

/** The start as it is usually met, in seconds after the button. */
const course = [
  { event: 'fan', fromS: 0, toS: 30 },
  { event: 'glow plug on', fromS: 15, toS: 60 },
  { event: 'pump clicks', fromS: 60, toS: 120 },
  { event: 'flame', fromS: 90, toS: 240 },
  { event: 'full output', fromS: 180, toS: 300 },
];
const card = (n: number, name: string, family: UnitCard['family'], figures: UnitCard['figures']): UnitCard => ({
  format: cardFormat,
  version: cardVersion,
  id: `5d0c2a1e-7f41-4b0a-9c35-0b6c5a7dc0${String(n).padStart(2, '0')}`,
  name,
  family,
  edition: 1,
  note: 'Usual figures of its class: common practice, no source. Every one is assumed; the unit in hand goes before it.',
  figures: { ...both, ...figures },
  holes: family === 'air' ? [...startingHoles.separate.holes] : [],
  faults: [],
  course: [...course],
});

/** Classes of heaters without a name, with the figures that are usual for each. No figure of any maker stands here. */
export const classCards: readonly UnitCard[] = [
  card(1, 'air heater, 2 kW class', 'air', {
    'heater.claimedOutputKw': usual(2, 1.8, 2.5),
    'heater.strokeVolumeMl': usual(0.022, 0.018, 0.028),
    'heater.pumpMinHz': usual(1.2, 0.8, 1.8),
    'heater.pumpMaxHz': usual(4.2, 3.5, 5),
    'heater.runCurrentA': usual(1.4, 0.8, 2.2),
    'kit.plateOutputKw': usual(2, 1.8, 2.5),
    'siting.heaterLengthMm': usual(330, 290, 380),
    'siting.heaterWidthMm': usual(130, 110, 150),
    'siting.heaterHeightMm': usual(130, 110, 150),
    'siting.ductMm': usual(75, 60, 75),
    'unit.fanMinRpm': usual(1500, 1000, 2200),
    'unit.fanMaxRpm': usual(4500, 3800, 5200),
    'unit.massKg': usual(2.7, 2.2, 3.5),
  }),
  card(2, 'air heater, 4 to 5 kW class', 'air', {
    'heater.claimedOutputKw': usual(5, 3.8, 5.5),
    'heater.strokeVolumeMl': usual(0.028, 0.02, 0.036),
    'heater.pumpMinHz': usual(1.4, 1, 2),
    'heater.pumpMaxHz': usual(5.4, 4.5, 6),
    'heater.runCurrentA': usual(1.8, 1, 3),
    'kit.plateOutputKw': usual(4.5, 2, 5.5),
    'siting.heaterLengthMm': usual(390, 330, 430),
    'siting.heaterWidthMm': usual(145, 130, 165),
    'siting.heaterHeightMm': usual(145, 130, 165),
    'siting.ductMm': usual(75, 60, 90),
    'unit.fanMinRpm': usual(1400, 1000, 2200),
    'unit.fanMaxRpm': usual(4800, 4000, 5500),
    'unit.massKg': usual(4.5, 3.8, 5.5),
  }),
  card(3, 'air heater, 8 kW class', 'air', {
    'heater.claimedOutputKw': usual(8, 5, 8),
    'heater.strokeVolumeMl': usual(0.032, 0.022, 0.06),
    'heater.pumpMinHz': usual(1.6, 1, 2.2),
    'heater.pumpMaxHz': usual(5.6, 4.5, 7),
    'heater.runCurrentA': usual(2.5, 1.4, 4),
    'kit.plateOutputKw': usual(5, 4.5, 8),
    'siting.heaterLengthMm': usual(400, 370, 470),
    'siting.heaterWidthMm': usual(155, 135, 190),
    'siting.heaterHeightMm': usual(160, 140, 190),
    'siting.ductMm': usual(90, 75, 100),
    'unit.fanMinRpm': usual(1400, 1000, 2200),
    'unit.fanMaxRpm': usual(5000, 4000, 6000),
    'unit.massKg': usual(6, 4.5, 9),
  }),
  card(4, 'coolant heater, 5 kW class', 'coolant', {
    'heater.claimedOutputKw': usual(5, 4.5, 5.5),
    'heater.strokeVolumeMl': usual(0.032, 0.022, 0.06),
    'heater.pumpMinHz': usual(1.6, 1, 2.5),
    'heater.pumpMaxHz': usual(4.8, 3.5, 6),
    'heater.runCurrentA': usual(2.5, 1.5, 4),
    'kit.plateOutputKw': usual(5, 4.5, 5.5),
    'siting.heaterLengthMm': usual(230, 200, 300),
    'siting.heaterWidthMm': usual(110, 90, 140),
    'siting.heaterHeightMm': usual(170, 140, 210),
    'siting.ductMm': usual(20, 20, 20),
    'unit.massKg': usual(3, 2.2, 4.5),
  }),
];
