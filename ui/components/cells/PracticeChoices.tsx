'use client';
import { practiceIds, practices, type PracticeId, type Practices } from '../../../core/practices/practices';

/** Accepted ways among which a workshop picks, each with its reason in a sentence. */
export function PracticeChoices({
  chosen,
  onChoose,
}: {
  chosen: Practices;
  /** null where this person may only read */ onChoose: ((practice: PracticeId, option: string) => void) | null;
}) {
  return (
    <div className="stack" style={{ marginTop: 8 }}>
      {practiceIds.map((id) => {
        const options = practices[id].options as Record<string, { label: string; reason: string }>;
        return (
          <fieldset key={id} className="practice">
            <legend>{practices[id].label}</legend>
            {Object.entries(options)
              .filter(([option]) => onChoose !== null || chosen[id] === option)
              .map(([option, { label, reason }]) => (
                <label key={option} className="choice">
                  {onChoose && (
                    <input
                      type="radio"
                      name={`practice-${id}`}
                      checked={chosen[id] === option}
                      onChange={() => onChoose(id, option)}
                    />
                  )}
                  <span>
                    <strong>{label}.</strong> {reason} <span className="soft">(common practice, no source)</span>
                  </span>
                </label>
              ))}
          </fieldset>
        );
      })}
    </div>
  );
}
