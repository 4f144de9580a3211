import { lineMaxBytes } from './deviceLines';

/** Cuts what arrives into lines; one that is too long is dropped whole, and told. */
export class LineCutter {
  #held = '';
  #dropping = false;
  constructor(private readonly max = lineMaxBytes) {}
  /** @returns the lines that are whole now; null stands for one that was too long */
  take(text: string): (string | null)[] {
    const lines: (string | null)[] = [];
    let from = 0;
    for (let end = text.indexOf('\n'); end !== -1; end = text.indexOf('\n', from)) {
      const line = this.#held + text.slice(from, end);
      from = end + 1;
      this.#held = '';
      if (this.#dropping) this.#dropping = false;
      else if (line.length > this.max) lines.push(null);
      else if (line.trim() !== '') lines.push(line.replace(/\r$/, ''));
    }
    if (!this.#dropping) this.#held += text.slice(from);
    if (this.#held.length > this.max) {
      this.#held = '';
      this.#dropping = true;
      lines.push(null);
    }
    return lines;
  }
}
