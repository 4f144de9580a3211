'use client';
import { Alert, Button, LinearProgress } from '@mui/material';
import { useRef, useState } from 'react';
import { eye as t } from '../../texts/en/eye';
import { Problems } from '../cells/Problems';
import { LiveScreen } from '../LiveScreen';
import { useEye } from './useEye';

/** A serial number is no longer than this. */
const longest = 60;

/** A bar code or QR code read by the camera, over the whole screen. @param onTake keeps what was read. @returns why not */
export function CodeScreen({ onTake, onLeave }: { onTake: (text: string) => string[]; onLeave: () => void }) {
  const video = useRef<HTMLVideoElement>(null);
  const [round, setRound] = useState(0);
  const [torch, setTorch] = useState(false);
  const [problem, setProblem] = useState('');
  const { state, switchTorch } = useEye(video, round);
  const text = state.kind === 'read' ? state.text : null;
  const fits = text !== null && text !== '' && text.length <= longest;
  const take = () => {
    const errors = onTake(text ?? '');
    if (errors.length === 0) onLeave();
    else setProblem(errors.join(' '));
  };
  return (
    <LiveScreen
      title={t.title}
      onLeave={onLeave}
      foot={
        <Button variant="contained" className="prime-go" disabled={!fits} onClick={take}>
          {fits ? t.take({ text }) : t.nothing}
        </Button>
      }
    >
      <p>{t.hold}</p>
      <video ref={video} className="eye" muted playsInline />
      {state.kind === 'opening' && <LinearProgress aria-label={t.opening} />}
      {(state.kind === 'refused' || state.kind === 'none') && (
        <Alert severity="warning">{state.kind === 'refused' ? t.refused : t.none}</Alert>
      )}
      {state.kind === 'looking' && state.torch && (
        <Button
          onClick={() => {
            switchTorch(!torch);
            setTorch(!torch);
          }}
        >
          {torch ? t.torchOff : t.torch}
        </Button>
      )}
      {text !== null && (
        <>
          <p className="walk-name" role="status" data-read={text}>
            {text.slice(0, longest)}
          </p>
          {!fits && <p className="error-line">{t.tooLong({ n: text.length })}</p>}
          <Button onClick={() => setRound(round + 1)}>{t.again}</Button>
        </>
      )}
      <Problems all={problem === '' ? [] : [problem]} />
    </LiveScreen>
  );
}
