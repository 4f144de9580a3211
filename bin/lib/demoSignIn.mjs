import { readFileSync } from 'node:fs';
import path from 'node:path';
import { root } from './run.mjs';

/** The demo's people and their password, which is no secret: it opens invented data on a loopback address. */
export const demoSignIn = JSON.parse(readFileSync(path.join(root, 'demo/people.json'), 'utf8'));
