'use client';
import { List, ListItem, ListItemText, Typography } from '@mui/material';
import { useWorkspace, useSay } from '../../sync/useWorkspace';
import { findings as t } from '../../texts/en/findings';
import { dayAndTime } from '../../texts/when';

/** What was found bad and fixed since, with cause and name: it stays in the record. */
export function RepairList() {
  const { settled } = useWorkspace('settled');
  const say = useSay();
  const repairs = settled.repairs ?? [];
  if (repairs.length === 0) return null;
  return (
    <section aria-label={t.foundAndFixed}>
      <Typography variant="h6" component="h3">
        {t.foundAndFixed}
      </Typography>
      <List dense disablePadding>
        {[...repairs].reverse().map((repair) => (
          <ListItem key={repair.id} disableGutters>
            <ListItemText
              primary={say(repair.found)}
              secondary={t.causeDone({
                cause: repair.cause,
                repair: repair.repair,
                by: repair.by,
                at: dayAndTime(repair.at),
              })}
            />
          </ListItem>
        ))}
      </List>
    </section>
  );
}
