'use client';
import { Box, Button, FormLabel } from '@mui/material';
import { quantities, type QuantityId } from '../../../core/build/Build';
import { cellUnit } from '../../../core/units/parseTyped';
import { CellInput } from '../../components/cells/CellInput';
import { useWorkspace } from '../../sync/useWorkspace';
import { startup as t } from '../../texts/en/startup';

/** A field for each thing that is read while it runs. */
export function ReadingsLine({
  typed,
  onType,
  onRead,
}: {
  typed: Partial<Record<QuantityId, string>>;
  onType: (quantity: QuantityId, text: string) => void;
  onRead: (quantity: QuantityId) => void;
}) {
  const { who } = useWorkspace('who');
  return (
    <div className="readings-line">
      {(Object.keys(quantities) as QuantityId[]).map((quantity) => (
        <form
          key={quantity}
          onSubmit={(event) => {
            event.preventDefault();
            onRead(quantity);
          }}
        >
          <FormLabel htmlFor={`read-${quantity}`}>{quantities[quantity].label}</FormLabel>
          <Box className="inline" sx={{ flexWrap: 'nowrap', gap: 0.5 }}>
            <CellInput
              id={`read-${quantity}`}
              field={{ inputMode: 'decimal', maxLength: 20 }}
              value={typed[quantity] ?? ''}
              onChange={(event) => onType(quantity, event.target.value)}
            />
            <Button
              type="submit"
              sx={{ minWidth: 52, paddingInline: '8px' }}
              aria-label={t.enter({ label: quantities[quantity].label.toLowerCase() })}
            >
              {cellUnit(null, quantities[quantity].unit, who.unitPreferences)}
            </Button>
          </Box>
        </form>
      ))}
    </div>
  );
}
