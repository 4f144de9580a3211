'use client';
import { Table, TableBody, TableCell, TableHead, TableRow, TextField, Typography } from '@mui/material';
import { format } from 'date-fns';
import { useState } from 'react';
import { heatTakers, hotPlaces, type HotLook } from '../../core/build/Build';
import { bearsC, hotFromMin, hotUntilMin, overK } from '../../core/proving/hotProof';
import { show } from '../../core/units/show';
import { useBench, useSay } from '../build/BuildContext';
import { ReadingEntry } from '../proving/ReadingEntry';

const settings = { touches: { label: 'What bears least there', options: heatTakers } } as const;

/** Surfaces by thermometer while it runs at full output: floor, plate, and where the exhaust passes. */
export function HotSpots() {
  const { settled, send, mayWork } = useBench();
  const say = useSay();
  const [readAt, setReadAt] = useState('');
  const looks = settled.hotLooks ?? [];
  return (
    <section aria-label="Hot spots">
      <Typography variant="h6" component="h3">
        Hot spots
      </Typography>
      {mayWork && (
        <ReadingEntry
          name="A surface by thermometer"
          figure={{ label: 'Thermometer shows', name: 'Surface', unit: '°C', min: -40, max: 600 }}
          settings={settings}
          unchosen="Say first what is there that bears least heat: timber, plastic, cable, rubber, or bare metal only."
          places={hotPlaces}
          keyText={(id, label) => (id === 'other' ? label : `at the ${label}`)}
          onRead={(surfaceC, place, { touches }) =>
            send({
              kind: 'hot',
              look: { id: crypto.randomUUID(), place, touches: touches as HotLook['touches'], surfaceC },
              ...(readAt ? { readAt: new Date(readAt).toISOString() } : {}),
            })
          }
          more={
            <TextField
              type="datetime-local"
              label="Read at"
              value={readAt}
              onChange={(event) => setReadAt(event.target.value)}
              helperText="empty: just now"
              slotProps={{ inputLabel: { shrink: true } }}
            />
          }
          hint={`It counts from ${show(hotFromMin)} min after full output until ${show(hotUntilMin)} min after the button off. A shiny surface fools an infrared thermometer: put tape on it, or touch it with a probe.`}
        />
      )}
      {looks.length > 0 && (
        <Table size="small" aria-label="Surfaces read">
          <TableHead>
            <TableRow>
              <TableCell>When</TableCell>
              <TableCell>Where</TableCell>
              <TableCell>Read</TableCell>
              <TableCell>It bears</TableCell>
              <TableCell>By</TableCell>
            </TableRow>
          </TableHead>
          <TableBody>
            {[...looks].reverse().map((look) => (
              <TableRow key={look.id} data-hot={look.place}>
                <TableCell>{format(new Date(look.at), 'd MMM HH:mm')}</TableCell>
                <TableCell>
                  {hotPlaces[look.place]} ({heatTakers[look.touches]})
                </TableCell>
                <TableCell>
                  <strong>{say(`${show(look.surfaceC)} °C`)}</strong>
                  {overK(look) >= 0 && ' too hot'}
                </TableCell>
                <TableCell>{say(`${show(bearsC[look.touches].mostC)} °C`)}</TableCell>
                <TableCell>{look.by}</TableCell>
              </TableRow>
            ))}
          </TableBody>
        </Table>
      )}
    </section>
  );
}
