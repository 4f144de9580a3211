'use client';
import { Box, Button, Collapse } from '@mui/material';
import { memo, useId, useState } from 'react';
import { holdPoints } from '../../../core/build/stages';
import { isAnswered } from '../../../core/checks/allChecks';
import { sourceOf } from '../../../core/checks/findingText';
import type { Finding } from '../../../core/checks/Finding';
import { useFindingText, useWorkspace } from '../../sync/useWorkspace';
import { InputList, RuleList } from '../cells/Explanation';
import { withOrigins } from '../../../core/figures/explain';
import { LevelMark } from './LevelMark';
import { RepairButton } from './RepairButton';
import { findings as t } from '../../texts/en/findings';

/** Why it matters, by which rule, from which figures, and from where. */
function Grounds({ finding }: { finding: Finding }) {
  const { origins } = useWorkspace('origins');
  const { why } = useFindingText();
  const { inputs, rules } = withOrigins(finding, origins);
  return (
    <dl>
      <dt>{t.whyItMatters}</dt>
      <dd>{why(finding)}</dd>
      {rules.length > 0 && (
        <>
          <dt>{t.ruleApplied}</dt>
          <dd>
            <RuleList rules={rules} />
          </dd>
        </>
      )}
      {inputs.length > 0 && (
        <>
          <dt>{t.checkedOn}</dt>
          <dd>
            <InputList inputs={inputs} />
          </dd>
        </>
      )}
      <dt>{t.source}</dt>
      <dd>{sourceOf(finding)}</dd>
      <dt>{t.check}</dt>
      <dd className="mono">{finding.id}</dd>
    </dl>
  );
}

/** One finding: level, hold point, sentence, what to do; on request why, by which rule, from which figures. */
export const FindingCard = memo(function FindingCard({
  finding,
  onWaive,
}: {
  finding: Finding;
  onWaive?: ((finding: Finding) => void) | undefined;
}) {
  const { message, remedy } = useFindingText();
  const [open, setOpen] = useState(false);
  const id = useId();
  const todo = remedy(finding);
  const look = finding.waived ? 'watch' : finding.level;
  const sound = finding.level === 'sound';
  return (
    <li
      className={`finding finding-${look}${finding.assumed ? ' finding-assumed' : ''}`}
      data-assumed={finding.assumed ? 'yes' : undefined}
      data-finding={finding.id}
      data-level={finding.level}
    >
      {!sound && (
        <p className="finding-head">
          <LevelMark level={finding.level} waived={finding.waived !== null} assumed={finding.assumed !== undefined} />
          <span className="finding-when">{holdPoints[finding.holdPoint]}</span>
        </p>
      )}
      <p className="message">
        {sound && <span className="visually-hidden">{t.sound} </span>}
        {message(finding)}
      </p>
      {finding.waived && <p className="remedy">{t.waivedBy({ by: finding.waived.by, reason: finding.waived.reason })}</p>}
      {todo !== '' && !finding.waived && !sound && <p className="remedy">{todo}</p>}
      <Box className="inline" sx={{ gap: 0.5 }}>
        {(finding.level === 'stop' || finding.level === 'fix') && !finding.waived && isAnswered(finding.id) && (
          <RepairButton checkId={finding.id} />
        )}
        <Button variant="text" aria-expanded={open} aria-controls={id} onClick={() => setOpen(!open)}>
          {sound ? t.why : t.whyAndByWhichRule}
        </Button>
        {onWaive && finding.level === 'fix' && !finding.waived && !finding.assumed && finding.stage !== 'signoff' && (
          <Button variant="text" onClick={() => onWaive(finding)}>
            {t.waiveWithAReason}
          </Button>
        )}
      </Box>
      <Collapse in={open} unmountOnExit id={id}>
        <Grounds finding={finding} />
      </Collapse>
    </li>
  );
});
