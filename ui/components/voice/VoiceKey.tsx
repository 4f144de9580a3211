'use client';
import { Button } from '@mui/material';
import { Mic } from 'lucide-react';
import { useState } from 'react';
import { spokenFigure } from '../../../core/entry/spokenFigure';
import { measure as t } from '../../texts/en/measure';
import { useVoice } from './useVoice';

/**
 * Says a figure instead of typing it; shown only where the device understands speech by itself.
 * @param units those that the number pad offers @param onFigure the figure as the pad would hold it, and its unit where one was said
 */
export function VoiceKey({
  units,
  onFigure,
}: {
  units: readonly string[];
  onFigure: (typed: string, unit: string | null) => void;
}) {
  const [problem, setProblem] = useState('');
  const { state, listen } = useVoice((said) => {
    const figure = spokenFigure(said);
    const unit = figure?.unit ?? null;
    const known = unit === null ? null : (units.find((one) => one.toLowerCase() === unit.toLowerCase()) ?? null);
    setProblem(
      !figure ? t.notAFigure({ said }) : unit !== null && known === null ? t.notThatUnit({ said, units: units.join(', ') }) : '',
    );
    if (figure && (unit === null || known !== null)) onFigure(figure.typed, known);
  });
  if (state === 'cannot') return null;
  return (
    <>
      <Button
        startIcon={<Mic size={20} />}
        disabled={state === 'listening'}
        onClick={() => {
          setProblem('');
          listen();
        }}
      >
        {state === 'listening' ? t.listening : t.sayIt}
      </Button>
      <p className="error-line" role="alert">
        {problem || (state === 'nothing' ? t.nothingUnderstood : '')}
      </p>
    </>
  );
}
