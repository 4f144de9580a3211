'use client';
import { Button, Table, TableBody, TableCell, TableHead, TableRow } from '@mui/material';
import { useState } from 'react';
import { columnsOf, lists } from '../../../core/build/lists';
import { cardBounds, cardKeys } from '../../../core/build/unit/cardKeys';
import { cardSchema } from '../../../core/build/unit/cardSchema';
import {
  codeKinds,
  families,
  type CardFigure,
  type CardSetting,
  type CardWire,
  type CardKey,
  type UnitCard,
} from '../../../core/build/unit/UnitCard';
import { harnessEnds, loomWires } from '../../../core/build/listKinds';
import { settingNames } from '../../../core/build/sheetTables/controller';
import { validate } from '../../../core/build/readBuild';
import { writeCardCsv } from '../../../formats/unitCardCsv';
import { CellPick, Options } from '../../components/cells/CellInput';
import { Problems } from '../../components/cells/Problems';
import { Field } from '../../components/forms/Field';
import { saveAs } from '../../components/lists/saveAs';
import { cards as t } from '../../texts/en/cards';
import { CardFigureRow } from './CardFigureRow';
import { CardRows, type CardColumn } from './CardRows';

/** Without these much of a build can't be worked out. */
const wanted: readonly CardKey[] = ['heater.strokeVolumeMl', 'heater.pumpMinHz', 'heater.pumpMaxHz', 'heater.supplyV'];
const fileName = ({ name }: UnitCard) => `unit-card-${name.toLowerCase().replace(/[^a-z0-9]+/g, '-')}`;
const faultColumns: readonly CardColumn[] = [
  { key: 'code', label: t.code, kind: 'text', max: 20 },
  { key: 'meaning', label: t.meaning, kind: 'text', max: 200 },
  { key: 'tells', label: t.tells, kind: 'choice', options: codeKinds },
  { key: 'controller', label: t.controller, kind: 'text', max: 40 },
];
const wireColumns: readonly CardColumn[] = [
  { key: 'name', label: t.name, kind: 'text', max: 40 },
  { key: 'colour', label: t.colour, kind: 'text', max: 20 },
  { key: 'wire', label: t.carries, kind: 'choice', options: loomWires },
  { key: 'to', label: t.ledTo, kind: 'choice', options: harnessEnds },
  { key: 'areaMm2', label: t.area, kind: 'number', unit: 'mm²' },
  { key: 'lengthM', label: t.length, kind: 'number', unit: 'm' },
];
const settingColumns: readonly CardColumn[] = [
  { key: 'setting', label: t.setting, kind: 'choice', options: settingNames },
  { key: 'code', label: t.code, kind: 'text', max: 20 },
];
const stepColumns: readonly CardColumn[] = [
  { key: 'event', label: t.event, kind: 'text', max: 60 },
  { key: 'fromS', label: t.begins, kind: 'number', unit: t.secondsAfter },
  { key: 'toS', label: t.ends, kind: 'number', unit: t.secondsAfter },
];
const holeColumns = Object.entries(columnsOf('holes')).flatMap(([key, column]): CardColumn[] =>
  column.kind === 'number'
    ? [{ key, label: column.label, kind: 'number', unit: column.unit }]
    : column.kind === 'choice'
      ? [{ key, label: column.label, kind: 'choice', options: column.options }]
      : column.kind === 'text'
        ? [{ key, label: column.label, kind: 'text', max: column.max }]
        : [],
);

/** One card: its figures, each with where it came from, its faults and the course of a start. */
export function CardEditor({
  card: given,
  mayChange,
  onKeep,
  onCopy,
}: {
  card: UnitCard;
  mayChange: boolean;
  onKeep: (card: UnitCard) => Promise<readonly string[]>;
  onCopy?: () => void;
}) {
  const [card, setCard] = useState(given);
  const [problems, setProblems] = useState<readonly string[]>([]);
  const [told, setTold] = useState('');
  const change = (part: Partial<UnitCard>) => {
    setCard({ ...card, ...part });
    setTold(t.unkept);
  };
  const setFigure = (key: CardKey, figure: CardFigure | undefined) => {
    const { [key]: _old, ...others } = card.figures;
    change({ figures: figure ? { ...others, [key]: figure } : others });
  };
  const keep = async () => {
    // Checked here first, by the server's own schema: a slip is told by its name at once.
    const read = validate<UnitCard>(cardSchema(), JSON.parse(JSON.stringify(card)));
    const errors = read.ok ? await onKeep(read.value) : read.errors;
    setProblems(errors);
    setTold(errors.length === 0 ? t.kept : t.notKept);
  };
  const held = cardKeys.filter((key) => card.figures[key]);
  const free = cardKeys.filter((key) => !card.figures[key]);
  const missing = wanted.filter((key) => !card.figures[key]);
  const first = (key: CardKey): number | string => {
    const bounds = cardBounds(key);
    return bounds.kind === 'number' ? bounds.min : (Object.keys(bounds.options)[0] ?? '');
  };
  return (
    <section aria-label={card.name} className="card-editor">
      <Field
        label={t.name}
        maxLength={80}
        value={card.name}
        readOnly={!mayChange}
        onChange={({ target }) => change({ name: target.value })}
      />
      <Field
        label={t.note}
        maxLength={500}
        value={card.note}
        readOnly={!mayChange}
        onChange={({ target }) => change({ note: target.value })}
      />
      <p className="soft">{families[card.family]}</p>
      {missing.map((key) => (
        <p key={key} className="error-line" role="alert">
          {t.missing({ name: cardBounds(key).label })}
        </p>
      ))}
      <div className="inline">
        {mayChange && (
          <Button variant="contained" onClick={() => void keep()}>
            {t.keep}
          </Button>
        )}
        {onCopy && <Button onClick={onCopy}>{t.copy}</Button>}
        <Button onClick={() => saveAs(writeCardCsv(card), 'text/csv', `${fileName(card)}.csv`)}>{t.asCsv}</Button>
        <Button onClick={() => saveAs(`${JSON.stringify(card, null, 2)}\n`, 'application/json', `${fileName(card)}.json`)}>
          {t.asJson}
        </Button>
        <span role="status">{told}</span>
      </div>
      <Problems all={problems} />
      <div className="card-figures">
        <Table>
          <caption className="visually-hidden">{t.figures}</caption>
          <TableHead>
            <TableRow>
              {[t.figure, t.value, t.from, t.where, t.low, t.high].map((head) => (
                <TableCell key={head} component="th" scope="col">
                  {head}
                </TableCell>
              ))}
              <TableCell />
            </TableRow>
          </TableHead>
          <TableBody>
            {held.map((key) => (
              <CardFigureRow
                key={key}
                of={key}
                figure={card.figures[key] as CardFigure}
                mayChange={mayChange}
                onChange={(figure) => setFigure(key, figure)}
              />
            ))}
          </TableBody>
        </Table>
      </div>
      {mayChange && (
        <CellPick
          name={t.add}
          value=""
          disabled={false}
          onChoose={(key) => setFigure(key as CardKey, { value: first(key as CardKey), source: 'manual' })}
        >
          <Options of={Object.fromEntries(free.map((key) => [key, cardBounds(key).label]))} empty={t.add} />
        </CellPick>
      )}
      <CardRows
        title={t.faults}
        one={t.fault}
        columns={faultColumns}
        rows={card.faults}
        fresh={{ code: '', meaning: '' }}
        mayChange={mayChange}
        onChange={(faults) => change({ faults })}
      />
      <Field
        label={t.wayOut}
        maxLength={500}
        multiline
        value={card.wayOut ?? ''}
        readOnly={!mayChange}
        onChange={({ target }) => change({ wayOut: target.value === '' ? undefined : target.value })}
      />
      <CardRows<CardWire>
        title={t.harness}
        one={t.wire}
        columns={wireColumns}
        rows={card.harness ?? []}
        fresh={{ name: '', colour: '', wire: 'signal', to: 'controller' }}
        mayChange={mayChange}
        onChange={(harness) => change({ harness })}
      />
      <CardRows<CardSetting>
        title={t.settings}
        one={t.setting}
        columns={settingColumns}
        rows={card.settings ?? []}
        fresh={{ setting: 'mode', code: '' }}
        mayChange={mayChange}
        onChange={(settings) => change({ settings })}
      />
      <CardRows
        title={t.course}
        one={t.stepOne}
        columns={stepColumns}
        rows={card.course}
        fresh={{ event: '', fromS: 0, toS: 0 }}
        mayChange={mayChange}
        onChange={(course) => change({ course })}
      />
      <CardRows
        title={t.holes}
        one={lists.holes.one}
        columns={holeColumns}
        rows={card.holes}
        fresh={{}}
        mayChange={mayChange}
        onChange={(holes) => change({ holes })}
      />
    </section>
  );
}
