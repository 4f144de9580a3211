import { foulsOf, keeps, sideClear, thingsInTheWay } from '../../model/siting/checkPlace';
import { passesNoFloor } from '../../model/siting/sealsOwed';
import { neverCut, readMeasured, wantWhole } from '../../model/siting/SitingPlan';
import { wadingMarginMm } from '../../model/siting/wadingMarginMm';
import { toDo } from '../../reading/NotMeasured';
import type { Reader } from '../../reading/Reader';
import { count, mm, name, type Value } from '../../wording/Value';
import { defineCheck } from '../Check';
import { makerDecides, trade } from '../sources';
import { worstOf } from '../worstOf';

const drawnPlace = ['siting.heaterXMm', 'siting.heaterYMm'] as const;
/**
 * What is free at an end: as measured with the heater in its place, but never more than the floor sheet leaves there now.
 * A measure that was taken before it was moved is told by that.
 */
function clear(
  read: Reader,
  measuredPath: 'siting.inletClearMm' | 'siting.hotClearMm',
  planned: 'siting.inletPlanMm' | 'siting.hotPlanMm',
): { free: number; measured: number | null } {
  const measured = read.maybe(measuredPath);
  if (measured === null) return { free: read.derived(planned), measured: null };
  // Where nobody has drawn the heater on the floor sheet, what was measured stands alone.
  if (drawnPlace.every((path) => read.maybe(path) === null)) return { free: measured, measured: null };
  const sheet = read.derived(planned);
  return sheet < measured - 1 ? { free: sheet, measured } : { free: measured, measured: null };
}
const bySheet = ' by the floor sheet ({measured} were measured: before it was moved, or the sheet is not as it is)';
/** On a shelf or a bracket nothing passes a floor. */
export function noFloor(read: Reader): boolean {
  read.maybe('siting.mount');
  return passesNoFloor(read.build);
}
export const onShelf = 'It stands on a shelf or a bracket: nothing passes a floor below it.';

/** Where the heater stands, and what lies round and below it. */
export const placeChecks = [
  defineCheck({
    id: 'siting.orientation',
    stage: 'siting',
    holdPoint: 'cutting',
    part: 'heater',
    why: 'Upside down, fuel and soot run back into the burner and the flame finds the fan; on the wrong side the plug drowns.',
    remedy: 'Turn it so that fuel inlet and glow plug end up on top; flat is always right.',
    source: `${trade} ${makerDecides}`,
    messages: {
      flat: 'The heater lies flat.',
      upsideDown: 'The heater hangs upside down.',
      onEnd: 'The heater stands on end.',
      sideDown: 'The heater lies on the side that puts its fuel inlet or glow plug below.',
      side: 'The heater lies on its side, inlet and plug on top, as its maker lets it.',
      flatOnly: 'The heater lies on its side; its maker lets it lie flat only.',
    },
    assess(read, say) {
      const { lies } = read.all({ lies: 'siting.heaterLies' });
      if (lies === 'flat') return say.sound('flat');
      if (lies === 'upsideDown') return say.stop('upsideDown');
      if (lies === 'onEnd') return say.fix('onEnd');
      if (lies === 'sideDown') return say.fix('sideDown');
      return read.all({ may: 'siting.mayLie' }).may === 'side' ? say.sound('side') : say.fix('flatOnly');
    },
  }),
  defineCheck({
    id: 'siting.inlet.clearance',
    stage: 'siting',
    holdPoint: 'cutting',
    part: 'heater',
    why: 'A starved inlet overheats the unit; things stored against it do the same later.',
    remedy: 'Move or turn the heater, or take away what stands before it.',
    source: `${trade} ${makerDecides}`,
    messages: {
      starved: '{free} clear in front of the cold-air inlet{note}; at least {min} are wanted.',
      close: '{free} clear in front of the cold-air inlet{note}; {good} are better.',
      enough: '{free} clear in front of the cold-air inlet{note} (at least {min}).',
      bySheet,
    },
    assess(read, say) {
      const { free, measured } = clear(read, 'siting.inletClearMm', 'siting.inletPlanMm');
      const [min, good] = [read.limit('inletClearMinMm').value, read.limit('inletClearGoodMm').value];
      const note: Value = measured === null ? null : say.clause('bySheet', { measured: mm(measured) });
      if (free < min) return say.fix('starved', { free: mm(free), note, min: mm(min) });
      if (free < good) return say.watch('close', { free: mm(free), note, good: mm(good) });
      return say.sound('enough', { free: mm(free), note, min: mm(min) });
    },
  }),
  defineCheck({
    id: 'siting.hot.clearance',
    stage: 'siting',
    holdPoint: 'cutting',
    part: 'heater',
    why: 'A duct needs its straight for the clamp and room for its bend; bends are bulkier than they look, and hot.',
    remedy: 'Move or turn the heater, or let the duct go straight through what is there, in a sleeve.',
    source: `${trade} The room for a bend is Lorbet’s own choice.`,
    messages: {
      clamp: '{free} clear at the hot end{note}; the duct’s clamp alone needs {straight}.',
      bend: '{free} clear at the hot end{note}: a clamp fits, a bend needs {wanted}.',
      enough: '{free} clear at the hot end{note} (clamp and bend need {wanted}).',
      bySheet,
    },
    assess(read, say) {
      const { free, measured } = clear(read, 'siting.hotClearMm', 'siting.hotPlanMm');
      const straight = read.limit('clampStraightMm').value;
      const note: Value = measured === null ? null : say.clause('bySheet', { measured: mm(measured) });
      if (free < straight) return say.fix('clamp', { free: mm(free), note, straight: mm(straight) });
      const wanted = read.derived('siting.hotNeededMm');
      const values = { free: mm(free), note, wanted: mm(wanted) };
      return free < wanted ? say.watch('bend', values) : say.sound('enough', values);
    },
  }),
  defineCheck({
    id: 'siting.below',
    stage: 'siting',
    holdPoint: 'cutting',
    part: 'heater',
    why: 'A saw that meets a rail is a hole in the wrong place; one that meets a fuel or brake pipe is a fire or a crash.',
    remedy:
      'Move the heater on the floor sheet until it is clear, or let the search find a place; then a {2.5 mm} pilot, and look underneath.',
    source: `${trade} The margins are Lorbet’s own choice.`,
    messages: {
      cuts: 'The hole {hole} cuts into {thing}, by {by}{more}.',
      near: 'The hole {hole} comes within {gap} of {thing}; {wanted} are wanted{more}.',
      more: '; and {n} more',
      stands: 'The heater would stand in {thing}.',
      edge: 'Heater or holes reach over the edge of the floor.',
      wall: 'The heater stands {gap} from the wall beside it; at least {wanted} are wanted.',
      onShelf,
      nothing: 'Nothing lies below the holes: looked, and drawn so.',
      clear: 'All {holes} holes are clear of the {things} things below.',
    },
    assess(read, say) {
      const holes = read.rows('holes').length;
      if (holes === 0 && read.maybe('siting.mount') !== 'shelf') return read.missing(...toDo('draw the holes to be cut'));
      const { plan, place } = readMeasured(read);
      const things = read.rows('obstacles').length;
      // What is drawn in the way counts before anybody has looked: a danger is not hidden behind a missing answer.
      const looked = read.maybe('siting.lookedBelow');
      const fouls = foulsOf(plan, place);
      const [worst] = fouls;
      const cut = fouls.find(({ gapMm, thing }) => gapMm < plan.limits.cut && neverCut.includes(thing.kind));
      const tell = ({ hole, thing, gapMm, wantedMm }: (typeof fouls)[number], level: 'stop' | 'fix', more: Value) => {
        const values = { hole: name(hole.name), thing: name(thing.name), more };
        return gapMm <= 0
          ? say[level]('cuts', { ...values, by: mm(-gapMm) })
          : say[level]('near', { ...values, gap: mm(gapMm), wanted: mm(wantedMm) });
      };
      if (cut) return tell(cut, 'stop', null);
      if (worst) return tell(worst, 'fix', fouls.length > 1 ? say.clause('more', { n: count(fouls.length - 1) }) : null);
      const standing = thingsInTheWay(plan, place);
      if (standing[0]) return say.fix('stands', { thing: name(standing[0].name) });
      if (!keeps(plan, place, 'floor')) return say.fix('edge');
      if (!keeps(plan, place, 'walls')) return say.fix('wall', { gap: mm(sideClear(plan, place)), wanted: mm(plan.limits.side) });
      wantWhole(read);
      if (holes === 0) return say.sound('onShelf');
      if (looked !== 'yes') return read.missing(...toDo('look below the place, and say so'));
      return things === 0 ? say.sound('nothing') : say.sound('clear', { holes: count(plan.holes.length), things: count(things) });
    },
  }),
  defineCheck({
    id: 'siting.service.access',
    stage: 'siting',
    holdPoint: 'bolting',
    part: 'heater',
    why: 'A heater that can’t be lifted out or opened is never serviced; in a tight box it overheats, and a bare loom chafes.',
    remedy: 'Leave a side that opens, and room to lift it out; grommets where loom and line pass metal.',
    source: `${trade} ${makerDecides}`,
    messages: {
      noReach: 'The heater can’t be reached for service.',
      tightBox: '{round} are free round it in its box; at least {min} are wanted.',
      bareLoom: 'Loom or line passes the metal without a grommet.',
      noLift: '{lift} are free above it; lifted out it needs its own height, {high}.',
      reached: 'It can be reached, lifted out and serviced.',
    },
    assess: (read, say) =>
      worstOf(
        () => (read.all({ side: 'siting.openingSide' }).side === 'no' ? say.fix('noReach') : null),
        () => {
          if (read.all({ boxed: 'siting.boxed' }).boxed === 'no') return null;
          const { round } = read.all({ round: 'siting.boxRoundMm' });
          const min = read.limit('boxRoundMinMm').value;
          return round < min ? say.fix('tightBox', { round: mm(round), min: mm(min) }) : null;
        },
        () => (read.all({ grommet: 'siting.loomGrommet' }).grommet === 'no' ? say.fix('bareLoom') : null),
        () => {
          if (read.all({ boxed: 'siting.boxed' }).boxed === 'yes') return null;
          const { lift, high } = read.all({ lift: 'siting.liftOutMm', high: 'siting.heaterHeightMm' });
          return lift < high ? say.fix('noLift', { lift: mm(lift), high: mm(high) }) : null;
        },
        () => say.sound('reached'),
      ),
  }),
  defineCheck({
    id: 'siting.wading',
    stage: 'siting',
    holdPoint: 'bolting',
    part: 'heater',
    why: 'Water in the burner, the fan or the plugs ends it; salt and slush do it slowly.',
    remedy: 'Set it inside, or higher; a closed box keeps spray out, not a ford.',
    source: `${trade} 100 mm above the water: Lorbet’s own choice.`,
    messages: {
      inside: 'The heater sits inside.',
      drowns: 'Its lowest point is {above}; the {vehicle} wades to {deep}, and {dry} keeps it dry.',
      openBelow: 'Its lowest point is {above}, open to spray and slush.',
      boxed: 'Its lowest point is {above}, in a closed box.',
      atGround: 'at the ground',
      aboveGround: '{above} above the ground',
    },
    assess(read, say) {
      const { sits } = read.all({ sits: 'survey.heaterSits' });
      if (sits === 'inside') return say.sound('inside');
      const height = (above: number) => (above === 0 ? say.clause('atGround') : say.clause('aboveGround', { above: mm(above) }));
      return worstOf(
        () => {
          const { above, deep } = read.all({ above: 'siting.aboveGroundMm', deep: 'people.wadingDepthMm' });
          return deep > 0 && above < deep + wadingMarginMm
            ? say.fix('drowns', { above: height(above), deep: mm(deep), dry: mm(deep + wadingMarginMm) })
            : null;
        },
        () => {
          const { above, boxed } = read.all({ above: 'siting.aboveGroundMm', boxed: 'siting.boxed' });
          const values = { above: height(above) };
          return boxed === 'no' ? say.watch('openBelow', values) : say.sound('boxed', values);
        },
      );
    },
  }),
];
