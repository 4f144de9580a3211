import { licensedTrades } from '../../people/licences';
import type { Signature } from '../../build/Build';
import { buildHash } from '../../build/buildHash';
import { drawnSchema } from '../../build/recordSchemas';
import { text } from '../../build/schemaParts';
import { fieldAt } from '../../build/sheets';
import { assess } from '../../checks/assess';
import { findingLine } from '../../checks/findingText';
import { halfSignedBy, signState } from '../../checks/progress';
import { whatStands } from '../../checks/signoff/signoff';
import { unmeasuredFigures } from '../../model/unmeasuredFigures';
import { defineCommand, refuse, shape } from '../define';

export interface SignCommand {
  kind: 'sign';
  typedName: string;
  drawn: string;
}

/** The signature: on what was measured, with nothing standing in its way. */
export const signCommand = defineCommand<SignCommand>({
  kind: 'sign',
  permission: 'sign',
  isRelied: () => true,
  schema: shape(() => ({ typedName: text(80, 2), drawn: drawnSchema() })),
  afterSigning: true,
  apply(build, command, { name, role, at, licences = [], reset }) {
    if (role === 'viewer') return refuse('forbidden', 'A viewer can’t sign.');
    if (signState(build) === 'signed') return refuse('locked', 'This build is signed already, and nothing has changed since.');
    if (halfSignedBy(build) === name)
      return refuse('standing', `${name} has signed; its rule pack asks for a second person, who signs next.`);
    const { stop, fix, open } = whatStands(assess(build));
    const findings = [...stop, ...fix, ...open];
    if (findings.length > 0) return refuse('standing', ...findings.map(findingLine));
    const planned = unmeasuredFigures(build);
    if (planned.length > 0)
      return refuse('standing', ...planned.map((path) => `${fieldAt(path).label} is planned but not entered as fitted.`));
    const typedName = command.typedName.trim();
    if (typedName.toLowerCase() !== name.trim().toLowerCase())
      return refuse('invalid', `The typed name is “${command.typedName}”; it must be the name that is signed in, ${name}.`);
    const holding = licences.filter(({ until }) => until === undefined || until >= at.slice(0, 10));
    const packs = build.packs ?? [];
    const wanted = packs.flatMap(({ signers }) => signers).find((one) => !holding.some(({ trade }) => trade === one));
    if (wanted)
      return refuse(
        'forbidden',
        `Whoever signs under this build’s rule pack holds a licence for ${licensedTrades[wanted]}; for ${name} none is kept that holds today (People).`,
      );
    const signature: Signature = {
      by: name,
      role,
      typedName,
      at,
      drawn: command.drawn,
      buildHash: buildHash(build),
      ...(packs.some(({ signatures }) => signatures === 2) ? { of: 2 as const } : {}),
      ...(holding.length > 0 ? { licences: [...holding] } : {}),
      ...(reset ? { reset } : {}),
    };
    return {
      ok: true,
      build: { ...build, signatures: [...build.signatures, signature] },
      body: { typedName, buildHash: signature.buildHash },
    };
  },
  describe: (body) => `SIGNED by ${String(body.typedName)}`,
});
