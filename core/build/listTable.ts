import { airLists } from './listTables/air';
import { controllerLists } from './listTables/controller';
import { kitLists } from './listTables/kit';
import { lineLists } from './listTables/line';
import { signoffLists } from './listTables/signoff';
import { sitingLists } from './listTables/siting';
import { surveyLists } from './listTables/survey';
import { tankLists } from './listTables/tank';
import { ventLists } from './listTables/vents';
import { warmthLists } from './listTables/warmth';
import { wiringLists } from './listTables/wiring';

/**
 * Every list of a build: what its rows hold, with unit and bounds. Types, validation, tables on screen, CSV and the documents are made from this.
 * A row holds only what is known; what is missing is missing.
 */
export const lists = {
  ...surveyLists,
  ...kitLists,
  ...sitingLists,
  ...lineLists,
  ...airLists,
  ...warmthLists,
  ...wiringLists,
  ...controllerLists,
  ...tankLists,
  ...ventLists,
  ...signoffLists,
} as const;
