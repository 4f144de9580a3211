'use client';
import { List, ListItem, ListItemText, Typography } from '@mui/material';
import { useState } from 'react';
import { heatTakers, hotPlaces, type HotLook } from '../../../core/build/Build';
import { bearsC, hotFromMin, hotUntilMin, overK } from '../../../core/model/proving/hotProof';
import { hotText } from '../../../core/wording/hotText';
import { formatFixed } from '../../../core/units/formatNumber';
import { useWorkspace, useSay } from '../../sync/useWorkspace';
import { InstantField } from '../../components/cells/InstantField';
import { ReadingEntry } from '../proving/ReadingEntry';
import { HotPhoto, type HotMark } from './HotPhoto';
import { startup as t } from '../../texts/en/startup';
import { dayAndTime } from '../../texts/when';

const settings = {
  touches: {
    get label() {
      return t.whatBearsLeastThere;
    },
    options: heatTakers,
  },
} as const;

/** Surfaces by thermometer while it runs at full output: floor, plate, and where the exhaust passes. */
export function HotSpots() {
  const { settled, send, mayWork } = useWorkspace('settled', 'send', 'mayWork');
  const say = useSay();
  const [readAt, setReadAt] = useState<string | null>(null);
  const [mark, setMark] = useState<HotMark | null>(null);
  const looks = settled.hotLooks ?? [];
  return (
    <section aria-label={t.hotSpots}>
      <Typography variant="h6" component="h3">
        {t.hotSpots}
      </Typography>
      {mayWork && (
        <ReadingEntry
          name="A surface by thermometer"
          figure={{ label: 'Thermometer shows', name: 'Surface', unit: '°C', min: -40, max: 600 }}
          settings={settings}
          unchosen={t.sayFirstWhatIsThereThat}
          places={hotPlaces}
          keyText={(id, label) => (id === 'other' ? label : t.atThe({ label }))}
          onRead={(surfaceC, place, { touches }) => {
            const look = { id: crypto.randomUUID(), place, touches: touches as HotLook['touches'], surfaceC };
            const errors = send({
              kind: 'hot',
              look: mark ? { ...look, on: mark } : look,
              ...(readAt ? { readAt } : {}),
            });
            if (errors.length === 0 && mark) setMark(null);
            return errors;
          }}
          more={<InstantField label={t.readAt} value={readAt} onChange={setReadAt} helperText={t.emptyJustNow} />}
          hint={t.itCountsFromMinAfterFull({ hotFromMin: formatFixed(hotFromMin), hotUntilMin: formatFixed(hotUntilMin) })}
        />
      )}
      <HotPhoto mark={mark} onMark={mayWork ? setMark : null} />
      {looks.length > 0 && (
        <List dense disablePadding aria-label={t.surfacesRead}>
          {[...looks].reverse().map((look) => (
            <ListItem key={look.id} disableGutters data-hot={look.place}>
              <ListItemText
                primary={say(
                  t.atMostOf({ read: hotText(look), bearsC: formatFixed(bearsC[look.touches]) }) +
                    (overK(look) >= 0 ? t.tooHot : ''),
                )}
                secondary={`${look.by}, ${dayAndTime(look.at)}`}
              />
            </ListItem>
          ))}
        </List>
      )}
    </section>
  );
}
