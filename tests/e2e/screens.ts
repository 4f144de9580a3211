import { sectionsOf, sheetIds } from '../../core/build/sections';
import { placeHref } from '../../core/build/places';
import { demoId } from './people';

/** Every screen that a person signed in can come to. */
export const screens = [
  '/',
  '/builds/new',
  '/settings',
  '/cards',
  '/packs',
  '/people',
  '/trainer',
  ...sheetIds.flatMap((sheet) => Object.keys(sectionsOf(sheet)).map((section) => placeHref(demoId(2), { sheet, section }))),
  `/builds/${demoId(1)}/startup`,
];
