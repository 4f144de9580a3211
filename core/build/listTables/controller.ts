import { timerDays } from '../../physics/time/burnSpells';
import { settingNames } from '../sheetTables/controller';
import { text, type List } from './List';

/** Starts that a controller makes by itself, and what is noted beside its settings. */
export const controllerLists = {
  timers: {
    label: 'Starts',
    one: 'start',
    max: 24,
    part: 'heater',
    columns: {
      name: text('Name', 40),
      startAt: { kind: 'text', label: 'At', max: 5, time: true, hint: 'a time of day, as 22:00' },
      runForH: {
        kind: 'number',
        label: 'Runs for',
        unit: 'h',
        min: 0.1,
        max: 24,
        decimals: 1,
        hint: 'nothing where it is switched off in the morning',
      },
      days: { kind: 'choice', label: 'On', options: timerDays },
      by: { kind: 'choice', label: 'Made', options: { clock: 'by its clock', hand: 'by hand' } },
    },
  },
  settings: {
    label: 'Notes on settings',
    one: 'setting',
    max: 80,
    part: 'heater',
    columns: {
      setting: { kind: 'choice', label: 'Setting', options: { ...settingNames, other: 'another' } },
      name: text('Name', 60),
      code: text('Maker’s code', 20),
      found: text('As found', 40),
      left: text('As left', 40),
      why: text('Why it was changed', 200),
    },
  },
} as const satisfies Record<string, List>;
