'use client';
import { Button } from '@mui/material';
import { isAnswered } from '../../../core/checks/allChecks';
import { sourceOf } from '../../../core/checks/findingText';
import type { Finding } from '../../../core/checks/Finding';
import { useFindingText, useWorkspace } from '../../sync/useWorkspace';
import { InputList, RuleList } from '../cells/Explanation';
import { withOrigins } from '../../../core/figures/explain';
import { LevelMark } from './LevelMark';
import { RepairButton } from './RepairButton';

/** One finding: level, sentence, what to do; on request why, by which rule, from which figures. */
export function FindingCard({ finding, onWaive }: { finding: Finding; onWaive?: ((finding: Finding) => void) | undefined }) {
  const { origins } = useWorkspace('origins');
  const { message, remedy, why } = useFindingText();
  const todo = remedy(finding);
  const { inputs, rules } = withOrigins(finding, origins);
  const look = finding.waived ? 'watch' : finding.level;
  return (
    <li className={`finding finding-${look}`} data-finding={finding.id} data-level={finding.level}>
      {finding.level !== 'sound' && (
        <>
          <div className="finding-head">
            <LevelMark level={finding.level} waived={finding.waived !== null} />
            <span className="finding-id">{finding.id}</span>
          </div>
          <p className="message">{message(finding)}</p>
        </>
      )}
      {finding.waived && (
        <p className="remedy">
          Waived by {finding.waived.by}: {finding.waived.reason}
        </p>
      )}
      {todo !== '' && !finding.waived && <p className="remedy">{todo}</p>}
      {(finding.level === 'stop' || finding.level === 'fix') && !finding.waived && isAnswered(finding.id) && (
        <RepairButton checkId={finding.id} />
      )}
      <details>
        <summary>
          {finding.level === 'sound' ? (
            <span className="message">
              <span className="visually-hidden">Sound: </span>
              {message(finding)}
            </span>
          ) : (
            'Why, and by which rule'
          )}
        </summary>
        <dl>
          <dt>Why it matters</dt>
          <dd>{why(finding)}</dd>
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
              <dt>Checked on</dt>
              <dd>
                <InputList inputs={inputs} />
              </dd>
            </>
          )}
          <dt>Source</dt>
          <dd>{sourceOf(finding)}</dd>
          {finding.level === 'sound' && (
            <>
              <dt>Check</dt>
              <dd className="mono">{finding.id}</dd>
            </>
          )}
        </dl>
      </details>
      {onWaive && finding.level === 'fix' && !finding.waived && finding.stage !== 'signoff' && (
        <Button variant="text" onClick={() => onWaive(finding)}>
          Waive with a reason
        </Button>
      )}
    </li>
  );
}
