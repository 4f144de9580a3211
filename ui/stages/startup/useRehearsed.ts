'use client';
import { rehearsed, type Rehearsed } from '../../../core/drawing/start/rehearsed';
import { useWorker } from '../../components/useWorker';
import { useWorkspace } from '../../sync/useWorkspace';

const makeWorker = () => new Worker(new URL('../../../workers/rehearsed.ts', import.meta.url), { type: 'module' });
const onPage = (build: Parameters<typeof rehearsed>[0]) => Promise.resolve(rehearsed(build));
/** A build is told without its own starts: they change nothing of what is expected. */
const waitMs = 300;

/** What a start of the open build should show; null while it is worked out. */
export function useRehearsed(): { answer: Rehearsed | null; failed: boolean } {
  const { settled } = useWorkspace('settled');
  return useWorker(makeWorker, onPage, { ...settled, starts: [], waivers: [], signatures: [] }, waitMs);
}
