import type { Departure } from '../../../core/physics/start/departures';
import { departureText } from '../../../core/wording/departureText';
import { rehearsal as t } from '../../texts/en/rehearsal';

/** What leaves the expected course: what it means, what to do now and what to look at later. */
export function Departures({
  all,
  over = false,
}: {
  all: readonly Departure[];
  /** it is long over: only what is left to look at is told */ over?: boolean;
}) {
  return (
    <section aria-label={t.departs} className="departures">
      <h3>{t.departs}</h3>
      <ul>
        {all.map((one) => {
          const { what, means, now, then } = departureText(over ? { ...one, open: false } : one);
          return (
            <li key={`${one.quantity}${one.side}${one.fromS}`} data-departure={`${one.quantity}.${one.side}`}>
              <strong>{what}</strong> {means}
              <br />
              {!over && `${t.now}: ${now} `}
              {t.later}: {then}
            </li>
          );
        })}
      </ul>
    </section>
  );
}
