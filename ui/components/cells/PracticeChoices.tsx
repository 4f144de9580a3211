'use client';
import { Box } from '@mui/material';
import { RadioChoice } from '../forms/RadioChoice';
import { practiceIds, practices, type PracticeId, type Practices } from '../../../core/practices/practices';
import { parts as t } from '../../texts/en/parts';

/** Accepted ways among which a workshop picks, each with its reason in a sentence. */
export function PracticeChoices({
  chosen,
  onChoose,
}: {
  chosen: Practices;
  /** null where this person may only read */ onChoose: ((practice: PracticeId, option: string) => void) | null;
}) {
  return (
    <Box className="stack" sx={{ mt: 1 }}>
      {practiceIds.map((id) => {
        const options = practices[id].options as Record<string, { label: string; reason: string }>;
        return (
          <RadioChoice
            key={id}
            name={practices[id].label}
            options={Object.entries(options).map(([option, { label, reason }]) => [
              option,
              <span key={option}>
                <strong>{label}.</strong> {reason} <span className="soft">{t.commonPracticeNoSource}</span>
              </span>,
            ])}
            chosen={chosen[id]}
            onChoose={onChoose && ((option) => onChoose(id, option))}
          />
        );
      })}
    </Box>
  );
}
