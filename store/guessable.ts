import type { ZxcvbnFactory } from '@zxcvbn-ts/core';

/** Guessed within so many tries (10 to this power) it is no password: lists of common ones, names, rows of keys. Source of the scale: package @zxcvbn-ts/core. */
const leastGuesses10 = 6;
/** More of a password is not looked at: each letter costs time. */
const lookedAt = 64;
const shared = globalThis as typeof globalThis & { lorbetGuesser?: Promise<ZxcvbnFactory> };

/** Its lists are large: they are read when the first password is chosen. */
async function guesser(): Promise<ZxcvbnFactory> {
  const [{ ZxcvbnFactory }, { dictionary, adjacencyGraphs }] = await Promise.all([
    import('@zxcvbn-ts/core'),
    import('@zxcvbn-ts/language-common'),
  ]);
  return new ZxcvbnFactory({ dictionary, graphs: adjacencyGraphs });
}

/**
 * Whether whoever knows the usual lists, and the person's own names, finds a password soon.
 * @param names of the person and the workshop
 * @returns a sentence that does not repeat the password; null where it is good
 */
export async function guessable(password: string, names: readonly string[]): Promise<string | null> {
  shared.lorbetGuesser ??= guesser();
  const parts = names.flatMap((name) => [name, ...name.split(/[^\p{L}]+/u)]).filter((part) => part.length > 2);
  const { guessesLog10 } = (await shared.lorbetGuesser).check(password.slice(0, lookedAt), parts);
  return guessesLog10 < leastGuesses10
    ? 'Password is among those that are guessed first (a common one, a name, a row of keys); three or four words that don’t belong together are a good one.'
    : null;
}
