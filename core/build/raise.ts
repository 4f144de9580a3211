import { renamedPaths } from '../record/renamed';
import { sha256Hex } from '../record/sha256Hex';
import type { Build, Signature } from './Build';
import { signedText } from './buildHash';

type Fields = Record<string, unknown>;
const isFields = (value: unknown): value is Fields => typeof value === 'object' && value !== null && !Array.isArray(value);

/** An object with keys renamed, and what stands under them changed; whatever is not there is left alone. */
function renamed(
  value: unknown,
  names: Readonly<Record<string, string>>,
  inner: Readonly<Record<string, (v: unknown) => unknown>> = {},
): unknown {
  if (!isFields(value)) return value;
  return Object.fromEntries(
    Object.entries(value).map(([key, v]) => {
      const name = Object.hasOwn(names, key) ? (names[key] as string) : key;
      return [name, Object.hasOwn(inner, key) ? inner[key]?.(v) : v];
    }),
  );
}
const each = (change: (value: unknown) => unknown) => (values: unknown) => (Array.isArray(values) ? values.map(change) : values);

/** A waiver of version 1 is bound to a sentence; it stays so until the check that said it is asked (`raiseWaivers`). */
const waiver2 = (value: unknown): unknown => {
  if (!isFields(value)) return value;
  const { callId, says, ...rest } = value;
  return { ...rest, checkId: callId, code: 'formerly', values: { sentence: { name: says } } };
};
const repair2 = (value: unknown) => renamed(value, { callId: 'checkId' });
const release2 = (value: unknown) => renamed(value, { moment: 'holdPoint' });
const facts2 = (value: unknown) => renamed(value, { mostV: 'maxV', mostHz: 'maxHz', mostOutletC: 'maxOutletC' });
const start2 = (value: unknown) => renamed(value, { bench: 'dryRun' }, { log: (log) => renamed(log, {}, { facts: facts2 }) });
const uncertainties2 = (value: unknown) =>
  renamed(
    value,
    Object.fromEntries(
      Object.entries(renamedPaths).map(([from, to]) => [from.slice(from.indexOf('.') + 1), to.slice(to.indexOf('.') + 1)]),
    ),
  );
const done2 = {
  waivers: each(waiver2),
  gates: each(release2),
  starts: each(start2),
  repairs: each(repair2),
};
const doneNames = { gates: 'releases' };

/** Version 1 in the words of version 2: practices, releases, dry runs, uncertainties; see docs/decisions/0022. */
const from1 = (document: Fields): Fields => ({
  ...(renamed(
    document,
    { ...doneNames, schools: 'practices' },
    {
      ...done2,
      sheets: (sheets) => renamed(sheets, { ranges: 'uncertainties' }, { ranges: uncertainties2 }),
      claims: each((claim) => renamed(claim, doneNames, done2)),
    },
  ) as Fields),
  version: 2,
});

/**
 * Old versions are raised step by step by the function at their number.
 * A function takes the document of its version and gives that of the next.
 */
const steps: Record<number, (document: Fields) => Fields> = { 1: from1 };

/** A document in the newest form; one that can't be raised is given back as it is, and fails where it is read. */
export function raise(document: Fields, to: number): Fields {
  let raised = document;
  for (let version = Number(document.version); version < to; version += 1) raised = steps[version]?.(raised) ?? raised;
  return raised;
}

/** Hash of a document in whatever version, signatures aside. */
export const hashUnsigned = (document: Fields): string => sha256Hex(signedText(document));

/**
 * A signature stands for all of a build but the signatures. The raised build is the same one, so a signature that held before
 * holds for it; what was signed over then is kept beside.
 * @param before hash of the document as it was signed
 */
export function carrySignatures(build: Build, before: string): Build {
  const after = hashUnsigned(build as unknown as Fields);
  if (after === before || !build.signatures.some(({ buildHash }) => buildHash === before)) return build;
  const carried = (one: Signature): Signature =>
    one.buildHash === before ? { ...one, buildHash: after, formerHash: one.formerHash ?? before } : one;
  return { ...build, signatures: build.signatures.map(carried) };
}
