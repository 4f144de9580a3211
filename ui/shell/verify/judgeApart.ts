import type { PaperAnswer, PaperAsked } from '../../../workers/paper';
import { attachmentsOf } from '../../../formats/proof/attachments';

/** What takes PDFs apart and what judges, each in a worker of its own, fetched before they are needed. */
function begin() {
  return {
    reader: import('pdfjs-dist'),
    pdf: new Worker(new URL('../../../workers/pdf.ts', import.meta.url), { type: 'module' }),
    judge: new Worker(new URL('../../../workers/paper.ts', import.meta.url), { type: 'module' }),
  };
}
let standing: ReturnType<typeof begin> | null = null;
/** Fetches what judges, so that whoever then chooses a file does not wait for it. */
export function standBy(): void {
  standing ??= begin();
}

/** Judges a certificate or its code away from the page; nothing of the file leaves this browser. */
export async function judgeApart(asked: { file: File } | { code: string }): Promise<PaperAnswer> {
  const { reader, pdf, judge } = standing ?? begin();
  standing = null;
  try {
    let task: PaperAsked;
    if ('code' in asked) task = asked;
    else {
      const file = new Uint8Array(await asked.file.arrayBuffer());
      const library = await reader;
      library.GlobalWorkerOptions.workerPort = pdf;
      // The reader takes the bytes for itself.
      task = { file, attachments: [...(await attachmentsOf(library, file.slice()))] };
    }
    return await new Promise<PaperAnswer>((resolve) => {
      judge.onmessage = ({ data }: MessageEvent<PaperAnswer>) => resolve(data);
      judge.onerror = () => resolve({ error: 'noPaper' });
      judge.postMessage(task);
    });
  } catch {
    return { error: 'noPaper' };
  } finally {
    pdf.terminate();
    judge.terminate();
    standBy();
  }
}
