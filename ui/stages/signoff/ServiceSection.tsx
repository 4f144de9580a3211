'use client';
import { visitStates, visitWorks, soots, type Visit } from '../../../core/build/Build';
import { dueWords, handedOverDay, nextDue } from '../../../core/model/handover/dues';
import { roleMay } from '../../../core/people/roles';
import { compareVisit } from '../../../core/model/service/compareVisits';
import { formatFixed, formatShort } from '../../../core/units/formatNumber';
import { inUnit } from '../../../core/units/inUnits';
import { partNames } from '../../charts/run/runParts';
import { LevelGlyph } from '../../components/findings/LevelMark';
import { Opened } from '../../components/Opened';
import { useWorkspace } from '../../sync/useWorkspace';
import { signoff as t } from '../../texts/en/signoff';
import { dayAndTime } from '../../texts/when';
import { VisitForm } from './VisitForm';

const shapes = { sound: 'sound', watch: 'watch', bad: 'fix' } as const;

/** One visit in lines: what was done and found, and what was read beside the first start. */
function VisitLines({ visit }: { visit: Visit }) {
  const { settled, who } = useWorkspace('settled', 'who');
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
        const shown = (value: number) => formatFixed(inUnit(value, unit, who.unitPreferences).value, decimals);
        const told = { label, unit: inUnit(now, unit, who.unitPreferences).unit, now: shown(now) };
        return (
          <p key={quantity} className="proof-of-rule">
            <LevelGlyph level={worse ? 'watch' : 'sound'} />
            <span>{first === null ? t.aloneNow(told) : t.besideFirst({ ...told, first: shown(first) })}</span>
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
          <strong>{t.nextVisit({ what: dueWords[due.kind], day: due.day })}</strong>
        </p>
      )}
      <h3>{t.visits}</h3>
      {visits.length === 0 && <p className="soft">{t.noVisits}</p>}
      <ul className="plain">
        {visits.map((visit) => (
          <VisitLines key={visit.id} visit={visit} />
        ))}
      </ul>
      {handedOverDay(settled) === null ? (
        <p>{t.serviceEarly}</p>
      ) : (
        roleMay(who.role, 'work') && (
          <Opened line={<strong>{t.newVisit}</strong>} startOpen={visits.length === 0}>
            <VisitForm />
          </Opened>
        )
      )}
    </>
  );
}
