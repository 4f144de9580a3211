import { later } from './later';

/** Dialogs, fetched when they are opened. */
export const ReleaseDialog = later(() => import('./ReleaseDialog').then((m) => m.ReleaseDialog));
export const RepairDialog = later(() => import('./findings/RepairDialog').then((m) => m.RepairDialog));
export const LevelScreen = later(() => import('./level/LevelScreen').then((m) => m.LevelScreen));
export const LieScreen = later(() => import('./level/LieScreen').then((m) => m.LieScreen));
export const CodeScreen = later(() => import('./eye/CodeScreen').then((m) => m.CodeScreen));
