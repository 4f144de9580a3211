import { sights, type Sight } from '../build/Build';
import type { Entry, EntryContext } from './Entry';

/** What a person calls what is seen, beside its own words. */
const sightWords: Readonly<Record<string, Sight['sees']>> = {
  ...Object.fromEntries(Object.entries(sights).map(([id, label]) => [label.replace('’', "'"), id as Sight['sees']])),
  'clear exhaust': 'clear',
  steam: 'steam',
  'smoke white': 'white',
  'smoke black': 'black',
  'smoke blue': 'blue',
  'no bubbles': 'noBubbles',
};

/** `white smoke`, `no bubbles`: what is seen now; null where the line is none. Bubbles that may pass or keep coming are asked. */
export function sightEntry(line: string, { newId }: EntryContext): Entry | null {
  const sees = sightWords[line.replace('’', "'")];
  if (sees) return { kind: 'command', command: { kind: 'sight', look: { id: newId(), sees } }, reads: `seen: ${sights[sees]}` };
  const which = { bubbles: ['passing', 'steady'], smoke: ['white', 'black', 'blue', 'steam'] } as const;
  const options = Object.hasOwn(which, line) ? which[line as keyof typeof which] : null;
  return (
    options && {
      kind: 'ask',
      question: `Which ${line}?`,
      options: options.map((id) => ({ label: sights[id], line: sights[id] })),
    }
  );
}
