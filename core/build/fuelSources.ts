import type { partKinds } from './listKinds';

type PartKind = keyof typeof partKinds;
interface Source {
  label: string;
  steps: readonly string[];
  parts: readonly { kind: PartKind; what: string }[];
  cautions: readonly string[];
  /** Draws on the vehicle's own fuel. */
  vehicle: boolean;
  /** Taken out of a line of the vehicle’s: it stands under that line’s pressure. */
  open: boolean;
}

const lowered = [
  'Run the vehicle’s tank nearly empty; weigh what is left (below).',
  'Two people. Release straps, filler, vent, wiring, any additive line and the two fuel lines; mark which is which.',
];
const back = 'Check that the o-ring lies in its groove before the ring goes on; arrows aligned; click each coupling home.';
const emptied = 'No flame or spark near it; rags, a tray and an extinguisher at hand; an emptied tank still holds vapour.';

/** Ways to fuel, each with its steps, parts and cautions. Common practice, no published source; the vehicle’s and the maker’s manuals come first. */
export const sources = {
  kitTank: {
    label: 'the kit’s own tank',
    steps: [
      'Find it a place outside the living space, never in the heater’s own compartment.',
      'Mark the hole on a reinforced flat; drill by the size below, deburr, rinse the chips out.',
      'Pass the fitting in on a cord through the filler; an o-ring each side, wetted with fuel; nipped, not crushed.',
      'Tie it down so that it would hold in a crash; guard it from sun and stones.',
      'Lead the vent outside and low, with its filter against insects.',
    ],
    parts: [
      { kind: 'tank', what: 'tank with cap and fitting' },
      { kind: 'clamp', what: 'straps or brackets' },
      { kind: 'line', what: 'line, joiners, clips' },
    ],
    cautions: ['A filler inside where people live spills and breathes vapour on them.', emptied],
    vehicle: false,
    open: false,
  },
  ownTank: {
    label: 'a separate tank',
    steps: [
      'Ask the inspector which certificate he wants to see before it is bought.',
      'Bolt its tie-down to structure, not to trim.',
      'Filler outside, vent outside and low with its filter, a label for the fuel at the filler.',
      'Pressure test at 0.3 bar where one is asked for; keep the paper.',
    ],
    parts: [
      { kind: 'tank', what: 'tank with certificate, filler and vent' },
      { kind: 'clamp', what: 'tie-down that would hold in a crash' },
      { kind: 'line', what: 'line, joiners, clips' },
    ],
    cautions: ['A home-made tank is pressure-tested with soapy water. Never weld one that has held fuel or gas.', emptied],
    vehicle: false,
    open: false,
  },
  standpipe: {
    label: 'a standpipe in the vehicle’s tank',
    steps: [
      ...lowered,
      'Measure the true depth at that very spot with a clean stick.',
      'Cut the pipe by the length below; file the cut smooth.',
      'Drill with a cup held below, a vacuum at the side and grease on the bit: catch every chip; guard the gauge’s float.',
      back,
    ],
    parts: [
      { kind: 'pickup', what: 'standpipe with its flange and seal' },
      { kind: 'line', what: 'line, joiners, clips' },
    ],
    cautions: ['A full tank is too heavy to hold: never lie under it while it is being lowered.', emptied],
    vehicle: true,
    open: false,
  },
  returnBranch: {
    label: 'a branch in the vehicle’s return',
    steps: [
      'Find the return by the vehicle’s manual, not by its colour.',
      ...lowered,
      'Set the branch where the return runs full, its outlet below; clips both sides.',
      back,
    ],
    parts: [
      { kind: 'joiner', what: 'branch piece of the return’s own bore' },
      { kind: 'line', what: 'line, joiners, clips' },
    ],
    cautions: ['A return that stands under pressure while the engine runs floods the heater.', emptied],
    vehicle: true,
    open: true,
  },
  feedTee: {
    label: 'a tee in the vehicle’s feed',
    steps: [
      'Prove that the feed stands at low pressure: by the vehicle’s manual, and by a gauge.',
      'Set the tee between tank and the engine’s filter, its branch level or down.',
      'Bleed the engine’s feed and run it before the heater is primed.',
    ],
    parts: [
      { kind: 'joiner', what: 'tee of the feed’s own bore' },
      { kind: 'line', what: 'line, joiners, clips' },
    ],
    cautions: [
      'Wrong on any pressurised or high-pressure feed, and on petrol: it is refused there.',
      'An engine that draws air through the tee stops.',
      emptied,
    ],
    vehicle: true,
    open: true,
  },
} as const satisfies Record<string, Source>;

export type SourceId = keyof typeof sources;
