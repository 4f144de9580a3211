import type { Fault } from '../../build/faults';
import type { Part } from '../../build/field';
import type { KnownSign } from '../../checks/faults/knownSigns';
import type { BeliefNode } from '../../model/faults/belief';
import { faultCauses, type CauseId } from '../../model/faults/causes';
import { askedIn, believeFault, isFaultCheck } from '../../model/faults/faultCase';
import { faultChecks, type FaultCheckId } from '../../model/faults/faultNetwork';
import { learnedWeights, type CauseCounts } from '../../model/faults/learned';
import { leanedWeights, type Leaning } from '../../model/faults/leaning';
import { lightsIt, mustNotBeLit } from '../../model/faults/mustNotBeLit';
import {
  believe,
  causeFound,
  contradictions,
  likeliest,
  nextChecks,
  outcomesOf,
  type Belief,
  type Found,
} from '../../model/faults/nextCheck';
import { partOfCause } from '../../model/faults/partOfCause';

/** What is asked of a fault as it stands. */
export interface LookFor {
  fault: Fault;
  /** what the build answers by itself */ known: readonly KnownSign[];
  medium: 'air' | 'coolant';
  /** what is on record of this build and makes causes likelier */ leanings: readonly Leaning[];
  /** what the workshop has counted; empty where it wants what is usual */ counts: CauseCounts;
  /** the check that a person wants to see, in place of the one that tells most */ chosen?: FaultCheckId;
}
export interface CauseBar {
  cause: CauseId;
  label: string;
  chance: number;
  part: Part;
  repair: string;
  service: boolean;
}
export interface AskedCheck {
  id: FaultCheckId;
  ask: string;
  minutes: number;
  part: Part;
  /** 0 none, 1 with care, 2 only since nothing else tells */ danger: 0 | 1 | 2;
  caution?: string;
  /** it is started or burns for it */ lights: boolean;
  /** what each answer would show */ answers: { found: string; chance: number; then: { label: string; chance: number }[] }[];
}
export interface FaultView {
  bars: CauseBar[];
  /** chance that nothing is wrong */ nothing: number;
  /** chance that the cause sits there, of each part at which one may */ parts: Partial<Record<Part, number>>;
  /** what is known without asking, and by what */ known: {
    id: FaultCheckId;
    ask: string;
    found: string;
    from: KnownSign['from'];
  }[];
  /** what makes causes likelier here than elsewhere, by what on record */ leans: {
    why: Leaning['why'];
    causes: { label: string; times: number }[];
  }[];
  /** a cause is found; something still tells; nothing does, and the maker’s service has to open it */ state:
    'found' | 'ask' | 'service';
  /** what may poison or burn is not ruled out */ cold: boolean;
  next: AskedCheck | null;
  /** what else tells something, the best first */ others: { id: FaultCheckId; ask: string; minutes: number }[];
  /** answers that go badly with all the others */ odd: FaultCheckId[];
}

/** So many causes have a bar, none less likely than this; so many checks are offered besides. */
const [barsMax, leastChance, othersMax] = [8, 0.01, 12];
function asked(network: readonly BeliefNode[], belief: Belief, now: Found, id: FaultCheckId): AskedCheck {
  const { ask, minutes, part, danger, caution, answers } = faultChecks[id];
  const { [id]: own, ...others } = now;
  const outcomes = outcomesOf(network, own === undefined ? belief : believe(network, others), id);
  return {
    id,
    ask,
    minutes,
    part,
    danger,
    ...(caution ? { caution } : {}),
    lights: lightsIt(id),
    answers: outcomes.map(({ answer, chance, then }) => ({
      found: answers[answer] ?? '',
      chance,
      then: then.map(({ cause, chance: likely }) => ({ label: faultCauses[cause].label, chance: likely })),
    })),
  };
}

/** What a fault looks like as it stands: its likeliest causes, where they sit, and what to look at next. */
export function lookFor({ fault, known, medium, leanings, counts, chosen }: LookFor): FaultView {
  const weights = leanedWeights(learnedWeights(medium, counts), leanings);
  const answeredByBuild: Found = Object.fromEntries(known.map(({ check, answer }) => [check, answer]));
  const { network, belief, now } = believeFault(fault, answeredByBuild, medium, weights);
  const left = askedIn(fault, now);
  const ranked = nextChecks(network, belief, medium, left);
  const all = likeliest(belief);
  const parts: Partial<Record<Part, number>> = {};
  for (const { cause, chance } of all) parts[partOfCause(cause)] = (parts[partOfCause(cause)] ?? 0) + chance;
  const said = new Set(fault.steps.map(({ check }) => check));
  // What was answered may be looked at again; what may not be lit for is not shown for that either.
  const again = chosen !== undefined && isFaultCheck(chosen) && !(mustNotBeLit(belief) && lightsIt(chosen));
  const first = again ? chosen : ranked[0]?.id;
  return {
    bars: all
      .slice(0, barsMax)
      .filter(({ chance }) => chance >= leastChance)
      .map(({ cause, chance }) => ({
        cause,
        label: faultCauses[cause].label,
        chance,
        part: partOfCause(cause),
        repair: faultCauses[cause].repair,
        service: 'service' in faultCauses[cause],
      })),
    nothing: belief.nothing,
    parts,
    known: known
      .filter(({ check }) => !said.has(check))
      .map(({ check, answer, from }) => ({
        id: check,
        ask: faultChecks[check].ask,
        found: faultChecks[check].answers[answer] ?? '',
        from,
      })),
    leans: leanings.map(({ why, times }) => ({
      why,
      causes: Object.entries(times).map(([cause, by]) => ({ label: faultCauses[cause as CauseId].label, times: by })),
    })),
    state: causeFound(belief) ? 'found' : ranked.length > 0 ? 'ask' : 'service',
    cold: mustNotBeLit(belief),
    next: first ? asked(network, belief, now, first) : null,
    others: ranked
      .filter(({ id }) => id !== first)
      .slice(0, othersMax)
      .map(({ id }) => ({ id, ask: faultChecks[id].ask, minutes: faultChecks[id].minutes })),
    odd: contradictions(network, now, belief).filter((id) => isFaultCheck(id) && said.has(id)),
  };
}
