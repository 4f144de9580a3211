import { formatFixed, formatShort } from '../../../core/units/formatNumber';
import type { OwnerTexts } from './OwnerTexts';

const dates = new Intl.DateTimeFormat('en-GB', { dateStyle: 'long', timeZone: 'UTC' });

export const en: OwnerTexts = {
  language: 'English',
  day: (iso) => dates.format(new Date(`${iso}T12:00:00Z`)),
  pageOf: (n, of) => `page ${n} of ${of}`,
  title: 'Your diesel heater',
  invented: 'DEMO: workshop, people, vehicle and figures are all invented.',
  serial: (serial) => `Heater, serial ${serial}`,
  inside: {
    road: 'Never run it in a garage, in a hall or on a ferry’s deck.',
    trailer: 'Never run it in a garage, in a hall or under a closed awning.',
    boat: 'Never run it in a boathouse, or under a closed cover.',
    building: 'Never run it with its exhaust or its air covered.',
  },
  never: {
    title: 'Never',
    lines: [
      'Never cut the power of a hot heater, at no switch and no fuse: its fan has to cool it.',
      'Never run it while you refuel, or where fuel vapour may be: a filling station, a paint shop.',
      'Never close, cover or shorten exhaust, combustion air, or any opening for fresh air.',
      'Never dry clothes on it or stow things against it.',
    ],
  },
  alarm: {
    title: 'Carbon monoxide kills without a smell',
    lines: [
      'Alarm, headache, sickness or dizziness: everybody out, doors open, heater off by its button, call for help. Stay out until it was looked at.',
      'Press the alarm’s test button before each trip and once a month; change its battery, and the alarm itself, by the date on its back.',
    ],
  },
  light: ({ mode, ignitionS }) => ({
    title: 'To light it',
    lines: [
      'Look that exhaust and air are clear of snow, mud, leaves and nests, and that an opening for fresh air is free.',
      `Press the controller’s on button, as its own manual shows. The fan starts at once${ignitionS === null ? '; a flame takes two to five minutes.' : `; the flame came after ${formatFixed(ignitionS)} seconds when it was tested here.`}`,
      mode === 'fixed'
        ? 'It works at a fixed rate: choose more or less by the arrows.'
        : mode === 'target'
          ? 'It works by temperature: choose degrees by the arrows.'
          : 'More or less heat is chosen by the arrows, as its manual shows.',
      'If it does not light after two tries, stop: do not press on again and again, since unburnt fuel gathers. Call us.',
    ],
  }),
  stop: ({ afterrunS }) => ({
    title: 'To stop it',
    lines: [
      `Press the off button and leave the power on. The fan runs on${afterrunS === null ? ' for two to five minutes' : ` for about ${formatShort(Math.max(1, Math.ceil(afterrunS / 60)))} min`} and then stops by itself: only then is it off.`,
    ],
  }),
  signs: {
    title: 'What a sign means',
    lines: [
      'A thin white puff at start, and a smell of paint on the first days: usual.',
      'White smoke that stays: it does not burn well; off, and call us.',
      'Black smoke, soot at the end: too little air; off, clear its air and exhaust, call us.',
      'A smell of diesel or exhaust inside: off, doors open, out; not again until it was looked at.',
      'Ticking of the pump that turns loud: air in the line, or the tank is nearly empty.',
      'It slows down and goes out in the cold: fuel too thick for the weather, or the battery low.',
    ],
  },
  codes: (codes) => ({
    title: 'Codes it can show',
    lines: codes.map(({ code, meaning }) => `${code}: ${meaning}`),
  }),
  fuel: ({ goodToC }) => ({
    title: 'Fuel for winter',
    lines: [
      goodToC === null
        ? 'Fill winter diesel before the frost; summer diesel turns thick near freezing.'
        : `By our sum this line carries the fuel that was entered down to ${formatShort(goodToC)} °C at the pump (computed, not tried). Below that it may starve: fill winter or arctic grade before the frost.`,
      'Diesel alone: no petrol, no vegetable oil. Keep water and dirt out; keep the tank over a quarter full.',
    ],
  }),
  burnHot: {
    title: 'Burn it hot',
    lines: [
      'After each ten hours on low let it run at full for half an hour, so that its soot burns off. Once a month, summer too, run it ten minutes.',
    ],
  },
  spares: (names) => ({
    title: 'Worth having along',
    lines: [['a fuse of the same amps', 'a glow plug and its screen', 'a fuel filter', ...names].join(', ')],
  }),
  dates: {
    title: 'Dates',
    handedOver: (day) => `Handed over: ${day}`,
    due: (what, day, months) =>
      months === null
        ? `${what}: by ${day}`
        : `${what}: first on ${day}, then each ${months === 1 ? 'month' : months === 12 ? 'year' : `${months} months`}`,
    none: 'Counted from hand-over; ask your workshop.',
  },
  dues: {
    leaks: 'Fuel joints looked at, dry',
    exhaust: 'Exhaust, clamps and air looked at',
    alarm: 'Alarm tested',
    service: 'Service in the workshop',
    alarmEnds: 'Alarm has to be replaced',
  },
  dueWhy: {
    leaks:
      'Wipe each joint of the fuel line and look again after an hour of running. A smell of diesel: heater off, call your workshop.',
    exhaust: 'Look at clamps, pipe and its end, and at the air inlet: no soot at a joint, nothing in the way.',
    alarm: 'Press the test button of the carbon monoxide alarm, and look at the date on its back.',
    alarmEnds:
      'The date of the carbon monoxide alarm runs out: an old one may sense nothing. Replace it by one of the same kind.',
    service: 'Filter, screen, plug, soot, joints, a start with readings. The maker’s manual may want it sooner.',
  },
  call: ({ workshop, signedBy }) => ({
    title: 'Whom to call',
    lines: [
      `${workshop}${signedBy ? `; the work was signed by ${signedBy}` : ''}. In danger: the emergency number of where you are.`,
    ],
  }),
  notice:
    'Common practice, from memory. The maker’s manual and local rules go before this sheet; it is no approval. Intervals are the workshop’s advice.',
  labels: {
    refuel: ['DIESEL ONLY', 'Heater off before you refuel'],
    stop: (minutes) => ['STOP IT BY ITS BUTTON', `Leave the power on until its fan has stopped (about ${minutes} min)`],
    fuse: (amps) => [`HEATER  ${formatShort(amps)} A`, 'Never out while it is hot'],
    isolator: ['HEATER ISOLATOR', 'Off only once its fan has stopped'],
    hot: ['HOT', 'Do not touch, do not cover'],
    scale: 'This bar is 100 mm long. Print at 100 %, “actual size”.',
  },
};
