import { params, room } from '../room';

/** English. */
export const settings = room('settings', {
  kept: 'Kept.',
  asTheDevice: 'as the device',
  brightGarage: 'bright garage',
  keptParts: params('Kept, {family}: {n} parts.'),
  partsReadKeepThemToMake: params('{n} parts read; keep them to make them the workshop’s.'),
  partLists: 'Part lists',
  family: 'Family',
  partName: params('Part {i}, name'),
  partKind: params('Part {i}, kind'),
  partNeeded: params('Part {i}, needed'),
  partKnownAsWeak: params('Part {i}, known as weak'),
  removePart: params('Remove part {i}'),
  keepThisList: 'Keep this list',
  onePartMore: 'One part more',
  importAListCsv: 'Import a list (CSV)',
  asLorbetBegins: 'As Lorbet begins',
  downloadListCsv: 'Download list (CSV)',
});
