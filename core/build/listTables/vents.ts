import { ventCovers, ventShapes } from '../../physics/vent/freeAreaMm2';
import { mm, text, yesNo, type List } from './List';

/** Where an opening for air sits; what it goes through; what stands before it. */
const ventLevels = { high: 'high', low: 'low' } as const;
const ventWays = { roof: 'roof', wall: 'wall', floor: 'floor', door: 'door', window: 'window' } as const;
const ventBlocks = {
  nothing: 'nothing',
  furniture: 'furniture',
  bedding: 'bedding',
  luggage: 'luggage',
  tape: 'tape',
  dirt: 'dirt',
  snow: 'snow, mud',
} as const;

/** What an alarm for carbon monoxide is made to, and where it is fixed. */
const alarmStandards = {
  leisure: 'EN 50291-2, for leisure vehicles and boats',
  home: 'EN 50291-1, for buildings',
  northAmerica: 'UL 2034',
  none: 'none of these',
} as const;
const alarmPlaces = { wall: 'a wall', ceiling: 'the ceiling', shelf: 'nothing, it stands' } as const;

/** Of the air that people breathe. */
export const ventLists = {
  vents: {
    label: 'Openings for air',
    one: 'opening for air',
    max: 40,
    part: 'cabin',
    columns: {
      name: text('Name', 60),
      level: { kind: 'choice', label: 'Sits', options: ventLevels, hint: 'high near the ceiling, low near the floor' },
      through: { kind: 'choice', label: 'Goes through', options: ventWays },
      shape: { kind: 'choice', label: 'Holes', options: ventShapes },
      pieces: {
        kind: 'number',
        label: 'Pieces',
        unit: 'pieces',
        min: 1,
        max: 500,
        decimals: 0,
        hint: 'one where nothing is given',
      },
      diaMm: mm('Across', 1, 1000, 'of a round hole'),
      widthMm: mm('Wide', 1, 3000),
      heightMm: mm('High', 1, 3000),
      eachCm2: {
        kind: 'number',
        label: 'Free each',
        unit: 'cm²',
        min: 0.1,
        max: 10000,
        decimals: 1,
        hint: 'by its maker, its cover counted',
      },
      cover: { kind: 'choice', label: 'Covered by', options: ventCovers },
      shuts: { kind: 'choice', label: 'It can be shut', options: yesNo },
      blockedBy: { kind: 'choice', label: 'Blocked by', options: ventBlocks },
      blockedPercent: {
        kind: 'number',
        label: 'Of it, blocked',
        unit: '%',
        min: 0,
        max: 100,
        decimals: 0,
        hint: 'all of it where nothing is given',
      },
      aboveFloorMm: mm('Its middle, above the floor', 0, 4000),
      xMm: mm('From the floor’s front', -6000, 26000),
      yMm: mm('From the floor’s left', -4000, 14000),
    },
  },
  alarms: {
    label: 'Carbon monoxide alarms',
    one: 'alarm',
    max: 10,
    part: 'cabin',
    columns: {
      name: text('Name', 60),
      made: { kind: 'choice', label: 'Made to', options: alarmStandards },
      on: { kind: 'choice', label: 'Fixed to', options: alarmPlaces },
      aboveFloorMm: mm('Above the floor', 0, 4000),
      fromHeaterMm: mm('From the heater or its outlet', 0, 20000),
      wantsFromMm: mm('Its manual wants it from', 0, 4000, 'height above the floor, at the least; 0 where it gives none'),
      wantsToMm: mm('Its manual wants it to', 0, 4000, 'height above the floor, at the most; 4000 where it gives none'),
      wantsAwayMm: mm('Its manual wants it away by', 0, 10000, 'from what burns or blows; 0 where it gives none'),
      sounds: { kind: 'choice', label: 'Sounded on its button', options: yesNo },
      testedAt: { kind: 'instant', label: 'Tested' },
      endsAt: { kind: 'instant', label: 'Its date runs out' },
    },
  },
} as const satisfies Record<string, List>;
