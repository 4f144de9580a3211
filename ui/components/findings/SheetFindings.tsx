'use client';
import { Box } from '@mui/material';
import { sectionsOf } from '../../../core/build/sections';
import { placeOfCheck, type Place } from '../../../core/build/places';
import { countedLevel, levels, type Finding } from '../../../core/checks/Finding';
import { useWorkspace } from '../../sync/useWorkspace';
import { FindingCard } from './FindingCard';
import { LevelGlyph } from './LevelMark';
import { MissingLine } from './MissingLine';
import { Opened } from '../Opened';
import { findings as t } from '../../texts/en/findings';

const told = (finding: Finding) => finding.level !== 'sound' && finding.level !== 'open' && finding.level !== 'stop';
const worstFirst = (a: Finding, b: Finding) =>
  Number(a.waived !== null) - Number(b.waived !== null) || levels.indexOf(a.level) - levels.indexOf(b.level);

function Cards({ findings, label }: { findings: readonly Finding[]; label: string }) {
  if (findings.length === 0) return null;
  return (
    <ul aria-label={label}>
      {[...findings].sort(worstFirst).map((finding) => (
        <FindingCard key={finding.id} finding={finding} />
      ))}
    </ul>
  );
}

/** What holds, in one line that opens. @param assumed it holds on assumed figures only */
function SoundLine({ findings, assumed = false }: { findings: readonly Finding[]; assumed?: boolean }) {
  if (findings.length === 0) return null;
  return (
    <Opened
      line={
        <span className="level level-sound">
          <LevelGlyph level="sound" assumed={assumed} />
          {assumed ? t.soundIf({ n: findings.length }) : t.sound2({ n: findings.length })}
        </span>
      }
    >
      <ul>
        {findings.map((finding) => (
          <FindingCard key={finding.id} finding={finding} />
        ))}
      </ul>
    </Opened>
  );
}

/** The findings of a sheet: stops first, then those of the section in hand, what is missing in one line, the sound ones in another. */
export function SheetFindings({ place }: { place: Place }) {
  const all = useWorkspace('findings').findings;
  const ofStage = all.filter(({ stage }) => stage === place.sheet);
  // A sheet that is no stage has no checks: there the worst of the whole build is told.
  const beside = place.sheet === 'heater' || place.sheet === 'measure';
  const findings = beside ? all.filter(({ level, waived }) => level === 'stop' || (level === 'fix' && !waived)) : ofStage;
  const isHere = (finding: Finding) => beside || placeOfCheck(finding).section === place.section;
  const here = findings.filter(isHere);
  const elsewhere = findings.filter((finding) => !isHere(finding));
  const sound = findings.filter(({ level, assumed }) => level === 'sound' && !assumed);
  const soundIf = findings.filter(({ level, assumed }) => level === 'sound' && assumed);
  const one = Object.keys(sectionsOf(place.sheet)).length === 1;
  const stops = findings.filter(({ level }) => level === 'stop');
  const standing = findings.filter((finding) => countedLevel(finding) !== 'sound');
  return (
    <>
      <Cards findings={stops} label={t.stops} />
      {beside && standing.length === 0 && <p className="soft">{t.noStopAndNothingToFix}</p>}
      {findings.length > 0 && standing.length === 0 && !beside && (
        <Box component="p" sx={{ fontSize: '1.1rem' }}>
          <strong>{t.everythingHereHolds}</strong>
        </Box>
      )}
      <MissingLine findings={here} where={one ? '' : t.here} />
      <Cards findings={here.filter(told)} label={t.findingsOfThisSection} />
      {elsewhere.some(told) && <h2 className="hold-point">{t.elsewhereOnThisSheet}</h2>}
      <Cards findings={elsewhere.filter(told)} label={t.findingsElsewhereOnThisSheet} />
      <MissingLine findings={elsewhere} where={t.elsewhereOnThisSheet2} />
      <SoundLine findings={soundIf} assumed />
      <SoundLine findings={sound} />
    </>
  );
}
