import { defaultPractices, type Practices } from '../practices/practices';
import { formatName, formatVersion, type Build, type Identity } from './Build';
import type { Figure } from './field';
import { sheetIds, sheets, type SheetValues } from './sheets';

export function emptySheets(): SheetValues {
  const blank = (): Figure<never> => ({ planned: null, fitted: null });
  return Object.fromEntries(
    sheetIds.map((id) => [id, Object.fromEntries(Object.keys(sheets[id]).map((name) => [name, blank()]))]),
  ) as unknown as SheetValues;
}

/** A build of which nothing is known yet but what it is. */
export function emptyBuild(id: string, identity: Identity, practices: Practices = defaultPractices): Build {
  return {
    format: formatName,
    version: formatVersion,
    id,
    identity,
    practices,
    maker: {},
    sheets: emptySheets(),
    primingRuns: [],
    starts: [],
    coReadings: [],
    waivers: [],
    signatures: [],
  };
}
