'use client';
import { Box, Button } from '@mui/material';
import { waiverText } from '../../../core/checks/findingText';
import { roleMay } from '../../../core/people/roles';
import { RepairList } from '../../components/findings/RepairList';
import { useWorkspace } from '../../sync/useWorkspace';
import { HoldPointList } from './HoldPointList';
import { signoff as t } from '../../texts/en/signoff';
import { dateAndTime } from '../../texts/when';

/** What was released, waived and fixed, and by whom. */
export function ReleasedSection() {
  const { settled, send, who } = useWorkspace('settled', 'send', 'who');
  return (
    <>
      <HoldPointList />
      {settled.waivers.length > 0 && (
        <Box component="section" sx={{ mt: 1.75 }}>
          <h3 className="hold-point">{t.waivers}</h3>
          <ul className="stack">
            {settled.waivers.map((w) => (
              <li key={w.checkId}>
                <strong>{waiverText(w, settled.identity.kind, who.unitPreferences)}</strong>
                <br />
                {w.reason}{' '}
                <span className="soft">
                  {w.by}, {dateAndTime(w.at)}
                </span>
                {roleMay(who.role, 'waive') && (
                  <Button variant="text" onClick={() => send({ kind: 'unwaive', checkId: w.checkId })}>
                    {t.withdraw}
                  </Button>
                )}
              </li>
            ))}
          </ul>
        </Box>
      )}
      <RepairList />
    </>
  );
}
