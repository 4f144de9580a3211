'use client';
import { visitStates, visitWorks, soots, type Visit } from '../../../core/build/Build';
import { partNames } from '../../../core/build/listKinds';
import { handedOverDay, nextDue } from '../../../core/model/handover/dues';
import { compareVisit } from '../../../core/model/service/compareVisits';
import { formatFixed, formatShort } from '../../../core/units/formatNumber';
import { LevelGlyph } from '../../components/findings/LevelMark';
import { useWorkspace } from '../../sync/useWorkspace';
import { signoff as t } from '../../texts/en/signoff';
import { dayAndTime } from '../../texts/when';
import { VisitForm } from './VisitForm';

const shapes = { sound: 'sound', watch: 'watch', bad: 'fix' } as const;

/** One visit in lines: what was done and found, and what was read beside the first start. */
function VisitLines({ visit }: { visit: Visit }) {
  const { settled } = useWorkspace('settled');
  const facts = [
    ...visit.did.map((work) => visitWorks[work]),
    ...(visit.hours === undefined ? [] : [t.hoursOn({ hours: formatShort(visit.hours, 0) })]),
    ...(visit.soot === undefined ? [] : [t.sootIs({ soot: soots[visit.soot] })]),
    ...(visit.changed ? [t.changedParts({ parts: visit.changed.map((part) => partNames[part]).join(', ') })] : []),
  ];
  return (
    <li className="rule">
      <p className="rule-says">
        <span className={`level level-${shapes[visit.found]}`}>
          <LevelGlyph level={shapes[visit.found]} />
          {visitStates[visit.found]}
        </span>
        <strong>
          {dayAndTime(Date.parse(visit.at))}, {visit.by}: {visit.note}
        </strong>
      </p>
      {facts.length > 0 && <p>{facts.join(' · ')}</p>}
      {compareVisit(settled, visit).map(({ quantity, label, unit, decimals, first, now, worse }) => {
        const told = { label, unit, now: formatFixed(now, decimals) };
        return (
          <p key={quantity} className="proof-of-rule">
            <LevelGlyph level={worse ? 'watch' : 'sound'} />
            <span>{first === null ? t.aloneNow(told) : t.besideFirst({ ...told, first: formatFixed(first, decimals) })}</span>
          </p>
        );
      })}
    </li>
  );
}

/** Visits after hand-over, newest first, and what is due next. */
export function ServiceSection() {
  const { settled, who } = useWorkspace('settled', 'who');
  const visits = [...(settled.visits ?? [])].reverse();
  const due = nextDue(settled);
  return (
    <>
      <p className="soft">{t.serviceIntro}</p>
      {due && (
        <p>
          <strong>{t.nextVisit({ what: visitWorks[due.kind], day: due.day })}</strong>
        </p>
      )}
      {handedOverDay(settled) === null ? <p>{t.serviceEarly}</p> : who.role !== 'viewer' && <VisitForm />}
      <h3>{t.visits}</h3>
      {visits.length === 0 && <p className="soft">{t.noVisits}</p>}
      <ul className="plain">
        {visits.map((visit) => (
          <VisitLines key={visit.id} visit={visit} />
        ))}
      </ul>
    </>
  );
}
