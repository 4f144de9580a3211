import { ensurePackages } from './lib/install.mjs';
import { guarded } from './lib/run.mjs';

await guarded(async () => ensurePackages());
