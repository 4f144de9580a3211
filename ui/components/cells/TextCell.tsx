'use client';
import { useState } from 'react';
import { useWorkspace } from '../../sync/useWorkspace';
import { CellInput } from './CellInput';
import { useDraft } from '../../sync/useKeptText';

interface Props {
  /** What the field holds, spoken; left out where a label stands round it. */
  name?: string;
  kept: string;
  max: number;
  /** Under which what is typed is kept on the device. */
  draftKey: string;
  /** Sends a text. @returns why not */
  commit: (text: string) => string[];
}

/** A line of text, typed; kept on the device until it is sent by Enter or by leaving it, put back by Escape. */
export function TextCell({ name, kept, max, draftKey, commit }: Props) {
  const { mayWork } = useWorkspace('mayWork');
  const [draft, setDraft] = useDraft(draftKey);
  const [problem, setProblem] = useState('');
  const finish = () => {
    if (draft === null) return;
    const to = draft.trim();
    const errors = to === kept ? [] : commit(to);
    setProblem(errors.join(' '));
    if (errors.length === 0) setDraft(null);
  };
  return (
    <>
      <CellInput
        look="text"
        name={name}
        value={draft ?? kept}
        placeholder={name ? '—' : ''}
        readOnly={!mayWork}
        field={{ maxLength: max }}
        onChange={(event) => setDraft(event.target.value)}
        onBlur={finish}
        onKeyDown={(event) => {
          if (event.key === 'Enter') finish();
          if (event.key === 'Escape') setDraft(null);
        }}
      />
      {problem && (
        <span className="cell-problem" role="alert">
          {problem}
        </span>
      )}
    </>
  );
}
