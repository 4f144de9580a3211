/** A signature is drawn in a box of this size; nothing of it may leave it. */
export const signatureBox = { width: 600, height: 200 } as const;
/** The least ink of a signature, in units of the box: less is a slip of the finger. Lorbet's own choice, no source. */
export const minInk = 60;

const commands = { M: 2, L: 2, Q: 4, C: 6 } as const;
const token = /[MLQC]|-?\d+(?:\.\d+)?/g;

/**
 * Why a drawn signature can't stand, as the end of a sentence; null where it can.
 * Strokes are absolute M, L, Q and C, each with its own count of numbers, every point within the box, with ink enough to see.
 * @param drawn an SVG path
 * @example strokesProblem('M10 10 L90 90') // null
 */
export function strokesProblem(drawn: string): string | null {
  if (!/^[MLQC0-9., -]*$/.test(drawn)) return 'holds something else than the strokes M, L, C and Q';
  const words = drawn.match(token) ?? [];
  // Whatever is no command, number or mark between them is left over.
  if (drawn.replace(token, '').replace(/[ ,]/g, '') !== '') return 'holds a number that can’t be read';
  if (words[0] !== 'M') return 'does not begin with M; a stroke begins where the pen is set down';
  let ink = 0;
  let pen = { x: 0, y: 0 };
  for (let i = 0; i < words.length;) {
    const command = words[i] as keyof typeof commands;
    const takes = commands[command];
    if (takes === undefined) return `has ${words[i]} where one of M, L, C and Q is wanted`;
    const numbers = words.slice(i + 1, i + 1 + takes).map(Number);
    if (numbers.length < takes || numbers.some(Number.isNaN)) return `has a ${command} with fewer than ${takes} numbers`;
    for (let k = 0; k < takes; k += 2) {
      const [x = 0, y = 0] = [numbers[k], numbers[k + 1]];
      if (x < 0 || y < 0 || x > signatureBox.width || y > signatureBox.height)
        return `leaves its box at ${x}, ${y}; allowed is 0 to ${signatureBox.width} and 0 to ${signatureBox.height}`;
      // The way over its handles is never shorter than the curve; for a least of ink that does.
      if (command !== 'M') ink += Math.hypot(x - pen.x, y - pen.y);
      pen = { x, y };
    }
    i += 1 + takes;
  }
  return ink < minInk ? `has too little ink (${Math.round(ink)}); sign over at least a tenth of the box` : null;
}
