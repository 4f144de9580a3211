'use client';
import { List, ListItem, ListItemText, Typography } from '@mui/material';
import { format } from 'date-fns';
import { useState } from 'react';
import { heatTakers, hotPlaces, type HotLook } from '../../../core/build/Build';
import { bearsC, hotFromMin, hotUntilMin, overK } from '../../../core/model/proving/hotProof';
import { hotText } from '../../../core/wording/hotText';
import { formatFixed } from '../../../core/units/formatNumber';
import { useWorkspace, useSay } from '../../sync/useWorkspace';
import { InstantField } from '../../components/cells/InstantField';
import { ReadingEntry } from '../proving/ReadingEntry';

const settings = { touches: { label: 'What bears least there', options: heatTakers } } as const;

/** Surfaces by thermometer while it runs at full output: floor, plate, and where the exhaust passes. */
export function HotSpots() {
  const { settled, send, mayWork } = useWorkspace('settled', 'send', 'mayWork');
  const say = useSay();
  const [readAt, setReadAt] = useState<string | null>(null);
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
              ...(readAt ? { readAt } : {}),
            })
          }
          more={<InstantField label="Read at" value={readAt} onChange={setReadAt} helperText="empty: just now" />}
          hint={`It counts from ${formatFixed(hotFromMin)} min after full output until ${formatFixed(hotUntilMin)} min after the button off. A shiny surface fools an infrared thermometer: put tape on it, or touch it with a probe.`}
        />
      )}
      {looks.length > 0 && (
        <List dense disablePadding aria-label="Surfaces read">
          {[...looks].reverse().map((look) => (
            <ListItem key={look.id} disableGutters data-hot={look.place}>
              <ListItemText
                primary={say(
                  `${hotText(look)}; at most ${formatFixed(bearsC[look.touches])} °C${overK(look) >= 0 ? ': too hot' : ''}`,
                )}
                secondary={`${look.by}, ${format(new Date(look.at), 'd MMM HH:mm')}`}
              />
            </ListItem>
          ))}
        </List>
      )}
    </section>
  );
}
