import { writeCertificate } from '../../formats/certificate/writeCertificate';
import { trainingTask, type TrainingTask } from './trainingTask';
import { verifyTask, type VerifyTask } from './verifyRows';
import { walkTask, type WalkTask } from './walkTask';
import { readCommandTask, type ReadCommandTask } from './readCommandBody';
import { readFileTask, type ReadFileTask } from './readBuildFile';

interface CertificateTask {
  kind: 'certificate';
  build: Parameters<typeof writeCertificate>[0];
  facts: Parameters<typeof writeCertificate>[1];
}
export type Task = ReadCommandTask | ReadFileTask | CertificateTask | VerifyTask | TrainingTask | WalkTask;

async function answer(task: Task): Promise<unknown> {
  switch (task.kind) {
    case 'readCommand':
      return readCommandTask(task);
    case 'readBuildFile':
      return readFileTask(task);
    case 'certificate':
      return writeCertificate(task.build, {
        ...task.facts,
        pictures: new Map([...(task.facts.pictures ?? [])].map(([sha256, bytes]) => [sha256, Buffer.from(bytes)])),
      });
    case 'training':
      return trainingTask(task);
    case 'walk':
      return walkTask(task);
    case 'verifyRows':
      return verifyTask(task);
  }
}

process.on('message', ({ id, task }: { id: number; task: Task }) => {
  answer(task).then(
    (value) => process.send?.({ id, value }),
    (error: unknown) => process.send?.({ id, error: error instanceof Error ? error.message : String(error) }),
  );
});
