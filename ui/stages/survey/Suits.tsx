'use client';
import { Box } from '@mui/material';
import { useMemo } from 'react';
import type { Build } from '../../../core/build/Build';
import { surveyPicture } from '../../../core/drawing/survey/surveyPicture';
import { recommendSize } from '../../../core/model/heat/recommendSize';
import { needsText } from '../../../core/wording/needsText';
import { useWorkspace, useSay } from '../../sync/useWorkspace';
import { WorkingBandChart } from '../../charts/WorkingBandChart';
import { survey as t } from '../../texts/en/survey';

/** Whether this heater suits its space and its nights: a sentence, and where it is the matter the band in which it works steadily. */
export function Suits({ build, inBrief = false }: { build: Build; inBrief?: boolean }) {
  const { who } = useWorkspace('who');
  const say = useSay();
  const picture = useMemo(() => surveyPicture(build), [build]);
  return (
    <>
      {'facts' in picture ? (
        <section aria-label={t.doesItSuit}>
          <Box component="p" sx={{ fontSize: '1.1rem' }}>
            <strong>{say(recommendSize(picture.facts))}</strong>
          </Box>
          {!inBrief && <WorkingBandChart facts={picture.facts} unitPreferences={who.unitPreferences} />}
        </section>
      ) : (
        <p className="soft">{t.beforeItCanBeToldWhether({ missing: needsText(picture.missing) })}</p>
      )}
    </>
  );
}
