/** The parts of a version 1 build document that step 0004 looks at, as they were called then. Frozen: later versions have other names. */
interface Signed {
  buildHash: string;
}
interface Waived {
  callId: string;
  says: string;
}
interface Passed {
  moment: string;
}
interface Kept {
  id: string;
}
export interface Deeds1 {
  signatures: Signed[];
  waivers: Waived[];
  gates: Passed[];
  primingRuns: Kept[];
  starts: (Kept & object)[];
  coReadings: Kept[];
  hotLooks: Kept[];
  repairs: Kept[];
  leaks: Kept[];
}
type Claim1 = Omit<Deeds1, 'hotLooks'> & { by: string; at: string; hotLooks?: Kept[] };
export interface Build1 extends Omit<Deeds1, 'gates' | 'hotLooks' | 'repairs' | 'leaks'> {
  gates?: Passed[];
  hotLooks?: Kept[];
  repairs?: Kept[];
  worked?: object;
  claims?: Claim1[];
  lists?: Record<string, Kept[] | undefined>;
}

/** Everything of a build that somebody did, saw or signed. */
export const deedsOf1 = (build: Build1): Deeds1 => ({
  signatures: build.signatures,
  waivers: build.waivers,
  gates: build.gates ?? [],
  primingRuns: build.primingRuns,
  starts: build.starts,
  coReadings: build.coReadings,
  hotLooks: build.hotLooks ?? [],
  repairs: build.repairs ?? [],
  leaks: (build.lists?.leaks ?? []).filter((row) => Object.keys(row).some((name) => name !== 'id' && name !== 'name')),
});

/** A build with only some of what was done left in it; joints that were watched stay as joints that are to be. */
export function withDeeds1(build: Build1, left: Deeds1): Build1 {
  const { gates: _gates, hotLooks: _hotLooks, repairs: _repairs, worked: _worked, ...rest } = build;
  const seen = new Set(left.leaks.map(({ id }) => id));
  const leaks = ((build.lists?.leaks ?? []) as (Kept & { name?: string })[]).map((row) =>
    seen.has(row.id) ? row : { id: row.id, ...(row.name === undefined ? {} : { name: row.name }) },
  );
  return {
    ...rest,
    signatures: left.signatures,
    waivers: left.waivers,
    primingRuns: left.primingRuns,
    starts: left.starts,
    coReadings: left.coReadings,
    ...(left.gates.length > 0 ? { gates: left.gates } : {}),
    ...(left.hotLooks.length > 0 ? { hotLooks: left.hotLooks } : {}),
    ...(left.repairs.length > 0 ? { repairs: left.repairs } : {}),
    ...(build.lists ? { lists: leaks.length > 0 ? { ...build.lists, leaks } : build.lists } : {}),
  };
}
