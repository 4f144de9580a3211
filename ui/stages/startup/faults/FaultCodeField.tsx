'use client';
import { Button } from '@mui/material';
import { useState } from 'react';
import type { Fault } from '../../../../core/build/faults';
import { codeKinds, type CodeKind } from '../../../../core/build/unit/UnitCard';
import type { FaultAct } from '../../../../core/commands/kinds/fault';
import { codeMeaning } from '../../../../core/model/faults/codeMeaning';
import type { FaultLore } from '../../../../core/model/faults/FaultLore';
import { CellPick, Options } from '../../../components/cells/CellInput';
import { Field } from '../../../components/forms/Field';
import { Opened } from '../../../components/Opened';
import { useKeptText } from '../../../sync/useKeptText';
import { useWorkspace } from '../../../sync/useWorkspace';
import { faults as t } from '../../../texts/en/faults';

interface Props {
  fault: Fault;
  lore: FaultLore;
  onAct: (act: FaultAct) => boolean;
}

/** The code that the controller shows: read off the unit’s own card, or asked for and kept where it does not stand there. */
export function FaultCodeField({ fault, lore, onAct }: Props) {
  const { settled } = useWorkspace('settled');
  const [shown, setShown] = useKeptText(`${settled.id}:fault/${fault.id}/code`);
  const [controller, setController] = useState('');
  const [meaning, setMeaning] = useState('');
  const [tells, setTells] = useState<CodeKind | ''>('');
  const code = shown.trim();
  const known = code ? codeMeaning(settled, lore.codes, code, controller) : null;
  const several = new Set((settled.unitCard?.faults ?? []).map((one) => one.controller ?? '')).size > 1;
  const keep = () => {
    const more = known ?? { ...(meaning.trim() ? { meaning: meaning.trim() } : {}), ...(tells ? { tells } : {}) };
    const { meaning: means, tells: kind } = more;
    if (!onAct({ does: 'code', code: { shown: code, ...(means ? { meaning: means } : {}), ...(kind ? { tells: kind } : {}) } }))
      return;
    setShown('');
    setMeaning('');
    setTells('');
  };
  const line = fault.code ? t.codeMeans({ code: fault.code.shown, meaning: fault.code.meaning ?? t.notKnown }) : t.code;
  return (
    <Opened line={line}>
      <form
        className="stack fault-code"
        onSubmit={(event) => {
          event.preventDefault();
          if (code) keep();
        }}
      >
        <p className="soft">{t.codeIsEvidence}</p>
        <Field
          label={t.code}
          value={shown}
          maxLength={20}
          autoCapitalize="characters"
          onChange={(e) => setShown(e.target.value)}
        />
        {several && (
          <Field label={t.controllerOf} value={controller} maxLength={40} onChange={(e) => setController(e.target.value)} />
        )}
        {code && known && <p role="status">{t.codeMeans({ code, meaning: known.meaning ?? t.notKnown })}</p>}
        {code && !known && (
          <>
            <p role="status">{settled.unitCard ? t.codeUnknown({ code }) : t.noCard}</p>
            <Field label={t.meaning} value={meaning} maxLength={200} onChange={(e) => setMeaning(e.target.value)} />
            <label className="inline">
              {t.saysThat}{' '}
              <CellPick name={t.saysThat} disabled={false} value={tells} onChoose={(kind) => setTells(kind as CodeKind | '')}>
                <Options of={codeKinds} empty={t.nothingSuch} />
              </CellPick>
            </label>
          </>
        )}
        <Button type="submit" disabled={!code}>
          {t.keepCode}
        </Button>
      </form>
    </Opened>
  );
}
