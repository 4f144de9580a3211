import { bears, exhaustHeat, exhaustParts, timberMm, type Hottest } from '../../model/air/hotPieces';
import { warmC } from '../../model/air/breath';
import { hotSpareK } from '../../model/proving/hotProof';
import { edgeC, gapNeededMm, nearC } from '../../physics/gas/nearHeat';
import { fullPractices } from '../../practices/practices';
import { computeOrMissing } from '../../reading/NotMeasured';
import type { Reader } from '../../reading/Reader';
import { celsius, mm, name, term, type Value } from '../../wording/Value';
import { defineCheck } from '../Check';
import { trade } from '../sources';
import { worstOf } from '../worstOf';

const heatSource =
  'Heat balance: Dittus & Boelter 1930, Churchill & Chu 1975, Stefan–Boltzmann; what things bear from handbooks (all from memory).';
/** A thing so near touches, sooner or later, mm. Lorbet’s own choice, no source. */
const touchMm = 5;
/** What burns, or lets fuel out, when it gets too hot; of the rest it ends a hose or a seal. */
const burns: readonly string[] = ['timber', 'polyethylene', 'polypropylene', 'cable'];
/** A hand that touches bare metal is burnt within a second. ISO 13732-1, from memory. */
const touchC = 65;

/** How hot a part gets; null while that can’t be worked out. */
function heatOf(read: Reader, i: number): Hottest | null {
  const heat = computeOrMissing(() => exhaustHeat(read));
  return 'missing' in heat ? null : (heat.value[i] ?? null);
}
/** How hot a part gets. @throws with what is missing for it */
const hottestOf = (read: Reader, i: number): Hottest =>
  exhaustHeat(read)[i] ?? read.missing({ act: 'measure', what: 'the exhaust' });

/** What the exhaust’s heat does to what it passes, and to hands. */
export const exhaustHeatChecks = [
  defineCheck({
    id: 'exhaust.clearance',
    stage: 'air',
    holdPoint: 'bolting',
    part: 'exhaust',
    why: 'Everything an exhaust passes gets hot, every night, for years: plastic gives way, cable goes bare, timber chars and takes fire.',
    remedy: 'Move it away, sleeve the pipe, or set a metal shield between with air on both of its sides.',
    source: heatSource,
    messages: {
      touches: 'Exhaust touches {thing}: {harm}.',
      pieceTouches: '{piece} touches {thing}: {harm}.',
      hot: '{thing}, {gap} from the exhaust, gets about {hot}; it bears {bears}.',
      pieceHot: '{thing}, {gap} from {piece}, gets about {hot}; it bears {bears}.',
      close: '{thing}, {gap} from the exhaust, gets about {hot}; it bears {bears}: little is left.',
      far: 'Move one of them a metre away',
      away: 'Keep them {by} apart',
      nothing: 'Exhaust passes nothing that heat harms.',
      cool: '{thing}, {gap} from the exhaust, gets about {hot}; it bears {bears}.',
    },
    remedies: {
      hot: '{needed}, or sleeve the pipe, or set a metal shield between with air on both of its sides.',
      pieceHot: '{needed}, or sleeve the pipe, or set a metal shield between with air on both of its sides.',
    },
    assess(read, say) {
      const judged = exhaustParts(read).map((part, i) => () => {
        const near =
          part.near ??
          (part.name === null
            ? read.all({ near: 'pipes.near' }).near
            : read.missing({ act: 'do', what: `say what “${part.name}” passes` }));
        const limit = bears(near);
        if (limit === null) return say.sound('nothing');
        const bad = burns.includes(near) ? say.stop : say.fix;
        const thing = term('taker', near);
        const gapMm =
          part.nearMm ??
          (part.name === null
            ? read.all({ mm: 'pipes.nearMm' }).mm
            : read.missing({ act: 'measure', what: `the distance of “${part.name}” from what it passes` }));
        const piece: Value = part.name === null ? null : name(part.name);
        if (gapMm < touchMm && !part.shield) {
          const harm = term('harm', near);
          return piece === null ? bad('touches', { thing, harm }) : bad('pieceTouches', { piece, thing, harm });
        }
        const hottest = hottestOf(read, i);
        const here = { ...hottest, ambientC: warmC, shielded: part.shield, above: part.above === true };
        const hotC = nearC({ ...here, gapMm });
        const values = { thing, gap: mm(gapMm), hot: celsius(hotC), bears: celsius(limit) };
        if (hotC >= limit) {
          const neededMm = gapNeededMm(here, limit);
          const needed = neededMm === null ? say.clause('far') : say.clause('away', { by: mm(Math.ceil(neededMm)) });
          return piece === null ? bad('hot', { ...values, needed }) : bad('pieceHot', { ...values, piece, needed });
        }
        if (part.above === null && nearC({ ...here, above: true, gapMm }) >= limit)
          return part.name === null
            ? read.all({ lies: 'pipes.nearLies' }) && null
            : read.missing({ act: 'do', what: `say whether what “${part.name}” passes lies above it` });
        return hotC >= limit - hotSpareK ? say.watch('close', values) : say.sound('cool', values);
      });
      return worstOf(...judged);
    },
  }),
  defineCheck({
    id: 'exhaust.guard',
    stage: 'air',
    holdPoint: 'fire',
    part: 'exhaust',
    why: 'Bare exhaust burns a hand within a second, and a child doesn’t know it.',
    remedy: 'A cage, a guard or a sleeve where a hand or a child can reach it.',
    source: `ISO 13732-1: bare metal burns within a second from about 65 °C (from memory). ${trade}`,
    messages: {
      bare: 'A hand or a child can touch the exhaust.',
      hot: 'A hand or a child can touch the exhaust, which gets {hot} outside.',
      warm: 'The exhaust can be touched; it gets {hot} outside.',
      guarded: 'Nobody can touch the exhaust.',
      wrapped: '{what} is wrapped; here they are sleeved, by the practice that was chosen.',
      sleeved: '{what} is sleeved; here they are wrapped, by the practice that was chosen.',
      exhaust: 'The exhaust',
    },
    remedies: {
      wrapped: 'Sleeve it, or choose the other practice.',
      sleeved: 'Wrap it, or choose the other practice.',
    },
    assess: (read, say) =>
      worstOf(
        () => (read.all({ reach: 'pipes.reach' }).reach === 'yes' ? null : say.sound('guarded')),
        () => {
          if (read.all({ reach: 'pipes.reach' }).reach !== 'yes') return null;
          const heat = computeOrMissing(() => exhaustHeat(read));
          if ('missing' in heat) return say.fix('bare');
          const most = Math.max(...heat.value.map(({ surfaceC }) => surfaceC));
          return most >= touchC ? say.fix('hot', { hot: celsius(most) }) : say.watch('warm', { hot: celsius(most) });
        },
        ...exhaustParts(read).map(({ cover, name: piece }) => () => {
          const wanted = fullPractices(read.build.practices).covers;
          if (wanted === 'either' || cover === null || cover === 'bare' || cover === wanted) return null;
          const what = piece === null ? say.clause('exhaust') : name(piece);
          return cover === 'wrap' ? say.watch('wrapped', { what }) : say.watch('sleeved', { what });
        }),
      ),
  }),
  defineCheck({
    id: 'exhaust.penetration',
    stage: 'air',
    holdPoint: 'bolting',
    part: 'exhaust',
    why: 'Timber round an exhaust dries, chars slowly from about {77 °C} on, and one night takes fire.',
    remedy: 'Cut the hole wider and line it with a turret, plates or a sleeve of metal.',
    source: `${heatSource} Annular fin by Bessel functions. ${trade}`,
    messages: {
      bare: 'Exhaust passes bare timber: no metal parts it from the edge.',
      bareHot: 'Exhaust passes bare timber {gap} from its edge, which gets about {hot}; it bears {bears}.',
      hot: 'Timber’s edge, {gap} from the exhaust, gets about {hot} behind its metal; it bears {bears}.',
      close: 'Timber’s edge, {gap} from the exhaust, gets about {hot}; it bears {bears}: little is left.',
      cool: 'Timber’s edge, {gap} from the exhaust, gets about {hot}; it bears {bears}.',
      metal: 'Exhaust passes metal only.',
      masonry: 'Exhaust passes masonry in a metal sleeve.',
      none: 'Exhaust passes through nothing.',
      otherwise: 'Exhaust leaves through {way}; here it leaves {practice}, by the practice that was chosen.',
    },
    remedies: {
      otherwise: 'Lead it there, or choose the other practice.',
      hot: 'Cut the hole wider, or sleeve the pipe where it passes.',
    },
    assess(read, say) {
      const rows = exhaustParts(read);
      return worstOf(
        () => {
          const wanted = fullPractices(read.build.practices).leaves;
          if (wanted === 'either') return null;
          const { way } = read.all({ way: 'pipes.leaves' });
          if (way === wanted || way === 'outside') return null;
          return say.watch('otherwise', { way: term('leaves', way), practice: term('practice', `leaves.${wanted}`) });
        },
        ...rows.map((part, i) => () => {
          const through =
            part.through ??
            (part.name === null
              ? read.all({ t: 'pipes.through' }).t
              : read.missing({ act: 'do', what: `say what “${part.name}” passes through` }));
          if (through === 'none') return say.sound('none');
          if (through === 'metal') return say.sound('metal');
          if (through === 'masonry') return say.sound('masonry');
          const bare = through === 'timber';
          const gapMm = part.gapMm ?? (part.name === null && !bare ? read.all({ g: 'pipes.gapMm' }).g : null);
          if (gapMm === null || gapMm === 0 || heatOf(read, i) === null) {
            if (bare) return say.fix('bare');
            if (gapMm === null)
              return read.missing({ act: 'measure', what: `the gap round “${part.name ?? ''}” where it passes timber` });
          }
          const hottest = hottestOf(read, i);
          const values = (edge: number) => ({ gap: mm(gapMm ?? 0), hot: celsius(edge), bears: celsius(bears('timber') ?? 0) });
          const limit = bears('timber') ?? 0;
          const edge =
            (gapMm ?? 0) <= 0
              ? hottest.surfaceC
              : edgeC({ ...hottest, gapMm: gapMm ?? 0, timberMm: timberMm(read), ambientC: warmC, lined: !bare });
          if (bare) return edge >= limit ? say.stop('bareHot', values(edge)) : say.fix('bare');
          if (edge >= limit) return say.stop('hot', values(edge));
          return edge >= limit - hotSpareK ? say.watch('close', values(edge)) : say.sound('cool', values(edge));
        }),
      );
    },
  }),
];
