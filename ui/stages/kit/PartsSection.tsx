'use client';
import { Button } from '@mui/material';
import { useState, type ComponentProps } from 'react';
import { isFine } from '../../../core/model/kit/partStanding';
import { partsNotListed, partsTaken } from '../../../core/model/kit/partsTaken';
import { Problems } from '../../components/cells/Problems';
import { Fold } from '../../components/lists/Fold';
import { PhotoStrip } from '../../components/PhotoStrip';
import { RowList } from '../../components/lists/RowList';
import { TakenParts } from '../../components/lists/TakenParts';
import { useRows } from '../../components/lists/useRows';
import { useWorkspace } from '../../sync/useWorkspace';
import { PartListButtons } from './PartListButtons';
import { PartState } from './PartState';
import { kit as t } from '../../texts/en/kit';

function PartList(props: Pick<ComponentProps<typeof RowList<'parts'>>, 'order' | 'addable'>) {
  return (
    <div className="parts-list">
      <RowList
        list="parts"
        main={['name']}
        more={['kind', 'needed', 'weak', 'serial', 'mark']}
        fresh={() => ({ name: 'part', kind: 'other', needed: 1 })}
        extra={(row) => <PartState row={row} />}
        moreExtra={(row) => <PhotoStrip about="part" part={{ id: row.id, name: row.name ?? 'part' }} />}
        {...props}
      />
    </div>
  );
}

/** What pipes, ducts and hoses take as they are entered, and a key that puts what is missing onto the list. */
function Taken() {
  const { settled, mayWork } = useWorkspace('settled', 'mayWork');
  const { add } = useRows('parts');
  const [problems, setProblems] = useState<string[]>([]);
  const missing = partsNotListed(settled);
  return (
    <TakenParts parts={partsTaken(settled)} title={t.taken} note={t.takenNote}>
      {mayWork && missing.length > 0 && (
        <Button sx={{ mt: 1 }} onClick={() => setProblems(add(...missing))}>
          {t.listThem({ n: missing.length })}
        </Button>
      )}
      <Problems all={problems} />
    </TakenParts>
  );
}

/** The kit on the table: each part looked at before anything is cut. */
export function PartsSection() {
  const { rows } = useRows('parts');
  const looked = rows.filter((row) => row.state !== undefined).length;
  // As it was when the sheet was opened: a part that is looked at now stays where the hand is.
  const [fine] = useState<ReadonlySet<string>>(() => new Set(rows.filter(isFine).map(({ id }) => id)));
  // A mark that is wanted is noted at the part that bears it.
  const { findings } = useWorkspace('findings');
  const markWanted = findings.some(({ id, level }) => id === 'kit.mark' && level !== 'sound');
  const folded = rows.filter(({ id }) => fine.has(id)).length;
  return (
    <>
      <p className="soft">
        {t.everythingOutOfTheBoxEach}
        {rows.length > 0 && t.ofLookedAt({ looked, n: rows.length })}
      </p>
      <PartListButtons />
      <Taken />
      <PartList order={(all) => all.filter(({ id }) => !fine.has(id))} />
      {folded > 0 && (
        <Fold title={t.lookedAtAndThere} note={t.parts({ folded })} startOpen={markWanted}>
          <PartList order={(all) => all.filter(({ id }) => fine.has(id))} addable={false} />
        </Fold>
      )}
    </>
  );
}
