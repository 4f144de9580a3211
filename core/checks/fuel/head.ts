import { pickupEndMm } from '../../model/fuel/routeOf';
import type { Reader } from '../../reading/Reader';
import { mm, type Value } from '../../wording/Value';
import { defineCheck } from '../Check';
import { trade } from '../sources';
import { worstOf } from '../worstOf';

/** Where the fuel is drawn from at the lowest, mm above the tank's floor; null where nobody has said. */
function lowestPickupMm(read: Reader): number | null {
  const kind = read.maybe('fuel.pickupKind');
  if (kind === 'bottomOutlet') return 0;
  return kind === null ? null : read.maybe('fuel.pickupClearanceMm');
}

/** How high tank, pump and heater lie to each other. */
export const headChecks = [
  defineCheck({
    id: 'fuel.head.lift',
    stage: 'fuel',
    holdPoint: 'closing',
    part: 'pump',
    why: 'A small pump pushes only so high and draws less: beyond that it beats, gives too little, and the flame goes out.',
    remedy: 'Hang the pump nearer to the heater’s height, or the tank higher.',
    source: `${trade} The limits are Lorbet’s own choice; the maker’s figure goes before them.`,
    messages: {
      far: 'The heater’s inlet lies {rise} above the lowest fuel, {by} more than a pump may draw and push together.',
      push: 'The heater’s inlet lies {rise} above the pump; at most {max}.',
      pushMost: 'The heater’s inlet lies {rise} above the pump; {max} is the most.',
      draw: 'Empty down to the pickup, the fuel stands {lift} below the pump; it may draw up {max}.',
      drawMost: 'Empty down to the pickup, the fuel stands {lift} below the pump; {max} is the most.',
      right: 'The pump draws {draws} at the least and pushes {pushes} to the heater.',
      up: 'up {by}',
      above: 'from above',
      down: 'down or level',
    },
    remedies: {
      far: 'Bring the heater at least {by} lower, or the tank higher; no place for the pump does it.',
      push: 'Hang the pump at least {by} higher.',
      draw: 'Hang the pump at least {by} lower.',
    },
    assess: (read, say) =>
      worstOf(
        () => {
          const rise = read.derived('fuel.riseMm');
          const max = read.limit('liftAbovePumpMaxMm').value;
          const [pump, lowest] = [read.maybe('fuel.pumpAboveTankFloorMm'), lowestPickupMm(read)];
          // What it may push and what it may draw together: beyond that no place for the pump holds.
          const far =
            pump === null || lowest === null ? -Infinity : rise + pump - lowest - max - read.limit('suctionLiftMaxMm').value;
          if (far > 0) return say.fix('far', { rise: mm(rise + (pump ?? 0) - (lowest ?? 0)), by: mm(Math.ceil(far)) });
          if (rise > max) return say.fix('push', { rise: mm(rise), max: mm(max), by: mm(Math.ceil(rise - max)) });
          return rise > max * 0.75 ? say.watch('pushMost', { rise: mm(rise), max: mm(max) }) : null;
        },
        () => {
          const { pump } = read.all({ pump: 'fuel.pumpAboveTankFloorMm' });
          const lift = pump - pickupEndMm(read);
          const max = read.limit('suctionLiftMaxMm').value;
          if (lift > max) return say.fix('draw', { lift: mm(lift), max: mm(max), by: mm(Math.ceil(lift - max)) });
          return lift > max * 0.75 ? say.watch('drawMost', { lift: mm(lift), max: mm(max) }) : null;
        },
        () => {
          const { pump } = read.all({ pump: 'fuel.pumpAboveTankFloorMm' });
          const [rise, lift] = [read.derived('fuel.riseMm'), pump - pickupEndMm(read)];
          const up = (by: number): Value => say.clause('up', { by: mm(by) });
          return say.sound('right', {
            draws: lift > 0 ? up(lift) : say.clause('above'),
            pushes: rise > 0 ? up(rise) : say.clause('down'),
          });
        },
      ),
  }),
  defineCheck({
    id: 'fuel.head.over',
    stage: 'fuel',
    holdPoint: 'closing',
    part: 'heater',
    why: 'Fuel that stands above the heater’s inlet presses on the pump’s valves day and night; a grain in one of them, and it runs into the burner: the next start is a fire.',
    remedy: 'Set the tank lower or the heater higher, or fit a valve that is shut while the heater is off, and enter it.',
    source: `Hydrostatics. ${trade} What a pump’s valves may hold back is for its maker to say; without his figure nothing.`,
    messages: {
      siphons:
        'Even drawn down to the pickup, the fuel stands {over} above the heater’s inlet: past the pump’s valves the whole tank can siphon into the burner.',
      below: 'Even full, the fuel stands {under} below the heater’s inlet or at it.',
      valve: 'Full, the fuel stands {over} above the heater’s inlet, held back by a valve that is shut while the heater is off.',
      maker: 'Full, the fuel stands {over} above the heater’s inlet; the maker’s pump holds back {max}.',
      pumpOnly: 'Full, the fuel stands {over} above the heater’s inlet, and only the pump’s valves hold it back.',
    },
    assess(read, say) {
      const valve = read.maybe('line.shutOff') === 'valve';
      const max = read.limit('headOverHeaterMaxMm').value;
      const { heater } = read.all({ heater: 'fuel.heaterAboveTankFloorMm' });
      return worstOf(
        () => {
          const over = pickupEndMm(read) - heater;
          return over > max && !valve ? say.stop('siphons', { over: mm(over) }) : null;
        },
        () => {
          const { full } = read.all({ full: 'fuel.tankHeightMm' });
          const over = full - heater;
          if (over <= 0) return say.sound('below', { under: mm(-over) });
          if (valve) return say.sound('valve', { over: mm(over) });
          return over <= max ? say.sound('maker', { over: mm(over), max: mm(max) }) : say.fix('pumpOnly', { over: mm(over) });
        },
      );
    },
  }),
];
