'use client';
import { Button } from '@mui/material';
import { useState } from 'react';
import { builtInCases } from '../../../core/model/trainer/builtInCases';
import { caseFileMaxBytes, readCaseFile } from '../../../core/model/trainer/caseFile';
import { casesFormat, casesVersion, type TrainerCase } from '../../../core/model/trainer/TrainerCase';
import { FileButton } from '../../components/cells/FileButton';
import { Problems } from '../../components/cells/Problems';
import { postJson } from '../../sync/postJson';
import { trainer as t } from '../../texts/en/trainer';

/** Takes a text away as a file. */
function takeAway(name: string, text: string): void {
  const url = URL.createObjectURL(new Blob([text], { type: 'application/json' }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  URL.revokeObjectURL(url);
}

/** Cases that a workshop writes itself: read from a file, and taken away as one. */
export function OwnCases({ cases, onKept }: { cases: readonly TrainerCase[]; onKept: (cases: TrainerCase[]) => void }) {
  const [problems, setProblems] = useState<readonly string[]>([]);
  const read = async (file: File) => {
    if (file.size > caseFileMaxBytes) {
      setProblems([t.tooLarge({ name: file.name, size: file.size, max: caseFileMaxBytes })]);
      return;
    }
    let value: unknown;
    try {
      value = JSON.parse(await file.text());
    } catch {
      setProblems([t.noJson({ name: file.name })]);
      return;
    }
    const checked = readCaseFile(
      value,
      cases.map(({ id }) => id),
    );
    if (!checked.ok) {
      setProblems(checked.errors);
      return;
    }
    const answer = await postJson<{ cases: TrainerCase[] }>('/api/training/cases', checked.value);
    setProblems(answer.ok ? [] : answer.errors);
    if (answer.ok) onKept(answer.value.cases);
  };
  // With none of one's own yet, one that ships with Lorbet shows how a file is written.
  const shown = cases.length > 0 ? cases : builtInCases.slice(0, 1).map((one) => ({ ...one, id: 'own-case' }));
  return (
    <>
      <h2>{t.ownCases}</h2>
      <p className="soft">{t.ownCasesHelp}</p>
      <p>{t.casesKept({ n: cases.length })}</p>
      <div className="inline">
        <FileButton name={t.readCases} accept="application/json,.json" onFiles={([file]) => file && void read(file)}>
          {t.readCases}
        </FileButton>
        <Button
          onClick={() =>
            takeAway('trainer-cases.json', JSON.stringify({ format: casesFormat, version: casesVersion, cases: shown }, null, 2))
          }
        >
          {t.takeCases}
        </Button>
      </div>
      <Problems all={problems} />
    </>
  );
}
