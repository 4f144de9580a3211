import { ValidationError } from 'yup';
import type { Build, Repair } from '../build/Build';
import type { Part } from '../build/field';
import { valueSchema } from '../build/buildSchema';
import { emptySheets } from '../build/emptyBuild';
import { readBuild, validate } from '../build/readBuild';
import { rowsOf, type CellValue } from '../build/lists';
import { fieldAt, figureAt, isFigurePath, type FigurePath, type SheetId, type SheetValues } from '../build/sheets';
import { assess, checks } from '../checks/assess';
import { holdPointSteps, type Level } from '../checks/Finding';
import { holdPointState } from '../checks/holdPointState';
import { signState } from '../checks/progress';
import { whatStands } from '../checks/signoffCalls';
import { unmeasuredFigures } from '../model/unmeasuredFigures';
import { buildHash } from '../record/sha256Hex';
import { originKey, type Origin } from '../ledger/origins';
import { roleMay, type Role } from '../people/roles';
import { isWet } from '../model/fuel/leakDue';
import { limits, makerBounds } from '../practices/limits';
import { defaultPractices, practices } from '../practices/practices';
import { fittedStarts } from '../model/startup/fittedStarts';
import { startFacts } from '../build/startFacts';
import { splitLog } from '../build/startLog';
import { changeRows, rowNames } from './changeRows';
import { commandRules, identityLabels, type Change, type Command, type CommandKind, type TextChange } from './Command';

export interface Author {
  name: string;
  role: Role;
  at: string;
}
/** One value that somebody else has changed since this person saw it. */
export interface Clash {
  /** As in `Origins`: figure and slot, or particular, maker's figure, school. */
  key: string;
  label: string;
  theirs: number | string | null;
  yours: number | string | null;
  /** Theirs as it is kept, of a cell that is shown in words. */
  held?: CellValue | null;
  /** Who put theirs in, and when; added where the ledger is at hand. */
  from?: Origin;
}
/** What a change did to the calls; kept with the ledger row. */
export interface FindingChange {
  id: string;
  from: Level | null;
  to: Level;
  message: string;
  /** The rules in force when it was judged. */
  rules: { key: string; value: number; origin: string }[];
}

export type Applied =
  | {
      ok: true;
      build: Build;
      kind: CommandKind;
      body: Record<string, unknown>;
      findings: FindingChange[];
      /** A start's log that is to be kept beside the build, by its fingerprint. */ log?: { sha256: string; text: string };
    }
  | { ok: false; why: 'invalid' | 'forbidden' | 'locked' | 'standing'; errors: string[] }
  | { ok: false; why: 'clash'; errors: string[]; clashes: Clash[] };

const refuse = (why: 'invalid' | 'forbidden' | 'locked' | 'standing', ...errors: string[]): Applied => ({
  ok: false,
  why,
  errors,
});
const shown = (value: unknown) =>
  value === null ? 'empty' : typeof value === 'string' ? value : (JSON.stringify(value) ?? typeof value).slice(0, 60);

/** Reads a command from anything that came over the wire. */
export function readCommand(value: unknown): { ok: true; command: Command } | { ok: false; errors: string[] } {
  const kind = typeof value === 'object' && value !== null && 'kind' in value ? value.kind : undefined;
  const rule = typeof kind === 'string' && Object.hasOwn(commandRules, kind) ? commandRules[kind as CommandKind] : undefined;
  if (!rule) return { ok: false, errors: [`kind is ${shown(kind)}; allowed is one of ${Object.keys(commandRules).join(', ')}.`] };
  const read = validate<Command>(rule.schema, value);
  return read.ok ? { ok: true, command: read.value } : read;
}

/**
 * Carries a command out on a build, without touching the build given.
 * The same function runs in the browser (to show the outcome at once) and on the server (where it counts).
 * @returns the new build with what the ledger keeps of it, or why not; then nothing has changed
 */
export function applyCommand(build: Build, command: Command, author: Author): Applied {
  if (!roleMay(author.role, commandRules[command.kind].permission))
    return refuse('forbidden', `${author.name} signs in as ${author.role}; this is not for that role.`);
  const signed = build.signatures.length > 0;
  if (signed && !['note', 'sign', 'waive', 'unwaive'].includes(command.kind) && !command.reason) {
    return refuse('locked', 'This build is signed and locked; a correction needs a reason of 10 characters or more.');
  }
  const step = carryOut(build, command, author);
  if (!step.ok) return step;
  const after = noteWork(build, step.build, workedParts(build, command), author.at);
  const read = readBuild(after);
  if (!read.ok) return refuse('invalid', ...read.errors);
  const body = command.reason ? { ...step.body, reason: command.reason } : step.body;
  const log = step.log ? { log: step.log } : {};
  return { ok: true, build: after, kind: command.kind, body, findings: changedFindings(build, after), ...log };
}

/** Parts at which a command changes what stands there: an as-fitted figure of air, exhaust or fuel that was known already, the line's stretches, a repair. */
function workedParts(build: Build, command: Command): Part[] {
  switch (command.kind) {
    case 'figures':
      return command.changes
        .filter(
          ({ path, slot, from, to }) => slot === 'fitted' && from !== null && from !== to && /^(air|fuel|line)\./.test(path),
        )
        .map(({ path }) => fieldAt(path).part);
    case 'rows':
      return command.changes.some((c) => c.list === 'segments' && !(c.action === 'set' && c.column === 'name')) ? ['line'] : [];
    case 'repair': {
      const check = checks.find(({ id }) => id === command.repair.checkId);
      return check ? [check.part] : [];
    }
    default:
      return [];
  }
}

/** Notes when a part was last worked on, once the heater has been lit: before that there is no proof that could go stale. */
function noteWork(before: Build, after: Build, parts: readonly Part[], at: string): Build {
  if (parts.length === 0 || before === after || fittedStarts(before).length === 0) return after;
  return { ...after, worked: { ...after.worked, ...Object.fromEntries(parts.map((part) => [part, at])) } };
}

type Step =
  | { ok: true; build: Build; body: Record<string, unknown>; log?: { sha256: string; text: string } }
  | Extract<Applied, { ok: false }>;

function carryOut(build: Build, command: Command, author: Author): Step {
  const stamp = { at: author.at, by: author.name };
  switch (command.kind) {
    case 'figures':
      return changeFigures(build, command.changes);
    case 'maker': {
      const maker: Record<string, number> = { ...build.maker };
      const clashes: Clash[] = [];
      for (const { key, from, to } of command.changes) {
        const bounds = Object.hasOwn(limits, key) ? makerBounds(key) : null;
        if (!bounds) return refuse('invalid', `${key} is no figure that a maker gives.`);
        if (to !== null && !(to >= bounds.min && to <= bounds.max))
          return refuse(
            'invalid',
            `${limits[key].label} is ${shown(to)}; allowed is ${bounds.min} to ${bounds.max} ${limits[key].unit}.`,
          );
        const now = maker[key] ?? null;
        if (now !== from && now !== to)
          clashes.push({ key: originKey.maker(key), label: limits[key].label, theirs: now, yours: to });
        if (to === null) delete maker[key];
        else maker[key] = to;
      }
      return clashes.length > 0 ? clash(clashes) : { ok: true, build: { ...build, maker }, body: { changes: command.changes } };
    }
    case 'identity':
      return changeTexts(build, 'identity', command.changes, (key) => identityLabels[key]);
    case 'practices':
      return changeTexts(build, 'practices', command.changes, (key) => practices[key].label);
    case 'rows': {
      const changed = changeRows(build, command.changes);
      if (changed.ok)
        return { ok: true, build: changed.build, body: { changes: command.changes, names: rowNames(build, command.changes) } };
      return changed.errors.length > 0 ? refuse('invalid', ...changed.errors) : clash(changed.clashes);
    }
    case 'note':
      return { ok: true, build, body: { text: command.text } };
    case 'priming':
      return {
        ok: true,
        build: { ...build, primingRuns: [...build.primingRuns, { ...command.run, ...stamp }] },
        body: { run: command.run },
      };
    case 'start': {
      if (build.starts.some((run) => run.id === command.id)) return refuse('invalid', 'id is that of a start already kept.');
      // What was lit elsewhere may be written down; nobody is helped to light what must not be lit.
      // A dry run on the bench comes before the first hole: only what stands at that gate keeps it from being lit.
      const release = command.dryRun ? 'cutting' : 'fire';
      const { stops } = command.source === 'live' ? holdPointState(build, assess(build), release) : { stops: [] };
      if (stops.length > 0) return refuse('standing', ...stops.map((c) => `It must not be lit. ${c.id}: ${c.message}`));
      const { id, events, readings, source, dryRun } = command;
      const where = dryRun ? { dryRun } : {};
      const began = beganAt(command, author);
      if (began === null) return refuse('invalid', `beganAt is ${command.beganAt}; a log can’t have begun later than now.`);
      const { run, log } = splitLog({ id, at: began, by: author.name, events, readings, ...where });
      return {
        ok: true,
        build: { ...build, starts: [...build.starts, run] },
        body: {
          id,
          source,
          ...where,
          events: events.length,
          readings: readings.length,
          ...(run.log ? { log: run.log.sha256 } : {}),
        },
        ...(run.log && log !== null ? { log: { sha256: run.log.sha256, text: log } } : {}),
      };
    }
    case 'readings': {
      const run = build.starts.find((r) => r.id === command.startId);
      if (!run) return refuse('invalid', `startId ${command.startId} is no start of this build.`);
      if (run.log) return refuse('invalid', 'This start came as a whole log; what is read now belongs to a new start.');
      const grown = { ...run, events: [...run.events, ...command.events], readings: [...run.readings, ...command.readings] };
      return {
        ok: true,
        build: { ...build, starts: build.starts.map((r) => (r === run ? grown : r)) },
        body: { startId: run.id, events: command.events, readings: command.readings },
      };
    }
    case 'co':
      return {
        ok: true,
        build: { ...build, coReadings: [...build.coReadings, { ...command.reading, ...stamp }] },
        body: { reading: command.reading },
      };
    case 'hot': {
      const { look, readAt = author.at } = command;
      if (Date.parse(readAt) > Date.parse(author.at))
        return refuse('invalid', `readAt is ${readAt}; a surface can’t have been read later than now.`);
      return {
        ok: true,
        build: { ...build, hotLooks: [...(build.hotLooks ?? []), { ...look, at: readAt, by: author.name }] },
        body: { look, readAt },
      };
    }
    case 'repair':
      return repair(build, command.repair, author);
    case 'waive': {
      const finding = assess(build).find((c) => c.id === command.checkId);
      if (!finding) return refuse('invalid', `checkId ${command.checkId} is no check on this build.`);
      if (finding.level === 'stop')
        return refuse('standing', `${finding.id} is at stop; a stop can’t be waived, it has to be mended.`);
      if (finding.level !== 'fix' || finding.stage === 'signoff')
        return refuse('standing', `${finding.id} is at ${finding.level}; only a finding at “put right” can be waived.`);
      if (finding.message !== command.message)
        return refuse('standing', `${finding.id} says something else now: ${finding.message}`);
      const waiver = { checkId: finding.id, message: finding.message, reason: command.why, by: author.name, at: author.at };
      return {
        ok: true,
        build: { ...build, waivers: [...build.waivers.filter((w) => w.checkId !== finding.id), waiver] },
        body: { ...waiver },
      };
    }
    case 'unwaive': {
      if (!build.waivers.some((w) => w.checkId === command.checkId))
        return refuse('invalid', `checkId ${command.checkId} has no waiver.`);
      return {
        ok: true,
        build: { ...build, waivers: build.waivers.filter((w) => w.checkId !== command.checkId) },
        body: { checkId: command.checkId },
      };
    }
    case 'holdPoint':
      return releaseHoldPoint(build, command, author);
    case 'sign':
      return sign(build, command, author);
  }
}

/** When a log began: as it was told; else it ended when it was brought in, which is the likeliest. Null where that lies ahead. */
function beganAt(
  { source, beganAt: told, events, readings }: Extract<Command, { kind: 'start' }>,
  { at }: Author,
): string | null {
  if (told !== undefined) return Date.parse(told) <= Date.parse(at) ? told : null;
  return source === 'live' ? at : new Date(Date.parse(at) - startFacts({ events, readings }).lastS * 1000).toISOString();
}

/** Keeps cause and repair of a finding that only a new proof can clear. What was found stays in the record; looks at a joint begin anew. */
function repair(build: Build, told: Omit<Repair, 'at' | 'by' | 'found'>, author: Author): Step {
  const check = checks.find(({ id }) => id === told.checkId);
  const finding = assess(build).find(({ id }) => id === told.checkId);
  if (!check || !finding) return refuse('invalid', `checkId ${told.checkId} is no check on this build.`);
  if (!check.answered)
    return refuse('standing', `${finding.id} is cleared by doing what it says and entering it; it needs no record of a repair.`);
  if (finding.level !== 'stop' && finding.level !== 'fix')
    return refuse('standing', `${finding.id} is at ${finding.level}; a repair answers what is at stop or has to be put right.`);
  if ((build.repairs ?? []).some(({ id }) => id === told.id)) return refuse('invalid', 'id is that of a repair already kept.');
  const kept: Repair = { ...told, at: author.at, by: author.name, found: finding.message };
  const leaks = rowsOf(build.lists, 'leaks');
  const wet = check.id === 'fuel.leak' ? leaks.filter((row) => isWet(row) && (told.subject ?? row.id) === row.id) : [];
  if (check.id === 'fuel.leak' && wet.length === 0) return refuse('invalid', 'subject is no joint that was found wet.');
  const lists =
    wet.length === 0
      ? {}
      : {
          lists: {
            ...build.lists,
            leaks: leaks.map((row) =>
              wet.includes(row) ? { id: row.id, ...(row.name === undefined ? {} : { name: row.name }) } : row,
            ),
          },
        };
  return { ok: true, build: { ...build, ...lists, repairs: [...(build.repairs ?? []), kept] }, body: { repair: kept } };
}

function releaseHoldPoint(build: Build, { holdPoint, action }: Extract<Command, { kind: 'holdPoint' }>, author: Author): Step {
  const others = (build.releases ?? []).filter((release) => release.holdPoint !== holdPoint);
  const { stops, open, passed } = holdPointState(build, assess(build), holdPoint);
  if (action === 'hold') {
    if (!passed) return refuse('invalid', `The gate before ${holdPointSteps[holdPoint]} was not passed.`);
    return { ok: true, build: { ...build, releases: others }, body: { holdPoint, action } };
  }
  if (passed) return refuse('invalid', `The gate before ${holdPointSteps[holdPoint]} was passed already, by ${passed.by}.`);
  if (stops.length > 0) return refuse('standing', ...stops.map((c) => `${c.id}: ${c.message}`));
  const release = { holdPoint, by: author.name, at: author.at, open: open.map((c) => c.id) };
  return { ok: true, build: { ...build, releases: [...others, release] }, body: { holdPoint, action, open: release.open } };
}

function sign(build: Build, command: Extract<Command, { kind: 'sign' }>, author: Author): Step {
  if (author.role === 'viewer') return refuse('forbidden', 'A viewer can’t sign.');
  if (signState(build) === 'signed') return refuse('locked', 'This build is signed already, and nothing has changed since.');
  const standing = whatStands(assess(build));
  const findings = [...standing.stop, ...standing.fix, ...standing.open];
  if (findings.length > 0) return refuse('standing', ...findings.map((c) => `${c.id}: ${c.message}`));
  const planned = unmeasuredFigures(build);
  if (planned.length > 0)
    return refuse('standing', ...planned.map((path) => `${fieldAt(path).label} is planned but not entered as fitted.`));
  if (command.typedName.trim().toLowerCase() !== author.name.trim().toLowerCase())
    return refuse('invalid', `The typed name is “${command.typedName}”; it must be the name that is signed in, ${author.name}.`);
  const signature = {
    by: author.name,
    role: author.role,
    typedName: command.typedName.trim(),
    at: author.at,
    drawn: command.drawn,
    buildHash: buildHash(build),
  };
  return {
    ok: true,
    build: { ...build, signatures: [...build.signatures, signature] },
    body: { typedName: signature.typedName, buildHash: signature.buildHash },
  };
}

function clash(clashes: Clash[]): Step {
  return {
    ok: false,
    why: 'clash',
    clashes,
    errors: clashes.map(
      (c) => `${c.label} was changed to ${shown(c.theirs)} by somebody else meanwhile; yours is ${shown(c.yours)}.`,
    ),
  };
}

function changeFigures(build: Build, changes: readonly Change[]): Step {
  const sheets = structuredClone<SheetValues>(build.sheets);
  const clashes: Clash[] = [];
  const errors: string[] = [];
  for (const { path, slot, from, to } of changes) {
    if (!isFigurePath(path)) {
      errors.push(`${String(path)} is no figure of a build.`);
      continue;
    }
    const field = fieldAt(path);
    const problem = to === null ? null : valueProblem(path, to);
    if (problem) {
      errors.push(problem);
      continue;
    }
    if (slot === 'fitted' && field.given) {
      errors.push(`${field.label} is given, not fitted.`);
      continue;
    }
    const now = figureAt(sheets, path);
    if (now[slot] !== from && now[slot] !== to) {
      clashes.push({ key: originKey.figure(path, slot), label: field.label, theirs: now[slot], yours: to });
      continue;
    }
    const [sheet, name] = path.split('.') as [SheetId, string];
    // A later sheet that this document does not hold yet begins blank.
    const table: Record<string, unknown> = sheets[sheet] ?? emptySheets()[sheet];
    table[name] = { ...now, [slot]: to };
    Object.assign(sheets, { [sheet]: table });
  }
  if (errors.length > 0) return refuse('invalid', ...errors);
  return clashes.length > 0 ? clash(clashes) : { ok: true, build: { ...build, sheets }, body: { changes } };
}

/** Changes of plain texts in one part of the build; whether a text may stand is the schema's affair. */
function changeTexts<P extends 'identity' | 'practices', K extends string>(
  build: Build,
  part: P,
  changes: readonly TextChange<K>[],
  label: (key: K) => string,
): Step {
  const texts = { ...build[part] } as unknown as Record<string, string | undefined>;
  const clashes: Clash[] = [];
  for (const { key, from, to } of changes) {
    // A school that came after this build was begun stands at its first option until somebody chooses.
    const now = texts[key] ?? (part === 'practices' ? (defaultPractices as Record<string, string>)[key] : undefined) ?? '';
    if (now !== from && now !== to) clashes.push({ key: originKey.text(part, key), label: label(key), theirs: now, yours: to });
    texts[key] = to;
  }
  return clashes.length > 0 ? clash(clashes) : { ok: true, build: { ...build, [part]: texts }, body: { changes } };
}

/** Why a value can't stand in a figure, as one sentence; null where it can. */
export function valueProblem(path: FigurePath, value: unknown): string | null {
  const field = fieldAt(path);
  try {
    valueSchema(field).validateSync(value, { strict: true });
    return null;
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    const allowed =
      field.kind === 'number'
        ? `${field.min} to ${field.max} ${field.unit}`
        : `one of: ${Object.values(field.options).join(', ')}`;
    return `${field.label} is ${shown(value)}${field.kind === 'number' && typeof value === 'number' ? ` ${field.unit}` : ''}; allowed is ${allowed}.`;
  }
}

function changedFindings(before: Build, after: Build): FindingChange[] {
  if (before === after) return [];
  const level = (c: { level: Level; waived: unknown }) => (c.waived ? 'watch' : c.level);
  const old = new Map(assess(before).map((c) => [c.id, level(c)]));
  return assess(after)
    .filter((c) => old.get(c.id) !== level(c) && c.id !== 'signoff.open')
    .map((c) => ({
      id: c.id,
      from: old.get(c.id) ?? null,
      to: level(c),
      message: c.message,
      rules: c.rules.map(({ key, value, origin }) => ({ key, value, origin })),
    }));
}
