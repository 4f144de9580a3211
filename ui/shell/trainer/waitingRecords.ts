'use client';
import type { TrainerAct } from '../../../core/model/trainer/play';
import { postJson } from '../../sync/postJson';
import { keepDraft, readDraft } from '../../sync/useKeptText';

interface Ended {
  id: string;
  caseId: string;
  seed: number;
  acts: readonly TrainerAct[];
}
const key = 'trainer/waiting';
/** So many ended cases wait on the device at most. */
const waitingMax = 50;
const refusedForGood = [400, 404, 409, 413];
function waiting(): Ended[] {
  try {
    return JSON.parse(readDraft(key) ?? '[]') as Ended[];
  } catch {
    return [];
  }
}
const keep = (all: readonly Ended[]) => keepDraft(key, all.length > 0 ? JSON.stringify(all.slice(-waitingMax)) : null);

/** Sends what was ended; what can’t be sent waits on the device. @returns whether anything went in */
export async function sendWaiting(): Promise<boolean> {
  let sent = false;
  for (const one of waiting()) {
    const answer = await postJson<unknown>('/api/training', one);
    // What can’t be taken would be refused again; all else waits: no way through, signed out, or too much at once.
    if (!answer.ok && !refusedForGood.includes(answer.status ?? 0)) break;
    keep(waiting().filter(({ id }) => id !== one.id));
    sent ||= answer.ok;
  }
  return sent;
}
/** Keeps a case that was ended, on the device first. @returns whether it is kept on the server */
export async function keepEnded(ended: Ended): Promise<boolean> {
  keep([...waiting(), ended]);
  await sendWaiting();
  return !waiting().some(({ id }) => id === ended.id);
}
