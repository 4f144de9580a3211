'use client';
import { Button, LinearProgress } from '@mui/material';
import { Camera, Delete } from 'lucide-react';
import { Fragment, useEffect, useState, type PointerEvent } from 'react';
import { placeHref, placeOfList } from '../../../core/build/places';
import { fieldAt, figureAt, type FigurePath } from '../../../core/build/sheets';
import { valueProblem } from '../../../core/commands/kinds/figures';
import { countedLevel, levels } from '../../../core/checks/Finding';
import { holdBox, holdPictureOf } from '../../../core/drawing/start/holdPictures';
import { showFigure } from '../../../core/figures/showFigure';
import type { NextMeasurement } from '../../../core/measure/nextMeasurements';
import { isLevelled } from '../../../core/measure/byLevel';
import { tools, toolOf } from '../../../core/measure/stands';
import { pressKey, unitChoices } from '../../../core/measure/unitChoices';
import { slotNow } from '../../../core/measure/walkRound';
import { nameOf, rangeText } from '../../../core/measure/whyText';
import { parseTyped } from '../../../core/units/parseTyped';
import { FileButton } from '../../components/cells/FileButton';
import { LevelKey } from '../../components/level/LevelKey';
import { LieKey } from '../../components/level/LieKey';
import { LiveScreen } from '../../components/LiveScreen';
import { photoOf, tooLarge } from '../../components/photoOf';
import { LevelMark } from '../../components/findings/LevelMark';
import { VoiceKey } from '../../components/voice/VoiceKey';
import { StageLink } from '../../components/StageLink';
import { useFindingText, useWorkspace } from '../../sync/useWorkspace';
import { measure as t } from '../../texts/en/measure';

interface Props {
  item: NextMeasurement;
  title: string;
  count: string;
  share: number;
  onNext: () => void;
  onBack: () => void;
  onLater: () => void;
  onCantReach: () => void;
  onLeave: () => void;
  swipe: { onPointerDown: (event: PointerEvent) => void; onPointerUp: (event: PointerEvent) => void };
}

const digits = ['1', '2', '3', '4', '5', '6', '7', '8', '9'];

/** The worst that is told of the checks that rest on a figure, while it is typed. */
function Verdict({ checks }: { checks: readonly string[] }) {
  const { findings } = useWorkspace('findings');
  const { message } = useFindingText();
  const [worst] = findings
    .filter(({ id }) => checks.includes(id))
    .sort((a, b) => levels.indexOf(a.level) - levels.indexOf(b.level));
  if (!worst) return null;
  return (
    <div className="walk-verdict" role="status" data-level={countedLevel(worst)}>
      <LevelMark level={worst.level} assumed={worst.assumed !== undefined} />
      <p>{message(worst.assumed ? { ...worst, assumed: undefined } : worst)}</p>
    </div>
  );
}

/** The photograph of what was measured, kept with the build. @param onTold whether it was kept, or why not */
function PhotoKey({ name, onTold }: { name: string; onTold: (said: string) => void }) {
  const { takePhoto } = useWorkspace('takePhoto');
  const take = async (file: File) => {
    const photo = photoOf(file, { about: 'other', caption: name.slice(0, 120), printed: 'no' });
    onTold(tooLarge(file) ?? (await takePhoto(photo)) ?? t.photographKept);
  };
  return (
    <FileButton name={t.photo} accept="image/*" camera onFiles={([file]) => file && void take(file)}>
      <Camera size={20} aria-hidden /> {t.photo}
    </FileButton>
  );
}

function NumberEntry({
  path,
  unit,
  typed,
  onValue,
}: {
  path: FigurePath;
  unit: string;
  typed: string;
  onValue: (typed: string, unit: string) => void;
}) {
  const field = fieldAt(path);
  const choices = field.kind === 'number' ? unitChoices(field.unit) : [];
  const press = (key: string) => {
    onValue(pressKey(typed, key), unit);
  };
  if (field.kind !== 'number') return null;
  const turn = () => onValue(typed, choices[(choices.indexOf(unit) + 1) % choices.length] ?? unit);
  // Beside each row of digits a key of its own: what is not wanted for this figure is left out.
  const beside = [
    <Button key="back" aria-label={t.backspace} onClick={() => press('⌫')}>
      <Delete size={22} />
    </Button>,
    ...(field.min < 0
      ? [
          <Button key="minus" aria-label={t.minus} onClick={() => press('−')}>
            −
          </Button>,
        ]
      : []),
    <Button key="point" onClick={() => press('.')}>
      .
    </Button>,
    ...(choices.length > 1
      ? [
          <Button key="unit" className="walk-unit" aria-label={t.unit({ unit })} onClick={turn}>
            {unit} ▾
          </Button>,
        ]
      : []),
  ];
  return (
    <div className="walk-pad">
      {[0, 3, 6].map((first, row) => (
        <Fragment key={first}>
          {digits.slice(first, first + 3).map((key) => (
            <Button key={key} onClick={() => press(key)}>
              {key}
            </Button>
          ))}
          {beside[row] ?? <span />}
        </Fragment>
      ))}
      <Button className="walk-zero" onClick={() => press('0')}>
        0
      </Button>
      {beside[3] ?? <span />}
    </div>
  );
}

/** One figure over the whole screen: what it is, how it is taken, and the keys under the thumb. */
export function WalkItem({ item, title, count, share, onNext, onBack, onLater, onCantReach, onLeave, swipe }: Props) {
  const { settled, who, send, setDraft, mayWork } = useWorkspace('settled', 'who', 'send', 'setDraft', 'mayWork');
  const units = who.unitPreferences;
  const path = 'path' in item.at ? item.at.path : null;
  const field = path && fieldAt(path);
  const [typed, setTyped] = useState('');
  const [unit, setUnit] = useState(field?.kind === 'number' ? (unitChoices(field.unit)[0] ?? '') : '');
  const [problem, setProblem] = useState('');
  const [photoTold, setPhotoTold] = useState('');
  useEffect(() => () => setDraft('walk', []), [setDraft]);
  const slot = path ? slotNow(settled, path) : 'planned';
  const name = nameOf(item);
  const read = (text: string, inUnit: string): { value: number | string | null; problem: string } => {
    if (!path || field?.kind !== 'number' || text === '' || text === '-') return { value: null, problem: '' };
    const parsed = parseTyped(text, field.unit, inUnit === '°' ? 'deg' : inUnit);
    if (!parsed.ok) return { value: null, problem: parsed.reason };
    const wrong = valueProblem(path, parsed.value);
    return wrong ? { value: null, problem: wrong } : { value: parsed.value, problem: '' };
  };
  const now = read(typed, unit);
  const type = (text: string, inUnit: string) => {
    setTyped(text);
    setUnit(inUnit);
    const { value, problem: wrong } = read(text, inUnit);
    setProblem(wrong);
    if (path) setDraft('walk', value === null ? [] : [{ path, slot, value }]);
  };
  const keep = (value: number | string) => {
    if (!path) return;
    const from = figureAt(settled.sheets, path)[slot];
    const errors = from === value ? [] : send({ kind: 'figures', changes: [{ path, slot, from, to: value }] });
    setDraft('walk', []);
    if (errors.length > 0) setProblem(errors.join(' '));
    else onNext();
  };
  const picture = path && holdPictureOf(path);
  const range = rangeText(item, units);
  const foot = (
    <div className="walk-foot">
      <Button onClick={onCantReach} disabled={!mayWork}>
        {t.cantReach}
      </Button>
      <Button onClick={onLater}>{t.later}</Button>
      <PhotoKey name={name} onTold={setPhotoTold} />
      {field?.kind === 'number' && now.value !== null ? (
        <Button variant="contained" className="walk-next" disabled={!mayWork} onClick={() => keep(now.value ?? '')}>
          {t.takeAndNext({ value: path ? showFigure(path, now.value, units) : '' })}
        </Button>
      ) : path && item.assumed && field?.kind === 'number' ? (
        <Button variant="contained" className="walk-next" disabled={!mayWork} onClick={() => keep(item.assumed?.value ?? '')}>
          {t.itIsSo}
        </Button>
      ) : (
        <Button variant="contained" className="walk-next" onClick={onNext}>
          {t.next}
        </Button>
      )}
    </div>
  );
  return (
    <LiveScreen title={title} onLeave={onLeave} foot={foot}>
      <div className="walk-item" {...swipe}>
        <div className="walk-count">
          <LinearProgress variant="determinate" value={share * 100} aria-label={count} />
          <Button variant="text" onClick={onBack} aria-label={t.previous}>
            {count}
          </Button>
        </div>
        <p className="walk-name">{name}</p>
        <p className="soft">{[...(path ? [tools[toolOf(path)]] : []), ...(field?.hint ? [field.hint] : [])].join(' · ')}</p>
        {picture && (
          <svg className="walk-picture" viewBox={`0 0 ${holdBox.w} ${holdBox.h}`} aria-hidden>
            {picture.map(({ d, look }, i) => (
              <path key={i} d={d} className={`picture-${look}`} />
            ))}
          </svg>
        )}
        {!path && 'list' in item.at && (
          <Button component={StageLink} href={placeHref(settled.id, placeOfList(item.at.list))} onClick={onLeave}>
            {t.openList}
          </Button>
        )}
        {path && field?.kind === 'number' && (
          <>
            <p className="walk-value" data-typed={typed} aria-live="polite">
              <span className={typed === '' ? 'walk-assumed' : ''}>
                {typed === ''
                  ? item.assumed
                    ? showFigure(path, item.assumed.value, units, unit)
                    : '—'
                  : typed.replace('-', '−')}
              </span>{' '}
              <span className="soft">{unit}</span>
            </p>
            {item.assumed && range && (
              <p className="soft walk-usual">
                {typed !== '' && `${t.assumedOnly({ value: showFigure(path, item.assumed.value, units) })}, `}
                {t.usualRange({ range })}
                {`. ${t.because({ why: item.assumed.why })}`}
              </p>
            )}
          </>
        )}
        <p className="error-line" role="alert">
          {problem}
        </p>
        {photoTold && <p role="status">{photoTold}</p>}
        {path && field?.kind === 'number' && (
          <VoiceKey units={unitChoices(field.unit)} onFigure={(said, inUnit) => type(said, inUnit ?? unit)} />
        )}
        {path && isLevelled(path) && <LevelKey path={path} onTaken={onNext} />}
        {path === 'siting.heaterLies' && <LieKey onTaken={onNext} />}
        {path && <Verdict checks={item.checks} />}
      </div>
      {path && field?.kind === 'number' && <NumberEntry path={path} unit={unit} typed={typed} onValue={type} />}
      {path && field?.kind === 'choice' && (
        <div className="walk-options">
          {Object.entries(field.options).map(([id, label]) => (
            <Button
              key={id}
              className={item.assumed?.value === id ? 'walk-assumed' : ''}
              disabled={!mayWork}
              onClick={() => keep(id)}
            >
              {label}
            </Button>
          ))}
        </div>
      )}
    </LiveScreen>
  );
}
