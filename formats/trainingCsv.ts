import Papa from 'papaparse';
import type { LearnerRecord } from '../core/model/trainer/learner';

const columns = ['person', 'at', 'caseId', 'seed', 'over', 'checks', 'minutes', 'parts', 'dangers', 'wrongly', 'shortestMinutes'] as const; // prettier-ignore
/** What learners did, a line a case: minutes, parts as minutes of their worth, and the minutes of the shortest way. */
export const writeTrainingCsv = (records: readonly (LearnerRecord & { person: string })[]): string =>
  `${Papa.unparse({ fields: [...columns], data: records.map((one) => columns.map((name) => one[name])) }, { newline: '\n', escapeFormulae: true })}\n`;
