'use client';
import { Box, Button } from '@mui/material';
import { dueWords } from '../../core/model/handover/dues';
import { holdPointSteps, stageIds, stages } from '../../core/build/stages';
import { type SheetId } from '../../core/build/sections';
import { placeHref, placeOfCheck, sectionAt } from '../../core/build/places';
import Link from 'next/link';
import { levelWords, type Level } from '../../core/checks/Finding';
import type { BuildSummary } from '../../core/checks/summarizeBuild';
import { bayQuery, type BayFilter } from '../../core/checks/bayFilter';
import { useNow } from '../components/useNow';
import { LevelMark } from '../components/findings/LevelMark';
import { bay as t } from '../texts/en/bay';
import { dayAndTime } from '../texts/when';

/** A dipstick lying down: wet as far as the build is proven. */
function LyingDipstick({ wet }: { wet: number }) {
  const [w, step] = [160, 160 / stageIds.length];
  return (
    <svg width={168} height={26} role="img" aria-label={t.ofStagesProven({ wet, n: stageIds.length })}>
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
  stop: (n) => (n === 1 ? t.stop : t.stops),
  fix: () => t.toFix,
};
/** A visit is told from a month before its day. */
const soonMs = 31 * 24 * 3600 * 1000;
const leakLooks = { wipe: 'wipeTheJoints', warm: 'lookForLeaksWarm', night: 'lookForLeaksAfterTheNight' } as const;
const signedWords = { signed: 'signed', corrected: 'correctedSinceSigned' } as const;

export interface BayBuild {
  id: string;
  summary: BuildSummary;
  changedAt: string;
  /** its worst finding in a sentence, in the units of whoever asked */ told?: string | null;
}

/** One build as the bay shows it: what it waits for, its worst finding, the next hold point. */
function BayRow({ build: { id, summary, changedAt, told: worstTold }, nowMs }: { build: BayBuild; nowMs: number }) {
  const { name, what, place, wet, signed, counts, worst, holdPoint, waitsFor, leak, due, lastStartAt } = summary;
  const headingId = `build-${id}`;
  const told = (['stop', 'fix', 'open'] as const).filter((level) => counts[level] > 0);
  const pressing = worst?.level === 'stop' || worst?.level === 'fix' ? placeOfCheck(worst) : firstPlace(waitsFor ?? 'signoff');
  return (
    <li>
      <Link className="bay-row" prefetch={false} href={placeHref(id, signed === 'signed' ? firstPlace('signoff') : pressing)}>
        <div>
          <h2 id={headingId}>{name}</h2>
          <p className="soft">{[what, place].filter(Boolean).join(', ')}</p>
          <p className="soft">{t.lastEntry({ changedAt: dayAndTime(changedAt) })}</p>
        </div>
        <div>
          <LyingDipstick wet={wet} />
          <p>
            {signed === 'unsigned'
              ? t.waitsFor2({ waitsFor: stages[waitsFor ?? 'signoff'].toLowerCase() })
              : t[signedWords[signed]]}
          </p>
        </div>
        <div className="bay-waits">
          {worst ? (
            <>
              <LevelMark level={worst.level} assumed={worst.assumed !== undefined} />{' '}
              {told
                .map((level) => `${counts[level]} ${countWords[level]?.(counts[level]) ?? levelWords[level].toLowerCase()}`)
                .join(', ')}
              <p>
                <strong>{worstTold}</strong>
              </p>
            </>
          ) : signed === 'signed' ? (
            <LevelMark level="sound" />
          ) : (
            <p>
              <strong>{t.nothingStandsInTheWay}</strong>
            </p>
          )}
          {leak && signed !== 'signed' && (
            <p>
              {nowMs >= leak.dueMs ? (
                <strong>{t.due({ look: t[leakLooks[leak.look]] })}</strong>
              ) : (
                t.from({ dueMs: dayAndTime(leak.dueMs), look: t[leakLooks[leak.look]] })
              )}{' '}
              ({leak.joints} {leak.joints === 1 ? t.joint : t.joints})
            </p>
          )}
          {due && signed === 'signed' && Date.parse(due.day) - nowMs < soonMs && (
            <p>
              {Date.parse(due.day) <= nowMs ? (
                <strong>{t.visitDue({ what: dueWords[due.kind], day: due.day })}</strong>
              ) : (
                t.visitDue({ what: dueWords[due.kind], day: due.day })
              )}
            </p>
          )}
          {holdPoint && signed === 'unsigned' && (
            <p>
              {t.nextHoldPoint} <strong>{holdPointSteps[holdPoint]}</strong>
            </p>
          )}
        </div>
      </Link>
      <Box className="inline bay-ways">
        {lastStartAt && (
          <Button
            component={Link}
            variant="text"
            prefetch={false}
            aria-describedby={headingId}
            href={placeHref(id, firstPlace('startup'))}
          >
            {t.lastStart({ at: dayAndTime(lastStartAt) })}
          </Button>
        )}
        <Button
          component={Link}
          variant="text"
          prefetch={false}
          aria-describedby={headingId}
          href={placeHref(id, { sheet: 'signoff', section: 'papers' })}
        >
          {t.papers}
        </Button>
      </Box>
    </li>
  );
}

/** A page of the workshop's builds, the last changed first. */
export function BayView({
  builds,
  next,
  filter,
  first,
}: {
  builds: readonly BayBuild[];
  next: string | null;
  filter: BayFilter;
  /** whether this is the first page */ first: boolean;
}) {
  const nowMs = useNow() ?? 0;
  const pageFrom = (from: string | null) => `/?${bayQuery(filter, from ?? '')}`;
  if (builds.length === 0)
    return (
      <Box component="p" sx={{ mt: 3 }}>
        {filter.find
          ? t.noBuildHoldsInItsName({ find: filter.find, more: bayQuery({ ...filter, find: '' }) ? t.ofThoseChosen : '' })
          : bayQuery(filter)
            ? t.noBuildIsLikeThat
            : t.noBuildYetMakeANew}
      </Box>
    );
  return (
    <>
      <ul className="bay-list">
        {builds.map((build) => (
          <BayRow key={build.id} build={build} nowMs={nowMs} />
        ))}
      </ul>
      <Box component="nav" className="inline" aria-label={t.pages} sx={{ mt: 1.75 }}>
        {!first && (
          <Button component={Link} prefetch={false} href={pageFrom(null)}>
            {t.toTheNewest}
          </Button>
        )}
        {next && (
          <Button component={Link} prefetch={false} href={pageFrom(next)}>
            {t.olderBuilds}
          </Button>
        )}
      </Box>
    </>
  );
}
