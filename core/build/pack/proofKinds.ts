/** What a photograph of a build shows. */
export const photoAbouts = {
  plate: 'data plate',
  part: 'a part',
  below: 'below the floor',
  hole: 'a hole',
  place: 'the heater’s place',
  exhaust: 'exhaust',
  tank: 'tank and how it is held',
  filler: 'filler and its notice',
  electrics: 'fuse, isolator, battery',
  openings: 'openings for air',
  outlets: 'warm outlets',
  panel: 'controller in view',
  alarm: 'carbon monoxide alarm',
  other: 'something else',
} as const;
export type PhotoAbout = keyof typeof photoAbouts;

/** Papers that are kept with a build. */
export const paperKinds = {
  approval: 'approval or listing of the heater',
  manual: 'maker’s manual of the unit in hand',
  tank: 'certificate of the tank',
  electrical: 'certificate of electrical work',
  gas: 'certificate of gas work',
  building: 'certificate or permit by the local code',
  inspection: 'report of an inspector',
  insurer: 'letter of an insurer',
  other: 'another paper',
} as const;
export type PaperKind = keyof typeof paperKinds;
