'use client';
import { Button, LinearProgress } from '@mui/material';
import useSWR from 'swr';
import type { Build } from '../../../core/build/Build';
import { findMax } from '../../../core/checks/bayFilter';
import { likeBuild } from '../../../core/usual/likeBuild';
import type { Start } from '../../../core/usual/startFrom';
import { useState } from 'react';
import { Field } from '../../components/forms/Field';
import { start as t } from '../../texts/en/start';

interface Bay {
  builds: { id: string; summary: { name: string; what: string } }[];
}
async function ask<T>(url: string): Promise<T> {
  const response = await fetch(url);
  if (!response.ok) throw new Error(String(response.status));
  return (await response.json()) as T;
}

/** A start from a build that the workshop has done: its figures, every one assumed. */
export function LikeEarlier({ onPick }: { onPick: (start: Start) => void }) {
  const [find, setFind] = useState('');
  const { data, error } = useSWR<Bay>(`/api/bay?find=${encodeURIComponent(find)}`, ask, { keepPreviousData: true });
  const [problem, setProblem] = useState('');
  const pick = async (id: string) => {
    try {
      const { kept } = await ask<{ kept: { build: Build } }>(`/api/builds/${id}/state`);
      onPick(likeBuild(kept.build));
    } catch {
      setProblem(t.thereIsNoWayThrough);
    }
  };
  if (error || problem !== '') return <p role="alert">{t.thereIsNoWayThrough}</p>;
  if (!data) return <LinearProgress aria-label={t.likeWhich} />;
  return (
    <>
      <Field label={t.lookFor} maxLength={findMax} value={find} onChange={({ target }) => setFind(target.value)} />
      {data.builds.length === 0 && <p>{find === '' ? t.noneIsKeptYet : t.noneLikeThat}</p>}
      <ul className="plain start-options">
        {data.builds.map(({ id, summary }) => (
          <li key={id}>
            <Button className="start-option" onClick={() => void pick(id)}>
              <span>
                <strong>{summary.name}</strong> {summary.what}
              </span>
            </Button>
          </li>
        ))}
      </ul>
    </>
  );
}
