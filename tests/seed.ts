import fc from 'fast-check';

/** Generated tests draw the same cases in every run, so that a failure stands still; LORBET_SEED takes others. */
fc.configureGlobal({ seed: Number(process.env.LORBET_SEED ?? 20261125) });
