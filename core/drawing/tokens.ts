/** Colours by what they mean, for screen, drawings and paper: a drawing office by day, a lamp-lit bench by night. */
export const day = {
  paper: '#e8ebe6',
  sheet: '#fbfbf6',
  field: '#ffffff',
  ink: '#14272c',
  soft: '#4b5c61',
  hair: '#c2cbc6',
  grid: '#dfe5df',
  fuel: '#b98a1c',
  'fuel-fill': '#efd68d',
  'fuel-deep': '#d9a93a',
  air: '#1f648f',
  heat: '#ad331c',
  stop: '#a31621',
  fix: '#9a4700',
  watch: '#5f5300',
  sound: '#2b6149',
  focus: '#1f648f',
  halt: '#8d0f1a',
} as const;
export type Token = keyof typeof day;
export const night: Readonly<Record<Token, string>> = {
  paper: '#121719',
  sheet: '#1a2124',
  field: '#0d1113',
  ink: '#f3ead6',
  soft: '#b9b2a0',
  hair: '#3a4448',
  grid: '#242c30',
  fuel: '#e6b94a',
  'fuel-fill': '#5d4b1c',
  'fuel-deep': '#a9822b',
  air: '#7fbfe8',
  heat: '#ff8a68',
  stop: '#ff8d7a',
  fix: '#f5a85a',
  watch: '#e0cf70',
  sound: '#8fcfae',
  focus: '#7fbfe8',
  halt: '#8d0f1a',
};
/** A signature's ink: the same by day and by night, since it is kept. */
export const penInk = day.ink;
