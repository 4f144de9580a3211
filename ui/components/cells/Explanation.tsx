'use client';
import { Button } from '@mui/material';
import { needsText } from '../../../core/wording/needsText';
import { isFigureId } from '../../../core/figures/figures';
import type { FigureId } from '../../../core/reading/figureIds';
import type { Input } from '../../../core/reading/Reader';
import { useState } from 'react';
import { explain, whence } from '../../../core/figures/explain';
import type { Rule } from '../../../core/practices/ruleFor';
import { inUnit } from '../../../core/units/inUnits';
import { formatFixed, formatShort } from '../../../core/units/formatNumber';
import { useWorkspace, useSay } from '../../sync/useWorkspace';
import { parts as t } from '../../texts/en/parts';
import { dateAndTime } from '../../texts/when';

const when = (iso: string) => dateAndTime(iso);

function useQuantity(): (value: number | string, unit: string) => string {
  const { unitPreferences } = useWorkspace('who').who;
  return (value, unit) => {
    if (typeof value !== 'number') return value;
    const to = inUnit(value, unit, unitPreferences);
    return `${Math.abs(to.value) >= 1000 ? formatFixed(to.value) : formatShort(to.value, to.decimals ?? 3)} ${to.unit}`;
  };
}

/** What went into a figure or a finding, each with where it came from; a computed one can be opened in its turn. */
export function InputList({ inputs, onOpen }: { inputs: readonly Input[]; onOpen?: (key: FigureId) => void }) {
  const quantity = useQuantity();
  return (
    <ul className="inputs">
      {inputs.map((input) => (
        <li key={input.path}>
          <span>{input.label}</span> <b className="mono">{quantity(input.value, input.unit)}</b>{' '}
          {onOpen && input.origin === 'computed' && isFigureId(input.path) ? (
            <Button variant="text" onClick={() => isFigureId(input.path) && onOpen(input.path)}>
              {t.howComputed}
              <span className="visually-hidden"> {input.label}</span>
            </Button>
          ) : (
            <span className="soft">{whence(input, when)}</span>
          )}
        </li>
      ))}
    </ul>
  );
}

export function RuleList({ rules }: { rules: readonly Rule[] }) {
  const quantity = useQuantity();
  return (
    <ul className="inputs">
      {rules.map((rule) => (
        <li key={rule.key}>
          {rule.label} <b className="mono">{quantity(rule.value, rule.unit)}</b>{' '}
          <span className="soft">
            {rule.source}
            {rule.from && t.enteredBy({ by: rule.from.by, at: when(rule.from.at) })}
          </span>
        </li>
      ))}
    </ul>
  );
}

/** How a figure is computed: formula, inputs, rules, source, and where that is written; a computed input opens in place. */
export function Explanation({ start, label }: { start: FigureId; label: string }) {
  const { build, origins } = useWorkspace('build', 'origins');
  const quantity = useQuantity();
  const say = useSay();
  const [way, setWay] = useState<FigureId[]>([start]);
  const figure = explain(build, way[way.length - 1] ?? start, origins);
  return (
    <div className="explain">
      {way.length > 1 && (
        <Button variant="text" onClick={() => setWay((old) => old.slice(0, -1))}>
          {t.backTo} {way.length === 2 ? label.toLowerCase() : t.theOneBefore}
        </Button>
      )}
      <h3>{figure.label}</h3>
      <dl>
        <dt>{t.computedAs}</dt>
        <dd className="mono">
          {figure.formula}
          {figure.value !== null && ` = ${quantity(Number(figure.value.toFixed(figure.decimals)), figure.unit)}`}
        </dd>
        {figure.inputs.length > 0 && (
          <>
            <dt>{t.from}</dt>
            <dd>
              <InputList inputs={figure.inputs} onOpen={(key) => setWay((old) => [...old, key])} />
            </dd>
          </>
        )}
        {figure.rules.length > 0 && (
          <>
            <dt>{t.with}</dt>
            <dd>
              <RuleList rules={figure.rules} />
            </dd>
          </>
        )}
        {figure.missing.length > 0 && (
          <>
            <dt>{t.stillMissing}</dt>
            <dd>{needsText(figure.missing)}</dd>
          </>
        )}
        <dt>{t.source}</dt>
        <dd>{say(figure.source)}</dd>
        <dt>{t.writtenIn}</dt>
        <dd className="mono">{figure.code}</dd>
      </dl>
    </div>
  );
}
