import { seeded } from '../core/random/seeded';
import type { BenchReadings } from '../core/physics/bench/benchStates';
import type { DeviceKind, DeviceQuantity } from '../formats/device/deviceLines';
import { Feed } from './Feed';

/** How a meter shows what is: how fine, how far it wanders, how far it is off, how slowly it follows. Invented; of the kind that such meters have. */
interface Shows {
  reads: keyof BenchReadings & DeviceQuantity;
  step: number;
  wanders: number;
  off: number;
  followsS: number;
}
const shows = (reads: Shows['reads'], step: number, wanders: number, off = 0, followsS = 0.1): Shows => ({
  reads,
  step,
  wanders,
  off,
  followsS,
});
export const meterKinds: Readonly<
  Record<Exclude<DeviceKind, 'heater' | 'logger'>, { name: string; everyS: number; shows: readonly Shows[] }>
> = {
  multimeter: { name: 'Multimeter at the heater’s plug', everyS: 0.5, shows: [shows('volts', 0.01, 0.006, 0.01, 0.3)] },
  clamp: { name: 'Clamp on the red lead', everyS: 0.5, shows: [shows('amps', 0.1, 0.06, 0.1, 0.3)] },
  thermometers: {
    name: 'Thermometers in outlet and return, and on the case',
    everyS: 1,
    shows: [shows('outletC', 0.1, 0.15, 0.3, 6), shows('returnC', 0.1, 0.1, -0.2, 6), shows('caseC', 0.1, 0.2, 0, 10)],
  },
  co: { name: 'CO meter at the pillow', everyS: 1, shows: [shows('coPpm', 1, 0.4, 0, 30)] },
  scale: { name: 'Scale under the can', everyS: 1, shows: [shows('drawnG', 0.1, 0.05)] },
  sound: { name: 'Sound meter at the pillow', everyS: 0.5, shows: [shows('noiseDb', 0.1, 0.4, 0, 0.5)] },
};

/** A meter that hangs on a bench heater, and errs as meters do. */
export class StandInMeter {
  readonly feed = new Feed();
  readonly name: string;
  readonly #shown = new Map<string, number>();
  readonly #draw: () => number;
  #sinceS = 0;

  constructor(
    readonly id: string,
    readonly kind: keyof typeof meterKinds,
    private readonly of: { readings: Readonly<BenchReadings>; s: number },
    seed = 1,
  ) {
    this.name = meterKinds[kind].name;
    this.#draw = seeded(seed);
  }
  pass(wallS: number): void {
    this.#sinceS += wallS;
    const { everyS, shows: all } = meterKinds[this.kind];
    if (this.#sinceS < everyS) return;
    const values = Object.fromEntries(
      all.map(({ reads, step, wanders, off, followsS }) => {
        const is = this.of.readings[reads];
        const was = this.#shown.get(reads) ?? is;
        const now = was + (is - was) * (1 - Math.exp(-this.#sinceS / followsS));
        this.#shown.set(reads, now);
        // Two draws make a hump: most readings lie near, few far.
        const shown = now + off + wanders * (this.#draw() + this.#draw() - 1) * 2;
        return [reads, Math.max(reads.endsWith('C') ? -40 : 0, Math.round(Math.round(shown / step) * step * 1000) / 1000)];
      }),
    );
    this.#sinceS = 0;
    this.feed.say({ line: 'reading', t: this.of.s, values });
  }
}
