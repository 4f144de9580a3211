/** What nobody should do, and what comes of it: told at once. Common practice, no source. */
export interface Rash {
  label: string;
  minutes: number;
  /** what comes of it, and what would have been right */ told: string;
}
const rash = (label: string, minutes: number, told: string): Rash => ({ label, minutes, told });
export const rashActs = {
  cutHot: rash('Cut its power while it is hot', 1, 'It stands hot without its fan: the burner’s heat goes into fan, sensors and case, and what touches it chars. Off by its button, and wait for the fan.'),
  biggerFuse: rash('Put in a larger fuse', 3, 'The fuse guards the cable, not the heater: now the cable is the fuse, and it burns along its way. The same rating, once it is known what blew it.'),
  againAndAgain: rash('Press start again and again', 15, 'Each start without a flame leaves fuel in the burner. When it lights, all of it burns at once: white smoke, then a flame out of the pipe. Find why first.'),
  flameAtTank: rash('Warm the fuel line with a flame', 10, 'Fuel vapour and a flame meet. Warm it with water or warm air, never with a flame.'),
  noAlarm: rash('Run it with the doors shut and the alarm off, to hear better', 5, 'Carbon monoxide has no smell. Doors open, alarm on, nobody asleep.'),
  lookInPipe: rash('Look into the exhaust while it lights', 2, 'It kindles late, and what comes out is hot enough for your eyes. Look once it is cold.'),
  bridgeHot: rash('Bridge the overheating sensor to see if it goes on', 4, 'Nothing stops it any more. It is there because something gets too hot: find that.'),
  hotCircuit: rash('Open the coolant’s cap while it is hot', 2, 'It boils up and scalds. Cold first, then slowly.'),
  petrolInTank: rash('Add a little petrol so that it lights', 5, 'Petrol vapour kindles at a spark, and the burner is made for diesel: it may burst. Drain what has petrol in it.'),
} satisfies Record<string, Rash>; // prettier-ignore
export type RashId = keyof typeof rashActs;
export const rashIds = Object.keys(rashActs) as RashId[];
