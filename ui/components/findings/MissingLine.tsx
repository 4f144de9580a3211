'use client';
import { sectionsOf } from '../../../core/build/sections';
import { placeHref, placeOfFigure } from '../../../core/build/places';
import { stages } from '../../../core/build/stages';
import type { Finding } from '../../../core/checks/Finding';
import { needsOf, type WantedNeed } from '../../../core/checks/needsOf';
import { useWorkspace } from '../../sync/useWorkspace';
import { StageLink } from '../StageLink';
import { FindingCard } from './FindingCard';
import { LevelGlyph } from './LevelMark';
import { Opened } from '../Opened';
import { findings as t } from '../../texts/en/findings';

const sheetName = (sheet: ReturnType<typeof placeOfFigure>['sheet']) =>
  Object.hasOwn(stages, sheet) ? stages[sheet as keyof typeof stages] : t.heater;

/** One thing that is missing: a figure leads to its cell, a piece of work is said. */
function Missing({ wanted: { need, checks } }: { wanted: WantedNeed }) {
  const { build } = useWorkspace('build');
  const place = need.path ? placeOfFigure(need.path) : null;
  return (
    <li>
      {place && need.path ? (
        <StageLink className="plain-link" href={`${placeHref(build.id, place)}#${need.path}`}>
          {need.what}
        </StageLink>
      ) : (
        <span>{need.what[0]?.toUpperCase() + need.what.slice(1)}</span>
      )}{' '}
      <span className="soft">
        {place && `${sheetName(place.sheet)}, ${sectionsOf(place.sheet)[place.section]?.label.toLowerCase()}`}
        {checks.length > 1 && t.checksWaitForIt({ more: place ? '; ' : '', n: checks.length })}
      </span>
    </li>
  );
}

/** What is not measured yet, in one line: how much, and on touch what, with a way to each. */
export function MissingLine({ findings, where }: { findings: readonly Finding[]; where: string }) {
  const open = findings.filter(({ level }) => level === 'open');
  if (open.length === 0) return null;
  const wanted = needsOf(open);
  return (
    <Opened
      line={
        <>
          <LevelGlyph level="open" />
          <strong>
            {wanted.length} {wanted.length === 1 ? t.thingIs : t.thingsAre} {t.missing({ where })}
          </strong>
        </>
      }
    >
      <ul className="missing">
        {wanted.map((one) => (
          <Missing key={one.need.path ?? one.need.what} wanted={one} />
        ))}
      </ul>
      <Opened
        line={
          <>
            {open.length} {open.length === 1 ? t.checkWaits : t.checksWait}
          </>
        }
      >
        <ul>
          {open.map((finding) => (
            <FindingCard key={finding.id} finding={finding} />
          ))}
        </ul>
      </Opened>
    </Opened>
  );
}
