import type { RowOf } from '../../build/lists';
import type { Family } from '../../build/unit/UnitCard';

export type PartRow = Omit<RowOf<'parts'>, 'id'>;

const part = (name: string, kind: NonNullable<PartRow['kind']>, needed = 1, weak?: PartRow['weak']): PartRow => ({
  name,
  kind,
  needed,
  ...(weak ? { weak } : {}),
});
const both: readonly PartRow[] = [
  part('heater', 'heater'),
  part('fuel pump', 'pump'),
  part('rubber holder and bracket of the pump', 'holder'),
  part('fuel filter', 'filter', 1, 'thinFilter'),
  part('fuel line, bore 2 mm', 'line', 1, 'softLine'),
  part('rubber joiners, two a component', 'joiner', 6),
  part('clips, two a joiner', 'clip', 12, 'springClips'),
  part('tank or pickup pipe', 'tank'),
  part('combustion hose', 'airHose'),
  part('intake silencer with filter', 'silencer'),
  part('exhaust pipe', 'exhaust'),
  part('muffler', 'muffler'),
  part('clamp at the burner', 'clamp', 1, 'burnerClamp'),
  part('clamps and brackets of the exhaust', 'clamp', 4),
  part('harness with fuse', 'harness'),
  part('feed cable', 'harness', 1, 'thinCable'),
  part('controller and its lead', 'controller'),
  part('temperature sensor', 'sensor'),
  part('carbon monoxide alarm', 'alarm'),
];
/** What a kit should hold, a family each; common practice, no source. A workshop makes them its own. */
export const startingLists: Readonly<Record<Family, readonly PartRow[]>> = {
  air: [
    ...both,
    part('mounting plate', 'plate'),
    part('gasket', 'gasket'),
    part('warm-air duct', 'duct', 2),
    part('outlet', 'outlet', 2),
    part('splitter', 'splitter'),
    part('heat flange or turret', 'flange'),
  ],
  coolant: [
    ...both,
    part('bracket', 'plate'),
    part('coolant hoses', 'hose', 2),
    part('hose clamps', 'clamp', 8),
    part('heat exchanger with fan', 'matrix'),
  ],
};
