import type { Call } from '../../core/calls/Call';
import { show, trim } from '../../core/units/show';
import { LevelMark } from './LevelMark';

const figure = (value: number | string) =>
  typeof value === 'number' ? (Math.abs(value) >= 1000 ? show(value) : trim(value, 3)) : value;

/** One call: level, sentence, what to do; on request why, by which rule, from which figures. */
export function CallCard({ call, onWaive }: { call: Call; onWaive?: ((call: Call) => void) | undefined }) {
  const look = call.waived ? 'watch' : call.level;
  return (
    <li className={`call call-${look}`} data-call={call.id} data-level={call.level}>
      {call.level !== 'sound' && (
        <>
          <div className="call-head">
            <LevelMark level={call.level} waived={call.waived !== null} />
            <span className="call-id">{call.id}</span>
          </div>
          <p className="says">{call.says}</p>
        </>
      )}
      {call.waived && (
        <p className="todo">
          Waived by {call.waived.by}: {call.waived.reason}
        </p>
      )}
      {call.todo !== '' && !call.waived && <p className="todo">{call.todo}</p>}
      <details>
        <summary>
          {call.level === 'sound' ? (
            <span className="says">
              <span className="visually-hidden">Sound: </span>
              {call.says}
            </span>
          ) : (
            'Why, and by which rule'
          )}
        </summary>
        <dl>
          <dt>Why it matters</dt>
          <dd>{call.why}</dd>
          {call.rules.length > 0 && (
            <>
              <dt>Rule applied</dt>
              {call.rules.map((rule) => (
                <dd key={rule.key}>
                  {rule.label}: {trim(rule.value)} {rule.unit} ({rule.source})
                </dd>
              ))}
            </>
          )}
          {call.inputs.length > 0 && (
            <>
              <dt>Judged on</dt>
              {call.inputs.map((input) => (
                <dd key={input.path}>
                  {input.label}: {figure(input.value)} {input.unit} <span className="soft">({input.origin})</span>
                </dd>
              ))}
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
