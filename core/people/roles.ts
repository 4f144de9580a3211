export const roles = { viewer: 'viewer', fitter: 'fitter', lead: 'lead' } as const;
export type Role = keyof typeof roles;

/** What a person does with builds, and (manage) with people and the workshop's rules; each command, route and page names one of these. */
export type Permission = 'look' | 'work' | 'sign' | 'waive' | 'manage';
const may: Record<Role, readonly Permission[]> = {
  viewer: ['look'],
  fitter: ['look', 'work', 'sign'],
  lead: ['look', 'work', 'sign', 'waive', 'manage'],
};

export const roleMay = (role: Role, permission: Permission): boolean => may[role].includes(permission);
