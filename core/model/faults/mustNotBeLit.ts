import type { CauseId } from './causes';
import { faultChecks, type FaultCheckId } from './faultNetwork';

/** What poisons or burns whoever lights it to find out. */
export const unsafeCauses: readonly CauseId[] = ['wrongFuel', 'exhaustLeak', 'burnerGasket', 'fuelWeeps', 'drawnBack'];
/** From this chance on that one of them is there, it is not lit. Lorbet’s own choice, no source. */
export const unsafeAt = 0.05;

/** Looks and measurements for which it glows, burns or is started; each thing tried is one besides. */
const started = new Set<FaultCheckId>([
  'pumpClicks',
  'fanTurns',
  'fanSound',
  'smoke',
  'smokeAfter',
  'smokeFrom',
  'noise',
  'gurgles',
  'coolantHum',
  'glowVolts',
  'batteryUnderGlow',
  'redDrop',
  'blackDrop',
  'glowAmps',
  'plugFeed',
  'pumpVolts',
  'hertz',
  'outlet',
  'outletOpenRun',
  'flameShown',
  'exhaustWarm',
  'coInside',
  'coAtOutlet',
  'fanAmps',
  'fanVolts',
]);
/** Whether a check asks to start the heater, or ends in starting it. */
export const lightsIt = (id: FaultCheckId): boolean => faultChecks[id].tries === true || started.has(id);

/** Whether it must not be lit to find out what is wrong. */
export const mustNotBeLit = ({ causes }: { causes: Readonly<Record<CauseId, number>> }): boolean =>
  unsafeCauses.reduce((sum, id) => sum + causes[id], 0) >= unsafeAt;
