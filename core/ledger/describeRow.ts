import {
  coPlaces,
  primingOutcomes,
  quantities,
  startEvents,
  type CoReading,
  type ReleasableHoldPoint,
  type HotLook,
  type PrimingRun,
  type Repair,
  type StartEvent,
  type StartReading,
} from '../build/Build';
import { columnAt, lists } from '../build/lists';
import { fieldAt, isFigurePath } from '../build/sheets';
import { holdPointSteps, type Level } from '../checks/Finding';
import { cellText, rowName, type RowChange } from '../commands/changeRows';
import type { FindingChange } from '../commands/applyCommand';
import { identityLabels, type Change, type IdentityKey, type MakerChange, type TextChange } from '../commands/Command';
import { hotText } from '../wording/hotText';
import { limits } from '../practices/limits';
import { practices, type PracticeId } from '../practices/practices';
import { formatShort } from '../units/formatNumber';
import type { LedgerContent } from './chain';

const was = (value: Change['from'], name: (v: Change['from']) => string) => (value === null ? '' : ` (was ${name(value)})`);

function changeText({ path, slot, from, to }: Change): string {
  if (!isFigurePath(path)) return path;
  const field = fieldAt(path);
  const name = (v: Change['from']): string =>
    v === null
      ? 'emptied'
      : field.kind === 'choice'
        ? ((field.options as Record<string, string>)[String(v)] ?? String(v))
        : `${formatShort(Number(v), 3)} ${field.unit}`;
  return `${field.label}${slot === 'planned' && !field.given ? ', planned' : ''}: ${name(to)}${was(from, name)}`;
}

function rowText(change: RowChange, was: string): string {
  const { label } = lists[change.list];
  if (change.action === 'remove') return `${label}: ${was || lists[change.list].one} taken out`;
  if (change.action === 'set') {
    const column = columnAt(change.list, change.column);
    return `${label}: ${was || lists[change.list].one}, ${column?.label.toLowerCase() ?? change.column} ${cellText(column, change.to)} (was ${cellText(column, change.from)})`;
  }
  const told = Object.entries(change.values)
    .filter(([name]) => name !== 'name' && name !== 'caption' && name !== 'partId')
    .map(([name, value]) => cellText(columnAt(change.list, name), value))
    .join(', ');
  return `${label}: ${rowName(change.list, change.values)} put in${told ? ` (${told})` : ''}`;
}

/** What a file claimed that nobody here has seen, as the end of a line. */
function claimText(claims: unknown): string {
  const counts = Object.values((claims ?? {}) as Record<string, number>).reduce((sum, n) => sum + n, 0);
  return counts > 0 ? `; ${counts} ${counts === 1 ? 'thing' : 'things'} done, seen or signed elsewhere, kept as claims` : '';
}

/** One line for a ledger row, as it stands on the roll and in the certificate. */
export function describeRow({ kind, body }: Pick<LedgerContent, 'kind' | 'body'>): string {
  const b = body as Record<string, unknown>;
  const correction = typeof b.reason === 'string' ? `CORRECTION (${b.reason}): ` : '';
  switch (kind) {
    case 'created':
      return 'build begun';
    case 'imported':
      return `${b.copyOf ? 'build brought in from a file, as a copy' : 'build brought in from a file'}${claimText(b.claims)}`;
    case 'raised':
      return `kept in a newer form${claimText(b.claimed)}`;
    case 'figures': {
      const changes = b.changes as Change[];
      const shown = changes.slice(0, 3).map(changeText).join('; ');
      return (
        correction +
        (changes.length > 3 ? `${shown}; and ${changes.length - 3} more ${changes.length === 4 ? 'figure' : 'figures'}` : shown)
      );
    }
    case 'maker':
      return `${correction}maker’s figures: ${(b.changes as MakerChange[]).map(({ key, to }) => `${limits[key].label} ${to === null ? 'taken back' : `${formatShort(to)} ${limits[key].unit}`}`).join('; ')}`;
    case 'identity':
      return `${correction}${(b.changes as TextChange<IdentityKey>[]).map(({ key, from, to }) => `${identityLabels[key]}: ${to || 'emptied'} (was ${from || 'empty'})`).join('; ')}`;
    case 'practices':
      return `${correction}school followed here, ${(b.changes as TextChange<PracticeId>[]).map(({ key, to }) => `${practices[key].label.toLowerCase()}: ${(practices[key].options as Record<string, { label: string }>)[to]?.label ?? to}`).join('; ')}`;
    case 'rows': {
      const changes = b.changes as RowChange[];
      const names = (b.names ?? []) as string[];
      const shown = changes
        .slice(0, 3)
        .map((change, i) => rowText(change, names[i] ?? ''))
        .join('; ');
      return correction + (changes.length > 3 ? `${shown}; and ${changes.length - 3} more` : shown);
    }
    case 'note':
      return String(b.text);
    case 'priming': {
      const run = b.run as PrimingRun;
      return `${correction}primed ${run.strokes} strokes at ${formatShort(run.frequencyHz)} Hz: ${primingOutcomes[run.outcome]}`;
    }
    case 'start':
      return `${correction}${b.source === 'csv' ? 'start log brought in' : 'start begun'}${b.dryRun ? ' on the bench' : ''}: ${String(b.events)} events, ${String(b.readings)} readings`;
    case 'readings': {
      const events = (b.events as StartEvent[]).map((e) => `${startEvents[e.event]} at ${Math.round(e.atS)} s`);
      const readings = (b.readings as StartReading[]).map(
        (r) =>
          `${quantities[r.quantity].label.toLowerCase()} ${formatShort(r.value)} ${quantities[r.quantity].unit} at ${Math.round(r.atS)} s`,
      );
      return correction + [...events, ...readings].join('; ');
    }
    case 'co': {
      const reading = b.reading as CoReading;
      return `${correction}carbon monoxide ${formatShort(reading.ppm)} ppm, ${coPlaces[reading.place]}`;
    }
    case 'hot':
      return `${correction}${hotText(b.look as HotLook)}`;
    case 'repair': {
      const repair = b.repair as Repair;
      return `${correction}REPAIRED ${repair.checkId}: ${repair.repair} (cause: ${repair.cause})`;
    }
    case 'waive':
      return `WAIVED ${String(b.checkId)}: ${String(b.reason)}`;
    case 'unwaive':
      return `waiver of ${String(b.checkId)} taken back`;
    case 'holdPoint': {
      const step = holdPointSteps[b.holdPoint as ReleasableHoldPoint];
      if (b.action === 'hold') return `gate opened again: ${step}`;
      const open = b.open as string[] | undefined;
      return `GATE PASSED: ${step}${open && open.length > 0 ? `, with ${open.join(', ')} open` : ''}`;
    }
    case 'sign':
      return `SIGNED by ${String(b.typedName)}`;
    default:
      return kind;
  }
}

/** Calls that this row made or cleared. */
export function turnsOf(row: Pick<LedgerContent, 'body'>): { id: string; to: Level; made: boolean }[] {
  const { findings } = row.body as { findings?: FindingChange[] };
  return (findings ?? []).map(({ id, to }) => ({ id, to, made: to === 'stop' || to === 'fix' }));
}
