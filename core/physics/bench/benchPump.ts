import { beginFill, strokeMl, strokeOn, type FillState } from '../fuel/firstFill';
import type { BenchFacts } from './BenchFacts';
import type { BenchEvent } from './benchStates';
import type { Effects } from './faults';

/** Pump and line of a bench heater: stroke by stroke, with air in slugs where there is any. */
export class BenchPump {
  readonly fill: FillState;
  strokes = 0;
  /** part of a stroke that is still to come */ #beat = 0;
  #slugLeft = 0;
  #slugIsAir = false;

  constructor(
    private readonly facts: BenchFacts,
    filled: boolean,
    private readonly draw: () => number,
    private readonly tell: (event: BenchEvent) => void,
  ) {
    this.fill = beginFill(facts.line.chambers);
    if (filled) this.fill.at = facts.line.chambers.length;
  }
  get isThrough(): boolean {
    return this.fill.at >= this.facts.line.chambers.length;
  }
  /** @returns what comes out at the heater in a step, kg of fuel and of water in it */
  step(effects: Effects, hz: number, dt: number): { fuelKg: number; waterKg: number } {
    const { line, fuel } = this.facts;
    this.#beat += hz * dt;
    let ml = 0;
    while (this.#beat >= 1) {
      this.#beat -= 1;
      this.strokes += 1;
      if (effects.strokes < 1 && this.draw() >= effects.strokes) continue;
      const before = this.isThrough;
      const moves = strokeMl(line, this.fill) * effects.dose * (1 - this.#airOf(effects)) - effects.lostMl;
      ml += strokeOn(line, this.fill, Math.max(0, moves));
      if (!before && this.isThrough) this.tell({ kind: 'fuelHere' });
    }
    const kg = ml * fuel.densityKgM3 * 1e-6;
    return { fuelKg: kg * (1 - effects.water), waterKg: kg * effects.water };
  }
  /** Of a stroke, air. */
  #airOf({ air, slug }: Effects): number {
    if (slug === 0 || air === 0) return air;
    if (this.#slugLeft <= 0) {
      this.#slugIsAir = !this.#slugIsAir;
      const share = this.#slugIsAir ? air : 1 - air;
      this.#slugLeft = Math.max(1, Math.round(2 * share * slug * (0.5 + this.draw())));
      if (this.#slugIsAir) this.tell({ kind: 'bubbles' });
    }
    this.#slugLeft -= 1;
    return this.#slugIsAir ? 1 : 0;
  }
}
