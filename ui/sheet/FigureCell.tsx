'use client';
import { useEffect, useId, useRef, useState } from 'react';
import { fieldAt, figureAt, type FigurePath } from '../../core/build/sheets';
import { valueProblem } from '../../core/commands/applyCommand';
import type { Slot } from '../../core/commands/Command';
import { parseQuantity } from '../../core/units/parseQuantity';
import { trim } from '../../core/units/show';
import { useBench } from '../build/BuildContext';

/** Figure as kept, in plain digits that read back to the same number. */
const plain = (value: number | string | null, decimals: number) =>
  value === null ? '' : trim(Number(value), Math.max(decimals, 3)).replace('−', '-').replace('\u2009', '');

/** What a typed text means for a figure: a value (null for an emptied one), or the sentence why not. */
function readText(path: FigurePath, text: string): { value: number | null } | { problem: string } {
  const field = fieldAt(path);
  if (text.trim() === '') return { value: null };
  if (field.kind !== 'number') return { problem: `${field.label} is chosen, not typed.` };
  const parsed = parseQuantity(text, field.unit);
  if (!parsed.ok)
    return {
      problem: `${field.label}: “${text.slice(0, 40)}” ${parsed.reason}; allowed is ${field.min} to ${field.max} ${field.unit}.`,
    };
  const problem = valueProblem(path, parsed.value);
  return problem ? { problem } : { value: parsed.value };
}

interface CellProps {
  path: FigurePath;
  slot: Slot;
  onProblem: (slot: Slot, problem: string) => void;
  describedBy: string;
}

export function FigureCell({ path, slot, onProblem, describedBy }: CellProps) {
  const { settled, send, setDraft, mayWork } = useBench();
  const field = fieldAt(path);
  const kept = figureAt(settled.sheets, path)[slot];
  const id = useId();
  const [text, setText] = useState<string | null>(null);
  const [bad, setBad] = useState(false);
  const name = `${field.label}, ${field.given ? 'given' : slot === 'planned' ? 'planned' : 'as fitted'}`;
  const draftKey = `${path}/${slot}`;
  // Leaving the page in the middle of a figure keeps what was typed, if it can be kept.
  const leave = useRef<() => void>(() => undefined);
  const commit = (value: number | string | null) => {
    setDraft(draftKey, []);
    if (value === kept) return [];
    return send({ kind: 'figures', changes: [{ path, slot, from: kept, to: value }] });
  };
  const finish = () => {
    if (text === null) return;
    const read = readText(path, text);
    if ('problem' in read) return;
    const errors = commit(read.value);
    setBad(errors.length > 0);
    onProblem(slot, errors.join(' '));
    if (errors.length === 0) setText(null);
  };
  useEffect(() => {
    leave.current = finish;
  });
  useEffect(() => () => leave.current(), []);

  if (field.kind === 'choice') {
    return (
      <select
        id={id}
        className={`cell-input ${slot === 'planned' && !field.given ? 'planned' : ''}`}
        aria-label={name}
        value={String(kept ?? '')}
        disabled={!mayWork}
        onChange={(event) => onProblem(slot, commit(event.target.value === '' ? null : event.target.value).join(' '))}
      >
        <option value="">—</option>
        {Object.entries(field.options as Record<string, string>).map(([value, label]) => (
          <option key={value} value={value}>
            {label}
          </option>
        ))}
      </select>
    );
  }
  const type = (next: string) => {
    setText(next);
    const read = readText(path, next);
    setBad('problem' in read);
    onProblem(slot, 'problem' in read ? read.problem : '');
    setDraft(draftKey, 'problem' in read ? [] : [{ path, slot, value: read.value }]);
  };
  const putBack = () => {
    setText(null);
    setBad(false);
    onProblem(slot, '');
    setDraft(draftKey, []);
  };
  return (
    <input
      id={id}
      className={`cell-input ${slot === 'planned' && !field.given ? 'planned' : ''}`}
      inputMode="text"
      autoComplete="off"
      enterKeyHint="next"
      aria-label={`${name}, ${field.unit}`}
      aria-invalid={bad}
      aria-describedby={bad ? describedBy : undefined}
      placeholder="—"
      readOnly={!mayWork}
      value={text ?? plain(kept, field.decimals)}
      maxLength={60}
      onChange={(event) => type(event.target.value)}
      onBlur={finish}
      onFocus={(event) => event.target.select()}
      onKeyDown={(event) => {
        if (event.key === 'Enter') finish();
        if (event.key === 'Escape') putBack();
      }}
    />
  );
}
