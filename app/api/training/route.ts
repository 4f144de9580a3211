import { NextResponse } from 'next/server';
import type { LearnerRecord } from '../../../core/model/trainer/learner';
import { readActs } from '../../../core/model/trainer/play';
import { roleMay } from '../../../core/people/roles';
import { caseOf, keepTraining, ownCases, trainingOf } from '../../../store/training';
import { isUuid, readBody, refused } from '../../lib/answers';
import { route } from '../../lib/handle';
import { offLoop } from '../../lib/offLoop';
import { signedOf } from '../../lib/signed';

/** Cases of the workshop’s own, and what was done: one’s own, and for a lead everybody’s. */
export const GET = route('look', async ({ person }) => {
  const [cases, records] = await Promise.all([ownCases(person), trainingOf(person, roleMay(person.role, 'manage'))]);
  return NextResponse.json({ ...signedOf(person), cases, records });
});

/** Keeps a case that was ended: what it took is worked out here from what was done. */
export const POST = route(
  'look',
  async ({ request, person }) => {
    const body = await readBody(request, 40_000);
    if (!body.ok) return body.response;
    const { id, caseId, seed, acts } = body.value;
    if (typeof id !== 'string' || !isUuid(id)) return refused(400, 'id is no UUID in small letters.');
    if (typeof caseId !== 'string' || caseId.length > 60) return refused(400, 'caseId is no name of a case.');
    if (typeof seed !== 'number' || !Number.isInteger(seed) || seed < 1 || seed > 1_000_000)
      return refused(400, 'seed must be a whole number from 1 to 1000000.');
    const read = readActs(acts);
    if (!read.ok) return refused(400, ...read.errors);
    const of = await caseOf(person, caseId);
    if (!of) return refused(404, `There is no case ${caseId} in this workshop.`);
    const record = await offLoop<Omit<LearnerRecord, 'at'>>({ kind: 'training', of, seed, acts: read.value });
    if (!(await keepTraining(person, id, record, read.value))) return refused(409, 'id is that of a case somebody else ended.');
    return NextResponse.json({ record });
  },
  { limit: 'training' },
);
