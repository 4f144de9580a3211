'use client';
import { Button } from '@mui/material';
import { useState } from 'react';
import type { RulePack } from '../../../core/build/pack/RulePack';
import { copyOfPack, shippedPacks } from '../../../core/usual/packs';
import { readPackJson } from '../../../formats/rulePackJson';
import { FileButton } from '../../components/cells/FileButton';
import { Problems } from '../../components/cells/Problems';
import { postJson } from '../../sync/postJson';
import { packs as t } from '../../texts/en/packs';
import { dateAndTime } from '../../texts/when';
import { PackEditor } from './PackEditor';

export interface KeptPack {
  kept: RulePack;
  by: string;
  changedAt: string;
}
const isShipped = ({ id }: RulePack) => shippedPacks.some((one) => one.id === id);

/** The workshop's rule packs and those that ship; each can be copied, changed, and carried away as a file. */
export function RulePacks({ kept, mayChange }: { kept: KeptPack[]; mayChange: boolean }) {
  const [packs, setPacks] = useState(kept);
  const [open, setOpen] = useState<RulePack | null>(null);
  const [problems, setProblems] = useState<readonly string[]>([]);
  const keep = async (pack: RulePack): Promise<readonly string[]> => {
    const answer = await postJson<{ packs: KeptPack[] }>('/api/packs', pack);
    if (!answer.ok) return answer.errors;
    setPacks(answer.value.packs);
    setOpen(answer.value.packs.find((one) => one.kept.id === pack.id)?.kept ?? null);
    return [];
  };
  const copy = (pack: RulePack) => setOpen(copyOfPack(pack, crypto.randomUUID(), t.copied({ name: pack.name })));
  const read = async (file: File) => {
    const pack = readPackJson(await file.text());
    setProblems(pack.ok ? [] : pack.errors.slice(0, 20));
    if (!pack.ok) return;
    // What ships can't be written over: what comes from its file is a pack of one's own.
    if (isShipped(pack.value)) copy(pack.value);
    else setOpen({ ...pack.value, edition: packs.find((one) => one.kept.id === pack.value.id)?.kept.edition ?? 1 });
  };
  const row = (pack: RulePack, told: string) => (
    <li key={pack.id} className="card-row">
      <Button aria-label={t.open({ name: pack.name })} aria-pressed={open?.id === pack.id} onClick={() => setOpen(pack)}>
        {pack.name}
      </Button>
      <span className="soft">{told}</span>
    </li>
  );
  return (
    <div className="start cards">
      <section>
        <h1>{t.rulePacks}</h1>
        <p className="soft">{t.intro}</p>
        <h2>{t.yours}</h2>
        {packs.length === 0 && <p className="soft">{t.noneYet}</p>}
        <ul className="plain">
          {packs.map((one) =>
            row(one.kept, t.edition({ edition: one.kept.edition, by: one.by, when: dateAndTime(one.changedAt) })),
          )}
        </ul>
        {mayChange && (
          <FileButton name={t.file} accept=".json,application/json" onFiles={([file]) => file && void read(file)}>
            {t.readPack}
          </FileButton>
        )}
        {problems.length > 0 && <p className="error-line">{t.notKept}</p>}
        <Problems all={problems} />
        <h2>{t.shipped}</h2>
        <p className="soft">{t.shippedHint}</p>
        <ul className="plain">{shippedPacks.map((pack) => row(pack, ''))}</ul>
      </section>
      {open && (
        <PackEditor
          key={`${open.id} ${open.edition}`}
          pack={open}
          mayChange={mayChange && !isShipped(open)}
          onKeep={keep}
          {...(mayChange ? { onCopy: () => copy(open) } : {})}
        />
      )}
    </div>
  );
}
