'use client';
import { Button } from '@mui/material';
import useSWR from 'swr';
import { useState } from 'react';
import type { RulePack } from '../../../../core/build/pack/RulePack';
import { evidenceOf, lacking } from '../../../../core/checks/signoff/evidence';
import { packsFor, shippedPacks } from '../../../../core/usual/packs';
import { getJson } from '../../../sync/postJson';
import { useWorkspace } from '../../../sync/useWorkspace';
import { Problems } from '../../../components/cells/Problems';
import { Pick } from '../../../components/forms/Pick';
import { RowList } from '../../../components/lists/RowList';
import { signoff as t } from '../../../texts/en/signoff';
import { PackRules } from './PackRules';

/** Packs to choose from: those that ship, and the workshop's own as far as the server can be asked. */
function usePacks(): RulePack[] {
  const { data } = useSWR('/api/packs', (url) => getJson<{ packs: { kept: RulePack }[] }>(url), { revalidateOnFocus: false });
  return [...(data?.ok ? data.value.packs.map(({ kept }) => kept) : []), ...shippedPacks];
}

/** Which packs a build goes by, and another to choose. */
function ChoosePack({ packs, onChoose }: { packs: readonly RulePack[]; onChoose: (pack: RulePack) => void }) {
  const [first] = packs;
  const [chosen, setChosen] = useState('');
  const pack = packs.find(({ id }) => id === chosen) ?? first;
  if (!pack) return null;
  return (
    <div className="pack-choice">
      <Pick
        label={t.rulePack}
        options={packs.map(({ id, name, edition }) => [id, t.packEdition({ name, edition })] as const)}
        value={pack.id}
        onChange={(event) => setChosen(event.target.value)}
      />
      <Button variant="contained" onClick={() => onChoose(pack)}>
        {t.goByIt}
      </Button>
      <p className="soft">{pack.about}</p>
    </div>
  );
}

/** What an inspector asks for, against what is there; papers, licensed people, and the inspector's own remarks. */
export function EvidenceSection() {
  const { settled, findings, send, mayWork } = useWorkspace('settled', 'findings', 'send', 'mayWork');
  const known = usePacks();
  const [problems, setProblems] = useState<readonly string[]>([]);
  const rules = evidenceOf(
    settled,
    findings.filter(({ id }) => !id.startsWith('signoff.')),
  );
  const taken = settled.packs ?? [];
  const others = packsFor(known, settled.identity.kind).filter(({ id }) => !taken.some((one) => one.id === id));
  const take = (packId: string, pack: RulePack | null) => setProblems(send({ kind: 'pack', packId, pack }));
  return (
    <>
      <p className="soft">{t.evidenceIntro}</p>
      <Problems all={problems} />
      {taken.map((pack) => (
        <PackRules
          key={pack.id}
          pack={pack}
          rules={rules.filter((one) => one.pack === pack)}
          newer={known.find(({ id, edition }) => id === pack.id && edition > pack.edition)}
          onTake={mayWork ? (next) => take(pack.id, next) : undefined}
        />
      ))}
      {mayWork && others.length > 0 && (
        <>
          {taken.length > 0 && <h3>{t.anotherPack}</h3>}
          <ChoosePack packs={others} onChoose={(pack) => take(pack.id, pack)} />
        </>
      )}
      {taken.length > 0 && lacking(rules).length === 0 && <p>{t.layItBefore}</p>}
      <h3>{t.papersKept}</h3>
      <RowList list="papers" main={['kind', 'number', 'by']} more={['givenAt', 'keptAt']} />
      <h3>{t.licensedPeople}</h3>
      <p className="soft">{t.licensedHint}</p>
      <RowList list="licensed" main={['trade', 'name', 'number']} more={['until', 'endless', 'did']} />
      <h3>{t.remarks}</h3>
      <RowList list="remarks" main={['by', 'remark', 'answer', 'state']} more={['saidAt', 'rule']} />
    </>
  );
}
