import { startingHoles } from '../core/model/siting/startingHoles';
import { cardFormat, cardVersion, type CardFigure, type UnitCard } from '../core/build/unit/UnitCard';

const manual = (value: number | string, page: number): CardFigure => ({ value, source: 'manual', where: `p. ${page}` });
const measured = (value: number): CardFigure => ({ value, source: 'measured', where: 'Bram Tully' });

/** A card as this workshop keeps it of the unit in its demo builds. Unit, manual and figures are invented. */
export const demoCard: UnitCard = {
  format: cardFormat,
  version: cardVersion,
  id: '5d0c2a1e-7f41-4b0a-9c35-0b6c5a7dca01',
  name: 'INV-22, invented',
  family: 'air',
  edition: 1,
  note: 'Invented, as all of the demo is: no maker has such a unit.',
  figures: {
    'heater.claimedOutputKw': manual(2.2, 4),
    'heater.supplyV': manual('v12', 4),
    'survey.accessoriesV': manual('v12', 8),
    'heater.strokeVolumeMl': measured(0.022),
    'heater.pumpMinHz': manual(1.2, 9),
    'heater.pumpMaxHz': manual(4.2, 9),
    'heater.startCurrentA': manual(10, 4),
    'heater.startMinutes': manual(2, 11),
    'heater.runCurrentA': manual(1.4, 4),
    'kit.plateOutputKw': { value: 2.2, source: 'plate' },
    'siting.heaterLengthMm': manual(330, 6),
    'siting.heaterWidthMm': manual(130, 6),
    'siting.heaterHeightMm': manual(130, 6),
    'siting.mayLie': manual('side', 6),
    'siting.ductMm': manual(75, 7),
    'warmth.blowerM3H': manual(96, 4),
    'warmth.blowerPa': manual(260, 4),
    'siting.studThread': manual('M6', 6),
    'siting.studLengthMm': manual(40, 6),
    'siting.spigotLengthMm': measured(44),
    'siting.clampWidthMm': measured(12),
    'siting.tapThread': manual('none', 6),
    'line.strokeMs': measured(60),
    'pipes.exhaustBoreMm': manual(24, 7),
    'pipes.intakeBoreMm': manual(25, 7),
    'priming.filterVolumeMl': measured(0.5),
    'priming.primingHz': manual(4, 12),
    'maker.fuseA': manual(15, 5),
    'unit.fanMinRpm': manual(1500, 9),
    'unit.fanMaxRpm': manual(4600, 9),
    'unit.glowColdOhm': measured(0.9),
    'unit.controllerLeadM': manual(2, 8),
  },
  holes: [...startingHoles.separate.holes],
  faults: [
    { code: 'F1', meaning: 'no flame after two tries' },
    { code: 'F2', meaning: 'flame went out' },
    { code: 'F4', meaning: 'low voltage for 20 s' },
    { code: 'F6', meaning: 'too hot at its outlet' },
  ],
  course: [
    { event: 'fan', fromS: 0, toS: 20 },
    { event: 'glow plug on', fromS: 15, toS: 50 },
    { event: 'pump clicks', fromS: 60, toS: 110 },
    { event: 'flame', fromS: 90, toS: 220 },
    { event: 'full output', fromS: 200, toS: 300 },
  ],
};
