import { exhaustParts } from '../../model/air/hotPieces';
import { mm, name } from '../../wording/Value';
import { defineCheck } from '../Check';
import { trade } from '../sources';
import { worstOf } from '../worstOf';

/** An end that is so much wider or narrower takes no clamp. Lorbet’s own choice, no source. */
const stepMm = 2;

/** What holds the exhaust, and how its pieces meet. */
export const exhaustHeldChecks = [
  defineCheck({
    id: 'exhaust.support',
    stage: 'air',
    holdPoint: 'closing',
    part: 'exhaust',
    why: 'A pipe that hangs by the burner’s spigot shakes that joint loose, inches from people.',
    remedy: 'Hold it by brackets to structure, at most {500 mm} apart.',
    source: `${trade} The distance is Lorbet’s own choice.`,
    messages: {
      apart: 'Supports of the exhaust stand {apart} apart; at most {most} is wanted.',
      piece: '{piece} has a support every {apart}; at most {most} is wanted.',
      holds: 'Exhaust is held at least every {most}.',
    },
    assess(read, say) {
      const mostMm = read.limit('exhaustSupportMaxMm').value;
      const most = mm(mostMm);
      const parts = exhaustParts(read);
      const worst = [...parts].sort((a, b) => (b.supportsApartMm ?? 0) - (a.supportsApartMm ?? 0))[0];
      if (worst?.supportsApartMm != null && worst.supportsApartMm > mostMm) {
        const apart = mm(worst.supportsApartMm);
        return worst.name === null
          ? say.fix('apart', { apart, most })
          : say.fix('piece', { piece: name(worst.name), apart, most });
      }
      const lacking = parts.find((part) => part.supportsApartMm === null);
      if (lacking) {
        if (lacking.name === null) read.all({ apart: 'pipes.supportsApartMm' });
        return read.missing({ act: 'do', what: `count the supports of “${lacking.name ?? ''}”` });
      }
      return say.sound('holds', { most });
    },
  }),
  defineCheck({
    id: 'exhaust.joint',
    stage: 'air',
    holdPoint: 'bolting',
    part: 'exhaust',
    why: 'Exhaust that leaves by a joint inside comes straight to people; the one at the burner is inches from them.',
    remedy: 'A gas-tight band clamp at every joint, tightened and looked at after the first hot run.',
    source: trade,
    messages: {
      open: 'The pipe is only pushed on at the burner: exhaust leaves where people are.',
      loose: 'The pipe is only pushed on at the burner.',
      weak: 'The joint at the burner is held by a {clip}; a gas-tight band clamp is wanted.',
      pieceOpen: '{piece} is only pushed on.',
      pieceWeak: '{piece} is held by a {clip}; a gas-tight band clamp is wanted.',
      unsealed: 'The joint before {piece} is not sealed.',
      step: '{piece} of {bore} stands on an end of {other}: gas leaves between them, whatever clamps it.',
      worm: 'worm-drive clip',
      spring: 'spring clip',
      welded: '{piece} was welded: a pinhole lets exhaust out where nobody looks.',
      tight: 'Joints of the exhaust are held by gas-tight clamps.',
    },
    remedies: {
      step: 'Fit a reducer between them and enter it as a piece with both of its bores, or turn the muffler round where its ends are of two sizes.',
      welded: 'Close one end, blow smoke or soapy water through it, and look; a new piece costs less than the doubt.',
    },
    assess(read, say) {
      const parts = exhaustParts(read);
      const inside = read.maybe('survey.heaterSits') !== 'under';
      return worstOf(
        ...parts.map((part, i) => () => {
          const burner = i === 0;
          const piece = name(part.name ?? '');
          if (part.joint === 'pushed') {
            if (burner) return inside ? say.stop('open') : say.fix('loose');
            return say.fix('pieceOpen', { piece });
          }
          if (part.joint === 'worm' || part.joint === 'spring') {
            const clip = say.clause(part.joint);
            return burner ? say.fix('weak', { clip }) : say.fix('pieceWeak', { piece, clip });
          }
          if (part.sealed === false && part.joint !== 'whole') return say.fix('unsealed', { piece });
          if (part.sealed === null && part.name !== null && part.joint !== null && part.joint !== 'whole')
            return read.missing({ act: 'do', what: `say whether the joint before “${part.name}” is sealed` });
          if (part.welded) return say.watch('welded', { piece });
          if (part.joint !== null) return say.sound('tight');
          if (part.name === null) read.all({ joint: 'pipes.burnerJoint' });
          return read.missing({ act: 'do', what: `say how “${part.name ?? ''}” is joined` });
        }),
        ...parts.slice(1).map((part, i) => () => {
          const before = parts[i];
          if (!before || part.joint === 'whole') return null;
          const other = before.farBoreMm;
          if (other === null) return read.missing({ act: 'measure', what: `bore at the far end of “${before.name ?? ''}”` });
          if (part.boreMm === null) return read.missing({ act: 'measure', what: `bore of “${part.name ?? ''}”` });
          return Math.abs(part.boreMm - other) > stepMm
            ? say.fix('step', { piece: name(part.name ?? ''), bore: mm(part.boreMm), other: mm(other) })
            : null;
        }),
      );
    },
  }),
];
