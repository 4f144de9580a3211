import type { Build } from '../../build/Build';
import { rowsOf } from '../../build/lists';
import { valueAt } from '../../build/sheets';
import { stackLayers, stackMm, type StackLayer } from '../../model/siting/stackUp';
import { threads } from '../../model/siting/threads';

export interface Section {
  /** top of each layer below the heater's foot, mm */ layers: (StackLayer & { topMm: number })[];
  /** from the foot to the lowest rib, mm */ totalMm: number;
  stud: { lengthMm: number; majorMm: number; nutMm: number; washerMm: number } | null;
  spigotMm: number | null;
  clampMm: number | null;
  screwMm: number | null;
  /** down to here is drawn, mm */ deepMm: number;
}

/** The floor cut through under the heater: layers, studs, spigot, screw, to scale. Null until a layer is measured. */
export function sectionOf(build: Build): Section | null {
  const layers = stackLayers(rowsOf(build.lists, 'stack'));
  if (layers.length === 0) return null;
  let top = 0;
  const placed = layers.map((layer) => {
    const here = { ...layer, topMm: top };
    if (!layer.cutBack) top += layer.thicknessMm;
    return here;
  });
  const value = <P extends Parameters<typeof valueAt>[1]>(path: P) => valueAt(build.sheets, path);
  const thread = value('siting.studThread');
  const studLength = value('siting.studLengthMm');
  const stud = thread !== null && studLength !== null ? { lengthMm: Number(studLength), ...threads[thread] } : null;
  const number = (path: Parameters<typeof valueAt>[1]): number | null => {
    const found = value(path);
    return typeof found === 'number' ? found : null;
  };
  const [spigotMm, screwMm, clampMm] = [
    number('siting.spigotLengthMm'),
    number('siting.screwLengthMm'),
    number('siting.clampWidthMm'),
  ];
  const totalMm = stackMm(layers);
  return {
    layers: placed,
    totalMm,
    stud,
    spigotMm,
    clampMm,
    screwMm: screwMm === 0 ? null : screwMm,
    deepMm: Math.max(totalMm + 22, stud?.lengthMm ?? 0, spigotMm ?? 0, screwMm ?? 0) + 6,
  };
}
