import { momentIds, moments, type Call } from '../../core/checks/Call';
import { CallCard } from './CallCard';
import { LevelGlyph } from './LevelMark';

/** Calls grouped by the moment before which they must be dealt with, worst first. */
export function CallList({
  calls,
  onWaive,
  empty = 'No calls.',
}: {
  calls: readonly Call[];
  onWaive?: ((call: Call) => void) | undefined;
  empty?: string;
}) {
  if (calls.length === 0) return <p className="soft">{empty}</p>;
  const told = calls.filter((c) => c.level !== 'sound');
  const sound = calls.filter((c) => c.level === 'sound');
  return (
    <>
      {told.length === 0 && (
        <p style={{ fontSize: '1.1rem' }}>
          <strong>Everything here holds.</strong>
        </p>
      )}
      {momentIds.map((moment) => {
        const here = told.filter((c) => c.moment === moment);
        return here.length === 0 ? null : (
          <section key={moment} aria-label={moments[moment]}>
            <h2 className="moment">{moments[moment]}</h2>
            <ul>
              {here.map((call) => (
                <CallCard key={call.id} call={call} onWaive={onWaive} />
              ))}
            </ul>
          </section>
        );
      })}
      {sound.length > 0 && (
        <details className="sounds">
          <summary>
            <LevelGlyph level="sound" />
            {sound.length} sound
          </summary>
          <ul>
            {sound.map((call) => (
              <CallCard key={call.id} call={call} />
            ))}
          </ul>
        </details>
      )}
    </>
  );
}
