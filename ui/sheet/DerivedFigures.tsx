'use client';
import { Popover } from '@mui/material';
import { useMemo, useState } from 'react';
import type { DerivedKey } from '../../core/figures/derived';
import { explain, type Explained } from '../../core/figures/explain';
import { show, trim } from '../../core/units/show';
import { useBench } from '../build/BuildContext';

function Explanation({ figure }: { figure: Explained }) {
  return (
    <div className="explain">
      <h3>{figure.label}</h3>
      <dl>
        <dt>Computed as</dt>
        <dd className="mono">
          {figure.formula}
          {figure.value !== null && (
            <>
              {' '}
              = {show(figure.value, figure.decimals)} {figure.unit}
            </>
          )}
        </dd>
        {figure.inputs.length > 0 && (
          <>
            <dt>From</dt>
            <dd>
              <table>
                <tbody>
                  {figure.inputs.map((input) => (
                    <tr key={input.path}>
                      <td>{input.label}</td>
                      <td className="mono">
                        {typeof input.value === 'number' ? trim(input.value, 3) : input.value} {input.unit}
                      </td>
                      <td className="soft">{input.origin}</td>
                    </tr>
                  ))}
                </tbody>
              </table>
            </dd>
          </>
        )}
        {figure.rules.length > 0 && (
          <>
            <dt>With</dt>
            {figure.rules.map((rule) => (
              <dd key={rule.key}>
                {rule.label}: {trim(rule.value)} {rule.unit} ({rule.source})
              </dd>
            ))}
          </>
        )}
        {figure.missing.length > 0 && (
          <>
            <dt>Still missing</dt>
            <dd>{[...new Set(figure.missing)].join(', ')}</dd>
          </>
        )}
        <dt>Source</dt>
        <dd>{figure.source}</dd>
      </dl>
    </div>
  );
}

/** Computed figures, large; each tells on request how it was computed. */
export function DerivedFigures({ keys }: { keys: readonly DerivedKey[] }) {
  const { build } = useBench();
  const figures = useMemo(() => keys.map((key) => explain(build, key)), [build, keys]);
  const [open, setOpen] = useState<{ key: DerivedKey; anchor: HTMLElement } | null>(null);
  const shown = figures.find((figure) => figure.key === open?.key);
  return (
    <div className="derived" aria-label="Computed figures">
      {figures.map((figure) => (
        <button
          key={figure.key}
          type="button"
          aria-haspopup="dialog"
          data-derived={figure.key}
          onClick={(event) => setOpen({ key: figure.key, anchor: event.currentTarget })}
        >
          <span className="label">{figure.label}</span>
          <span className="value">{figure.value === null ? '—' : show(figure.value, figure.decimals)}</span>
          <span className="unit">{figure.unit}</span>
          <span className="visually-hidden">how is this computed?</span>
        </button>
      ))}
      <Popover
        open={shown !== undefined}
        anchorEl={open?.anchor}
        onClose={() => setOpen(null)}
        anchorOrigin={{ vertical: 'bottom', horizontal: 'left' }}
        slotProps={{ paper: { 'aria-label': 'How this is computed', role: 'dialog' } }}
      >
        {shown && <Explanation figure={shown} />}
      </Popover>
    </div>
  );
}
