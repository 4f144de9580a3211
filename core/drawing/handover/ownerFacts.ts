import { valueAt } from '../../build/sheets';
import type { Build, BuildKind } from '../../build/Build';
import type { CardFault } from '../../build/unit/UnitCard';
import { rowsOf } from '../../build/lists';
import { explain } from '../../figures/explain';
import type { FigureId } from '../../reading/figureIds';
import { duesOf, handedOverDay, type Due } from '../../model/handover/dues';
import { provingStart } from '../../model/startup/fittedStarts';
import { summarizeStart } from '../../model/startup/summarizeStart';

/** All that an owner's papers tell of this very heater, as data: the words are those of the owner's language. */
export interface OwnerFacts {
  name: string;
  kind: BuildKind;
  serial: string;
  invented: boolean;
  /** how it works at its controller; null where nobody has said */ mode: 'target' | 'fixed' | null;
  /** seconds from the button to the flame, and from off until the fan stopped, at the last start on record */ ignitionS:
    number | null;
  afterrunS: number | null;
  /** °C down to which the fuel gets through, by the sum, with a half tank or the level of the day; null where that can't be told */ goodToC:
    number | null;
  /** A of the fuse in the feed */ fuseA: number | null;
  /** codes of its controller, where its card has them */ codes: readonly CardFault[];
  /** parts that were known as weak, or replaced: to have one of each along */ spares: readonly string[];
  /** YYYY-MM-DD; null before it was signed or lit */ handedOver: string | null;
  dues: readonly Due[];
  signedBy: string | null;
}

const figureOf = (build: Build, id: FigureId): number | null => explain(build, id, {}).value;

export function ownerFacts(build: Build): OwnerFacts {
  const start = provingStart(build);
  const summary = start && summarizeStart(start.run);
  const mode = valueAt(build.sheets, 'controller.mode');
  const fuseA = valueAt(build.sheets, 'wiring.fuseA');
  return {
    name: build.identity.name,
    kind: build.identity.kind,
    serial: build.identity.heaterSerial,
    invented: build.identity.invented,
    mode: mode === 'target' || mode === 'fixed' ? mode : null,
    ignitionS: summary?.ignitionS ?? null,
    afterrunS: summary?.afterrunS ?? null,
    // Up to the next whole degree: never colder than the sum says.
    goodToC: roundedUp(figureOf(build, 'fuel.goodDownToC')),
    fuseA: fuseA === null || fuseA === 0 ? null : fuseA,
    codes: build.unitCard?.faults ?? [],
    spares: rowsOf(build.lists, 'parts').flatMap(({ name, weak, state }) =>
      name && ((weak !== undefined && weak !== 'none') || state === 'replaced') ? [name] : [],
    ),
    handedOver: handedOverDay(build),
    dues: duesOf(build) ?? [],
    signedBy: build.signatures.at(-1)?.typedName ?? null,
  };
}
const roundedUp = (n: number | null): number | null => (n === null ? null : Math.ceil(n));
