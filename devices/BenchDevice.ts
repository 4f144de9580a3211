import { BenchHeater } from '../core/physics/bench/benchHeater';
import { benchStepS, type BenchReadings } from '../core/physics/bench/benchStates';
import { usualBench, type BenchFacts } from '../core/physics/bench/BenchFacts';
import type { SetFault } from '../core/physics/bench/faults';
import type { DeviceCommand, DeviceQuantity } from '../formats/device/deviceLines';
import { Feed } from './Feed';

/** What the bench heater tells of itself, as a logger clipped to it would. */
const told: readonly (keyof BenchReadings & DeviceQuantity)[] = ['volts', 'amps', 'hertz', 'outletC', 'returnC', 'caseC', 'exhaustC', 'noiseDb', 'whiteSmoke', 'blackSmoke']; // prettier-ignore
const rounded = (value: number): number => Math.round(value * 1000) / 1000;
/** s of its clock between two readings; faster than life it reads no more often a second than by the clock */
const readsEveryS = 0.1;

/** A simulated heater as a device: its clock is driven from outside, by `pass`. */
export class BenchDevice {
  readonly feed = new Feed();
  #heater: BenchHeater;
  #facts: BenchFacts = usualBench;
  #faults: SetFault[] = [];
  #times = 1;
  #owedS = 0;
  #readS = 0;
  #state = '';
  lastUsedMs: number;

  constructor(
    readonly id: string,
    readonly name: string,
    private readonly nowMs: () => number,
    seed = 1,
  ) {
    this.#heater = new BenchHeater(usualBench, { seed });
    this.lastUsedMs = nowMs();
    this.#tellState();
  }
  get readings(): Readonly<BenchReadings> {
    return this.#heater.readings;
  }
  get s(): number {
    return this.#heater.s;
  }

  /** So much time has passed on the clock on the wall. */
  pass(wallS: number): void {
    this.#owedS += Math.min(wallS, 1) * this.#times;
    while (this.#owedS >= benchStepS - 1e-9) {
      this.#owedS -= benchStepS;
      this.#heater.step();
      for (const event of this.#heater.takeEvents())
        this.feed.say({
          line: 'event',
          t: this.#heater.s,
          event: event.kind,
          ...(event.kind === 'code' ? { code: event.code } : {}),
        });
      this.#tellState();
      this.#readS += benchStepS;
      if (this.#readS >= readsEveryS * Math.max(1, this.#times / 2) - 1e-9) {
        this.#readS = 0;
        this.feed.say({
          line: 'reading',
          t: this.#heater.s,
          values: Object.fromEntries(told.map((quantity) => [quantity, rounded(this.#heater.readings[quantity])])),
        });
      }
    }
  }
  /** @throws RangeError in one sentence, where a figure can't be */
  do(command: DeviceCommand): void {
    this.lastUsedMs = this.nowMs();
    switch (command.do) {
      case 'on':
      case 'off':
        this.#heater.press(command.do === 'on');
        break;
      case 'cut':
      case 'restore':
        this.#heater.power(command.do === 'restore');
        break;
      case 'unlock':
        this.#heater.unlock();
        break;
      case 'prime':
        this.#heater.prime(command.hz);
        break;
      case 'set':
        this.#heater.set('rateHz' in command ? { rateHz: command.rateHz } : { targetC: command.targetC });
        break;
      case 'speed':
        this.#times = command.times;
        break;
      case 'faults':
        this.#faults = command.faults;
        this.#heater.setFaults(command.faults);
        break;
      case 'build':
        this.#heater = new BenchHeater(command.facts, { seed: command.seed, filled: command.filled });
        this.#facts = command.facts;
        this.#heater.setFaults(this.#faults);
        this.#owedS = 0;
        break;
      default:
        throw new RangeError(`A bench heater does not do “${command.do}”.`);
    }
    this.#tellState(true);
  }
  get facts(): BenchFacts {
    return this.#facts;
  }
  #tellState(always = false): void {
    const { state, strokes, s } = this.#heater;
    if (!always && state === this.#state) return;
    this.#state = state;
    this.feed.say({ line: 'state', t: s, state, times: this.#times, faults: this.#faults, strokes });
  }
}
