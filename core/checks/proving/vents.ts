import { blockedShare, freeAt, ventName, ventOf, ventsOf, type Vent, type VentLevel } from '../../model/vent/ventsOf';
import { freeAreaMm2 } from '../../physics/vent/freeAreaMm2';
import { cm2, count, mm, name, quantity, several } from '../../wording/Value';
import { defineCheck } from '../Check';
import { trade } from '../sources';

/** Sizes of a hole saw that a vent is cut with, mm. Common practice, no source. */
const sawMm = 60;
const sawnMm2 = freeAreaMm2({ shape: 'round', diaMm: sawMm, pieces: 1, cover: 'mesh6' });
const source =
  'EN 721 (from memory): permanent ventilation of leisure vehicles by floor plan. Elsewhere it is taken as a guide, and the local code decides.';
const words = { high: 'near the ceiling', low: 'near the floor' } as const;

/** Whether enough is open for good at a level. */
const areaCheck = (level: VentLevel, why: string) =>
  defineCheck({
    id: `vent.area.${level}`,
    stage: 'proving',
    holdPoint: 'handover',
    part: 'cabin',
    why,
    remedy: `Cut more openings ${words[level]}, or free those that are shut or blocked.`,
    source,
    messages: {
      none: `Nothing is open for good ${words[level]}; {wanted} are wanted for a floor of {floor}.{guide}`,
      short: `Openings ${words[level]} leave {free} free; {wanted} are wanted for a floor of {floor}, so that {missing} are missing.{guide}`,
      shortClear: `Openings ${words[level]} leave {free} free; {wanted} are wanted for a floor of {floor}, so that {missing} are missing.{guide}`,
      enough: `Openings ${words[level]} leave {free} free ({wanted} wanted for a floor of {floor}).`,
      guide: ' That is the rule for leisure vehicles, taken as a guide: ask what the local code wants.',
    },
    remedies: {
      none: `Cut openings ${words[level]} that can’t be shut: {n} {n|hole|holes} of {saw}, each under a mesh of {mesh}, would give {given}.`,
      short: `Cut more openings ${words[level]}: {n} {n|hole|holes} of {saw}, each under a mesh of {mesh}, would give {given}.`,
      shortClear: 'Free {named} for good: that alone would give {given}.',
    },
    assess(read, say) {
      const vents = ventsOf(read);
      const free = freeAt(vents, level);
      const wanted = read.derived(level === 'high' ? 'vent.wantedHighCm2' : 'vent.wantedLowCm2') * 100;
      const { floor, as } = read.all({ floor: 'survey.floorAreaM2', as: 'people.inspectedAs' });
      const leisure = as === 'leisure';
      const shown = { free: cm2(free), wanted: cm2(wanted), floor: quantity('m²', floor, 1) };
      if (free >= wanted - 1) return say.sound('enough', shown);
      const missing = wanted - free;
      const holes = Math.ceil(missing / sawnMm2);
      const values = {
        ...shown,
        missing: cm2(missing),
        guide: leisure ? null : say.clause('guide'),
        n: count(holes),
        saw: mm(sawMm),
        mesh: mm(6),
        given: cm2(holes * sawnMm2),
      };
      const verdict = leisure ? say.fix : say.watch;
      // Free what is there before another hole is cut: the least that is enough.
      const shut = vents.filter((vent) => vent.level === level && lost(vent) >= missing).sort((a, b) => lost(a) - lost(b))[0];
      if (shut) return verdict('shortClear', { ...values, named: name(shut.name), given: cm2(lost(shut)) });
      return verdict(free === 0 ? 'none' : 'short', values);
    },
  });
const lost = ({ areaMm2, freeMm2 }: Vent): number => areaMm2 - freeMm2;

/** That people have air to breathe, whatever the heater does. */
export const ventChecks = [
  areaCheck(
    'high',
    'Stale and damp air, and any gas that comes in, leave near the ceiling; without a way out they stay with those who sleep.',
  ),
  areaCheck(
    'low',
    'Air that leaves at the ceiling has to come in near the floor, and what is heavier than air has to run out there.',
  ),
  defineCheck({
    id: 'vent.blocked',
    stage: 'proving',
    holdPoint: 'handover',
    part: 'cabin',
    why: 'An opening behind a locker, or stuffed against the draught, is none; people shut in winter what they need in winter.',
    remedy: 'Free it, and see that it can’t be shut or covered again.',
    source: trade,
    messages: {
      blocked: '{vents} {n|is|are} blocked: {lost} of free area {n|is|are} lost.',
      blockedSomehow: '{vents} {n|is|are} blocked.',
      shuts: '{vents} can be shut, and {n|counts|count} for nothing.',
      free: 'Nothing stands before the {n} {n|opening|openings}.',
      none: 'There are no openings that could be blocked.',
    },
    remedies: { shuts: 'Fix it open, or cut openings that can’t be shut.' },
    assess(read, say) {
      const rows = read.rows('vents');
      const named = (some: typeof rows) => ({
        vents: several(
          some.map((row) => name(ventName(row, rows.indexOf(row)))),
          4,
        ),
        n: count(some.length),
      });
      // What is known to be bad is told first, though another opening has no size yet.
      const blocked = rows.filter((row) => row.shuts !== 'yes' && blockedShare(row) > 0);
      const sized = blocked.map((row) => ventOf(row, rows.indexOf(row)));
      if (blocked.length > 0)
        return sized.every((vent) => vent !== null)
          ? say.fix('blocked', { ...named(blocked), lost: cm2(sized.reduce((sum, vent) => sum + lost(vent), 0)) })
          : say.fix('blockedSomehow', named(blocked));
      const shutting = rows.filter(({ shuts }) => shuts === 'yes');
      if (shutting.length > 0) return say.watch('shuts', named(shutting));
      const vents = ventsOf(read);
      return vents.length === 0 ? say.sound('none') : say.sound('free', { n: count(vents.length) });
    },
  }),
];
