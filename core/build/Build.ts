import type { Licence } from '../people/licences';
import type { BuildKind } from './buildKinds';
import type { LimitKey } from '../practices/limits';
import type { Practices } from '../practices/practices';
import type { Values } from '../record/Value';
import type { Assumed } from './Assumption';
import type { Part } from './field';
import type { ListValues, RowOf } from './lists';
import type { SheetValues } from './sheets';
import type { UnitCard } from './unit/UnitCard';
import type { RuleAnswer, RulePack } from './pack/RulePack';
import type { Fault } from './faults';
import type { CoLog, CoReading, HotLook, NoiseReading, PrimingRun, Sight, StartRun, Visit } from './records';

export * from './buildKinds';
export * from './records';

export const formatName = 'lorbet-build';
export const formatVersion = 2;

/** Hold points that a person releases: each stands before a step that can't be undone. Hand-over has the signature. */
export const releasableHoldPoints = { cutting: 1, bolting: 1, closing: 1, power: 1, fire: 1 } as const;
export type ReleasableHoldPoint = keyof typeof releasableHoldPoints;

export interface Identity {
  name: string;
  /** What it is, in a few words: "travelling library". */
  what: string;
  kind: BuildKind;
  place: string;
  heaterSerial: string;
  /** True for demo data: everything in it is made up. */
  invented: boolean;
}

/** What was found bad, why it was so, and what was done: it answers a finding that only a new proof can clear. Both stay in the record. */
export interface Repair {
  id: string;
  at: string;
  by: string;
  checkId: string;
  /** the row that it is about, where the finding has several */ subject?: string;
  /** what the finding said then */ found: string;
  cause: string;
  repair: string;
}

/** A hold point released by a named person who had read what stood open at it. */
export interface Release {
  holdPoint: ReleasableHoldPoint;
  by: string;
  at: string;
  /** Ids of the checks that stood at "fix" or "not measured" then; a stop lets nobody through. */
  open: string[];
}

/** A lead's reasoned acceptance of one finding at level fix: of that sentence with those values, however it is worded or rounded later. */
export interface Waiver {
  checkId: string;
  /** which of the check’s sentences was accepted; `formerly` where only the sentence itself is known */ code: string;
  values: Values;
  reason: string;
  by: string;
  at: string;
}
export interface Signature {
  by: string;
  role: 'fitter' | 'lead';
  typedName: string;
  at: string;
  /** strokes of M, L, C and Q in a box of 600 × 200 */ drawn: string;
  /** hash of the build as it stood, signatures aside */ buildHash: string;
  /** so many people sign; one where nothing is said */ of?: 2;
  /** what the signer held on that day */ licences?: Licence[];
  /** who had a new password chosen for the signer, and when, since the signer last signed */ reset?: { by: string; at: string };
  /** hash of the same build in the form in which it was kept when it was signed, where that was an older one */ formerHash?: string;
}

/** A signature that a lead took back, though nothing in the build had changed: the papers made of it are void. */
export interface Withdrawal {
  at: string;
  by: string;
  /** when the signature was given */ signedAt: string;
  why: string;
}

/**
 * What a file brought along in other people's names. Nobody of this workshop has seen it happen, so it counts for nothing:
 * it is shown as claimed, and never checked, signed on or passed.
 */
export interface Claim {
  /** who brought the file in, and when */ by: string;
  at: string;
  signatures: Signature[];
  waivers: Waiver[];
  releases: Release[];
  primingRuns: PrimingRun[];
  starts: StartRun[];
  coReadings: CoReading[];
  hotLooks?: HotLook[];
  sights?: Sight[];
  noises?: NoiseReading[];
  coLogs?: CoLog[];
  withdrawals?: Withdrawal[];
  ruleAnswers?: RuleAnswer[];
  visits?: Visit[];
  repairs: Repair[];
  leaks: RowOf<'leaks'>[];
  faults?: Fault[];
}

/** One heater in one vehicle, boat or building: the open, versioned document (docs/build-format.md). */
export interface Build {
  format: typeof formatName;
  version: typeof formatVersion;
  id: string;
  identity: Identity;
  practices: Practices;
  maker: Partial<Record<LimitKey, number>>;
  sheets: SheetValues;
  primingRuns: PrimingRun[];
  starts: StartRun[];
  coReadings: CoReading[];
  waivers: Waiver[];
  signatures: Signature[];
  /** Signatures that were taken back; absent where none was. */
  withdrawals?: Withdrawal[];
  /** The last release of each hold point; absent where none was released. */
  releases?: Release[];
  /** Surfaces by thermometer; absent where none was read. */
  hotLooks?: HotLook[];
  /** What was seen at exhaust and line; absent where nobody looked. */
  sights?: Sight[];
  /** Levels of sound; absent where none was read. */
  noises?: NoiseReading[];
  /** Carbon monoxide through a night; absent where none was logged. */
  coLogs?: CoLog[];
  repairs?: Repair[];
  /** Faults looked for, mended and proven; absent where none was told. */
  faults?: Fault[];
  /** When something as fitted was last changed at a part, once the heater had been lit: what was proven of it before is stale. */
  worked?: Partial<Record<Part, string>>;
  /** What came in with files; see `Claim`. */
  claims?: Claim[];
  /** Rule packs that it goes by, as they were when they were taken; absent where nobody has chosen one. */
  packs?: RulePack[];
  /** What people answered for at rules whose proof is not there; absent where nobody did. */
  ruleAnswers?: RuleAnswer[];
  /** Visits after hand-over, oldest first; absent where there was none. A signature does not stand for them: they come after it. */
  visits?: Visit[];
  /** What is assumed where nobody has said; absent where nothing is. */
  assumed?: Assumed;
  /** The card of its kind of heater, as it was when it was taken; absent where none was. */
  unitCard?: UnitCard;
  /** Lists of rows: surfaces, parts, photographs, what lies below the floor. Absent where there are none. */
  lists?: ListValues;
}
