'use client';
import { format } from 'date-fns';
import { useState } from 'react';
import { momentSteps } from '../../core/checks/Call';
import { gateIds, gateOf } from '../../core/checks/gates';
import { useBench } from '../build/BuildContext';

/** Which steps that can't be undone were taken, by whom, with what open; a step that was taken back opens its gate again. */
export function GateList() {
  const { settled, calls, send, mayWork } = useBench();
  const [problem, setProblem] = useState('');
  return (
    <section style={{ marginTop: 14 }} aria-label="Gates">
      <h3 className="moment">Steps that can’t be undone</h3>
      <ul>
        {gateIds.map((moment) => {
          const { passed } = gateOf(settled, calls, moment);
          return (
            <li key={moment} className="inline" style={{ minHeight: 44 }}>
              <strong>{momentSteps[moment]}</strong>
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
                      onClick={() => setProblem(send({ kind: 'gate', moment, deed: 'reopen' }).join(' '))}
                    >
                      Taken back<span className="visually-hidden"> {momentSteps[moment]}</span>
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
