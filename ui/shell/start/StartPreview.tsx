'use client';
import { useMemo } from 'react';
import { emptyBuild } from '../../../core/build/emptyBuild';
import { assess } from '../../../core/checks/assess';
import { levels, type Finding } from '../../../core/checks/Finding';
import { messageOf } from '../../../core/checks/findingText';
import { layoutRun } from '../../../core/drawing/run/layoutRun';
import { countAsked } from '../../../core/measure/walkRound';
import { inUnits, type UnitPreferences } from '../../../core/units/inUnits';
import { withStart, type Start } from '../../../core/usual/startFrom';

import { RunMarks } from '../../charts/run/RunMarks';
import { useWidth } from '../../charts/useWidth';
import { LevelMark } from '../../components/findings/LevelMark';
import { useNextMeasurements } from '../../components/measure/useNextMeasurements';
import { start as t } from '../../texts/en/start';

const blank = { name: '', what: '', place: '', heaterSerial: '', invented: false };
const previewId = '00000000-0000-4000-8000-000000000000';
/** So many things that will go wrong are told at once. */
const shown = 3;
const least = 340;

/** What a finding says, without the figures it rests on: here everything rests on what is usual. */
const plain = (finding: Finding, units: UnitPreferences) => messageOf({ ...finding, assumed: undefined }, units);

/** The build as it is usually done: drawn to scale, with what will go wrong. */
export function StartPreview({ start, units }: { start: Start | null; units: UnitPreferences }) {
  const [holder, width] = useWidth<HTMLDivElement>(560);
  const build = useMemo(() => start && withStart(emptyBuild(previewId, { ...blank, kind: start.kind }), start), [start]);
  const findings = useMemo(() => (build ? assess(build) : []), [build]);
  const drawing = useMemo(
    () => (build ? layoutRun(build, findings, Math.max(least, width), 230) : null),
    [build, findings, width],
  );
  const next = useNextMeasurements(build);
  if (!build || !drawing) return <p className="soft start-empty">{t.pickTheFirstAnswer}</p>;
  const bad = findings
    .filter(({ level, stage }) => stage !== 'signoff' && (level === 'stop' || level === 'fix'))
    .sort((a, b) => levels.indexOf(a.level) - levels.indexOf(b.level));
  const asked = next && countAsked(build, next);
  return (
    <section className="start-preview" aria-label={t.asUsualForThis} aria-live="polite">
      <div ref={holder}>
        <svg className="run" viewBox={`0 0 ${Math.max(least, width)} ${drawing.height}`} role="img" aria-label={t.drawnAsUsual}>
          <RunMarks marks={drawing.marks} say={(text) => inUnits(text, units)} />
        </svg>
      </div>
      <h2>{t.asUsualForThis}</h2>
      {bad.length === 0 && <p>{t.nothingStandsOut}</p>}
      <ul className="plain start-told">
        {bad.slice(0, shown).map((finding) => (
          <li key={finding.id}>
            <LevelMark level={finding.level} assumed />
            <span>{plain(finding, units)}</span>
          </li>
        ))}
      </ul>
      <p className="soft">
        {bad.length > shown && `${t.andMoreThings({ n: bad.length - shown })}. `}
        {asked ? t.onAssumedFiguresToMeasure({ n: asked.next, all: asked.all }) : t.onAssumedFigures}
      </p>
    </section>
  );
}
