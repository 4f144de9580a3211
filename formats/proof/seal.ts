/** How the line behind a PDF's end begins; readers of PDF skip it, since it is a comment. */
const opening = '%lorbet-seal1.';
const pattern = /\n%lorbet-seal1\.([A-Za-z0-9_-]{86})\n$/;
const sealBytes = opening.length + 86 + 2;

/** Puts a seal behind a file. */
export const withSeal = (file: Uint8Array, signature: string): Uint8Array<ArrayBuffer> => {
  const line = new TextEncoder().encode(`\n${opening}${signature}\n`);
  const sealed = new Uint8Array(file.length + line.length);
  sealed.set(file);
  sealed.set(line, file.length);
  return sealed;
};

/** Parts a file and the seal behind it; null where there is none. */
export function partSeal(file: Uint8Array): { sealed: Uint8Array; seal: string | null } {
  const tail = new TextDecoder('latin1').decode(file.subarray(Math.max(0, file.length - sealBytes)));
  const found = pattern.exec(tail);
  return found ? { sealed: file.subarray(0, file.length - sealBytes), seal: found[1] ?? null } : { sealed: file, seal: null };
}
