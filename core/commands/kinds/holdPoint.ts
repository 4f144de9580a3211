import { releasableHoldPoints, type ReleasableHoldPoint } from '../../build/Build';
import { oneOf } from '../../build/schemaParts';
import { holdPointSteps } from '../../build/stages';
import { assess } from '../../checks/assess';
import { findingLine } from '../../checks/findingText';
import { holdPointState } from '../../checks/holdPointState';
import { defineCommand, refuse, shape } from '../define';

export interface HoldPointCommand {
  kind: 'holdPoint';
  holdPoint: ReleasableHoldPoint;
  action: 'release' | 'hold';
}

/** A hold point is released by a named person, or held again. */
export const holdPointCommand = defineCommand<HoldPointCommand>({
  kind: 'holdPoint',
  permission: 'work',
  isRelied: ({ action }) => action === 'release',
  schema: shape(() => ({ holdPoint: oneOf(releasableHoldPoints), action: oneOf({ release: 1, hold: 1 }) })),
  apply(build, { holdPoint, action }, { name, at }) {
    const others = (build.releases ?? []).filter((release) => release.holdPoint !== holdPoint);
    const { stops, open, release: known } = holdPointState(build, assess(build), holdPoint);
    const step = holdPointSteps[holdPoint];
    if (action === 'hold') {
      if (!known) return refuse('invalid', `The hold point “${step}” was not released.`);
      return { ok: true, build: { ...build, releases: others }, body: { holdPoint, action } };
    }
    if (known) return refuse('invalid', `The hold point “${step}” was released already, by ${known.by}.`);
    if (stops.length > 0) return refuse('standing', ...stops.map(findingLine));
    const release = { holdPoint, by: name, at, open: open.map((c) => c.id) };
    return { ok: true, build: { ...build, releases: [...others, release] }, body: { holdPoint, action, open: release.open } };
  },
  describe(body) {
    const step = holdPointSteps[body.holdPoint as ReleasableHoldPoint];
    if (body.action === 'hold') return `held again: ${step}`;
    const open = body.open as string[] | undefined;
    return `RELEASED: ${step}${open && open.length > 0 ? `, with ${open.join(', ')} open` : ''}`;
  },
});
