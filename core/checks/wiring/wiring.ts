import { betterFeeds, lostIn } from '../../model/wiring/mostLost';
import { feedCables } from '../../model/wiring/feed';
import { isLoom, loomOf } from '../../model/wiring/loomOf';
import { chemistry, maxRestV } from '../../physics/wiring/battery';
import { batteryC, chargesInTheCold, firstBelow, nightOf } from '../../model/wiring/night';
import { cableFor } from '../../physics/wiring/sizesSold';
import type { Reader } from '../../reading/Reader';
import {
  ampHours,
  count,
  hours,
  name,
  percent,
  shortA,
  shortH,
  shortM,
  shortMm2,
  shortV,
  term,
  volts,
  celsius,
  type Value,
} from '../../wording/Value';
import type { Verdict } from '../Finding';
import { defineCheck } from '../Check';
import { trade } from '../sources';
import { worstOf } from '../worstOf';

const lowVoltage = (read: Reader) => read.limit(read.derived('wiring.supplyV') === 24 ? 'lowVoltage24V' : 'lowVoltage12V').value;

/** Feed and battery; checked before the fuse goes in. */
export const wiringChecks = [
  defineCheck({
    id: 'wiring.source',
    stage: 'wiring',
    holdPoint: 'power',
    part: 'battery',
    why: 'A borrowed feed sags when the glow plug draws; a starter battery is dead in the morning; a mains cut stops the cooling run of a hot heater.',
    remedy: 'Run the feed straight from the leisure battery, fuse at its post.',
    source: trade,
    messages: {
      leisure: 'Feed comes straight from the leisure battery.',
      starter: 'Feed comes from the starter battery: the engine will not start in the morning.',
      panel: 'Feed is borrowed from a control panel: it trips or sags when the glow plug draws.',
      socket: 'Feed is borrowed from a socket: it trips or sags when the glow plug draws.',
      mains: 'Feed comes from a mains power supply: a power cut stops the cooling run.',
    },
    remedies: { mains: 'Put a battery between, and see that the supply gives the start-up current.' },
    assess(read, say) {
      const { from } = read.all({ from: 'wiring.feedSource' });
      if (from === 'leisure') return say.sound('leisure');
      return from === 'mains' ? say.watch('mains') : say.fix(from);
    },
  }),
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
    id: 'wiring.supply',
    stage: 'wiring',
    holdPoint: 'power',
    part: 'battery',
    why: 'A mains supply that is too weak folds under the glow plug, and a cut of the mains stops the cooling run.',
    remedy: 'A supply that gives the current of a start with something to spare, and a battery between.',
    source: trade,
    messages: {
      weak: 'The mains supply gives {gives} at most; a start draws {amps}.',
      gives: 'The mains supply gives {gives}; a start draws {amps}.',
      none: 'No mains supply feeds it.',
    },
    assess(read, say) {
      const { from } = read.all({ from: 'wiring.feedSource' });
      if (from !== 'mains') return say.sound('none');
      const { gives, amps } = read.all({ gives: 'wiring.supplyA', amps: 'heater.startCurrentA' });
      const values = { gives: shortA(gives), amps: shortA(amps) };
      return gives < amps ? say.fix('weak', values) : say.sound('gives', values);
    },
  }),
  defineCheck({
    id: 'wiring.voltage.start',
    stage: 'wiring',
    holdPoint: 'power',
    part: 'battery',
    why: 'Battery and cable sag together under the glow plug; below its low limit the unit gives up with a low-voltage fault.',
    remedy: 'Charge the battery, or replace a tired one; then look at the cable.',
    source: `Ohm; the low limit is ${trade.toLowerCase()} The maker’s figure goes before it.`,
    messages: {
      tooHigh: 'The battery is entered as resting at {rest}; over {max} none of its kind rests.',
      flat: 'A battery that rests at {rest} holds about {charge} of its charge: the glow plug draws it into a low-voltage fault.',
      half: 'A battery that rests at {rest} holds about {charge} of its charge.',
      fault: 'From {rest} at rest the heater gets {glow} under glow; its low-voltage fault comes at {min}.',
      near: 'From {rest} at rest the heater gets {glow} under glow, only {over} above its low-voltage fault at {min}.',
      holds: 'From {rest} at rest the heater gets {glow} under glow (fault at {min}).',
    },
    remedies: {
      tooHigh:
        'Let it rest an hour with nothing charging it, and measure again; where it stays so high it is another voltage or another kind.',
      flat: 'Charge it, let it rest an hour, and measure again; replace one that stays low.',
      half: 'Charge it before it is checked.',
    },
    assess(read, say) {
      const is24 = read.derived('wiring.supplyV') === 24;
      const { rest: restV } = read.all({ rest: 'wiring.batteryRestV' });
      const rest = volts(restV, 2);
      return worstOf(
        () => {
          const { kind } = read.all({ kind: 'wiring.batteryKind' });
          const max = maxRestV[chemistry(kind)] * (is24 ? 2 : 1);
          return restV > max ? say.fix('tooHigh', { rest, max: volts(max, 1) }) : null;
        },
        () => {
          const charge = read.derived('wiring.chargePercent');
          const { kind } = read.all({ kind: 'wiring.batteryKind' });
          const [low, half] = kind === 'lithium' ? [10, 20] : [30, 50];
          if (charge < low) return say.fix('flat', { rest, charge: percent(charge) });
          return charge < half ? say.watch('half', { rest, charge: percent(charge) }) : null;
        },
        () => {
          const glowV = read.derived('wiring.startV');
          const minV = lowVoltage(read);
          const values = { rest, glow: volts(glowV, 2), min: shortV(minV) };
          if (glowV < minV) return say.fix('fault', values);
          return glowV < minV + (is24 ? 1 : 0.5)
            ? say.watch('near', { ...values, over: volts(glowV - minV, 2) })
            : say.sound('holds', values);
        },
      );
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
  defineCheck({
    id: 'wiring.battery.night',
    stage: 'wiring',
    holdPoint: 'handover',
    part: 'battery',
    why: 'A flat battery stops the heater on the coldest hour, without its cooling run.',
    remedy: 'A larger battery, a shorter night, or charging while it runs.',
    source: `${trade} Not to be charged below 0 °C: of LiFePO4, common practice.`,
    messages: {
      mains: 'Fed from the mains: no battery to last the night.',
      none: 'A night of {night} takes {takes}; resting at {rest} the battery gives none in the cold: it has nothing to spare.',
      flat: 'A night of {night} takes {takes}; resting at {rest} the battery gives {gives} in the cold: it will be flat after about {after}.',
      most: 'A night of {night} takes {takes}; resting at {rest} the battery gives {gives} in the cold: {share} of it.',
      lasts: 'A night of {night} takes {takes}; resting at {rest} the battery gives {gives} in the cold.',
      cold: 'A lithium battery is charged with {charge} at {at}: below 0 °C that spoils it for good.',
      evening: 'On the coldest night the heater gets {glow} at its first start already; its low-voltage fault comes at {min}.',
      sags: 'After {after} of the night the heater gets {glow} as it draws; its low-voltage fault comes at {min}.',
      morning:
        'After such a night the heater gets {glow} under glow at the next morning’s start; its low-voltage fault comes at {min}.',
    },
    remedies: {
      none: 'Charge it, and measure its volts again after an hour at rest.',
      cold: 'Let its own switch keep the charger off below 0 °C, or keep the battery warm, and enter how cold it gets.',
      evening: 'Charge it, or fit thicker wire or a larger battery.',
      sags: 'A larger or better charged battery, thicker wire, or charging while it runs.',
    },
    assess(read, say) {
      const { from } = read.all({ from: 'wiring.feedSource' });
      if (from === 'mains') return say.sound('mains');
      return worstOf(
        () => {
          const takes = read.derived('wiring.nightAh');
          const gives = read.derived('wiring.usableAh');
          const { night, rest } = read.all({ night: 'heater.nightHours', rest: 'wiring.batteryRestV' });
          const values = { night: shortH(night), takes: ampHours(takes, 1), rest: volts(rest, 2) };
          if (gives < 0.05) return say.fix('none', values);
          const known = { ...values, gives: ampHours(gives, 1) };
          if (takes > gives) return say.fix('flat', { ...known, after: hours((night * gives) / takes, 1) });
          return takes > gives * 0.7
            ? say.watch('most', { ...known, share: percent((takes / gives) * 100) })
            : say.sound('lasts', known);
        },
        () => {
          const charge = read.maybe('wiring.chargeA') ?? 0;
          if (charge === 0 || chargesInTheCold(read)) return null;
          return say.fix('cold', { charge: shortA(charge), at: celsius(batteryC(read)) });
        },
        () => {
          const min = lowVoltage(read);
          const night = nightOf(read);
          const first = firstBelow(night, min);
          if (!first) return null;
          const values = { glow: volts(first.volts, 2), min: shortV(min) };
          if (first.min === 0) return say.fix('evening', values);
          return first.min === night.length - 1
            ? say.fix('morning', values)
            : say.fix('sags', { ...values, after: hours(first.min / 60, 1) });
        },
      );
    },
  }),
];
