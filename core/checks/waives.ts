import type { Build, Waiver } from '../build/Build';
import { sameValues } from '../wording/Value';
import type { Finding, Told } from './Finding';
import { wasToldBy } from './findingText';

/** A waiver of which only the sentence is known that it accepted: kept before a finding was data. */
const formerly = 'formerly';

/**
 * Whether a waiver accepts this very finding: the same check and sentence, with the values that were accepted, however it is
 * worded or rounded today.
 */
export function waives(waiver: Pick<Waiver, 'checkId' | 'code' | 'values'>, told: Told): boolean {
  if (told.level !== 'fix' || waiver.checkId !== told.id) return false;
  if (waiver.code !== formerly) return waiver.code === told.code && sameValues(waiver.values, told.values);
  const { sentence } = waiver.values;
  return sentence != null && 'name' in sentence && wasToldBy(told, sentence.name);
}

/** Waivers that were kept with a sentence alone, bound to the finding that it was; one that has lapsed stays as it is. */
export function raiseWaivers(build: Build, findings: readonly Finding[]): Build {
  const raised = (waiver: Waiver): Waiver => {
    const told = waiver.code === formerly ? findings.find((finding) => waives(waiver, finding)) : undefined;
    return told ? { ...waiver, code: told.code, values: told.values } : waiver;
  };
  return { ...build, waivers: build.waivers.map(raised) };
}
