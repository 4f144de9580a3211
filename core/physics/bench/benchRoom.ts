import type { BenchFacts } from './BenchFacts';
import type { Burn } from './burner';
import type { Effects } from './faults';

/** Of the heat at full, what the exchanger stands over what comes in, K. Lorbet's own assumption, no source. */
const overInK = 100;
/** of the flow at full: coolant that goes round with the pump off; air that goes by itself, kg/s */
const loopIdle = 0.02;
const leastKgS = 1e-4;
/** carbon monoxide in the gas where it burns well, and where air is short, shares. Order of magnitude, no source. */
const coShare = { well: 0.0004, short: 0.03, under: 1.2 } as const;
const airCp = 1006;

/** W/K from the exchanger to what carries its heat away, at full. */
export function mediumWKOf({ pump, line, fuel, efficiency, medium }: BenchFacts): number {
  const powerW = pump.maxHz * line.doseMl * fuel.densityKgM3 * 1e-6 * fuel.heatingJKg * efficiency;
  const capacity = medium.fullKgS * medium.cpJKgK;
  return -Math.log(1 - Math.min(0.95, powerW / (capacity * overInK))) * capacity;
}

/** What a bench heater warms: medium, room, and the carbon monoxide in it. */
export class BenchRoom {
  airC: number;
  shellC: number;
  loopC: number;
  coKg = 0;
  readonly #wk: number;

  constructor(private readonly facts: BenchFacts) {
    this.airC = this.shellC = this.loopC = facts.room.beginC;
    this.#wk = mediumWKOf(facts);
  }
  /** What comes back to the heater, °C. */
  get returnC(): number {
    return this.facts.medium.loop ? this.loopC : this.airC;
  }
  get coPpm(): number {
    return (this.coKg / this.#airKg) * (28.965 / 28.01) * 1e6;
  }
  get #airKg(): number {
    return this.facts.room.airJK / airCp;
  }
  /** Taken from the exchanger in a step, W, and how warm it leaves. @param speed of the fan, of its full speed */
  takes(effects: Effects, speed: number, exchangerC: number): { watts: number; outC: number } {
    const { medium } = this.facts;
    const share = medium.loop ? (speed > 0 ? 1 : loopIdle) : speed;
    const flowKgS = Math.max(medium.fullKgS * share * effects.medium, leastKgS);
    const capacity = flowKgS * medium.cpJKgK;
    const passes = 1 - Math.exp((-this.#wk * Math.sqrt(flowKgS / medium.fullKgS)) / capacity);
    const watts = passes * capacity * (exchangerC - this.returnC);
    return { watts, outC: Math.min(this.returnC + watts / capacity, Math.max(exchangerC, this.returnC)) };
  }
  /** One step on. @param mediumW into the medium @param caseW from the heater's case */
  step(mediumW: number, caseW: number, { burntKg, unburntKg, excess, airKgS }: Burn, effects: Effects, dt: number): void {
    const { medium, room } = this.facts;
    let intoAirW = mediumW + caseW;
    if (medium.loop) {
      const given = medium.loop.toRoomWK * (this.loopC - this.airC);
      this.loopC += ((mediumW - given) * dt) / medium.loop.heatJK;
      intoAirW = given + caseW;
    }
    const toShell = room.airToShellWK * (this.airC - this.shellC);
    this.airC += ((intoAirW - toShell - room.airToOutsideWK * (this.airC - room.outsideC)) * dt) / room.airJK;
    this.shellC += ((toShell - room.shellToOutsideWK * (this.shellC - room.outsideC)) * dt) / room.shellJK;
    const share = burntKg + unburntKg > 0 ? (excess > coShare.under ? coShare.well : coShare.short) : 0;
    const leaves = this.coKg * (room.airToOutsideWK / room.airJK);
    this.coKg = Math.max(0, Math.min(this.coKg + (share * airKgS * effects.leak - leaves) * dt, this.#airKg));
  }
}
