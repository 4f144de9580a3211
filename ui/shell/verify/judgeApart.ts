import { attachmentsOf } from '../../../formats/proof/attachments';
import type { PaperAnswer, PaperAsked } from '../../../workers/paper';

/** What a PDF has attached: by package pdfjs-dist, in a worker of its own. Rejects where it is no PDF. */
async function attachmentsApart(file: Uint8Array): Promise<[string, Uint8Array][]> {
  const reader = await import('pdfjs-dist');
  const worker = new Worker(new URL('../../../workers/pdf.ts', import.meta.url), { type: 'module' });
  reader.GlobalWorkerOptions.workerPort = worker;
  try {
    return [...(await attachmentsOf(reader, file.slice()))];
  } finally {
    worker.terminate();
  }
}

/** Judges a certificate or its code away from the page; nothing of the file leaves this browser. */
export async function judgeApart(asked: { file: File } | { code: string }): Promise<PaperAnswer> {
  let task: PaperAsked;
  if ('code' in asked) task = asked;
  else {
    const file = new Uint8Array(await asked.file.arrayBuffer());
    try {
      task = { file, attachments: await attachmentsApart(file) };
    } catch {
      return { error: 'noPaper' };
    }
  }
  const worker = new Worker(new URL('../../../workers/paper.ts', import.meta.url), { type: 'module' });
  try {
    return await new Promise<PaperAnswer>((resolve) => {
      worker.onmessage = ({ data }: MessageEvent<PaperAnswer>) => resolve(data);
      worker.onerror = () => resolve({ error: 'noPaper' });
      worker.postMessage(task);
    });
  } finally {
    worker.terminate();
  }
}
