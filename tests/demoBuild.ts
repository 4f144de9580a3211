import { demoBuilds } from '../demo/builds';
import { rowsWithIds } from '../demo/rowsWithIds';
import type { Build } from '../core/build/Build';
import type { ListValues } from '../core/build/lists';
import { emptyBuild } from '../core/build/emptyBuild';
import { id, withValues, type Values } from './soundBuild';

/** A demo build as its fitter has it, by name, without its history; `values` in place of some of its figures. */
export function demoBuild(name: string, values: Values = {}): Build {
  const demo = demoBuilds.find(({ identity }) => identity.name === name);
  if (!demo) throw new Error(`No demo build is called ${name}.`);
  let n = 9000;
  const lists = rowsWithIds(demo.lists, () => id((n += 1))) as ListValues;
  const build = withValues(emptyBuild(demo.id, { ...demo.identity, invented: true }), {
    ...demo.planned,
    ...demo.fitted,
    ...values,
  });
  return { ...build, lists };
}
