import { askText } from '../../../core/wording/faultText';
import { causeLabel, type PlayedAct } from '../../../core/model/trainer/play';
import { rashActs } from '../../../core/model/trainer/rash';
import { formatFixed } from '../../../core/units/formatNumber';
import { trainer as t } from '../../texts/en/trainer';

function whatText({ act }: PlayedAct): string {
  if (act.does === 'look') return askText(act.check);
  if (act.does === 'start') return t.youStarted;
  if (act.does === 'rash') return rashActs[act.act].label;
  return act.cause === 'nothing' ? t.said : t.mended({ cause: causeLabel(act.cause) });
}

/** What was done and what came of it; with what each look told, where that may be known. */
export function PlayedList({
  acts,
  newestFirst = false,
  withBits = false,
}: {
  acts: readonly PlayedAct[];
  newestFirst?: boolean;
  withBits?: boolean;
}) {
  const rows = acts.map((one, i) => ({ ...one, i }));
  return (
    <ol className="plain fault-list played" reversed={newestFirst}>
      {(newestFirst ? rows.reverse() : rows).map((one) => (
        <li key={one.i}>
          <span>
            {whatText(one)} <strong>{one.act.does === 'rash' ? '' : one.told}</strong>
            {one.danger && <span className="fault-odd"> {newestFirst ? t.stop : one.danger}</span>}
          </span>
          <span className="mono soft">
            {t.minutesShort({ n: formatFixed(one.minutes + one.parts) })}
            {withBits && one.act.does === 'look' && ` · ${t.told({ bits: formatFixed(one.bits, 1) })}`}
          </span>
        </li>
      ))}
    </ol>
  );
}
