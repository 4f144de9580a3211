import * as yup from 'yup';
import { text } from '../../build/schemaParts';
import { limits, makerBounds, type LimitKey } from '../../practices/limits';
import { originKey } from '../../record/Origin';
import { formatShort } from '../../units/formatNumber';
import { changesOf, clash, defineCommand, refuse, settleChanges, shape, shown, type Clash } from '../define';

export interface MakerChange {
  key: LimitKey;
  from: number | null;
  to: number | null;
}
export interface MakerCommand {
  kind: 'maker';
  changes: MakerChange[];
}

/** The maker's own figures for the unit in hand, which go before every practice. */
export const makerCommand = defineCommand<MakerCommand>({
  kind: 'maker',
  permission: 'work',
  schema: shape(() => ({
    changes: changesOf({ key: text(60, 1), from: yup.number().nullable().defined(), to: yup.number().nullable().defined() }),
  })),
  apply(build, { changes }) {
    const maker: Record<string, number> = { ...build.maker };
    const clashes: Clash[] = [];
    for (const { key, from, to } of changes) {
      const bounds = Object.hasOwn(limits, key) ? makerBounds(key) : null;
      if (!bounds) return refuse('invalid', `${key} is no figure that a maker gives.`);
      const { label, unit } = limits[key];
      if (to !== null && !(to >= bounds.min && to <= bounds.max))
        return refuse('invalid', `${label} is ${shown(to)}; allowed is ${bounds.min} to ${bounds.max} ${unit}.`);
      const now = maker[key] ?? null;
      if (now !== from && now !== to) clashes.push({ key: originKey.maker(key), label, theirs: now, yours: to });
      if (to === null) delete maker[key];
      else maker[key] = to;
    }
    return clashes.length > 0 ? clash(clashes) : { ok: true, build: { ...build, maker }, body: { changes } };
  },
  describe: (body) =>
    `maker’s figures: ${(body.changes as MakerChange[])
      .map(({ key, to }) => `${limits[key].label} ${to === null ? 'removed' : `${formatShort(to)} ${limits[key].unit}`}`)
      .join('; ')}`,
  originKeys: (body) => (body.changes as MakerChange[]).map(({ key }) => originKey.maker(key)),
  settle(command, clashes, choices) {
    const changes = settleChanges(command.changes, clashes, choices, (c) => originKey.maker(c.key));
    return changes.length > 0 ? { ...command, changes } : null;
  },
});
