import type { Build } from '../../build/Build';
import type { RowChange } from '../../commands/changeRows';
import { rowsOf } from '../../build/lists';
import { valueAt } from '../../build/sheets';
import type { CardWire } from '../../build/unit/UnitCard';

/** Whether this build needs a wire of the harness; what nobody needs is insulated, coiled and labelled, not cut. Common practice, no source. */
export function isNeeded({ sheets, lists }: Build, to: CardWire['to']): boolean {
  switch (to) {
    case 'sensor': {
      const sensor = valueAt(sheets, 'controller.sensor') ?? valueAt(sheets, 'found.sensor');
      return sensor === 'apart' || (sensor === null && valueAt(sheets, 'controller.sensorAt') !== null);
    }
    case 'remote': {
      const remote = valueAt(sheets, 'controller.remote') ?? valueAt(sheets, 'found.remote');
      return remote === 'paired' || remote === 'unpaired';
    }
    case 'blower':
      return rowsOf(lists, 'loop').some(({ kind }) => kind === 'matrix');
    case 'pump':
    case 'controller':
    case 'diagnostic':
      return true;
  }
}

/**
 * The wires of the unit's own harness, put into the loom: each to the part that it is led to, which is made where it is not there yet;
 * those that this build has no need of are said to be insulated. A wire that is there by its name is left as it is.
 */
export function takeHarness(build: Build, newId: () => string): RowChange[] {
  const parts = rowsOf(build.lists, 'loomParts');
  const named = new Set(rowsOf(build.lists, 'cables').map(({ name }) => name));
  const from = parts.find(({ kind }) => kind === 'plug') ?? parts.find(({ kind }) => kind === 'heater');
  if (!from) return [];
  const made = new Map<CardWire['to'], string>();
  return (build.unitCard?.harness ?? [])
    .filter(({ name }) => !named.has(name))
    .flatMap(({ to, ...wire }): RowChange[] => {
      const known = parts.find(({ kind }) => kind === to)?.id ?? made.get(to);
      const toId = known ?? newId();
      made.set(to, toId);
      const values = Object.fromEntries(Object.entries(wire).filter(([, value]) => value !== undefined && value !== ''));
      return [
        ...(known ? [] : [{ list: 'loomParts' as const, row: toId, action: 'add' as const, values: { kind: to } }]),
        {
          list: 'cables',
          row: newId(),
          action: 'add',
          values: { ...values, fromId: from.id, toId, use: isNeeded(build, to) ? 'used' : 'insulated' },
        },
      ];
    });
}
