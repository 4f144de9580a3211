'use client';
import { format } from 'date-fns';
import { useState } from 'react';
import { holdPointSteps } from '../../core/checks/Finding';
import { releasableIds, holdPointState } from '../../core/checks/holdPointState';
import { useWorkspace } from '../build/BuildContext';

/** Which steps that can't be undone were taken, by whom, with what open; a step that was taken back opens its gate again. */
export function HoldPointList() {
  const { settled, findings, send, mayWork } = useWorkspace();
  const [problem, setProblem] = useState('');
  return (
    <section style={{ marginTop: 14 }} aria-label="Gates">
      <h3 className="hold-point">Steps that can’t be undone</h3>
      <ul>
        {releasableIds.map((holdPoint) => {
          const { passed } = holdPointState(settled, findings, holdPoint);
          return (
            <li key={holdPoint} className="inline" style={{ minHeight: 44 }}>
              <strong>{holdPointSteps[holdPoint]}</strong>
              {passed ? (
                <>
                  <span className="soft">
                    {passed.by}, {format(new Date(passed.at), 'd MMM HH:mm')}
                    {passed.open.length > 0 && `, with ${passed.open.join(', ')} open`}
                  </span>
                  {mayWork && (
                    <button
                      type="button"
                      className="plain-button"
                      onClick={() => setProblem(send({ kind: 'holdPoint', holdPoint, action: 'hold' }).join(' '))}
                    >
                      Taken back<span className="visually-hidden"> {holdPointSteps[holdPoint]}</span>
                    </button>
                  )}
                </>
              ) : (
                <span className="soft">not yet</span>
              )}
            </li>
          );
        })}
      </ul>
      {problem && (
        <p className="error-line" role="alert">
          {problem}
        </p>
      )}
    </section>
  );
}
