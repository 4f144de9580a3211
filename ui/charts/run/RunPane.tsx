'use client';
import { Button } from '@mui/material';
import { useState } from 'react';
import { placeHref, placeOfCheck, type Place } from '../../../core/build/places';
import { levels } from '../../../core/checks/Finding';
import { partFindings } from '../../../core/drawing/run/partFindings';
import { LevelGlyph } from '../../components/findings/LevelMark';
import { StageLink } from '../../components/StageLink';
import { useWorkspace } from '../../sync/useWorkspace';
import { partNames, runParts } from './runParts';
import { RunInWords } from './RunInWords';
import { RunStrip } from './RunStrip';
import { RunView } from './RunView';
import { charts as t } from '../../texts/en/charts';

/** Sections that are about the run and have no drawing of their own: there it is drawn large. */
const heroes: readonly string[] = ['priming/count'];

/** The parts of the run that have something to tell, worst first, each with a way to where it is told. */
function PartMarks() {
  const { build, findings } = useWorkspace('build', 'findings');
  const told = partFindings(findings);
  const worstFirst = runParts
    .flatMap((part) => (told[part] ? [{ part, ...told[part] }] : []))
    .sort((a, b) => levels.indexOf(a.finding.level) - levels.indexOf(b.finding.level));
  return (
    <ul className="part-marks" aria-label={t.whatTheRunHasToTell}>
      {worstFirst.map(({ part, finding, more }) => (
        <li key={part}>
          <StageLink href={placeHref(build.id, placeOfCheck(finding))} className={`part-mark level-${finding.level}`}>
            <LevelGlyph level={finding.level} assumed={finding.assumed !== undefined} size={13} />
            {partNames[part]}
            {more > 0 && <span className="mono">+{more}</span>}
          </StageLink>
        </li>
      ))}
    </ul>
  );
}

/** The run: large where the section is about it, elsewhere a strip that opens on touch. */
export function RunPane({ place }: { place: Place }) {
  const [open, setOpen] = useState(heroes.includes(`${place.sheet}/${place.section}`));
  return (
    <section className={open ? 'workspace-run' : 'workspace-run strip'} aria-label={t.theRun}>
      {open ? (
        <RunView place={place} />
      ) : (
        <>
          <RunStrip onOpen={() => setOpen(true)} />
          <PartMarks />
        </>
      )}
      <div className="run-foot">
        {open && <RunInWords />}
        <Button variant="text" aria-expanded={open} onClick={() => setOpen(!open)}>
          {open ? t.foldTheRun : t.openTheRun}
        </Button>
      </div>
    </section>
  );
}
