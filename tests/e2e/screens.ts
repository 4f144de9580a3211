import { demoId } from './people';

/** Every screen that a person signed in can come to. */
export const screens = [
  '/',
  '/builds/new',
  '/settings',
  '/people',
  ...['survey', 'kit', 'siting', 'fuel', 'air', 'wiring', 'priming', 'startup', 'proving', 'signoff', 'heater'].map(
    (stage) => `/builds/${demoId(2)}/${stage}`,
  ),
  `/builds/${demoId(1)}/startup`,
];
