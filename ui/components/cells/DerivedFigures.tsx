'use client';
import type { FigureId } from '../../../core/reading/figureIds';
import { ButtonBase } from '@mui/material';
import { useMemo, useState } from 'react';
import { explain } from '../../../core/figures/explain';
import { inUnit } from '../../../core/units/inUnits';
import { formatFixed } from '../../../core/units/formatNumber';
import { useWorkspace } from '../../sync/useWorkspace';
import { later } from '../later';
import { parts as t } from '../../texts/en/parts';

const ExplanationPopover = later(() => import('./ExplanationPopover').then((m) => m.ExplanationPopover));

/** Computed figures, large; each tells on request how it was computed. */
export function DerivedFigures({ keys }: { keys: readonly FigureId[] }) {
  const { build, origins, who } = useWorkspace('build', 'origins', 'who');
  const explained = useMemo(() => keys.map((key) => explain(build, key, origins)), [build, keys, origins]);
  const [open, setOpen] = useState<{ key: FigureId; anchor: HTMLElement } | null>(null);
  return (
    <div className="derived" aria-label={t.computedFigures}>
      {explained.map((figure) => {
        const shown = figure.value === null ? null : inUnit(figure.value, figure.unit, who.unitPreferences);
        return (
          <ButtonBase
            key={figure.key}
            aria-haspopup="dialog"
            data-derived={figure.key}
            onClick={(event) => setOpen({ key: figure.key, anchor: event.currentTarget })}
          >
            <span className="label">{figure.label}</span>
            <span className="value">{shown === null ? '—' : formatFixed(shown.value, shown.decimals ?? figure.decimals)}</span>
            <span className="unit">{shown?.unit ?? figure.unit}</span>
            <span className="visually-hidden">{t.howIsThisComputed}</span>
          </ButtonBase>
        );
      })}
      {open && <ExplanationPopover of={open.key} anchor={open.anchor} onClose={() => setOpen(null)} />}
    </div>
  );
}
