import { momentIds, moments, type Call } from '../../core/calls/Call';
import { CallCard } from './CallCard';

/** Calls grouped by the moment before which they must be dealt with, worst first. */
export function CallList({ calls, onWaive, empty = 'No calls.' }: { calls: readonly Call[]; onWaive?: ((call: Call) => void) | undefined; empty?: string }) {
  if (calls.length === 0) return <p className="soft">{empty}</p>;
  return (
    <>
      {momentIds.map((moment) => {
        const here = calls.filter((c) => c.moment === moment);
        return here.length === 0 ? null : (
          <section key={moment} aria-label={moments[moment]}>
            <h2 className="moment">{moments[moment]}</h2>
            <ul>{here.map((call) => <CallCard key={call.id} call={call} onWaive={onWaive} />)}</ul>
          </section>
        );
      })}
    </>
  );
}
