import { stageIds, type StageId } from '../../core/build/stages';

/** The upper row of a keyboard from the left, a key for each stage. */
const row = '1234567890-=';
/** The key of a stage. */
export const keyOfStage = (i: number): string => row[i] ?? '';
/** The stage of a key; undefined for any other key. */
export const stageOfKey = (key: string): StageId | undefined =>
  key.length === 1 && row.includes(key) ? stageIds[row.indexOf(key)] : undefined;
