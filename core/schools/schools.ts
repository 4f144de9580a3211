import type { LimitKey } from './limits';

interface SchoolOption { label: string; reason: string; sets: Partial<Record<LimitKey, number>> }

/** Accepted ways among which a workshop picks. All are common practice, without a published source. */
export const schools = {
  pumpAngle: {
    label: 'Angle of the pump',
    options: {
      lean15to35: { label: '15 to 35°', reason: 'Gas leaves through the outlet over a wide range that a bracket can hold.', sets: { pumpAngleMinDeg: 15, pumpAngleMaxDeg: 35 } },
      lean30to35: { label: '30 to 35°', reason: 'The steeper end leaves nothing to chance.', sets: { pumpAngleMinDeg: 30, pumpAngleMaxDeg: 35 } },
      lean45: { label: 'about 45°', reason: 'Steep enough on any slope that the vehicle parks on.', sets: { pumpAngleMinDeg: 40, pumpAngleMaxDeg: 50 } },
      upright: { label: 'upright', reason: 'Gas rises straight out.', sets: { pumpAngleMinDeg: 80, pumpAngleMaxDeg: 90 } },
    },
  },
  suction: {
    label: 'Length of the suction line',
    options: {
      upTo2: { label: 'at most 2 m', reason: 'Every metre of suction draws more air out of the fuel.', sets: { suctionMaxM: 2 } },
      upTo3: { label: 'at most 3 m', reason: 'A level run of 3 m still holds where the pump hangs below the tank.', sets: { suctionMaxM: 3 } },
    },
  },
  ends: {
    label: 'Ends of intake and exhaust',
    options: {
      opposite: { label: 'pointing opposite ways', reason: 'Wind can’t carry the one into the other.', sets: {} },
      rearwardApart: { label: 'both rearward and apart', reason: 'Neither end meets the wind of the road.', sets: {} },
    },
  },
} as const satisfies Record<string, { label: string; options: Record<string, SchoolOption> }>;

export type SchoolId = keyof typeof schools;
export type Schools = { [S in SchoolId]: keyof (typeof schools)[S]['options'] & string };
export const schoolIds = Object.keys(schools) as SchoolId[];
export const defaultSchools: Schools = { pumpAngle: 'lean15to35', suction: 'upTo2', ends: 'opposite' };

export function schoolOption(chosen: Schools, id: SchoolId): SchoolOption {
  return (schools[id].options as Record<string, SchoolOption>)[chosen[id]] ?? (Object.values(schools[id].options)[0] as SchoolOption);
}
