'use client';
import { Box, LinearProgress } from '@mui/material';
import { useCallback, useEffect, useState, type DragEvent } from 'react';
import type { PaperLine, Verdict } from '../../../core/proof/judgePaper';
import { paperMaxBytes } from '../../../formats/proof/readPaper';
import type { PaperAnswer } from '../../../workers/paper';
import { FileButton } from '../../components/cells/FileButton';
import { verify as t } from '../../texts/en/verify';
import { judgeApart, standBy } from './judgeApart';

const verdicts: Record<Verdict, () => string> = {
  withdrawn: () => t.isWithdrawn,
  holds: () => t.holds,
  partly: () => t.partly,
  broken: () => t.broken,
};
const levels: Record<PaperLine['level'], () => string> = { sound: () => t.sound, watch: () => t.watch, stop: () => t.stop };
const titles: Record<PaperLine['id'], () => string> = {
  statement: () => t.statement,
  seal: () => t.seal,
  build: () => t.build,
  ledger: () => t.ledger,
  signature: () => t.signature,
  key: () => t.key,
  since: () => t.since,
  later: () => t.later,
};

function Line({ level, title, text }: { level: PaperLine['level']; title: string; text: string }) {
  return (
    <li className="proof-line" data-level={level}>
      <strong className={`level ${level}`}>{levels[level]()}</strong>
      <span>
        <strong>{title}</strong>
        <br />
        {text}
      </span>
    </li>
  );
}

function Report({ answer }: { answer: PaperAnswer }) {
  if ('error' in answer)
    return (
      <p className="error-line" role="alert">
        {answer.error === 'noCode' ? t.noCode : t.noPaper}
      </p>
    );
  const { verdict, lines } = answer.report;
  return (
    <section role="status">
      <h2 className="proof-verdict" data-verdict={verdict}>
        {verdicts[verdict]()}
      </h2>
      <ul className="proof-lines">
        {lines.map(({ id, level, text }) => (
          <Line key={id} level={level} title={titles[id]()} text={text} />
        ))}
      </ul>
      <p className="soft">{t.notProven}</p>
    </section>
  );
}

/** Where a stranger has a certificate verified: by the file, or by the code on it. */
export function VerifyPage() {
  const [answer, setAnswer] = useState<PaperAnswer | null>(null);
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState('');
  const judge = useCallback((asked: Parameters<typeof judgeApart>[0]) => {
    setBusy(true);
    setAnswer(null);
    void judgeApart(asked)
      .then(setAnswer)
      .finally(() => setBusy(false));
  }, []);
  useEffect(() => {
    const look = () => {
      const code = decodeURIComponent(window.location.hash.slice(1));
      if (code !== '') judge({ code });
    };
    queueMicrotask(look);
    standBy();
    window.addEventListener('hashchange', look);
    return () => window.removeEventListener('hashchange', look);
  }, [judge]);
  const take = (files: readonly File[]) => {
    const [file] = files;
    if (!file) return;
    const tooLarge = file.size > paperMaxBytes;
    setProblem(tooLarge ? t.tooLarge({ mb: Math.ceil(file.size / 1048576), most: paperMaxBytes / 1048576 }) : '');
    if (!tooLarge) judge({ file });
  };
  const drop = (event: DragEvent) => {
    event.preventDefault();
    take(Array.from(event.dataTransfer.files));
  };
  return (
    <>
      <h1>{t.title}</h1>
      <p className="soft lead-in">{t.intro}</p>
      <Box className="proof-drop" onDragOver={(event: DragEvent) => event.preventDefault()} onDrop={drop}>
        <FileButton name={t.file} accept="application/pdf,.pdf" onFiles={take}>
          {t.choose}
        </FileButton>
        <span className="soft">{t.orDrop}</span>
      </Box>
      {problem && (
        <p className="error-line" role="alert">
          {problem}
        </p>
      )}
      {busy && <LinearProgress aria-label={t.looking} />}
      {answer && <Report answer={answer} />}
    </>
  );
}
