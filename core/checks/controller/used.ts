import { comingNight, heatedThrough, startsOf, type ComingNight, type NightKind } from '../../model/controller/comingNight';
import { leadRunM, nearestOutlet } from '../../model/controller/panelPlace';
import { settingOf } from '../../model/controller/settings';
import type { Reader } from '../../reading/Reader';
import { celsius, metres, minutes, mm, name, timeOfDay } from '../../wording/Value';
import { defineCheck } from '../Check';
import { trade } from '../sources';
import { worstOf } from '../worstOf';
import { goneThrough } from './goneThrough';

/** A timer is to blame where the night heated through would be warmer by so much, K. Lorbet’s own choice, no source. */
const blameK = 2;
/** Whether something ends the heat before people get up. */
const isTimed = (read: Reader): boolean => read.rows('timers').length > 0 || (settingOf(read, 'runForH') ?? 0) > 0;
const byClock = (read: Reader) => read.rows('timers').filter(({ by }) => by !== 'hand');
/** The last end before the coldest hour; null where it was never lit before it. */
const endBefore = ({ spells, lowest }: ComingNight): number | null =>
  spells.filter(({ toMin }) => toMin <= lowest.min).pop()?.toMin ?? null;

/** How the controller serves those who live with it: its clock and timers, panel, sensor and lead. */
export const controllerUsedChecks = [
  defineCheck({
    id: 'controller.clock',
    stage: 'controller',
    holdPoint: 'handover',
    part: 'heater',
    why: 'Timers go by the controller’s clock: a wrong one lights the heater in an empty room, or while people sleep.',
    remedy: 'Set its clock by the true time, the day of the week too.',
    source: trade,
    messages: {
      ahead: 'Its clock is ahead by {off}: what is set for {set} begins at {true}.',
      behind: 'Its clock is behind by {off}: what is set for {set} begins at {true}.',
      idle: 'Its clock is off by {off}; no start goes by it.',
      lost: 'Without power its clock is lost, and its starts with it.',
      none: 'There is no clock, and a start is set by one.',
      right: 'Its clock is right.',
      noClock: 'It has no clock, and needs none.',
      wrong: 'Gone through: its clock is wrong, or is lost with the power.',
      gone: 'Gone through: its clock is right.',
    },
    remedies: {
      lost: 'Feed it from what stays on, so that its clock goes on.',
      none: 'Enter that start as made by hand, or take it out.',
      wrong: 'Set its clock by the true time; feed it from what stays on; then enter what going through it finds.',
    },
    assess(read, say) {
      const [off, keeps] = [settingOf(read, 'clockOffMin'), settingOf(read, 'clockKeeps')];
      const timed = byClock(read);
      return worstOf(
        () => (keeps === 'none' && timed.length > 0 ? say.fix('none') : null),
        () => {
          if (off === null || Math.abs(off) <= read.limit('clockOffMin').value) return null;
          const told = minutes(Math.abs(off));
          if (timed.length === 0) return say.watch('idle', { off: told });
          const set = startsOf(read).find(({ byHand }) => !byHand)?.startMin ?? 0;
          return say.fix(off > 0 ? 'ahead' : 'behind', { off: told, set: timeOfDay(set), true: timeOfDay(set - off) });
        },
        () => (keeps === 'loses' && timed.length > 0 ? say.watch('lost') : null),
        () => {
          if (off !== null) return say.sound('right');
          if (keeps === 'none') return say.sound('noClock');
          return goneThrough(read, 'clock') ? say.fix('wrong') : say.sound('gone');
        },
      );
    },
  }),
  defineCheck({
    id: 'controller.timer',
    stage: 'controller',
    holdPoint: 'handover',
    part: 'cabin',
    why: 'Heat that ends by itself leaves people to wake in the cold, or not to wake: the cold harms the old, the ill and the very young.',
    remedy: 'Let it burn until people get up, by its thermostat; or let a second start follow.',
    source: `${trade} For dwellings WHO advises 18 °C (2018, from memory). The room is reckoned as two bodies of heat.`,
    messages: {
      ends: 'At {end} it ends by itself; on a {night} it is {inside} inside at {at}, and would be {through} if it burned on.',
      out: 'On a {night} it is not lit before {at}, and it is {inside} inside then; burning through it would be {through}.',
      usual: 'usual night',
      coldest: 'night as cold as they get',
      warm: 'With its starts it is never under {usual} inside on a usual night, {coldest} on the coldest.',
      nobody: 'Nobody sleeps there while it is out.',
      never: 'Nothing ends it before it is switched off.',
      wrong: 'Gone through: it ends while people sleep.',
      gone: 'Gone through: nothing ends it while people sleep.',
    },
    remedies: { wrong: 'Enter its starts and how long each lasts, and set them so that it burns until people get up.' },
    assess(read, say) {
      if (!isTimed(read)) {
        if (settingOf(read, 'runForH') === 0) return say.sound('never');
        return goneThrough(read, 'timer') ? say.fix('wrong') : say.sound('gone');
      }
      if (read.maybe('people.asleep') === 0) return say.sound('nobody');
      const least = read.limit('nightLeastC').value;
      const of = (kind: NightKind) => () => {
        const night = comingNight(read, kind);
        if (night.lowest.airC >= least) return null;
        const through = heatedThrough(read, kind);
        // What would be as cold if it burned all night is the heater's size, which is told elsewhere.
        const same = through.points.find(({ min }) => min === night.lowest.min)?.airC ?? through.lowest.airC;
        if (same < night.lowest.airC + blameK) return null;
        const values = {
          night: say.clause(kind),
          inside: celsius(night.lowest.airC),
          at: timeOfDay(night.lowest.min),
          through: celsius(same),
        };
        const end = endBefore(night);
        const level = kind === 'usual' ? say.fix : say.watch;
        return end === null ? level('out', values) : level('ends', { ...values, end: timeOfDay(end) });
      };
      return worstOf(of('usual'), of('coldest'), () =>
        say.sound('warm', {
          usual: celsius(comingNight(read, 'usual').lowest.airC),
          coldest: celsius(comingNight(read, 'coldest').lowest.airC),
        }),
      );
    },
  }),
  defineCheck({
    id: 'controller.orientation',
    stage: 'controller',
    holdPoint: 'handover',
    part: 'cabin',
    why: 'A fault that nobody sees goes on; a panel on its head is read wrong, and water that runs into it stays.',
    remedy: 'Fix it right way up where it is seen from the seat and from the bed.',
    source: trade,
    messages: {
      upsideDown: 'The panel is fixed upside down or on its side.',
      outOfView: 'The panel can’t be seen from where people are.',
      right: 'The panel is right way up, in view.',
    },
    assess(read, say) {
      const lies = read.maybe('controller.panelLies') ?? goneThrough(read, 'upsideDown', 'outOfView');
      if (lies === 'upsideDown') return say.fix('upsideDown');
      return lies === 'outOfView' ? say.watch('outOfView') : say.sound('right');
    },
  }),
  defineCheck({
    id: 'controller.sensor',
    stage: 'controller',
    holdPoint: 'handover',
    part: 'cabin',
    why: 'A thermostat holds the air at its sensor, wherever that hangs.',
    remedy: 'Hang it in still air where people are, at the height of a seat, away from outlets, doors and sun.',
    source: `${trade} The distance is Lorbet’s own choice.`,
    messages: {
      near: 'The sensor hangs {distance} from the outlet {outlet}; at least {least} is wanted: it stops before the room is warm.',
      outlet: 'The sensor hangs in an outlet’s stream: it stops before the room is warm.',
      cold: 'The sensor hangs by a door, a window or an outer wall: it goes on when the room is warm.',
      sun: 'The sensor hangs in the sun or over a warm thing: it stops before the room is warm.',
      own: 'It goes by the sensor in its own intake: by the air that comes back to it, and not by the room.',
      fixed: 'At a fixed rate it goes by no sensor.',
      still: 'The sensor hangs in still air, where people are.',
      wrong: 'Gone through: the sensor hangs in warm air, sun or a draught.',
      gone: 'Gone through: the sensor hangs well.',
    },
    remedies: {
      own: 'Fit a sensor on a lead of its own where people are, and set the controller to go by it.',
      wrong: 'Hang it in still air where people are, and enter where it hangs.',
    },
    assess(read, say) {
      const [at, sensor] = [read.maybe('controller.sensorAt'), settingOf(read, 'sensor')];
      return worstOf(
        () => {
          const nearest = nearestOutlet(read);
          const least = read.limit('sensorApartMm').value;
          return nearest && nearest.mm < least
            ? say.fix('near', { distance: mm(nearest.mm), outlet: name(nearest.name), least: mm(least) })
            : null;
        },
        () => {
          if (at === null || at === 'still') return null;
          return at === 'outlet' ? say.fix('outlet') : say.watch(at);
        },
        () => {
          if (settingOf(read, 'mode') === 'fixed') return say.sound('fixed');
          if (sensor === 'own') return say.watch('own');
          if (at !== null) return say.sound('still');
          return goneThrough(read, 'sensor') ? say.fix('wrong') : say.sound('gone');
        },
      );
    },
  }),
  defineCheck({
    id: 'wiring.controller.reach',
    stage: 'wiring',
    holdPoint: 'closing',
    part: 'cabin',
    why: 'A lead that does not reach is found when the cabinets are in; one that is pulled tight breaks at its plug.',
    remedy: 'An extension of the same kind, or a place nearer to the heater.',
    source: `Geometry. ${trade} About 2 m of lead is usual.`,
    messages: {
      short:
        'From heater to panel it is {run} along the sides, with rises and a loop {wanted}; its lead has {lead}: {short} too short.',
      reaches: 'From heater to panel it is {run} along the sides; its lead has {lead}.',
      wrong: 'Gone through: the controller’s lead does not reach, or pulls.',
      gone: 'Gone through: the controller’s lead reaches.',
    },
    remedies: { wrong: 'Lay an extension of the same kind, or move the panel nearer; then enter what going through it finds.' },
    assess(read, say) {
      const runM = leadRunM(read);
      if (runM === null) return goneThrough(read, 'lead') ? say.fix('wrong') : say.sound('gone');
      const { leadM } = read.all({ leadM: 'controller.leadM' });
      const wantedM = runM + read.limit('leadSpareM').value;
      const values = { run: metres(runM, 1), lead: metres(leadM, 1) };
      return wantedM > leadM
        ? say.fix('short', { ...values, wanted: metres(wantedM, 1), short: metres(Math.ceil((wantedM - leadM) * 10) / 10, 1) })
        : say.sound('reaches', values);
    },
  }),
];
