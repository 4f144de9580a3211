'use client';
import { Button } from '@mui/material';
import { useCallback, useId, useState } from 'react';
import { placeHref, placeOfFigure, placeOfList } from '../../../core/build/places';
import { fieldAt, figureAt } from '../../../core/build/sheets';
import type { NextMeasurement } from '../../../core/measure/nextMeasurements';
import { tools, toolOf } from '../../../core/measure/stands';
import { slotNow } from '../../../core/measure/walkRound';
import { nameOf, rangeText, whyText } from '../../../core/measure/whyText';
import { showFigure } from '../../../core/figures/showFigure';
import { cellUnit } from '../../../core/units/parseTyped';
import { FigureCell } from '../../components/cells/FigureCell';
import { StageLink } from '../../components/StageLink';
import { useWorkspace } from '../../sync/useWorkspace';
import { measure as t } from '../../texts/en/measure';

/** One figure that is wanted: what is assumed of it, why it matters, and the cell in which it is entered. */
export function MeasureRow({ item, n }: { item: NextMeasurement; /** its number on paper */ n?: number }) {
  const { settled, who, send, mayWork } = useWorkspace('settled', 'who', 'send', 'mayWork');
  const [problem, setProblem] = useState('');
  const told = useCallback((_slot: unknown, said: string) => setProblem(said), []);
  const id = useId();
  const units = who.unitPreferences;
  const name = nameOf(item);
  const number = n !== undefined && <span className="mono soft">{n} </span>;
  const why = whyText(item, units) ?? t.restsOnIt({ n: item.checks.length });
  if (!('path' in item.at))
    return (
      <li className="measure-row" data-measure={item.at.list}>
        <div>
          {number}
          <strong>{name}</strong> <span className="soft">{t.asInTheList}</span>
          <p>{why}</p>
        </div>
        <Button component={StageLink} href={placeHref(settled.id, placeOfList(item.at.list))}>
          {t.lookItThrough}
        </Button>
      </li>
    );
  const { path } = item.at;
  const field = fieldAt(path);
  const slot = slotNow(settled, path);
  const { assumed } = item;
  const unit = field.kind === 'number' ? cellUnit(null, field.unit, units) : '';
  const range = rangeText(item, units);
  const confirm = () => {
    if (!assumed) return;
    const from = figureAt(settled.sheets, path)[slot];
    setProblem(send({ kind: 'figures', changes: [{ path, slot, from, to: assumed.value }] }).join(' '));
  };
  return (
    <li className="measure-row" data-measure={path}>
      <div>
        {number}
        <StageLink className="plain-link" href={`${placeHref(settled.id, placeOfFigure(path))}#${path}`}>
          {name}
        </StageLink>{' '}
        <span className="soft">
          {tools[toolOf(path)]} ·{' '}
          {assumed ? t.assumedIs({ value: showFigure(path, assumed.value, units), range: range ?? '' }) : t.notKnown}
        </span>
        <p>{why}</p>
        {assumed && <p className="soft">{t.because({ why: assumed.why })}</p>}
        {problem && (
          <p className="error-line" id={id} role="alert">
            {problem}
          </p>
        )}
      </div>
      <div className="measure-entry" data-figure={path}>
        <FigureCell path={path} slot={slot} besideUnit={unit} onProblem={told} describedBy={id} showPlan />
        <span className="unit">{unit === 'deg' ? '°' : unit}</span>
      </div>
      {assumed && mayWork && (
        <Button onClick={confirm} aria-label={t.itIsSoFor({ name })}>
          {t.itIsSo}
        </Button>
      )}
    </li>
  );
}
