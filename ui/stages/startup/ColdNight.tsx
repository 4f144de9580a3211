import { Alert } from '@mui/material';
import type { ColdStart } from '../../../core/drawing/start/coldStart';
import { benchCodes } from '../../../core/physics/bench/benchStates';
import { clockText } from '../../../core/units/clockText';
import { formatFixed } from '../../../core/units/formatNumber';
import { useSay } from '../../sync/useWorkspace';
import { rehearsal as t } from '../../texts/en/rehearsal';

/** What a start on the coldest night would show, before it comes. */
export function ColdNight({ cold }: { cold: ColdStart }) {
  const say = useSay();
  const { outsideC, lights, fuelStops, lowestV, events, codes, whiteSmoke, assumed } = cold;
  const outside = `${formatFixed(outsideC)} °C`;
  const told = (
    <>
      <strong>{say((lights ? t.coldGood : t.coldBad)({ outside }))}</strong> {fuelStops && t.coldFuel}{' '}
      {t.coldSee({
        events: events.map(({ label, atS }) => `${label} ${clockText(atS)}`).join(', '),
        volts: `${formatFixed(lowestV, 1)} V`,
      })}{' '}
      {codes.length > 0 && t.coldCodes({ codes: codes.map((code) => benchCodes[code]).join(', ') })}{' '}
      {whiteSmoke && lights && t.coldSmoke} {assumed && t.coldAssumed}
    </>
  );
  if (lights) return <p className="banner">{told}</p>;
  return (
    <Alert severity="error" variant="outlined">
      {told}
    </Alert>
  );
}
