'use client';
import { IconButton } from '@mui/material';
import { arrayMove } from '@dnd-kit/sortable';
import { X } from 'lucide-react';
import { useState } from 'react';
import { buildUps, type BuildUpId } from '../../../core/physics/heat/buildUps';
import { materials, type MaterialId } from '../../../core/physics/heat/materials';
import type { Layer } from '../../../core/physics/heat/uValue';
import { inUnit } from '../../../core/units/inUnits';
import { parseTyped } from '../../../core/units/parseTyped';
import { formatShort } from '../../../core/units/formatNumber';
import { CellInput, CellPick, Options } from '../cells/CellInput';
import { useWorkspace } from '../../sync/useWorkspace';
import { Sortable, SortableBox } from './Sortable';
import { parts as t } from '../../texts/en/parts';

interface Props {
  name: string;
  layers: readonly Layer[];
  max: number;
  set: (layers: readonly Layer[] | null) => string[];
}

const materialLabels = Object.fromEntries(
  Object.entries(materials).map(([id, { label, lambdaWMK }]) => [id, `${label}, λ ${lambdaWMK}`]),
);

/** The layers of a wall, from inside to outside: each a material and a thickness; or one of the usual build-ups. */
export function LayersCell({ name, layers, max, set }: Props) {
  const { mayWork, who } = useWorkspace('mayWork', 'who');
  const [typed, setTyped] = useState<Record<number, string>>({});
  const [problem, setProblem] = useState('');
  const shownUnit = inUnit(1, 'mm', who.unitPreferences).unit;
  const change = (next: readonly Layer[]) => setProblem(set(next.length === 0 ? null : next).join(' '));
  const finish = (at: number) => {
    const text = typed[at];
    if (text === undefined) return;
    const parsed = parseTyped(text, 'mm', shownUnit);
    if (!parsed.ok || !(parsed.value >= 0.1 && parsed.value <= 1000)) {
      setProblem(t.thicknessAllowedIs01To({ text: text.slice(0, 20), more: parsed.ok ? t.isOutOfRange : parsed.reason }));
      return;
    }
    setTyped(({ [at]: _done, ...rest }) => rest);
    change(layers.map((layer, i) => (i === at ? { ...layer, thicknessMm: parsed.value } : layer)));
  };
  return (
    <div className="layers" role="group" aria-label={name}>
      <Sortable
        ids={layers.map((_, i) => t.layer({ i: i + 1 }))}
        onMove={(id, to) => change(arrayMove([...layers], Number(id.slice(6)) - 1, to))}
      >
        {layers.map((layer, i) => (
          <SortableBox key={i} id={`layer ${i + 1}`} name={t.layer2({ i: i + 1, name })} className="layer">
            {(grip) => (
              <>
                <CellPick
                  name={t.materialOfLayer({ i: i + 1, name })}
                  value={layer.material}
                  disabled={!mayWork}
                  onChoose={(id) => change(layers.map((l, k) => (k === i ? { ...l, material: id as MaterialId } : l)))}
                >
                  <Options of={materialLabels} />
                </CellPick>
                <CellInput
                  name={t.thicknessOfLayer({ i: i + 1, name, shownUnit })}
                  value={typed[i] ?? formatShort(inUnit(layer.thicknessMm, 'mm', who.unitPreferences).value, 2)}
                  readOnly={!mayWork}
                  onChange={(event) => setTyped((old) => ({ ...old, [i]: event.target.value }))}
                  onBlur={() => finish(i)}
                  onKeyDown={(event) => {
                    if (event.key === 'Enter') finish(i);
                  }}
                />
                {mayWork && (
                  <IconButton
                    aria-label={t.removeLayer({ i: i + 1, name })}
                    onClick={() => change(layers.filter((_, k) => k !== i))}
                  >
                    <X size={18} />
                  </IconButton>
                )}
                {mayWork && grip}
              </>
            )}
          </SortableBox>
        ))}
      </Sortable>
      {mayWork && (
        <div className="layer">
          <CellPick
            name={t.putALayerOrAUsual({ name })}
            value=""
            disabled={layers.length >= max}
            onChoose={(chosen) => {
              const [kind, id] = chosen.split(':');
              if (kind === 'up') change([...buildUps[id as BuildUpId].layers]);
              else if (kind === 'layer') change([...layers, { material: id as MaterialId, thicknessMm: 10 }]);
            }}
          >
            <option value="">{layers.length === 0 ? t.chooseLayers : t.oneMoreLayer}</option>
            <optgroup label={t.usualBuildUps}>
              {Object.entries(buildUps).map(([id, up]) => (
                <option key={id} value={`up:${id}`}>
                  {up.label}
                </option>
              ))}
            </optgroup>
            <optgroup label={t.aLayerMore10Mm}>
              {Object.entries(materials).map(([id, material]) => (
                <option key={id} value={`layer:${id}`}>
                  {material.label}
                </option>
              ))}
            </optgroup>
          </CellPick>
        </div>
      )}
      {problem && (
        <span className="cell-problem" role="alert">
          {problem}
        </span>
      )}
    </div>
  );
}
