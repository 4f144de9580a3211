'use client';
import { Button } from '@mui/material';
import { useState } from 'react';
import { isOpenFault } from '../../../../core/build/faults';
import { faultStands, symptomText } from '../../../../core/wording/faultText';
import { Caution } from '../../../components/Caution';
import { useWorkspace } from '../../../sync/useWorkspace';
import { faults as t } from '../../../texts/en/faults';
import { FaultOpen } from './FaultOpen';
import { FaultSheet } from './FaultSheet';

/** Faults of the open build: begun by one touch, gone through one thing at a time, mended and proven. */
export function FaultsSection() {
  const { settled, mayWork } = useWorkspace('settled', 'mayWork');
  const faults = settled.faults ?? [];
  const [shown, show] = useState<string | null>(faults.findLast(isOpenFault)?.id ?? null);
  const fault = faults.find(({ id }) => id === shown);
  if (fault) return <FaultSheet key={fault.id} fault={fault} onBack={() => show(null)} />;
  return (
    <section className="faults">
      {mayWork && <FaultOpen onOpened={show} />}
      <h3>{t.faultsOf}</h3>
      {faults.length === 0 ? (
        <p className="soft">{t.none}</p>
      ) : (
        <ul className="plain fault-list">
          {[...faults].reverse().map((one) => (
            <li key={one.id}>
              <span>
                {t.fault({ what: symptomText(one.symptom), day: one.at.slice(0, 10) })}: <strong>{faultStands(one)}</strong>
              </span>
              <Button onClick={() => show(one.id)}>{isOpenFault(one) ? t.lookFurther : t.see}</Button>
            </li>
          ))}
        </ul>
      )}
      <Caution>
        {t.headacheFirst} {t.neverCut}
      </Caution>
    </section>
  );
}
