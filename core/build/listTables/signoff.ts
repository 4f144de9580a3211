import { licensedTrades } from '../../people/licences';
import { paperKinds } from '../pack/proofKinds';
import { text, yesNo, type List } from './List';

/** What is laid before an inspector beside what was measured. */
export const signoffLists = {
  papers: {
    label: 'Papers kept with the build',
    one: 'paper',
    max: 60,
    part: 'heater',
    columns: {
      kind: { kind: 'choice', label: 'Is', options: paperKinds },
      number: text('Number or mark', 60),
      by: text('Given by', 80),
      givenAt: { kind: 'instant', label: 'Given' },
      keptAt: { kind: 'text', label: 'Kept', max: 80, hint: 'where the paper itself lies' },
    },
  },
  licensed: {
    label: 'Left to licensed people',
    one: 'licensed person',
    max: 20,
    part: 'heater',
    columns: {
      trade: { kind: 'choice', label: 'Work', options: licensedTrades },
      name: text('Name', 80),
      number: { kind: 'text', label: 'Licence number', max: 60 },
      until: { kind: 'instant', label: 'Holds until' },
      endless: { kind: 'choice', label: 'It has no end', options: yesNo },
      did: text('What was done', 200),
    },
  },
  remarks: {
    label: 'Remarks of an inspector',
    one: 'remark',
    max: 60,
    part: 'heater',
    columns: {
      by: text('Who', 80),
      saidAt: { kind: 'instant', label: 'When' },
      rule: { kind: 'text', label: 'Rule', max: 20, hint: 'its number, where it is about one' },
      remark: text('Remark', 400),
      answer: text('Our answer', 400),
      state: { kind: 'choice', label: 'Stands', options: { open: 'open', settled: 'settled with the inspector' } },
    },
  },
} as const satisfies Record<string, List>;
