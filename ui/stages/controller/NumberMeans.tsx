'use client';
import { useId, useMemo, useState } from 'react';
import { numberMeans, type Meaning } from '../../../core/model/controller/numberMeans';
import { knownOrAssumed } from '../../../core/figures/knownOrAssumed';
import { formatFixed, formatShort } from '../../../core/units/formatNumber';
import { readNumber } from '../../../core/units/readNumber';
import { CellInput } from '../../components/cells/CellInput';
import { Fold } from '../../components/lists/Fold';
import { useSay, useWorkspace } from '../../sync/useWorkspace';
import { controller as t } from '../../texts/en/controller';

/** What a number on the panel means: in hertz, as a step, in degrees. */
export function NumberMeans() {
  const { build } = useWorkspace('build');
  const say = useSay();
  const id = useId();
  const [typed, setTyped] = useState('');
  const number = readNumber(typed);
  const names = { hertz: t.hertz, step: t.step, degrees: t.degrees } as const;
  const shown = number.ok ? number.value : null;
  const meanings = useMemo(
    () => (shown === null ? null : knownOrAssumed(build, (read) => numberMeans(read, shown))),
    [build, shown],
  );
  const text = ({ hz, kw, litresH, ampHoursH, can }: Meaning): string => {
    const meaning =
      hz === null
        ? t.meansDegrees({ c: formatShort(shown ?? 0, 1) })
        : t.meansHertz({
            hz: formatShort(hz, 1),
            kw: formatFixed(kw ?? 0, 2),
            l: formatFixed(litresH ?? 0, 2),
            ah: formatFixed(ampHoursH ?? 0, 1),
          });
    return can ? meaning : t.cannot({ meaning });
  };
  return (
    <Fold title={t.means} note={t.meansNote}>
      <div className="inline means">
        <label htmlFor={id}>{t.shows}</label>
        <CellInput id={id} value={typed} placeholder="2.4" onChange={(event) => setTyped(event.target.value)} />
      </div>
      {!number.ok && <p className="soft">{typed.trim() === '' ? t.typeNumber : `“${typed.slice(0, 20)}” ${number.reason}.`}</p>}
      {meanings && 'value' in meanings && meanings.assumed && <p className="soft">{t.meansAssumed}</p>}
      {meanings && 'value' in meanings && (
        <dl className="meanings" role="status">
          {meanings.value.map((one) => (
            <div key={one.as} data-can={one.can}>
              <dt>{names[one.as]}</dt>
              <dd>{say(text(one))}</dd>
            </div>
          ))}
        </dl>
      )}
    </Fold>
  );
}
