import {
  frostC,
  loopInWords,
  loopOf,
  loopSteps,
  mixOf,
  readParts,
  swellMl,
  waysRound,
  workC,
  type LoopPart,
} from '../../model/warmth/loopOf';
import { toDo } from '../../reading/NotMeasured';
import type { Reader } from '../../reading/Reader';
import { celsius, kelvin, litresAMinute, name, percent, shortMl, shortMm, type Value } from '../../wording/Value';
import { shorten } from '../../units/formatNumber';
import type { Verdict } from '../Finding';
import { defineCheck } from '../Check';
import { makerDecides, trade } from '../sources';
import { worstOf, type Question } from '../worstOf';

const ducts = 'It warms air: there is no coolant loop.';
const flowSource =
  'Darcy–Weisbach; P = ṁ c_p ΔT. Losses of the parts are Lorbet’s own assumptions; so is the pump where its maker tells nothing of it.';

/** Whether there is a loop to judge. @throws through the reader where nobody has said what the heater warms */
const hasLoop = (read: Reader): boolean => read.rows('loop').length > 0 || read.all({ way: 'warmth.way' }).way === 'loop';
/** A question for each part. */
const each = (parts: readonly LoopPart[], ask: (part: LoopPart) => Verdict | null): Question[] =>
  parts.map((part) => () => ask(part));

/** Parts that follow each other, round and round, on every way. */
const pairs = (parts: readonly LoopPart[]): [LoopPart, LoopPart][] =>
  waysRound(loopSteps(parts)).flatMap((way) =>
    way.length < 2 ? [] : way.map((part, i): [LoopPart, LoopPart] => [part, way[(i + 1) % way.length] as LoopPart]),
  );

/** A high point: between which parts, and how far it falls behind it. */
function highPoints(parts: readonly LoopPart[]): { before: LoopPart; after: LoopPart }[] {
  const found = new Map<string, { before: LoopPart; after: LoopPart }>();
  for (const way of waysRound(loopSteps(parts))) {
    const sloped = way.filter(({ riseMm }) => riseMm !== undefined && riseMm !== 0);
    sloped.forEach((before, i) => {
      const after = sloped[(i + 1) % sloped.length];
      if (!after || (before.riseMm ?? 0) < 0 || (after.riseMm ?? 0) > 0) return;
      // What lies level between them lies at the top too.
      const from = way.indexOf(before);
      const to = way.indexOf(after);
      const top = to > from ? way.slice(from, to + 1) : [...way.slice(from), ...way.slice(0, to + 1)];
      const open = top.some(({ kind }) => kind === 'tank') || top.slice(0, -1).some(({ bleed }) => bleed === 'yes');
      if (!open) found.set(before.id, { before, after });
    });
  }
  return [...found.values()];
}

/** How a coolant loop runs, what is in it, and whether it carries the heat off. */
export const coolantChecks = [
  defineCheck({
    id: 'coolant.order',
    stage: 'warmth',
    holdPoint: 'fire',
    part: 'heater',
    why: 'Coolant that is pushed against its way, or held by a valve, stands in the heater and boils.',
    remedy: 'Turn it round, or lead the hoses to the ports as their arrows say.',
    source: `${trade} ${makerDecides}`,
    messages: {
      ducts,
      check: '{part} stands against the flow: nothing passes it.',
      shut: '{part} is shut: nothing passes it.',
      swapped: 'Feed and return of {part} are swapped: the flow goes through it against its arrow.',
      pump: '{part} pumps against the flow.',
      order: 'The flow goes {order}.',
    },
    remedies: { shut: 'Open it, and mark it so that it stays open.' },
    assess: (read, say) => {
      if (!hasLoop(read)) return say.sound('ducts');
      const parts = readParts(read);
      const last = parts[parts.length - 1];
      return worstOf(
        ...each(parts, (part) => {
          const called = { part: name(part.name) };
          if (part.kind === 'valve' && part.shut === 'yes') return say.stop('shut', called);
          if (part.arrow !== 'against') return null;
          if (part.kind === 'check') return say.stop('check', called);
          if (part.kind === 'pump') return say.fix('pump', called);
          return part.kind === 'heater' ? say.fix('swapped', called) : null;
        }),
        ...each(parts, (part) => {
          if (part.kind === undefined) return read.missing(...toDo(`say what “${part.name}” is`));
          const arrowed = part.kind === 'pump' || part.kind === 'heater' || part.kind === 'check';
          if (arrowed && part.arrow === undefined)
            return read.missing(...toDo(`say which way the flow goes through “${part.name}”`));
          return part.kind === 'valve' && part.shut === undefined
            ? read.missing(...toDo(`say whether “${part.name}” is shut`))
            : null;
        }),
        () =>
          last && last.kind !== 'hose'
            ? read.missing(...toDo(`lead the loop back to its first part by a hose: it ends at “${last.name}”`))
            : null,
        () => say.sound('order', { order: name(shorten(loopInWords(loopOf(read).steps), 300)) }),
      );
    },
  }),
  defineCheck({
    id: 'coolant.hose',
    stage: 'warmth',
    holdPoint: 'closing',
    part: 'heater',
    why: 'A hose pressed onto a spigot that is too thick splits, and one on a thin spigot comes off hot; a bare hose loses what the heater made.',
    remedy: 'Fit an adapter where the bores differ.',
    source: trade,
    messages: {
      ducts,
      step: '{part} of {bore} meets {other} of {otherBore} without an adapter.',
      bare: '{part} is not insulated.',
      fits: 'Every bore fits the next, and every hose is insulated.',
    },
    remedies: { bare: 'Insulate it all along.' },
    assess: (read, say) => {
      if (!hasLoop(read)) return say.sound('ducts');
      const parts = readParts(read);
      return worstOf(
        ...pairs(parts).map(([one, other]) => (): Verdict | null => {
          if (one.kind === 'adapter' || other.kind === 'adapter') return null;
          if (one.boreMm === undefined || other.boreMm === undefined)
            return read.missing({ act: 'measure', what: `bore of “${(one.boreMm === undefined ? one : other).name}”` });
          return Math.abs(one.boreMm - other.boreMm) > 1
            ? say.fix('step', {
                part: name(one.name),
                bore: shortMm(one.boreMm, 1),
                other: name(other.name),
                otherBore: shortMm(other.boreMm, 1),
              })
            : null;
        }),
        ...each(parts, (part) => {
          if (part.kind !== 'hose') return null;
          if (part.insulated === undefined) return read.missing(...toDo(`say whether “${part.name}” is insulated`));
          return part.insulated === 'no' ? say.watch('bare', { part: name(part.name) }) : null;
        }),
        () => say.sound('fits'),
      );
    },
  }),
  defineCheck({
    id: 'coolant.glycol',
    stage: 'warmth',
    holdPoint: 'fire',
    part: 'heater',
    why: 'What freezes bursts the block and the heater; what is too strong is thick and carries less heat.',
    remedy: 'Drain some of it and fill up with glycol, or with water, until a refractometer says so.',
    source: 'Freezing points: ASHRAE Fundamentals (from memory). The margin is Lorbet’s own choice.',
    messages: {
      ducts,
      freezes: 'The coolant freezes at {frost}; the coldest night has {coldest}.',
      near: 'The coolant freezes at {frost}, the coldest night has {coldest}: {margin} between them are wanted.',
      strong: '{share} of the coolant is glycol; above {most} it is thick, carries less heat, and freezes sooner again.',
      good: 'The coolant freezes at {frost}; the coldest night has {coldest}.',
    },
    assess: (read, say) => {
      if (!hasLoop(read)) return say.sound('ducts');
      return worstOf(
        () => {
          const most = read.limit('glycolMaxPercent').value;
          const share = read.maybe('warmth.glycolPercent');
          return share !== null && share > most && read.maybe('warmth.glycol') !== 'water'
            ? say.fix('strong', { share: percent(share), most: percent(most) })
            : null;
        },
        () => {
          const mix = mixOf(read);
          const { coldest } = read.all({ coldest: 'survey.coldestC' });
          const frost = frostC(mix);
          const margin = read.limit('frostMarginK').value;
          const values = { frost: celsius(frost), coldest: celsius(coldest) };
          if (frost > coldest) return say.fix('freezes', values);
          return frost > coldest - margin ? say.watch('near', { ...values, margin: kelvin(margin) }) : say.sound('good', values);
        },
      );
    },
  }),
  defineCheck({
    id: 'coolant.air',
    stage: 'warmth',
    holdPoint: 'fire',
    part: 'heater',
    why: 'Air gathers at a high point; it holds the flow, and in the heater it lets a wall burn through.',
    remedy: 'Fit a bleed at the high point, or let the hose rise on to the expansion tank.',
    source: trade,
    messages: {
      ducts,
      trap: 'After {part} the loop is at a high point that nothing bleeds: air stays there.',
      heater: 'The heater lies highest in its loop, and nothing bleeds it.',
      rises: 'Every high point is bled, or ends in the expansion tank.',
    },
    remedies: { heater: 'Set it and its pump low, so that air rises out of them; or bleed it, and fill it with the cap off.' },
    assess: (read, say) => {
      if (!hasLoop(read)) return say.sound('ducts');
      const parts = readParts(read);
      return worstOf(
        // A high point is known by the two slopes beside it, whatever is not known of the rest.
        ...highPoints(parts).map(({ before, after }) => (): Verdict | null => {
          const way = waysRound(loopSteps(parts)).find((one) => one.includes(before) && one.includes(after)) ?? [];
          const [from, to] = [way.indexOf(before), way.indexOf(after)];
          const top = to > from ? way.slice(from, to) : [...way.slice(from), ...way.slice(0, to)];
          const untold = top.find(({ riseMm, bleed }) => riseMm === undefined || bleed === undefined);
          if (untold) return read.missing(...toDo(`say how “${untold.name}” rises, and whether it is bled at its high end`));
          return top.some(({ kind }) => kind === 'heater') || after.kind === 'heater'
            ? say.fix('heater')
            : say.fix('trap', { part: name(before.name) });
        }),
        ...each(parts, (part) =>
          part.riseMm === undefined ? read.missing({ act: 'measure', what: `rise of “${part.name}”` }) : null,
        ),
        () => {
          for (const way of waysRound(loopSteps(parts))) {
            const sum = way.reduce((total, { riseMm = 0 }) => total + riseMm, 0);
            if (Math.abs(sum) > 30)
              return read.missing(...toDo(`correct the rises of the loop: round and back they must add up to nothing`));
          }
          return say.sound('rises');
        },
      );
    },
  }),
  defineCheck({
    id: 'coolant.flow',
    stage: 'warmth',
    holdPoint: 'bolting',
    part: 'heater',
    why: 'A heater that its coolant does not cool boils it, and trips or cracks.',
    remedy: 'Fit wider or shorter hose, take angles out, or let parts stand beside each other and not behind.',
    source: `${flowSource} How much hotter is Lorbet’s own choice. ${makerDecides}`,
    messages: {
      ducts,
      nothing: 'Nothing flows through the heater as the loop stands.',
      hot: 'At full the coolant leaves the heater {rise} hotter than it came; at most {most}. {flow} pass it.',
      flows: 'At full the coolant leaves the heater {rise} hotter than it came: {flow} pass it.',
    },
    remedies: { nothing: 'Open the valve that is shut, or turn the check valve round.' },
    assess: (read, say) => {
      if (!hasLoop(read)) return say.sound('ducts');
      const most = read.limit('coolantRiseMaxK').value;
      const flow = loopOf(read).flowAt(workC);
      if (!Number.isFinite(flow.riseK)) return say.stop('nothing');
      const heater = readParts(read).find(({ kind }) => kind === 'heater');
      const kgS = flow.byId.get(heater?.id ?? '') ?? 0;
      const values: { rise: Value; flow: Value } = {
        rise: kelvin(flow.riseK, 1),
        flow: litresAMinute((kgS / flow.coolant.densityKgM3) * 60000, 1),
      };
      return flow.riseK > most ? say.fix('hot', { ...values, most: kelvin(most) }) : say.sound('flows', values);
    },
  }),
  defineCheck({
    id: 'coolant.expansion',
    stage: 'warmth',
    holdPoint: 'fire',
    part: 'heater',
    why: 'Coolant swells as it warms; without room it blows off hot, and sucks air in as it cools.',
    remedy: 'Fit a larger expansion tank, or fill it less when cold.',
    source: 'Density of the mix: ASHRAE Fundamentals, order of magnitude (from memory).',
    messages: {
      ducts,
      none: 'The loop has no expansion tank.',
      little: 'From the coldest night to its hottest the coolant swells by {swell}; the tank has room for {room}.',
      room: 'The coolant swells by {swell}; the tank has room for {room}.',
    },
    remedies: { none: 'Fit an expansion tank with a cap, at the highest place of the loop.' },
    assess: (read, say) => {
      if (!hasLoop(read)) return say.sound('ducts');
      const parts = readParts(read);
      return worstOf(
        () => {
          if (parts.some(({ kind }) => kind === 'tank')) return null;
          const untold = parts.find(({ kind }) => kind === undefined);
          return untold ? read.missing(...toDo(`say what “${untold.name}” is`)) : say.fix('none');
        },
        () => {
          const { room } = read.all({ room: 'warmth.tankFreeMl' });
          const swell = swellMl(read);
          const values = { swell: shortMl(swell, 0), room: shortMl(room, 0) };
          return swell > room ? say.fix('little', values) : say.sound('room', values);
        },
      );
    },
  }),
];
