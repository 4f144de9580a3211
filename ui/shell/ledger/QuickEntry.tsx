'use client';
import { Button, IconButton, InputBase } from '@mui/material';
import { CornerDownLeft } from 'lucide-react';
import { useState } from 'react';
import type { Build } from '../../../core/build/Build';
import { parseEntry } from '../../../core/entry/parseEntry';
import type { Entry } from '../../../core/entry/Entry';
import type { UnitPreferences } from '../../../core/units/inUnits';
import { useWorkspace, useSay } from '../../sync/useWorkspace';
import { later } from '../../components/later';
import { useKeptText } from '../../sync/useKeptText';
import { ledger as t } from '../../texts/en/ledger';

const News = later(() => import('../../components/News').then((m) => m.News));
const read = (text: string, build: Build, unitPreferences: UnitPreferences) =>
  parseEntry(text, { build, unitPreferences, nowMs: Date.now(), newId: () => crypto.randomUUID() });

/** One line, units understood; what could mean two things is asked back. */
export function QuickEntry() {
  const { settled, send, who, waiting } = useWorkspace('settled', 'send', 'who', 'waiting');
  const say = useSay();
  const [line, setLine] = useKeptText(`line:${settled.id}`);
  const [answer, setAnswer] = useState<Entry | { kind: 'done'; reads: string } | null>(null);
  const enter = (text: string) => {
    const entry = read(text, settled, who.unitPreferences);
    if (entry.kind !== 'command') {
      setAnswer(entry);
      setLine(text);
      return;
    }
    const errors = send(entry.command);
    if (errors.length > 0) setAnswer({ kind: 'refused', sentence: errors.join(' ') });
    else {
      setAnswer({ kind: 'done', reads: entry.reads });
      setLine('');
    }
  };
  if (who.role === 'viewer') return <p className="entry soft">{t.youCanLookAtThisBuild}</p>;
  return (
    <form
      className="entry"
      onSubmit={(event) => {
        event.preventDefault();
        enter(line);
      }}
    >
      {answer?.kind === 'done' && (
        <News onGone={() => setAnswer(null)}>{`${waiting.length > 0 ? t.notSentYet : t.kept}: ${say(answer.reads)}`}</News>
      )}
      <div className="entry-reads" aria-live="polite">
        {answer?.kind === 'refused' && <span className="error-line">{say(answer.sentence)}</span>}
        {answer?.kind === 'ask' && <strong>{answer.question}</strong>}
      </div>
      {answer?.kind === 'ask' && (
        <div className="entry-options">
          {answer.options.map((option) => (
            <Button key={option.line} onClick={() => enter(option.line)}>
              {option.label}
            </Button>
          ))}
          <Button variant="text" onClick={() => setAnswer(null)}>
            {t.noneOfThese}
          </Button>
        </div>
      )}
      <div className="entry-line">
        <span className="mono" aria-hidden>
          &gt;
        </span>
        <InputBase
          id="quick-entry"
          fullWidth
          value={line}
          autoComplete="off"
          placeholder={t.pump24Deg124V}
          slotProps={{
            input: {
              'aria-label': t.quickEntry,
              autoCapitalize: 'off',
              spellCheck: false,
              enterKeyHint: 'done',
              maxLength: 1000,
            },
          }}
          onChange={(event) => {
            setLine(event.target.value);
            if (answer) setAnswer(null);
          }}
        />
        <IconButton type="submit" aria-label={t.enter}>
          <CornerDownLeft size={20} />
        </IconButton>
      </div>
    </form>
  );
}
