'use client';
import { Box, Button } from '@mui/material';
import { holdPointSteps, stageIds, stages } from '../../core/build/stages';
import { type SheetId } from '../../core/build/sections';
import { placeHref, placeOfCheck, sectionAt } from '../../core/build/places';
import { format } from 'date-fns';
import Link from 'next/link';
import { messageOf } from '../../core/checks/findingText';
import { levelWords, type Level } from '../../core/checks/Finding';
import type { BuildSummary } from '../../core/checks/summarizeBuild';
import { bayQuery, type BayFilter } from '../../core/checks/bayFilter';
import type { UnitPreferences } from '../../core/units/inUnits';
import { useNow } from '../components/useNow';
import { LevelMark } from '../components/findings/LevelMark';

/** A dipstick lying down: wet as far as the build is proven. */
function LyingDipstick({ wet }: { wet: number }) {
  const [w, step] = [160, 160 / stageIds.length];
  return (
    <svg width={168} height={26} role="img" aria-label={`${wet} of ${stageIds.length} stages proven`}>
      <rect x={3} y={7} width={wet * step} height={12} fill="var(--fuel-deep)" rx={wet === stageIds.length ? 6 : 0} />
      <rect x={3} y={7} width={w} height={12} rx={6} fill="none" stroke="var(--ink)" strokeWidth={2} />
      {stageIds.slice(1).map((id, i) => (
        <line key={id} x1={3 + (i + 1) * step} x2={3 + (i + 1) * step} y1={9} y2={17} stroke="var(--ink)" strokeWidth={1.5} />
      ))}
    </svg>
  );
}

const firstPlace = (sheet: SheetId) => ({ sheet, section: sectionAt(sheet, undefined) });

const countWords: Partial<Record<Level, (n: number) => string>> = {
  stop: (n) => (n === 1 ? 'stop' : 'stops'),
  fix: () => 'to fix',
};
const leakLooks = { wipe: 'wipe the joints', warm: 'look for leaks, warm', night: 'look for leaks after the night' } as const;
const signedWords = { signed: 'signed', corrected: 'corrected since signed' } as const;

export interface BayBuild {
  id: string;
  summary: BuildSummary;
  changedAt: string;
}

/** One build as the bay shows it: what it waits for, its worst finding, the next hold point. */
function BayRow({
  build: { id, summary, changedAt },
  unitPreferences,
  nowMs,
}: {
  build: BayBuild;
  unitPreferences: UnitPreferences;
  nowMs: number;
}) {
  const { name, what, place, wet, signed, counts, worst, holdPoint, waitsFor, leak } = summary;
  const told = (['stop', 'fix', 'open'] as const).filter((level) => counts[level] > 0);
  const pressing = worst?.level === 'stop' || worst?.level === 'fix' ? placeOfCheck(worst) : firstPlace(waitsFor ?? 'signoff');
  return (
    <li>
      <Link className="bay-row" prefetch={false} href={placeHref(id, signed === 'signed' ? firstPlace('signoff') : pressing)}>
        <div>
          <h2>{name}</h2>
          <p className="soft">{[what, place].filter(Boolean).join(', ')}</p>
          <p className="soft">last entry {format(new Date(changedAt), 'd MMM HH:mm')}</p>
        </div>
        <div>
          <LyingDipstick wet={wet} />
          <p>{signed === 'unsigned' ? `waits for ${stages[waitsFor ?? 'signoff'].toLowerCase()}` : signedWords[signed]}</p>
        </div>
        <div className="bay-waits">
          {worst ? (
            <>
              <LevelMark level={worst.level} />{' '}
              {told
                .map((level) => `${counts[level]} ${countWords[level]?.(counts[level]) ?? levelWords[level].toLowerCase()}`)
                .join(', ')}
              <p>
                <strong>{messageOf(worst, unitPreferences)}</strong>
              </p>
            </>
          ) : signed === 'signed' ? (
            <LevelMark level="sound" />
          ) : (
            <p>
              <strong>Nothing stands in the way.</strong>
            </p>
          )}
          {leak && signed !== 'signed' && (
            <p>
              {nowMs >= leak.dueMs ? (
                <strong>Due: {leakLooks[leak.look]}</strong>
              ) : (
                `From ${format(new Date(leak.dueMs), 'd MMM HH:mm')}: ${leakLooks[leak.look]}`
              )}{' '}
              ({leak.joints} {leak.joints === 1 ? 'joint' : 'joints'})
            </p>
          )}
          {holdPoint && signed === 'unsigned' && (
            <p>
              Next hold point: <strong>{holdPointSteps[holdPoint]}</strong>
            </p>
          )}
        </div>
      </Link>
    </li>
  );
}

/** A page of the workshop's builds, the last changed first. */
export function BayView({
  builds,
  next,
  filter,
  first,
  unitPreferences,
}: {
  builds: readonly BayBuild[];
  next: string | null;
  filter: BayFilter;
  /** whether this is the first page */ first: boolean;
  unitPreferences: UnitPreferences;
}) {
  const nowMs = useNow() ?? 0;
  const pageFrom = (from: string | null) => `/?${bayQuery(filter, from ?? '')}`;
  if (builds.length === 0)
    return (
      <Box component="p" sx={{ mt: 3 }}>
        {filter.find
          ? `No build holds “${filter.find}” in its name, kind, place or serial number${bayQuery({ ...filter, find: '' }) ? ', of those chosen' : ''}.`
          : bayQuery(filter)
            ? 'No build is like that.'
            : 'No build yet. Make a new one, or import one from a file.'}
      </Box>
    );
  return (
    <>
      <ul className="bay-list">
        {builds.map((build) => (
          <BayRow key={build.id} build={build} unitPreferences={unitPreferences} nowMs={nowMs} />
        ))}
      </ul>
      <Box component="nav" className="inline" aria-label="Pages" sx={{ mt: 1.75 }}>
        {!first && (
          <Button component={Link} prefetch={false} href={pageFrom(null)}>
            To the newest
          </Button>
        )}
        {next && (
          <Button component={Link} prefetch={false} href={pageFrom(next)}>
            Older builds
          </Button>
        )}
      </Box>
    </>
  );
}
