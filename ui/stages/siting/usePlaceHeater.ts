import { figureAt, type FigurePath } from '../../../core/build/sheets';
import type { Place } from '../../../core/model/siting/frame';
import { useWorkspace } from '../../sync/useWorkspace';

const paths = { x: 'siting.heaterXMm', y: 'siting.heaterYMm', turnDeg: 'siting.heaterTurnDeg' } as const satisfies Record<
  keyof Place,
  FigurePath
>;
const keys = Object.keys(paths) as (keyof Place)[];

/** Changes of figures that put the heater in a place: as fitted where it was measured there already, else as a plan. */
export function usePlaceHeater() {
  const { settled, send, setDraft } = useWorkspace('settled', 'send', 'setDraft');
  const slot = (key: keyof Place) =>
    figureAt(settled.sheets, paths[key]).fitted !== null ? ('fitted' as const) : ('planned' as const);
  return {
    keep: (place: Place): string[] => {
      const changes = keys
        .map((key) => ({
          path: paths[key],
          slot: slot(key),
          from: figureAt(settled.sheets, paths[key])[slot(key)],
          to: place[key],
        }))
        .filter((change) => change.from !== change.to);
      return changes.length > 0 ? send({ kind: 'figures', changes }) : [];
    },
    sketch: (place: Place | null) =>
      setDraft('floor', place ? keys.map((key) => ({ path: paths[key], slot: slot(key), value: place[key] })) : []),
  };
}
