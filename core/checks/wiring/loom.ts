import { feedFuseA } from '../../model/wiring/feed';
import { cableName, isLoom, isNode, loomName, loomOf, loomPartsOf, lostV } from '../../model/wiring/loomOf';
import { wayM } from '../../model/wiring/alongFloor';
import { loomShorts, type Short } from '../../model/wiring/loomShorts';
import { computeOrMissing, toDo } from '../../reading/NotMeasured';
import type { Reader } from '../../reading/Reader';
import { metres, name, percent, shortA, shortQuantity, term, volts } from '../../wording/Value';
import { defineCheck } from '../Check';
import { trade } from '../sources';
import { worstOf } from '../worstOf';

/** What a look over the feed found, its fuse out. */
const looks = (read: Reader) => read.all({ looks: 'wiring.looks' }).looks;
/** A fuse that needs longer is too large for what a short draws. IEC 60364-4-41, from memory. */
const slowS = 5;
/** The way back loses twice what the feed does, and more than this share of the supply, %. Lorbet’s own choice, no source. */
const earthShare = 1;
const guarded = (guard: string | undefined): boolean => guard !== undefined && guard !== 'none';
const severity = ({ opened, worst, flowsOnA }: Short): number =>
  (worst?.share ?? 0) + (flowsOnA > 0.1 ? 100 : 0) + (opened[0]?.mostS ?? 0) / 1000;
/** A part of which nobody has said what it is may be a bad joint or a bad earth. @throws naming it */
function kindsTold(read: Reader): null {
  const rows = read.rows('loomParts');
  const at = rows.findIndex(({ kind }) => kind === undefined);
  const row = rows[at];
  return row ? read.missing(...toDo(`say what “${loomName(row, at)}” is`)) : null;
}
/** The worst first. */
const sorted = (read: Reader): Short[] => {
  const shorts = computeOrMissing(() => loomShorts(read));
  return 'missing' in shorts ? [] : [...shorts.value].sort((a, b) => severity(b) - severity(a));
};

/** What lies in the vehicle: how it is joined, where it passes, and what a short does there. */
export const loomChecks = [
  defineCheck({
    id: 'wiring.short',
    stage: 'wiring',
    holdPoint: 'power',
    part: 'battery',
    why: 'A wire chafes through one day. Then the fuse has to open before the wire glows.',
    remedy: 'A smaller fuse where the start-up current allows it, or thicker wire behind it.',
    source: 'Kirchhoff; opening times ISO 8820-3; what a cable bears IEC 60364-4-43, and 5 s IEC 60364-4-41 (all from memory).',
    messages: {
      rough: 'Once the loom is entered a short is told at every wire; fuse and cable are judged by their ratings.',
      none: 'Nothing opens where a wire of the feed chafes through.',
      burns:
        'A short at the end of {wire} draws {amps}; by the time that {fuse} surely opens, {time}, {worst} has got {share} of what it bears.',
      never: 'A short at the end of {wire} draws {amps}, and {fuse} may never open: it heats whatever it touches.',
      neverBurns: 'A short at the end of {wire} draws {amps}, nothing surely opens, and {worst} gets {share} of what it bears.',
      slow: 'A short at the end of {wire} draws {amps}; {fuse} may take {time} to open.',
      both: 'A short at the end of {wire} draws {amps}; {fuse} opens within {time}, but {other} may open first.',
      opens: 'A short at the end of {wire}, the slowest one to end, draws {amps}; {fuse} opens within {time}.',
      nothing: 'no fuse',
    },
    remedies: {
      never: 'A smaller fuse, or thicker or shorter wire, so that a short draws more.',
      neverBurns: 'A smaller fuse, or thicker or shorter wire, so that a short draws more than the fuse bears.',
      slow: 'A smaller fuse where the start-up current allows it, or thicker or shorter wire.',
      both: 'Give the nearer one half of the other’s rating or less, where the start-up current allows it; or take one of them out.',
    },
    assess(read, say) {
      if (!isLoom(read)) return read.all({ fuse: 'wiring.fuseA' }).fuse === 0 ? say.stop('none') : say.sound('rough');
      return worstOf(
        () => (feedFuseA(read) === 0 ? say.stop('none') : null),
        () => (loomShorts(read).length === 0 ? read.missing(...toDo('lead a wire on from the fuse to the heater')) : null),
        ...sorted(read).map((short) => () => {
          const { cable, amps, opened, alsoOpens, worst, flowsOnA, holds } = short;
          const first = opened[0];
          const wire = name(cable.name);
          const fuse = first ? name(first.part.name) : say.clause('nothing');
          const values = { wire, amps: shortA(amps, 0), fuse };
          const harm = { worst: name(worst?.cable.name ?? ''), share: percent((worst?.share ?? 0) * 100) };
          if (flowsOnA > 0.1)
            return holds === null || (worst?.share ?? 0) >= 1
              ? say.stop('neverBurns', { wire, amps: values.amps, ...harm })
              : say.fix('never', { ...values, fuse: name(holds?.name ?? '') });
          const time = shortQuantity('s', first?.mostS ?? 0, 1);
          if ((worst?.share ?? 0) >= 1) return say.stop('burns', { ...values, time, ...harm });
          if ((first?.mostS ?? 0) > slowS) return say.watch('slow', { ...values, time });
          if (alsoOpens) return say.watch('both', { ...values, time, other: name(alsoOpens.name) });
          return say.sound('opens', { ...values, time });
        }),
      );
    },
  }),
  defineCheck({
    id: 'wiring.polarity',
    stage: 'wiring',
    holdPoint: 'power',
    part: 'battery',
    why: 'Plus on minus burns the heater’s board the moment the fuse goes in; two that meet are a dead short.',
    remedy: 'Fuse out. Follow both wires from the post, and mark them; then measure at the open plug before it goes in.',
    source: trade,
    messages: {
      swapped: 'Plus and minus are swapped on their way to the heater.',
      meet: 'Plus and minus meet at {part}: a dead short.',
      under: 'The meter shows {volts} at the heater: its leads, or plus and minus, are swapped.',
      right: 'Plus comes to plus.',
    },
    remedies: { meet: 'Fuse out. Part them: what carries plus goes on one post, what carries minus on another.' },
    assess(read, say) {
      const parts = loomPartsOf(read.rows('loomParts'));
      return worstOf(
        ...parts.map((part) => () => {
          const wires = new Set(
            read.rows('cables').flatMap(({ fromId, toId, wire }) => (fromId === part.id || toId === part.id ? [wire] : [])),
          );
          return (isNode(part.kind) || part.kind === 'earth') && wires.has('plus') && wires.has('minus')
            ? say.stop('meet', { part: name(part.name) })
            : null;
        }),
        ...parts.map(
          (part) => () =>
            part.kind === 'heater' && (part.glowV ?? 0) < 0 ? say.stop('under', { volts: volts(part.glowV ?? 0, 2) }) : null,
        ),
        () => kindsTold(read),
        () => (looks(read) === 'swapped' ? say.stop('swapped') : say.sound('right')),
      );
    },
  }),
  defineCheck({
    id: 'wiring.earth',
    stage: 'wiring',
    holdPoint: 'power',
    part: 'battery',
    why: 'All that comes in by the plus has to go back: an earth on paint or plastic starves the plug as a thin feed does, and heats up.',
    remedy:
      'To a bright spot of its own, ring under metal, no plastic washer between; then grease it. Or lead the minus to the battery itself.',
    source: trade,
    messages: {
      paint: '{part} sits on paint: it conducts by chance.',
      washer: '{part} sits on a plastic washer: nothing flows but by its bolt.',
      rough: 'The earth sits on paint or plastic: it conducts by chance.',
      lost: 'The way back to the battery loses {lost} under glow, more than the feed’s {feed}.',
      bright: 'The way back is on bright metal, or on the battery itself.',
    },
    remedies: { lost: 'Make its joints anew, or lay it thicker, until it loses no more than twice what the feed does.' },
    assess(read, say) {
      const earths = loomPartsOf(read.rows('loomParts')).filter(({ kind }) => kind === 'earth');
      return worstOf(
        ...earths.map(({ seat, name: part }) => () => {
          if (seat === undefined) return read.missing(...toDo(`look what “${part}” sits on`));
          return seat === 'metal' ? null : say.fix(seat, { part: name(part) });
        }),
        () => (looks(read) === 'earth' ? say.fix('rough') : null),
        () => {
          if (!isLoom(read)) return null;
          const { feedV, earthV } = lostV(loomOf(read), 'start');
          const much = (read.derived('wiring.supplyV') * earthShare) / 100;
          return earthV > 2 * feedV && earthV > much
            ? say.watch('lost', { lost: volts(earthV, 2), feed: volts(feedV, 2) })
            : null;
        },
        () => kindsTold(read),
        () => say.sound('bright'),
      );
    },
  }),
  defineCheck({
    id: 'wiring.joints',
    stage: 'wiring',
    holdPoint: 'power',
    part: 'battery',
    why: 'A joint that is twisted, or open to spray, gains resistance month by month, and is hot in the end.',
    remedy: 'Crimp or solder it, and sleeve it; keep it out of spray.',
    source: trade,
    messages: {
      rough: 'A joint is twisted, or open to spray.',
      twisted: '{part} is twisted together.',
      spade: '{part} is a spade plug: it shakes loose, and serves as no switch.',
      open: '{part} is not sleeved.',
      bare: '{wire} is not needed, and its end is bare.',
      made: 'Joints are crimped or soldered, and sleeved; what is not needed is insulated.',
    },
    remedies: { bare: 'Insulate its end, coil it, label it; don’t cut it.', spade: 'Crimp it, or fit an isolator.' },
    assess(read, say) {
      const rows = read.rows('loomParts');
      const joints = loomPartsOf(rows).filter(({ kind }) => kind === 'joint');
      return worstOf(
        ...joints.map(({ made, sealed, name: joint }) => () => {
          const part = name(joint);
          if (made === 'twisted') return say.fix('twisted', { part });
          if (sealed === 'no') return say.fix('open', { part });
          if (made === 'spade') return say.watch('spade', { part });
          if (made === undefined || sealed === undefined)
            return read.missing(...toDo(`say how “${joint}” is made, and whether it is sleeved`));
          return null;
        }),
        ...read
          .rows('cables')
          .map((row) => () => (row.use === 'bare' ? say.fix('bare', { wire: name(cableName(row, rows)) }) : null)),
        () => kindsTold(read),
        () => (looks(read) === 'joints' ? say.fix('rough') : say.sound('made')),
      );
    },
  }),
  defineCheck({
    id: 'wiring.route',
    stage: 'wiring',
    holdPoint: 'power',
    part: 'battery',
    why: 'Heat, an edge or a moving part takes the insulation off, and spray gets into every joint.',
    remedy: 'Lead it another way, or guard it: conduit at heat and at what moves, a grommet at an edge.',
    source: trade,
    messages: {
      rough: 'The feed passes heat, an edge or what moves, and nothing guards it.',
      passes: '{wire} passes {what}, and nothing guards it.',
      short: '{wire} has {length}; along the sides of the floor it is {way}: it does not reach.',
      clear: 'Nothing that it passes can hurt the loom.',
    },
    remedies: { short: 'Cut a longer one, or move one of its ends; measure it along its way, with rises and drip loops.' },
    assess(read, say) {
      const rows = read.rows('loomParts');
      return worstOf(
        ...read.rows('cables').map((row) => () => {
          const wire = cableName(row, rows);
          // Who has looked it all over has looked at this one too.
          if (row.near === undefined)
            return read.maybe('wiring.looks') === null ? read.missing(...toDo(`say what “${wire}” passes`)) : null;
          if (row.near === 'clear' || guarded(row.guard)) return null;
          return say.fix('passes', { wire: name(wire), what: term('cableNear', row.near) });
        }),
        ...read.rows('cables').map((row) => () => {
          const way = row.lengthM === undefined ? null : wayM(read, row);
          return row.lengthM !== undefined && way !== null && row.lengthM < way
            ? say.fix('short', {
                wire: name(cableName(row, rows)),
                length: metres(row.lengthM, 1),
                way: metres(way, 1),
              })
            : null;
        }),
        () => (looks(read) === 'way' ? say.fix('rough') : say.sound('clear')),
      );
    },
  }),
  defineCheck({
    id: 'wiring.isolator',
    stage: 'wiring',
    holdPoint: 'handover',
    part: 'battery',
    why: 'A hot heater that loses its feed cooks itself: no fan clears and cools it.',
    remedy: 'A label at it: off by the heater’s own button first, and wait for the end of its after-run.',
    source: trade,
    messages: {
      unlabelled: '{part} can stop a hot heater, and nothing there says that it must not.',
      off: '{part} is switched off.',
      labelled: 'What can cut the heater’s feed says so.',
      none: 'No isolator is entered.',
    },
    remedies: { off: 'Switch it on before the heater is started.' },
    assess(read, say) {
      const switches = loomPartsOf(read.rows('loomParts')).filter(({ kind }) => kind === 'isolator');
      if (switches.length === 0 && looks(read) && kindsTold(read) === null) return say.sound('none');
      return worstOf(
        ...switches.map((part) => () => {
          if (part.open === 'yes') return say.watch('off', { part: name(part.name) });
          return part.warns === 'yes' ? null : say.watch('unlabelled', { part: name(part.name) });
        }),
        () => say.sound('labelled'),
      );
    },
  }),
];
