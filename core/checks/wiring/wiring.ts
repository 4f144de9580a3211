import { betterFeeds, lostIn } from '../../model/wiring/mostLost';
import { feedCables } from '../../model/wiring/feed';
import { isLoom, loomOf } from '../../model/wiring/loomOf';
import { cableFor } from '../../physics/wiring/sizesSold';
import { count, name, percent, shortA, shortM, shortMm2, term, volts, celsius, type Value } from '../../wording/Value';
import type { Verdict } from '../Finding';
import { defineCheck } from '../Check';
import { worstOf } from '../worstOf';

/** The feed: what it loses, and what it carries; checked before the fuse goes in. */
export const wiringChecks = [
  defineCheck({
    id: 'wiring.drop.start',
    stage: 'wiring',
    holdPoint: 'power',
    part: 'battery',
    why: 'The glow plug starves on a long thin feed: cold plug, white smoke, no flame.',
    remedy: 'Thicker cable or a shorter run; the drop counts both ways.',
    source: 'Ohm; limit of 10 % after ABYC E-11 and ISO 13297 (from memory).',
    messages: {
      much: 'At {amps} the feed loses {lost} of {nominal} ({share}) over {length} of {area}, there and back; at most {max}.',
      half: 'At {amps} the feed loses {lost} of {nominal} ({share}) over {length} of {area}, there and back; half of the limit of {max} is used.',
      little: 'At {amps} the feed loses {lost} of {nominal} ({share}) over {length} of {area}, there and back.',
      joints:
        'Fuse holder and joints alone lose {joints}: make them anew (about 5 mΩ for good crimps), then look at the cable again.',
      sold: 'Use {sold} (gauge {gauge}) or more, or shorten the run.',
      none: 'No single cable that is sold will do: shorten the run, or lay two beside each other.',
      loomMuch: 'At {amps} the loom loses {lost} of {nominal} ({share}), {most} of it in {where}; at most {max}.',
      loomHalf:
        'At {amps} the loom loses {lost} of {nominal} ({share}), {most} of it in {where}; half of the limit of {max} is used.',
      loomLittle: 'At {amps} the loom loses {lost} of {nominal} ({share}), {most} of it in {where}.',
      remake: 'Make {part} anew, or measure it again; then look at the wires.',
      thicker: 'Lay {wire} in {sold}.',
      second: 'Lay a second wire of {sold} beside {wire}.',
      all: 'Lay every wire of it in {sold}.',
    },
    remedies: { much: '{way}', loomMuch: '{way}' },
    assess(read, say) {
      const lost = read.derived('wiring.dropStartV');
      const nominal = read.derived('wiring.supplyV');
      if (isLoom(read)) {
        const { amps } = read.all({ amps: 'heater.startCurrentA' });
        const max = read.limit('dropStartPercent').value;
        const share = (lost / nominal) * 100;
        const most = lostIn(loomOf(read), 'start')[0];
        const values = {
          amps: shortA(amps),
          lost: volts(lost, 2),
          nominal: volts(nominal),
          share: percent(share, 1),
          most: volts(most?.lostV ?? 0, 2),
          where: name(most?.name ?? ''),
        };
        if (share <= max / 2) return say.sound('loomLittle', values);
        if (share <= max) return say.watch('loomHalf', { ...values, max: percent(max) });
        // The least that will do; a part that loses most of it is made anew first.
        const maxV = (max / 100) * nominal;
        const fits = betterFeeds(read).find(({ lostV }) => lostV <= maxV);
        const way = (): Value => {
          if (most && !most.cable) return say.clause('remake', { part: name(most.name) });
          if (!fits) return say.clause('none');
          const sold = shortMm2(fits.areaMm2);
          if (fits.what === 'second') return say.clause('second', { wire: name(fits.name ?? ''), sold });
          return fits.name === null ? say.clause('all', { sold }) : say.clause('thicker', { wire: name(fits.name), sold });
        };
        return say.fix('loomMuch', { ...values, max: percent(max), way: way() });
      }
      const { amps, area, length, joints } = read.all({
        amps: 'heater.startCurrentA',
        area: 'wiring.cableAreaMm2',
        length: 'wiring.feedLengthM',
        joints: 'wiring.jointsMohm',
      });
      const max = read.limit('dropStartPercent').value;
      const share = (lost / nominal) * 100;
      const values = {
        amps: shortA(amps),
        lost: volts(lost, 2),
        nominal: volts(nominal),
        share: percent(share, 1),
        length: shortM(length),
        area: shortMm2(area),
      };
      if (share <= max)
        return share > max / 2 ? say.watch('half', { ...values, max: percent(max) }) : say.sound('little', values);
      // A size that is sold; or better joints, where these alone lose it all.
      const maxV = (max / 100) * nominal;
      const way = (): Value => {
        const jointsV = (amps * joints) / 1000;
        if (jointsV > maxV) return say.clause('joints', { joints: volts(jointsV, 2) });
        const temperatureC = read.maybe('wiring.cableC') ?? 20;
        const sold = cableFor({ lengthM: length, currentA: amps, jointsMohm: joints, temperatureC, maxV });
        return sold
          ? say.clause('sold', { sold: shortMm2(sold.areaMm2), gauge: { ...count(Number(sold.gauge)) } })
          : say.clause('none');
      };
      return say.fix('much', { ...values, max: percent(max), way: way() });
    },
  }),
  defineCheck({
    id: 'wiring.drop.run',
    stage: 'wiring',
    holdPoint: 'power',
    part: 'battery',
    why: 'Fan and pump run all night on what the feed leaves them; what it loses then is lost for hours, and the fan slows.',
    remedy: 'Make the joints anew, then thicker cable or a shorter run.',
    source:
      'Ohm; limit of 3 % where safety hangs on it, as on a fan that cools a hot heater, after ABYC E-11 and ISO 13297 (from memory).',
    messages: {
      much: 'Running at {amps} the feed loses {lost} of {nominal} ({share}); at most {max}.',
      little: 'Running at {amps} the feed loses {lost} of {nominal} ({share}).',
    },
    assess(read, say) {
      const lost = read.derived('wiring.dropRunV');
      const nominal = read.derived('wiring.supplyV');
      const { amps } = read.all({ amps: 'heater.runCurrentA' });
      const max = read.limit('dropRunPercent').value;
      const share = (lost / nominal) * 100;
      const values = { amps: shortA(amps), lost: volts(lost, 2), nominal: volts(nominal), share: percent(share, 1) };
      return share > max ? say.fix('much', { ...values, max: percent(max) }) : say.sound('little', values);
    },
  }),
  defineCheck({
    id: 'wiring.cable.ampacity',
    stage: 'wiring',
    holdPoint: 'power',
    part: 'battery',
    why: 'A cable must bear all that its fuse lets through, or it is the cable that burns.',
    remedy: 'Thicker cable; a smaller fuse only where the start-up current allows it.',
    source: 'ISO 10133 / ISO 13297, Annex A, with its factors for heat and bundles; steady heat balance (from memory).',
    messages: {
      noFuse: 'Cable of {area}{called}{warm}{bundle} may carry {carries}, but no fuse limits what flows.',
      softens: 'Cable of {area}{called}{warm}{bundle} may carry {carries}: its insulation is rated {rated} and softens there.',
      burns:
        'Cable of {area}{called}{warm}{bundle} may carry {carries}, but its fuse lets {fuse} through: the cable burns before the fuse opens.',
      balance:
        'Cable of {area}{called}{warm}{bundle} may carry {carries} by the standard; by its own heat balance {balance}, and its fuse is {fuse}.',
      carries: 'Cable of {area}{called}{warm}{bundle} may carry {carries}; its fuse is {fuse}.',
      called: ' ({wire})',
      warm: ' at {at}',
      bundle: ' in a bundle of {n}',
    },
    remedies: {
      noFuse: 'Fit a fuse at the battery post.',
      softens: 'Run it where it is cooler, or use cable with insulation for more heat.',
      balance: 'One size thicker, or a cooler way, leaves no doubt.',
    },
    assess(read, say) {
      return worstOf(
        ...[...feedCables(read)]
          .sort((a, b) => a.tableA / (a.guardA ?? Infinity) - b.tableA / (b.guardA ?? Infinity))
          .map((cable) => (): Verdict => {
            const { name: called, areaMm2, tableA, balanceA, rated, aroundC, bundled, guardA } = cable;
            const values: Record<'called' | 'area' | 'warm' | 'bundle' | 'carries', Value> = {
              called: called === null ? null : say.clause('called', { wire: name(called) }),
              area: shortMm2(areaMm2),
              warm: aroundC !== null && aroundC > 30 ? say.clause('warm', { at: celsius(aroundC) }) : null,
              bundle: bundled > 3 ? say.clause('bundle', { n: count(bundled) }) : null,
              carries: shortA(tableA, 1),
            };
            if (guardA === null) return say.stop('noFuse', values);
            if (tableA === 0) return say.stop('softens', { ...values, rated: term('insulation', rated) });
            const fuse = shortA(guardA);
            if (tableA < guardA) return say.stop('burns', { ...values, fuse });
            return balanceA < guardA
              ? say.watch('balance', { ...values, balance: shortA(balanceA, 1), fuse })
              : say.sound('carries', { ...values, fuse });
          }),
      );
    },
  }),
];
