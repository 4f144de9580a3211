import { parentPort } from 'node:worker_threads';
import { writeCertificate } from '../../formats/certificate';
import { verifyTask, type VerifyTask } from './verifyRows';
import { readFileTask, type ReadFileTask } from './readBuildFile';

interface CertificateTask {
  kind: 'certificate';
  build: Parameters<typeof writeCertificate>[0];
  facts: Parameters<typeof writeCertificate>[1];
}
export type Task = ReadFileTask | CertificateTask | VerifyTask;

async function answer(task: Task): Promise<unknown> {
  switch (task.kind) {
    case 'readBuildFile':
      return readFileTask(task);
    case 'certificate':
      return writeCertificate(task.build, {
        ...task.facts,
        pictures: new Map([...(task.facts.pictures ?? [])].map(([sha256, bytes]) => [sha256, Buffer.from(bytes)])),
      });
    case 'verifyRows':
      return verifyTask(task);
  }
}

parentPort?.on('message', ({ id, task }: { id: number; task: Task }) => {
  answer(task).then(
    (value) => parentPort?.postMessage({ id, value }),
    (error: unknown) => parentPort?.postMessage({ id, error: error instanceof Error ? error.message : String(error) }),
  );
});
