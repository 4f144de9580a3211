'use client';
import { schoolIds, schools, type SchoolId, type Schools } from '../../core/practices/practices';

/** Accepted ways among which a workshop picks, each with its reason in a sentence. */
export function SchoolChoices({
  chosen,
  onChoose,
}: {
  chosen: Schools;
  /** null where this person may only read */ onChoose: ((school: SchoolId, option: string) => void) | null;
}) {
  return (
    <div className="stack" style={{ marginTop: 8 }}>
      {schoolIds.map((id) => {
        const options = schools[id].options as Record<string, { label: string; reason: string }>;
        return (
          <fieldset key={id} className="school">
            <legend>{schools[id].label}</legend>
            {Object.entries(options)
              .filter(([option]) => onChoose !== null || chosen[id] === option)
              .map(([option, { label, reason }]) => (
                <label key={option} className="choice">
                  {onChoose && (
                    <input
                      type="radio"
                      name={`school-${id}`}
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
