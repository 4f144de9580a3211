import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { languages, type Language } from '../../../formats/owner/texts/languages';
import { handedOverDay } from '../../../core/model/handover/dues';
import { RadioChoice } from '../../components/forms/RadioChoice';
import { useWorkspace } from '../../sync/useWorkspace';
import { signoff as t } from '../../texts/en/signoff';

/** What the owner leaves with: a sheet to fold, labels, dates. */
export function OwnerPapers() {
  const { settled } = useWorkspace('settled');
  const [language, setLanguage] = useState<Language>('en');
  const way = (of: string) => `/api/builds/${settled.id}/owner?of=${of}&language=${language}`;
  return (
    <Box component="section" sx={{ mt: 2.75 }}>
      <h3 className="hold-point">{t.forTheOwner}</h3>
      <p className="soft">{t.ownerIntro}</p>
      <RadioChoice
        name={t.ownerLanguage}
        nameIsShown={false}
        options={Object.entries(languages).map(([id, { language: name }]) => [id, name])}
        chosen={language}
        onChoose={(id) => setLanguage(id as Language)}
      />
      <Box className="inline" sx={{ mt: 1 }}>
        <Button href={way('sheet')} download>
          {t.ownerSheet}
        </Button>
        <Button href={way('labels')} download>
          {t.ownerLabels}
        </Button>
        {handedOverDay(settled) !== null && (
          <Button href={way('calendar')} download>
            {t.ownerCalendar}
          </Button>
        )}
      </Box>
    </Box>
  );
}
