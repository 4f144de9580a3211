import { hashOf } from './run.mjs';

/** Where the script that listens stands under the built files: its name holds what it is made of, so that none is kept too long. */
export const earFile = () =>
  `ear/ear-${hashOf(['core/physics/sound', 'core/physics/within.ts', 'workers/earWorklet.ts']).slice(0, 16)}.js`;
