'use client';
import { licensedTrades, type Licence } from '../../../core/people/licences';
import { Button } from '@mui/material';
import { useState } from 'react';
import { Opened } from '../../components/Opened';
import { people as t } from '../../texts/en/people';
import { CardRows, type CardColumn } from '../cards/CardRows';

const columns: readonly CardColumn[] = [
  { key: 'trade', label: t.licensedFor, kind: 'choice', options: licensedTrades },
  { key: 'number', label: t.licenceNumber, kind: 'text', max: 60 },
  { key: 'from', label: t.givenBy, kind: 'text', max: 80 },
  { key: 'until', label: t.holdsUntil, kind: 'text', max: 10 },
];

/** What somebody is licensed and trained for, with number and last day. */
export function LicenceRows({
  name,
  licences,
  onKeep,
}: {
  name: string;
  licences: readonly Licence[];
  onKeep: (licences: Licence[]) => void;
}) {
  const [rows, setRows] = useState<Licence[]>([...licences]);
  const changed = JSON.stringify(rows) !== JSON.stringify(licences);
  return (
    <Opened line={t.licencesOf({ name, n: licences.length })}>
      <CardRows
        title={t.licences}
        one={t.licence}
        columns={columns}
        rows={rows}
        fresh={{ trade: 'heater', number: '', from: '' }}
        mayChange
        onChange={(next) =>
          setRows(next.map(({ until, ...licence }) => (until === undefined || until === '' ? licence : { ...licence, until })))
        }
      />
      <div className="inline licence-keep">
        <Button variant="contained" disabled={!changed} onClick={() => onKeep(rows)}>
          {t.keepLicences}
          <span className="visually-hidden"> {t.forText({ name })}</span>
        </Button>
      </div>
    </Opened>
  );
}
