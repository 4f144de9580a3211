'use client';
import type { Call } from '../../core/checks/Call';
import { useBench, useSay } from '../build/BuildContext';
import { InputList, RuleList } from '../sheet/Explanation';
import { withOrigins } from '../../core/figures/explain';
import { isAnswered } from '../../core/checks/assess';
import { LevelMark } from './LevelMark';
import { RepairKey } from './RepairKey';

/** One call: level, sentence, what to do; on request why, by which rule, from which figures. */
export function CallCard({ call, onWaive }: { call: Call; onWaive?: ((call: Call) => void) | undefined }) {
  const { origins } = useBench();
  const say = useSay();
  const { inputs, rules } = withOrigins(call, origins);
  const look = call.waived ? 'watch' : call.level;
  return (
    <li className={`call call-${look}`} data-call={call.id} data-level={call.level}>
      {call.level !== 'sound' && (
        <>
          <div className="call-head">
            <LevelMark level={call.level} waived={call.waived !== null} />
            <span className="call-id">{call.id}</span>
          </div>
          <p className="says">{say(call.says)}</p>
        </>
      )}
      {call.waived && (
        <p className="todo">
          Waived by {call.waived.by}: {call.waived.reason}
        </p>
      )}
      {call.todo !== '' && !call.waived && <p className="todo">{say(call.todo)}</p>}
      {(call.level === 'stop' || call.level === 'fix') && !call.waived && isAnswered(call.id) && <RepairKey callId={call.id} />}
      <details>
        <summary>
          {call.level === 'sound' ? (
            <span className="says">
              <span className="visually-hidden">Sound: </span>
              {say(call.says)}
            </span>
          ) : (
            'Why, and by which rule'
          )}
        </summary>
        <dl>
          <dt>Why it matters</dt>
          <dd>{call.why}</dd>
          {rules.length > 0 && (
            <>
              <dt>Rule applied</dt>
              <dd>
                <RuleList rules={rules} />
              </dd>
            </>
          )}
          {inputs.length > 0 && (
            <>
              <dt>Judged on</dt>
              <dd>
                <InputList inputs={inputs} />
              </dd>
            </>
          )}
          <dt>Source</dt>
          <dd>{call.source}</dd>
          {call.level === 'sound' && (
            <>
              <dt>Call</dt>
              <dd className="mono">{call.id}</dd>
            </>
          )}
        </dl>
      </details>
      {onWaive && call.level === 'fix' && !call.waived && call.stage !== 'signoff' && (
        <button type="button" className="plain-button" onClick={() => onWaive(call)}>
          Waive with a reason
        </button>
      )}
    </li>
  );
}
