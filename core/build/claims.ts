import type { Build, Claim } from './Build';
import { rowsOf, type RowOf } from './lists';

/** Everything of a build that somebody did, saw or signed. */
export type Actions = Required<Omit<Claim, 'by' | 'at'>>;
export const noActions = (): Actions => ({
  signatures: [],
  waivers: [],
  releases: [],
  primingRuns: [],
  starts: [],
  coReadings: [],
  hotLooks: [],
  sights: [],
  noises: [],
  coLogs: [],
  withdrawals: [],
  ruleAnswers: [],
  visits: [],
  repairs: [],
  leaks: [],
  faults: [],
});
const wasWatched = ({ id: _id, name: _name, ...rest }: RowOf<'leaks'>): boolean => Object.keys(rest).length > 0;
export const actionsOf = (build: Build): Actions => ({
  signatures: build.signatures,
  waivers: build.waivers,
  releases: build.releases ?? [],
  primingRuns: build.primingRuns,
  starts: build.starts,
  coReadings: build.coReadings,
  hotLooks: build.hotLooks ?? [],
  sights: build.sights ?? [],
  noises: build.noises ?? [],
  coLogs: build.coLogs ?? [],
  withdrawals: build.withdrawals ?? [],
  ruleAnswers: build.ruleAnswers ?? [],
  visits: build.visits ?? [],
  repairs: build.repairs ?? [],
  leaks: rowsOf(build.lists, 'leaks').filter(wasWatched),
  faults: build.faults ?? [],
});
export const isNothing = (actions: Actions): boolean => Object.values(actions).every((some) => some.length === 0);

/** A build with only some of what was done left; joints that were watched stay as joints that are to be. */
export function withActions(build: Build, left: Actions): Build {
  const {
    releases: _releases,
    hotLooks: _hotLooks,
    sights: _sights,
    noises: _noises,
    coLogs: _coLogs,
    withdrawals: _withdrawals,
    ruleAnswers: _ruleAnswers,
    visits: _visits,
    repairs: _repairs,
    faults: _faults,
    worked: _worked,
    ...rest
  } = build;
  const seen = new Set(left.leaks.map(({ id }) => id));
  const leaks = rowsOf(build.lists, 'leaks').map((row) =>
    seen.has(row.id) ? row : { id: row.id, ...(row.name === undefined ? {} : { name: row.name }) },
  );
  return {
    ...rest,
    signatures: left.signatures,
    waivers: left.waivers,
    primingRuns: left.primingRuns,
    starts: left.starts,
    coReadings: left.coReadings,
    ...(left.releases.length > 0 ? { releases: left.releases } : {}),
    ...(left.hotLooks.length > 0 ? { hotLooks: left.hotLooks } : {}),
    ...(left.sights.length > 0 ? { sights: left.sights } : {}),
    ...(left.noises.length > 0 ? { noises: left.noises } : {}),
    ...(left.coLogs.length > 0 ? { coLogs: left.coLogs } : {}),
    ...(left.withdrawals.length > 0 ? { withdrawals: left.withdrawals } : {}),
    ...(left.ruleAnswers.length > 0 ? { ruleAnswers: left.ruleAnswers } : {}),
    ...(left.visits.length > 0 ? { visits: left.visits } : {}),
    ...(left.repairs.length > 0 ? { repairs: left.repairs } : {}),
    ...(left.faults.length > 0 ? { faults: left.faults } : {}),
    ...(build.lists ? { lists: leaks.length > 0 ? { ...build.lists, leaks } : build.lists } : {}),
  };
}

/** How many files' claims a build keeps; the oldest go first. */
const claimsMax = 8;

/**
 * A build as it comes in with a file: what it says that people did, saw and signed becomes a claim, since nobody here has seen it.
 * @param by who brings the file in
 */
export function asClaims(build: Build, by: string, at: string): Build {
  const actions = actionsOf(build);
  const bare = withActions(build, noActions());
  if (isNothing(actions)) return bare;
  return { ...bare, claims: [...(build.claims ?? []), { by, at, ...actions }].slice(-claimsMax) };
}

/** A build without its history: figures and lists, and nothing that anybody did. */
export function asCopy(build: Build, id: string): Build {
  const { claims: _claims, ...bare } = withActions(build, noActions());
  return { ...bare, id };
}
