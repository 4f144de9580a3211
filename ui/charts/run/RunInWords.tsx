'use client';
import { describeRun } from '../../../core/drawing/run/describeRun';
import { Opened } from '../../components/Opened';
import { useWorkspace, useSay } from '../../sync/useWorkspace';
import { charts as t } from '../../texts/en/charts';

/** What the drawing shows, in words, for those who can't see it or hold it on too small a screen. */
export function RunInWords() {
  const { build, findings } = useWorkspace('build', 'findings');
  const say = useSay();
  return (
    <Opened line={t.theRunInWords}>
      <div className="run-words-text" tabIndex={0} role="group" aria-label={t.theRunInWords}>
        <dl>
          {describeRun(build, findings).map(({ part, title, text }) => (
            <div key={part}>
              <dt>{title}</dt>
              <dd>{say(text)}</dd>
            </div>
          ))}
        </dl>
      </div>
    </Opened>
  );
}
