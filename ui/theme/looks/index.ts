import { day, night, type Token } from '../../../core/drawing/tokens';
import { bay } from './bay';
import { controller } from './controller';
import { ducts, loop } from './ducts';
import { faults } from './faults';
import { figures } from './figures';
import { findings } from './findings';
import { floor } from './floor';
import { ledger } from './ledger';
import { lists } from './lists';
import { loom } from './loom';
import { measure } from './measure';
import { outside } from './outside';
import { page } from './page';
import { priming } from './priming';
import { proof } from './proof';
import { rehearsal } from './rehearsal';
import { rules } from './rules';
import { run } from './run';
import { siting } from './siting';
import { start } from './start';
import { vents } from './vents';
import { workspace } from './workspace';

const colours = (tokens: Readonly<Record<Token, string>>): string =>
  Object.entries(tokens)
    .map(([name, colour]) => `--${name}: ${colour};`)
    .join(' ');

/** Every look that is not a component's own: drawing office by day, lamp-lit bench by night. Colour says what flows; shape and word say how bad. */
export const looks = [
  `:root { ${colours(day)} color-scheme: light; }`,
  `[data-theme='dark'] { ${colours(night)} color-scheme: dark; }`,
  page,
  bay,
  workspace,
  figures,
  findings,
  ledger,
  lists,
  measure,
  siting,
  start,
  run,
  floor,
  outside,
  ducts,
  loop,
  loom,
  controller,
  priming,
  faults,
  proof,
  rehearsal,
  rules,
  vents,
].join('\n');
