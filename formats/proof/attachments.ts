/** The part of package pdfjs-dist that is needed here: in the browser and in Node it comes in two builds. */
export interface PdfReader {
  getDocument: (asked: { data: Uint8Array; verbosity: number; isEvalSupported: boolean }) => {
    promise: Promise<{ getAttachments: () => Promise<unknown> }>;
    destroy: () => Promise<void>;
  };
}

/** What a PDF has attached, by name. Rejects where the bytes are no PDF; they are the reader's from then on. */
export async function attachmentsOf({ getDocument }: PdfReader, data: Uint8Array): Promise<ReadonlyMap<string, Uint8Array>> {
  const task = getDocument({ data, verbosity: 0, isEvalSupported: false });
  try {
    const found = (await (await task.promise).getAttachments()) as Record<string, { content: Uint8Array }> | null;
    return new Map(Object.entries(found ?? {}).map(([name, { content }]) => [name, content]));
  } finally {
    await task.destroy();
  }
}
