import { writeTrainingCsv } from '../../../../formats/trainingCsv';
import { trainingOf } from '../../../../store/training';
import { download } from '../../../lib/answers';
import { route } from '../../../lib/handle';

/** What learners did, as a table to take away. */
export const GET = route('manage', async ({ person }) =>
  download(writeTrainingCsv(await trainingOf(person, true)), 'text/csv; charset=utf-8', 'training.csv'),
);
