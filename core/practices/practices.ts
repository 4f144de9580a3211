import type { LimitKey } from './limits';

interface PracticeOption {
  label: string;
  reason: string;
  sets: Partial<Record<LimitKey, number>>;
}

/** Accepted ways among which a workshop picks. All are common practice, without a published source. */
export const practices = {
  pumpAngle: {
    label: 'Angle of the pump',
    options: {
      lean15to35: {
        label: '15 to 35°',
        reason: 'Gas leaves through the outlet over a wide range that a bracket can hold.',
        sets: { pumpAngleMinDeg: 15, pumpAngleMaxDeg: 35 },
      },
      lean30to35: {
        label: '30 to 35°',
        reason: 'The steeper end leaves nothing to chance.',
        sets: { pumpAngleMinDeg: 30, pumpAngleMaxDeg: 35 },
      },
      lean45: {
        label: 'about 45°',
        reason: 'Steep enough on any slope that the vehicle parks on.',
        sets: { pumpAngleMinDeg: 40, pumpAngleMaxDeg: 50 },
      },
      upright: { label: 'upright', reason: 'Gas rises straight out.', sets: { pumpAngleMinDeg: 80, pumpAngleMaxDeg: 90 } },
    },
  },
  suction: {
    label: 'Length of the suction line',
    options: {
      upTo2: { label: 'at most 2 m', reason: 'Every metre of suction draws more air out of the fuel.', sets: { suctionMaxM: 2 } },
      upTo3: {
        label: 'at most 3 m',
        reason: 'A level run of 3 m still holds where the pump hangs below the tank.',
        sets: { suctionMaxM: 3 },
      },
    },
  },
  pickup: {
    label: 'Height of the pickup',
    options: {
      low: {
        label: 'low, 25 mm',
        reason: 'Nearly all of the fuel can be used; what sinks to the floor stays there.',
        sets: { pickupMinMm: 25 },
      },
      raised: {
        label: 'raised, 40 mm',
        reason: 'Water and sediment stay well below it, and the engine keeps a reserve.',
        sets: { pickupMinMm: 40 },
      },
      bottom: {
        label: 'at the bottom',
        reason: 'The last drop can be burnt; the filter takes what comes with it.',
        sets: { pickupMinMm: 0 },
      },
    },
  },
  joints: {
    label: 'Joints in the line',
    options: {
      none: {
        label: 'none but at its parts',
        reason: 'Every joint is a place where air gets in; one piece has none.',
        sets: { lineJointsMax: 0 },
      },
      reached: {
        label: 'where a hand reaches them',
        reason: 'A joint that can be opened finds a fault in minutes.',
        sets: { lineJointsMax: 4 },
      },
    },
  },
  source: {
    label: 'Where fuel is taken from',
    options: {
      either: { label: 'as the vehicle suits', reason: 'The best source is the one with the shortest suction line.', sets: {} },
      own: {
        label: 'a tank of the heater’s own',
        reason: 'The engine’s fuel system is left alone, and the heater can’t run it dry.',
        sets: {},
      },
      vehicle: { label: 'the vehicle’s tank', reason: 'One filler, one fuel, nothing more to tie down.', sets: {} },
    },
  },
  muffler: {
    label: 'Muffler',
    options: {
      either: { label: 'lying or upright', reason: 'Its hole is lowest either way, where it was made for it.', sets: {} },
      lying: { label: 'lying, hole down', reason: 'It fits under a floor, and little water stands in it.', sets: {} },
      upright: { label: 'upright', reason: 'Its water runs out at the bottom, whichever way the vehicle leans.', sets: {} },
    },
  },
  covers: {
    label: 'Cover of a hot exhaust',
    options: {
      either: { label: 'wrap or sleeve', reason: 'Both keep heat in; what is nearer at hand is fitted.', sets: {} },
      wrap: {
        label: 'wrap',
        reason: 'It follows every bend and goes round a pipe that is already up; new, it smokes for some minutes.',
        sets: {},
      },
      sleeve: {
        label: 'insulated sleeve',
        reason: 'Thicker, closed outside, and no fibres come off it; it goes on before the pipe does.',
        sets: {},
      },
    },
  },
  leaves: {
    label: 'Where the exhaust leaves',
    options: {
      either: { label: 'as it suits', reason: 'The shortest way that falls and ends clear of every opening.', sets: {} },
      floor: {
        label: 'through the floor',
        reason: 'It falls all the way, and hot pipe is below and not among people.',
        sets: {},
      },
      wall: { label: 'through a wall', reason: 'Short, seen and reached from outside; clear of water and snow below.', sets: {} },
      stack: {
        label: 'by a stack through the roof',
        reason: 'Gas leaves above every window; the stack warms and draws.',
        sets: {},
      },
    },
  },
  ends: {
    label: 'Ends of intake and exhaust',
    options: {
      opposite: { label: 'pointing opposite ways', reason: 'Wind can’t carry the one into the other.', sets: {} },
      rearwardApart: { label: 'both rearward and apart', reason: 'Neither end meets the wind of the road.', sets: {} },
    },
  },
} as const satisfies Record<string, { label: string; options: Record<string, PracticeOption> }>;

export type PracticeId = keyof typeof practices;
export type Practices = { [S in PracticeId]: keyof (typeof practices)[S]['options'] & string };
/** Practices that came after the first builds were kept: where a build or a workshop has none, the first option counts. */
export const laterPractices: readonly PracticeId[] = ['pickup', 'joints', 'source', 'muffler', 'covers', 'leaves'];
export const practiceIds = Object.keys(practices) as PracticeId[];
export const defaultPractices: Practices = {
  pumpAngle: 'lean15to35',
  suction: 'upTo2',
  pickup: 'low',
  joints: 'none',
  source: 'either',
  muffler: 'either',
  covers: 'either',
  leaves: 'either',
  ends: 'opposite',
};

export function practiceOption(chosen: Practices, id: PracticeId): PracticeOption {
  return (
    (practices[id].options as Record<string, PracticeOption>)[chosen[id]] ??
    (Object.values(practices[id].options)[0] as PracticeOption)
  );
}

/** The practices of a build or a workshop, those that it does not know yet filled in. */
export const fullPractices = (chosen: Partial<Practices>): Practices => ({ ...defaultPractices, ...chosen });
