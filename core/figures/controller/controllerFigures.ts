import { airAlong } from '../../model/controller/airMap';
import { comingNight } from '../../model/controller/comingNight';
import { leadRunM } from '../../model/controller/panelPlace';
import { kwAtHz, pumpSet } from '../../model/controller/settings';
import { toDo } from '../../reading/NotMeasured';
import type { Derived, Reader } from '../../reading/Reader';

const room =
  'two nodes in closed form (first principles); course of the night and of the thermostat: Lorbet’s own choice, no source';
const night = { formula: 'air and shell, minute by minute, as the controller is set', source: room };

/** What the controller’s settings make of heater and nights. */
export const controllerFigures = {
  'controller.maxKw': {
    label: 'Output at its highest, as set',
    unit: 'kW',
    decimals: 2,
    formula: 'output at full × frequency set / maker’s highest',
    source: 'definition',
    compute: (read: Reader): number => kwAtHz(read, pumpSet(read).maxHz),
  },
  'controller.minKw': {
    label: 'Output at its lowest, as set',
    unit: 'kW',
    decimals: 2,
    formula: 'output at full × frequency set / maker’s highest',
    source: 'definition',
    compute: (read: Reader): number => kwAtHz(read, pumpSet(read).minHz),
  },
  'controller.insideUsualC': {
    label: 'Coldest inside, usual night',
    unit: '°C',
    decimals: 1,
    ...night,
    compute: (read: Reader): number => comingNight(read, 'usual').lowest.airC,
  },
  'controller.insideColdestC': {
    label: 'Coldest inside, coldest night',
    unit: '°C',
    decimals: 1,
    ...night,
    compute: (read: Reader): number => comingNight(read, 'coldest').lowest.airC,
  },
  'controller.lowH': {
    label: 'At its lowest, usual night',
    unit: 'h',
    decimals: 1,
    ...night,
    compute: (read: Reader): number => comingNight(read, 'usual').lowHours,
  },
  'controller.starts': {
    label: 'Lit, usual night',
    unit: 'times',
    decimals: 0,
    ...night,
    compute: (read: Reader): number => comingNight(read, 'usual').starts,
  },
  'controller.nightL': {
    label: 'Fuel, usual night',
    unit: 'L',
    decimals: 2,
    formula: 'Σ pump’s frequency × dose',
    source: room,
    compute: (read: Reader): number => comingNight(read, 'usual').fuelL,
  },
  'controller.nightAh': {
    label: 'From the battery, usual night',
    unit: 'Ah',
    decimals: 1,
    formula: 'hours × running A + starts × 2 × start A × glow time',
    source: room,
    compute: (read: Reader): number => comingNight(read, 'usual').ampHours,
  },
  'controller.richest': {
    label: 'Least air over need, as set, at its highest place',
    unit: 'times',
    decimals: 2,
    formula: 'fan meets pipes, over stoichiometric air',
    source: 'Darcy–Weisbach, affinity laws, stoichiometry; the fan is assumed where its maker tells nothing',
    compute: (read: Reader): number => Math.min(...airAlong(read).set.map(({ highExcess }) => highExcess)),
  },
  'controller.leadRunM': {
    label: 'Heater to panel, along the sides',
    unit: 'm',
    decimals: 1,
    formula: '|Δx| + |Δy|',
    source: 'geometry',
    compute: (read: Reader): number => leadRunM(read) ?? read.missing(...toDo('enter where on the floor the panel is')),
  },
} satisfies Record<string, Derived>;
