'use client';
import { useEffect, useId, useRef, useState } from 'react';
import type { UnitId } from '../../../core/units/units';
import { inUnit } from '../../../core/units/inUnits';
import { cellUnit, parseTyped } from '../../../core/units/parseTyped';
import { formatShort } from '../../../core/units/formatNumber';
import { useWorkspace } from '../../sync/useWorkspace';
import { CellInput } from './CellInput';
import { keepDraft, readDraft } from '../../sync/useKeptText';
import { parts as t } from '../../texts/en/parts';

interface Props {
  /** What the cell holds, spoken. */
  name: string;
  label: string;
  kept: number | null;
  unit: UnitId;
  decimals: number;
  allowed: { min: number; max: number };
  /** The unit beside the cell; a figure shown in another bears its own. */
  besideUnit: string;
  /** Under which what is typed is kept on the device. */
  draftKey: string;
  planned?: boolean;
  /** It is empty, and `instead` is what is assumed. */
  assumed?: boolean;
  /** Shown faintly while the cell is empty. */
  instead?: string;
  describedBy: string;
  /** Sends a value. @returns why not */
  commit: (value: number | null) => string[];
  /** Called while typing with what the text means, or undefined where it means nothing that can stand. */
  onTyped?: (value: number | null | undefined) => void;
  onProblem: (problem: string) => void;
  check?: (value: number) => string | null;
}

/** A number with a unit, typed. What is typed and not sent yet is kept on the device, also through a closed tab. */
export function TypedCell(props: Props) {
  const {
    name,
    label,
    kept,
    unit,
    decimals,
    allowed,
    besideUnit,
    draftKey,
    planned = false,
    assumed = false,
    instead = '—',
    describedBy,
  } = props;
  const { commit, onTyped, onProblem, check } = props;
  const { mayWork, who } = useWorkspace('mayWork', 'who');
  const id = useId();
  const [text, setText] = useState<string | null>(null);
  const [bad, setBad] = useState(false);
  const shownUnit = cellUnit(kept, unit, who.unitPreferences);

  const read = (typed: string): { value: number | null } | { problem: string } => {
    if (typed.trim() === '') return { value: null };
    const parsed = parseTyped(typed, unit, shownUnit);
    if (!parsed.ok)
      return {
        problem: t.allowedIsTo({
          label,
          typed: typed.slice(0, 40),
          reason: parsed.reason,
          min: allowed.min,
          max: allowed.max,
          unit,
        }),
      };
    const problem = check?.(parsed.value) ?? null;
    return problem ? { problem } : { value: parsed.value };
  };
  /** Figure as kept, in plain digits that read back to the same number. */
  const plain = () => {
    if (kept === null) return '';
    const shown = inUnit(kept, unit, who.unitPreferences);
    const digits = formatShort(shown.value, Math.max(decimals, 3))
      .replace('−', '-')
      .replace(/\u2009/g, '');
    return shown.unit === besideUnit ? digits : `${digits} ${shown.unit}`;
  };
  const type = (next: string) => {
    setText(next);
    keepDraft(draftKey, next);
    const now = read(next);
    setBad('problem' in now);
    onProblem('problem' in now ? now.problem : '');
    onTyped?.('problem' in now ? undefined : now.value);
  };
  const settle = () => {
    setText(null);
    setBad(false);
    keepDraft(draftKey, null);
    onProblem('');
    onTyped?.(undefined);
  };
  const finish = () => {
    if (text === null) return;
    const now = read(text);
    if ('problem' in now) return;
    onTyped?.(undefined);
    const errors = now.value === kept ? [] : commit(now.value);
    if (errors.length === 0) settle();
    else {
      setBad(true);
      onProblem(errors.join(' '));
    }
  };
  // Leaving the sheet in the middle of a figure sends what was typed, if it can stand.
  const leave = useRef<() => void>(() => undefined);
  const restore = useRef<(typed: string) => void>(() => undefined);
  useEffect(() => {
    leave.current = finish;
    restore.current = (typed) => {
      type(typed);
      if (!('problem' in read(typed))) onProblem(t.wasTypedEarlierOnThisDevice({ label, typed }));
    };
  });
  useEffect(() => {
    const draft = readDraft(draftKey);
    if (draft !== null) queueMicrotask(() => restore.current(draft));
    return () => leave.current();
  }, [draftKey]);
  return (
    <CellInput
      id={id}
      name={`${name}, ${shownUnit}`}
      planned={planned}
      assumed={assumed && kept === null}
      bad={bad}
      aria-describedby={bad ? describedBy : undefined}
      placeholder={instead}
      readOnly={!mayWork}
      value={text ?? plain()}
      field={{ inputMode: 'text', autoComplete: 'off', enterKeyHint: 'next', maxLength: 60 }}
      onChange={(event) => type(event.target.value)}
      onBlur={finish}
      onFocus={(event) => event.target.select()}
      onKeyDown={(event) => {
        if (event.key === 'Enter') finish();
        if (event.key === 'Escape') settle();
      }}
    />
  );
}
