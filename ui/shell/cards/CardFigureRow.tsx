'use client';
import { IconButton, TableCell, TableRow } from '@mui/material';
import { cardBounds } from '../../../core/build/unit/cardKeys';
import { cardSources, type CardFigure, type CardKey, type CardSource } from '../../../core/build/unit/UnitCard';
import { CellInput, CellPick, Options } from '../../components/cells/CellInput';
import { cards as t } from '../../texts/en/cards';
import { numeric } from './numeric';

/** One figure of a card: its value, where it came from, and the range of one that is assumed. */
export function CardFigureRow({
  of: key,
  figure,
  mayChange,
  onChange,
}: {
  of: CardKey;
  figure: CardFigure;
  mayChange: boolean;
  onChange: (figure: CardFigure | undefined) => void;
}) {
  const bounds = cardBounds(key);
  const name = bounds.label;
  const set = (part: Partial<CardFigure>) => onChange({ ...figure, ...part });
  const end = (side: 'low' | 'high', label: string) => (
    <CellInput
      look="text"
      name={label}
      value={figure[side] ?? ''}
      readOnly={!mayChange}
      field={{ inputMode: 'decimal', maxLength: 12 }}
      onChange={({ target }) => set({ [side]: target.value === '' ? undefined : numeric(target.value) })}
    />
  );
  return (
    <TableRow data-card-key={key}>
      <TableCell>
        {name}
        {bounds.kind === 'number' && <span className="soft"> {bounds.unit === 'deg' ? '°' : bounds.unit}</span>}
      </TableCell>
      <TableCell>
        {bounds.kind === 'number' ? (
          <CellInput
            look="text"
            name={t.valueOf({ name })}
            value={figure.value}
            readOnly={!mayChange}
            field={{ inputMode: 'decimal', maxLength: 12 }}
            onChange={({ target }) => set({ value: numeric(target.value) })}
          />
        ) : (
          <CellPick
            name={t.valueOf({ name })}
            value={String(figure.value)}
            disabled={!mayChange}
            onChoose={(value) => set({ value })}
          >
            <Options of={bounds.options} />
          </CellPick>
        )}
      </TableCell>
      <TableCell>
        <CellPick
          name={t.sourceOf({ name })}
          value={figure.source}
          disabled={!mayChange}
          onChoose={(source) => set({ source: source as CardSource })}
        >
          <Options of={cardSources} />
        </CellPick>
      </TableCell>
      <TableCell>
        <CellInput
          look="text"
          name={t.whereOf({ name })}
          value={figure.where ?? ''}
          readOnly={!mayChange}
          field={{ maxLength: 80 }}
          onChange={({ target }) => set({ where: target.value === '' ? undefined : target.value })}
        />
      </TableCell>
      <TableCell>{bounds.kind === 'number' && figure.source === 'assumed' && end('low', t.lowOf({ name }))}</TableCell>
      <TableCell>{bounds.kind === 'number' && figure.source === 'assumed' && end('high', t.highOf({ name }))}</TableCell>
      <TableCell>
        {mayChange && (
          <IconButton aria-label={t.remove({ name })} onClick={() => onChange(undefined)}>
            ×
          </IconButton>
        )}
      </TableCell>
    </TableRow>
  );
}
