import type { OwnerFacts } from '../../core/drawing/handover/ownerFacts';
import type { OwnerTexts, Passage } from './texts/OwnerTexts';

/** The four leaves of a sheet folded once, each a list of passages: front, inside left, inside right, back. */
export function leavesOf(
  t: OwnerTexts,
  facts: OwnerFacts,
  workshop: string,
): Record<'front' | 'left' | 'right' | 'back', Passage[]> {
  const { dates } = t;
  const never = { ...t.never, lines: [t.inside[facts.kind], ...t.never.lines] };
  const dueLines = facts.dues.map(({ kind, firstDay, everyMonths }) => dates.due(t.dues[kind], t.day(firstDay), everyMonths));
  const when = facts.handedOver === null ? [dates.none] : [dates.handedOver(t.day(facts.handedOver)), ...dueLines];
  return {
    front: [never, t.alarm],
    left: [t.light(facts), t.stop(facts), t.burnHot],
    right: [t.signs, ...(facts.codes.length > 0 ? [t.codes(facts.codes.slice(0, codesMax))] : [])],
    back: [
      t.fuel(facts),
      t.spares(facts.spares.slice(0, sparesMax)),
      { title: dates.title, lines: when },
      t.call({ workshop, signedBy: facts.signedBy }),
    ],
  };
}
/** More than these don't fit on their leaf; the controller's own manual has all of its codes. */
const [codesMax, sparesMax] = [14, 6];
