import fc from 'fast-check';

/** Generated tests draw the same cases in every run, so that a failure stands still; LORBET_SEED takes others. */
export const firstSeed = Number(process.env.LORBET_SEED ?? 20261125);
fc.configureGlobal({ seed: firstSeed });

/** How often a long property runs: a sample by default, whole with LORBET_WHOLE=1. */
export const sampleOf = (whole: number, sample: number): number => (process.env.LORBET_WHOLE === '1' ? whole : sample);
