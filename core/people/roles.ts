export const roles = { viewer: 'viewer', fitter: 'fitter', lead: 'lead' } as const;
export type Role = keyof typeof roles;

/** What a person does with builds; each command and page names one of these. */
export type Deed = 'look' | 'work' | 'sign' | 'waive';
const may: Record<Role, readonly Deed[]> = {
  viewer: ['look'],
  fitter: ['look', 'work', 'sign'],
  lead: ['look', 'work', 'sign', 'waive'],
};

export const roleMay = (role: Role, deed: Deed): boolean => may[role].includes(deed);
