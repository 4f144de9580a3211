import { comingNight } from '../../model/controller/comingNight';
import { kwAtHz, pumpSet, rateHz, readTogether, settingOf } from '../../model/controller/settings';
import { celsius, shortHz, shortKw, shortMl, term } from '../../wording/Value';
import { defineCheck } from '../Check';
import { trade } from '../sources';
import { worstOf } from '../worstOf';
import { goneThrough } from './goneThrough';

/** A frequency is shown to a tenth. */
const shownHz = 0.05;
/** A fixed rate that leaves the room so far from what is wanted, K. Lorbet’s own choice, no source. */
const swingK = 5;
/** Numbers that mean something by one way of working alone. */
const numbersOfMode = ['rateHz', 'step', 'targetC'] as const;

/** What the controller is set to, against this heater. */
export const controllerSetChecks = [
  defineCheck({
    id: 'controller.mode',
    stage: 'controller',
    holdPoint: 'handover',
    part: 'heater',
    why: 'A number on the panel may be hertz or degrees: set by the wrong one the heater roasts the room, or leaves it cold.',
    remedy: 'Set it to the room’s temperature, or set a rate that fits the nights; tell the people which of the two it is.',
    source: trade,
    messages: {
      outside: 'It is set to a fixed {set}; its pump runs from {min} to {max}.',
      swings:
        'At a fixed {set} it gives {kw} whatever the room does: up to {warmest} inside on a usual night, {coldest} on the coldest.',
      fixed: 'At a fixed {set} it gives {kw}: up to {warmest} inside on a usual night, {coldest} on the coldest.',
      target: 'It works by the room’s temperature, set to {wanted}.',
      targetUnset: 'It works by the room’s temperature.',
      wrong: 'It works by the other of its two ways than is wanted.',
      gone: 'Gone through: it works by the way that is wanted.',
    },
    remedies: { outside: 'Set a rate between the two, or see whether the number is a temperature.' },
    assess(read, say) {
      const mode = settingOf(read, 'mode');
      if (mode === null) {
        // A number was read, and nobody knows of what.
        if (numbersOfMode.some((key) => settingOf(read, key) !== null)) read.all({ mode: 'controller.mode' });
        return goneThrough(read, 'mode') ? say.fix('wrong') : say.sound('gone');
      }
      if (mode === 'target') {
        const wanted = settingOf(read, 'targetC');
        return wanted === null ? say.sound('targetUnset') : say.sound('target', { wanted: celsius(wanted) });
      }
      return worstOf(
        () => {
          const { minHz, maxHz } = pumpSet(read);
          const hz = rateHz(read);
          return hz !== null && (hz < minHz - shownHz || hz > maxHz + shownHz)
            ? say.fix('outside', { set: shortHz(hz), min: shortHz(minHz), max: shortHz(maxHz) })
            : null;
        },
        () => {
          const [usual, coldest] = [comingNight(read, 'usual'), comingNight(read, 'coldest')];
          const { wanted } = read.all({ wanted: 'survey.insideC' });
          const hz = rateHz(read) ?? 0;
          const values = {
            set: shortHz(hz),
            kw: shortKw(kwAtHz(read, hz)),
            warmest: celsius(usual.warmestC),
            coldest: celsius(coldest.lowest.airC),
          };
          return usual.warmestC > wanted + swingK || coldest.lowest.airC < wanted - swingK
            ? say.watch('swings', values)
            : say.sound('fixed', values);
        },
      );
    },
  }),
  defineCheck({
    id: 'controller.pump.range',
    stage: 'controller',
    holdPoint: 'fire',
    part: 'pump',
    why: 'A pump set faster than the maker has it burns more than the air and the metal bear; one set slower soots.',
    remedy: 'Set both ends as the maker has them.',
    source: `${trade} The maker’s figures decide.`,
    messages: {
      crossed: 'The pump is set from {min} to {max}: the lowest must lie under the highest.',
      above: 'The pump is set up to {set}; its maker has {max}: {kw} in place of {makerKw}.',
      below: 'The pump is set down to {set}; its maker has {min}: so low it soots.',
      dose: 'The controller reckons with {set} a stroke; the pump gives {dose}.',
      less: 'The pump is set from {min} to {max}, less than its maker’s {makerMin} to {makerMax}.',
      within: 'The pump is set from {min} to {max}, as its maker has it.',
      wrong: 'Gone through, and something is set wrong: pump, fan, volts or altitude.',
      gone: 'Gone through: its limits are as they should be.',
    },
    remedies: {
      dose: 'Set the dose that was measured, or that of the pump’s plate.',
      wrong: 'Enter what is set beside what its maker has, and set it right; then enter what going through it finds.',
    },
    assess(read, say) {
      const [min, max, dose] = [settingOf(read, 'pumpMinHz'), settingOf(read, 'pumpMaxHz'), settingOf(read, 'doseMl')];
      const set = () => pumpSet(read);
      const maker = () => read.all({ min: 'heater.pumpMinHz', max: 'heater.pumpMaxHz' });
      return worstOf(
        () => {
          if (min === null && max === null) return null;
          const { minHz, maxHz } = set();
          return minHz >= maxHz ? say.fix('crossed', { min: shortHz(minHz), max: shortHz(maxHz) }) : null;
        },
        () => {
          if (max === null || max <= maker().max + shownHz) return null;
          const kw = kwAtHz(read, max);
          return say.fix('above', {
            set: shortHz(max),
            max: shortHz(maker().max),
            kw: shortKw(kw),
            makerKw: shortKw(read.derived('heater.outputMaxKw')),
          });
        },
        () =>
          min !== null && min < maker().min - shownHz ? say.fix('below', { set: shortHz(min), min: shortHz(maker().min) }) : null,
        () => {
          if (dose === null) return null;
          const gives = read.derived('fuel.doseMl');
          return Math.abs(dose / gives - 1) > 0.1 ? say.fix('dose', { set: shortMl(dose, 3), dose: shortMl(gives, 3) }) : null;
        },
        () => {
          if (min === null && max === null) return goneThrough(read, 'limits') ? say.fix('wrong') : say.sound('gone');
          readTogether(read, 'pumpMinHz', 'pumpMaxHz');
          const [{ minHz, maxHz }, made] = [set(), maker()];
          const values = { min: shortHz(minHz), max: shortHz(maxHz) };
          return minHz > made.min + shownHz || maxHz < made.max - shownHz
            ? say.watch('less', { ...values, makerMin: shortHz(made.min), makerMax: shortHz(made.max) })
            : say.sound('within', values);
        },
      );
    },
  }),
  defineCheck({
    id: 'controller.voltage',
    stage: 'controller',
    holdPoint: 'fire',
    part: 'battery',
    why: 'Set for another voltage it gives up with a fault of its own, or lets the battery run flat.',
    remedy: 'Set it for the supply that it is on.',
    source: trade,
    messages: {
      other: 'The controller is set for {set}; the heater stands on {supply}.',
      same: 'The controller is set for {supply}.',
      auto: 'The controller finds out by itself what it stands on.',
      gone: 'Nobody has read for which voltage it is set; nothing was found wrong with it.',
    },
    assess(read, say) {
      const set = settingOf(read, 'supply');
      if (set === null) {
        goneThrough(read);
        return say.sound('gone');
      }
      if (set === 'auto') return say.sound('auto');
      const { supply } = read.all({ supply: 'heater.supplyV' });
      const values = { supply: term('supply', supply) };
      return set === supply ? say.sound('same', values) : say.fix('other', { ...values, set: term('supply', set) });
    },
  }),
];
