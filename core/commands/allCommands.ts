import type { CommandDefinition } from './define';
import { assumeCommand } from './kinds/assume';
import { faultCommand } from './kinds/fault';
import { figuresCommand } from './kinds/figures';
import { holdPointCommand } from './kinds/holdPoint';
import { makerCommand } from './kinds/maker';
import { noteCommand } from './kinds/note';
import { packCommand, ruleAnswerCommand } from './kinds/pack';
import { primingCommand } from './kinds/priming';
import { coCommand, coLogCommand, hotCommand, noiseCommand, sightCommand } from './kinds/proof';
import { repairCommand } from './kinds/repair';
import { rowsCommand } from './kinds/rows';
import { signCommand } from './kinds/sign';
import { readingsCommand, startCommand } from './kinds/start';
import { identityCommand, practicesCommand } from './kinds/texts';
import { visitCommand } from './kinds/visit';
import { withdrawCommand } from './kinds/withdraw';
import { unwaiveCommand, waiveCommand } from './kinds/waive';

/** Every kind of command; the ways to change a build are these, and no others. */
const definitions = {
  figures: figuresCommand,
  assume: assumeCommand,
  maker: makerCommand,
  identity: identityCommand,
  practices: practicesCommand,
  rows: rowsCommand,
  note: noteCommand,
  priming: primingCommand,
  start: startCommand,
  readings: readingsCommand,
  co: coCommand,
  hot: hotCommand,
  sight: sightCommand,
  noise: noiseCommand,
  coLog: coLogCommand,
  repair: repairCommand,
  fault: faultCommand,
  pack: packCommand,
  ruleAnswer: ruleAnswerCommand,
  waive: waiveCommand,
  unwaive: unwaiveCommand,
  withdraw: withdrawCommand,
  visit: visitCommand,
  holdPoint: holdPointCommand,
  sign: signCommand,
} as const;
type CommandOf<D> = D extends CommandDefinition<infer C> ? C : never;
export type CommandKind = keyof typeof definitions;
/** Everything that can be done to a build. `reason` is asked for once the build is signed: it is then a correction. */
export type Command = { reason?: string } & CommandOf<(typeof definitions)[CommandKind]>;

export const commandKinds = Object.keys(definitions) as CommandKind[];
export const isCommandKind = (kind: unknown): kind is CommandKind => typeof kind === 'string' && Object.hasOwn(definitions, kind);
/** The definition of a command, for whoever handles all kinds alike. */
export const definitionOf = (kind: CommandKind): CommandDefinition<Command> =>
  definitions[kind] as unknown as CommandDefinition<Command>;
