import { airChecks } from './air/air';
import { airFlowChecks } from './air/airFlow';
import { exhaustEndChecks } from './air/exhaustEnds';
import { exhaustHeatChecks } from './air/exhaustHeat';
import { exhaustHeldChecks } from './air/exhaustHeld';
import { exhaustWayChecks } from './air/exhaustWay';
import type { Check } from './Check';
import { controllerAirChecks } from './controller/air';
import { controllerSetChecks } from './controller/set';
import { controllerUsedChecks } from './controller/used';
import { figuresChecks } from './fuel/figures';
import { fuelChecks } from './fuel/fuel';
import { headChecks } from './fuel/head';
import { lineChecks } from './fuel/line';
import { pickupChecks } from './fuel/pickup';
import { pumpChecks } from './fuel/pump';
import { routeChecks } from './fuel/route';
import { sourceChecks } from './fuel/source';
import { tankChecks } from './fuel/tank';
import { kitChecks } from './kit/kit';
import { primingChecks } from './priming/priming';
import { primeChecks } from './priming/pump';
import { coChecks } from './proving/co';
import { coNightChecks } from './proving/coNight';
import { exhaustLeakChecks } from './proving/exhaustLeak';
import { leakChecks } from './proving/leak';
import { ventChecks } from './proving/vents';
import { handoverChecks } from './signoff/handover';
import { evidenceChecks } from './signoff/evidenceChecks';
import { serviceChecks } from './signoff/service';
import { signoffChecks } from './signoff/signoff';
import { assemblyChecks } from './siting/assembly';
import { placeChecks } from './siting/place';
import { stackChecks } from './siting/stack';
import { courseChecks } from './startup/course';
import { hotSpotChecks } from './startup/hotSpots';
import { noiseChecks } from './startup/noise';
import { faultRecordChecks } from './faults/fault';
import { sightChecks } from './startup/sights';
import { startChecks } from './startup/start';
import { sizeChecks } from './survey/size';
import { surveyChecks } from './survey/survey';
import { coolantChecks } from './warmth/coolant';
import { ductChecks } from './warmth/ducts';
import { fuseChecks } from './wiring/fuse';
import { batteryChecks } from './wiring/battery';
import { loomChecks } from './wiring/loom';
import { wiringChecks } from './wiring/wiring';

/** Every check but those of the sign-off, in the order in which their findings stand beside each other. */
export const stageChecks: readonly Check[] = [
  ...sizeChecks,
  ...surveyChecks,
  ...kitChecks,
  ...placeChecks,
  ...stackChecks,
  ...assemblyChecks,
  ...sourceChecks,
  ...pickupChecks,
  ...tankChecks,
  ...lineChecks,
  ...routeChecks,
  ...pumpChecks,
  ...headChecks,
  ...fuelChecks,
  ...figuresChecks,
  ...airChecks,
  ...airFlowChecks,
  ...exhaustEndChecks,
  ...exhaustWayChecks,
  ...exhaustHeldChecks,
  ...exhaustHeatChecks,
  ...ductChecks,
  ...coolantChecks,
  ...wiringChecks,
  ...batteryChecks,
  ...fuseChecks,
  ...loomChecks,
  ...primingChecks,
  ...primeChecks,
  ...controllerSetChecks,
  ...controllerAirChecks,
  ...controllerUsedChecks,
  ...startChecks,
  ...courseChecks,
  ...sightChecks,
  ...faultRecordChecks,
  ...hotSpotChecks,
  ...noiseChecks,
  ...ventChecks,
  ...coChecks,
  ...coNightChecks,
  ...leakChecks,
  ...exhaustLeakChecks,
  ...handoverChecks,
];
/** Checked over all other findings. */
export const lastChecks: readonly Check[] = [...serviceChecks, ...evidenceChecks, ...signoffChecks];
export const checks: readonly Check[] = [...stageChecks, ...lastChecks];

const byId = new Map(checks.map((check) => [check.id, check]));
export const checkAt = (id: string): Check | undefined => byId.get(id);
/** Whether a finding is cleared by a recorded repair and a new proof. */
export const isAnswered = (id: string): boolean => checkAt(id)?.answered === true;
