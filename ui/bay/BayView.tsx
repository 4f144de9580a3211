import { format } from 'date-fns';
import Link from 'next/link';
import type { Build } from '../../core/build/Build';
import { assess } from '../../core/calls/assess';
import { levels, levelWords, momentSteps, stageIds, stages, type Call, type Level } from '../../core/calls/Call';
import { isStanding, nextMoment, signState, wettedStages } from '../../core/calls/progress';
import { LevelMark } from '../calls/LevelMark';

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

const bySeverity = (a: Call, b: Call) => levels.indexOf(a.level) - levels.indexOf(b.level);

/** One build as the bay shows it: what it waits for, its worst call, the next step that can't be undone. */
function BayRow({ build, changedAt }: { build: Build; changedAt: string }) {
  const calls = assess(build);
  const standing = calls.filter((c) => isStanding(c) && c.stage !== 'signoff');
  const moment = nextMoment(calls);
  const wet = wettedStages(build, calls);
  const signed = signState(build);
  const guarded = standing.filter((c) => c.moment === moment).sort(bySeverity)[0];
  const worst = [...standing].sort(bySeverity)[0];
  const told = (['stop', 'fix', 'open'] as Level[])
    .map((level) => ({ level, n: standing.filter((c) => c.level === level).length }))
    .filter(({ n }) => n > 0);
  const waitsFor = stageIds[wet];
  return (
    <li>
      <Link
        className="bay-row"
        href={`/builds/${build.id}/${signed === 'signed' ? 'signoff' : worst?.level === 'stop' || worst?.level === 'fix' ? worst.stage : (waitsFor ?? 'signoff')}`}
      >
        <div>
          <h2>{build.identity.name}</h2>
          <p className="soft">{[build.identity.what, build.identity.place].filter(Boolean).join(', ')}</p>
          <p className="soft">last entry {format(new Date(changedAt), 'd MMM HH:mm')}</p>
        </div>
        <div>
          <LyingDipstick wet={wet} />
          <p>
            {signed === 'signed' ? (
              'signed'
            ) : signed === 'corrected' ? (
              'corrected since signed'
            ) : (
              <>waits for {stages[waitsFor ?? 'signoff'].toLowerCase()}</>
            )}
          </p>
        </div>
        <div className="bay-waits">
          {worst ? (
            <>
              <LevelMark level={worst.level} />{' '}
              {told
                .map(
                  ({ level, n }) =>
                    `${n} ${level === 'stop' ? (n === 1 ? 'stop' : 'stops') : level === 'fix' ? 'to put right' : levelWords[level].toLowerCase()}`,
                )
                .join(', ')}
              <p>
                <strong>{(worst.level === 'open' ? (guarded ?? worst) : worst).says}</strong>
              </p>
            </>
          ) : signed === 'signed' ? (
            <LevelMark level="sound" />
          ) : (
            <p>
              <strong>Nothing stands in the way.</strong>
            </p>
          )}
          {moment && signed === 'unsigned' && (
            <p>
              Next that can’t be undone: <strong>{momentSteps[moment]}</strong>
            </p>
          )}
        </div>
      </Link>
    </li>
  );
}

export function BayView({ builds }: { builds: readonly { build: Build; changedAt: string }[] }) {
  if (builds.length === 0) return <p style={{ marginTop: 24 }}>No build yet. Begin one, or bring one in from a file.</p>;
  return (
    <ul className="bay-list">
      {builds.map(({ build, changedAt }) => (
        <BayRow key={build.id} build={build} changedAt={changedAt} />
      ))}
    </ul>
  );
}
