import { seeded } from '../../random/seeded';
import type { FillState } from '../fuel/firstFill';
import { within } from '../within';
import { BenchControl } from './benchControl';
import type { BenchFacts } from './BenchFacts';
import { feedAt, openVOf, plugAfter } from './benchFeed';
import { BenchPump } from './benchPump';
import { BenchRoom } from './benchRoom';
import {
  benchStepS,
  type BenchCode,
  type BenchEvent,
  type BenchReadings,
  type BenchStateId,
  type BenchSums,
} from './benchStates';
import { burnStep, chamberHeatJ, exchangerOf, type Burn, type BurnerState, type Exchanger } from './burner';
import { effectsAt, noEffects, type Effects, type SetFault } from './faults';

/** What a low point full of water takes of the air, and how far it makes it flutter, shares. Assumptions of ours, no source. */
const [shutBy, fluttersBy] = [0.5, 0.35];
/** The exchanger's heat; what it gives to what stands round it, W/K. Assumptions of ours, no source. */
const exchangerJK = 900;
const caseWK = 1.2;
/** of the case's temperature, what the air round it makes: much while the fan blows, little without it */
const caseAir = { blown: 0.35, still: 0.05 } as const;
/** s in which sensors follow */
const follows = { outlet: 12, case: 40, exhaust: 6 } as const;
/** dB of a quiet room, of the fan at full, of the pump at one hertz and of a flame, a metre away. Lorbet's own assumption, no source. */
const sounds = { room: 25, fan: 52, fanTenfold: 50, pump: 36, pumpTwofold: 3, flame: 38 } as const;

/** A heater that behaves as a real one does: told what it is fitted into, and what is wrong with it. */
export class BenchHeater {
  readonly sums: BenchSums = { chargeAs: 0, pumpedKg: 0, burntKg: 0, unburntKg: 0, heatJ: 0, gasJ: 0, mediumJ: 0, caseJ: 0 };
  readonly #burner: BurnerState;
  readonly #control: BenchControl;
  readonly #pump: BenchPump;
  readonly #room: BenchRoom;
  readonly #hx: Exchanger;
  readonly #draw: () => number;
  #s = 0;
  #faults: readonly SetFault[] = [];
  #events: BenchEvent[] = [];
  #readings: BenchReadings;
  #outletC: number;
  #caseC: number;
  #exhaustC: number;
  #floodedMl = 0;
  #waterKg = 0;
  #flutter = 0;

  /** @param filled whether the line is full already @throws RangeError naming quantity, value and bounds */
  constructor(
    readonly facts: BenchFacts,
    { seed = 1, filled = true }: { seed?: number; filled?: boolean } = {},
  ) {
    within('efficiency', facts.efficiency, '', { above: 0.1, max: 0.98 });
    within('highest frequency', facts.pump.maxHz, 'Hz', { above: 0, max: 20 });
    within('dose', facts.line.doseMl, 'mL', { above: 0, max: 1 });
    within('resistance of the feed', facts.feed.feedOhm + facts.feed.ownOhm, 'Ω', { min: 0, max: 5 });
    const tell = (event: BenchEvent) => void this.#events.push(event);
    const { beginC } = facts.room;
    this.#draw = seeded(seed);
    this.#control = new BenchControl(facts, tell);
    this.#pump = new BenchPump(facts, filled, this.#draw, tell);
    this.#room = new BenchRoom(facts);
    this.#burner = { lit: false, poolKg: 0, chamberC: beginC, plugK: 0, kindled: 0, starvedS: 0, exchangerC: beginC };
    this.#hx = exchangerOf(facts);
    this.#outletC = this.#caseC = this.#exhaustC = beginC;
    this.#readings = this.#read(noEffects, { volts: facts.feed.openV, amps: 0 }, 0, 0, { whiteSmoke: 0, blackSmoke: 0 });
  }

  get s(): number {
    return this.#s;
  }
  get state(): BenchStateId {
    return this.#control.phase;
  }
  get code(): BenchCode | null {
    return this.#control.code;
  }
  get failed(): number {
    return this.#control.failed;
  }
  get strokes(): number {
    return this.#pump.strokes;
  }
  get fill(): Readonly<FillState> {
    return this.#pump.fill;
  }
  get isLit(): boolean {
    return this.#burner.lit;
  }
  get readings(): Readonly<BenchReadings> {
    return this.#readings;
  }
  /** Fuel that stands in the burner and has not burnt, kg. */
  get poolKg(): number {
    return this.#burner.poolKg;
  }
  /** Heat that it holds over what it held at the beginning, J. */
  get heldJ(): number {
    const { beginC } = this.facts.room;
    return (this.#burner.exchangerC - beginC) * exchangerJK + chamberHeatJ(this.#burner, beginC);
  }

  setFaults(faults: readonly SetFault[]): void {
    for (const { id, strength } of faults) within(`strength of ${id}`, strength, '', { min: 0, max: 1 });
    this.#faults = faults;
    this.#floodedMl = 0;
  }
  /** Target in °C, or a fixed rate in hertz. */
  set(what: { targetC: number } | { rateHz: number }): void {
    this.#control.set(what);
  }
  /** The button; a controller whose lead is broken does not hear it. */
  press(on: boolean): void {
    if (this.state !== 'dead' && effectsAt(this.#faults, this.#s).silent < 0.5) this.#control.press(on);
  }
  /** The pump alone, as a controller's priming mode has it: so many hertz, or 0 to stop. */
  prime(hz: number): void {
    this.#control.prime(hz);
  }
  /** Its power is taken away, or comes back. */
  power(on: boolean): void {
    this.#control.power(on);
  }
  /** The burner was drained and the lock taken off, as the maker has it. */
  unlock(): void {
    this.#control.unlock();
    this.sums.unburntKg += this.#burner.poolKg;
    this.#burner.poolKg = 0;
    this.#floodedMl = Infinity;
  }
  /** What has happened since it was last asked. */
  takeEvents(): BenchEvent[] {
    return this.#events.splice(0);
  }
  /** Goes on by so many seconds. */
  run(seconds: number): void {
    const until = this.#s + seconds;
    while (this.#s < until - benchStepS / 2) this.step();
  }

  /** One step of a tenth of a second. */
  step(): void {
    const dt = benchStepS;
    const burner = this.#burner;
    const control = this.#control;
    this.#s = Math.round((this.#s + dt) * 1000) / 1000;
    const effects = effectsAt(this.#faults, this.#s);
    this.#flood(effects);
    this.#water(effects, dt);
    control.step(
      {
        volts: this.#readings.volts,
        flameC: effects.flameSeen < 0.5 ? this.facts.room.beginC : this.#exhaustC + effects.flameShownK,
        outletC: this.#outletC + effects.outletShownK,
        exchangerC: burner.exchangerC,
        roomC: this.#room.airC,
      },
      effects,
    );
    const powered = control.phase !== 'dead';
    const speed = powered ? control.fan * effects.fanSpeed : 0;
    const hz = powered ? (control.priming ?? control.hz * effects.hz) : 0;
    const supply = this.#feed(effects, speed, hz, powered);
    this.sums.chargeAs += supply.amps * dt;
    burner.plugK = plugAfter(this.facts, effects, burner.plugK, supply.volts, powered && control.plugOn, dt);
    const { fuelKg, waterKg } = this.#pump.step(effects, hz, dt);
    this.sums.pumpedKg += fuelKg;
    this.#flutter = effects.flutter > 0 ? 0.9 * this.#flutter + 0.4 * effects.flutter * (2 * this.#draw() - 1) : 0;
    const burn = burnStep(this.facts, this.#hx, burner, effects, {
      dt,
      fuelKg,
      waterKg,
      speedShare: speed,
      flutter: this.#flutter,
    });
    this.#warm(burn, effects, speed, dt);
    this.#readings = this.#read(effects, supply, hz, speed, burn);
  }

  #feed(effects: Effects, speed: number, hz: number, powered: boolean): { volts: number; amps: number } {
    const loose = effects.loose > 0 && this.#draw() < effects.loose * 0.3;
    const { chargeAs } = this.sums;
    if (!powered) return { volts: openVOf(this.facts, effects, chargeAs), amps: 0 };
    const { phase, fan, plugOn } = this.#control;
    const { plugK } = this.#burner;
    return feedAt(this.facts, effects, { awake: phase !== 'off', fanOn: fan > 0, speed, hz, plugOn, plugK, chargeAs, loose });
  }
  /** Heat goes from the exchanger into the medium and into what stands round it; sensors follow. */
  #warm(burn: Burn, effects: Effects, speed: number, dt: number): void {
    const burner = this.#burner;
    const room = this.#room;
    const { watts: mediumW, outC } = room.takes(effects, speed, burner.exchangerC);
    const caseW = caseWK * (burner.exchangerC - room.airC);
    burner.exchangerC += (burn.toExchangerJ - (mediumW + caseW) * dt) / exchangerJK;
    room.step(mediumW, caseW, burn, effects, dt);
    const { sums } = this;
    sums.burntKg += burn.burntKg;
    sums.unburntKg += burn.unburntKg;
    sums.heatJ += burn.heatJ;
    sums.gasJ += burn.gasJ;
    sums.mediumJ += mediumW * dt;
    sums.caseJ += caseW * dt;
    const airShare = speed > 0.05 ? caseAir.blown : caseAir.still;
    this.#outletC += (outC - this.#outletC) * (dt / follows.outlet);
    this.#caseC += (airShare * room.airC + (1 - airShare) * burner.exchangerC - this.#caseC) * (dt / follows.case);
    this.#exhaustC += (burn.gasOutC - this.#exhaustC) * (dt / follows.exhaust);
  }
  #flood({ floodMl }: Effects): void {
    if (floodMl <= this.#floodedMl) return;
    const kg = (floodMl - this.#floodedMl) * this.facts.fuel.densityKgM3 * 1e-6;
    this.#burner.poolKg += kg;
    this.sums.pumpedKg += kg;
    this.#floodedMl = floodMl;
  }
  /** Water in a low point of the exhaust: it narrows the way, and the gas bubbles through it. */
  #water(effects: Effects, dt: number): void {
    const { holdsKg, fillsKgS } = this.facts.pocket;
    if (holdsKg <= 0) return;
    if (this.#burner.lit) this.#waterKg = Math.min(holdsKg, this.#waterKg + fillsKgS * dt);
    const full = this.#waterKg / holdsKg;
    effects.flow *= 1 - shutBy * full;
    effects.flutter = Math.max(effects.flutter, fluttersBy * full);
  }
  #noiseDb({ fanDb, pumpDb }: Effects, hz: number, speed: number): number {
    const power = (db: number) => 10 ** (db / 10);
    const fan = speed > 0 ? power(sounds.fan + sounds.fanTenfold * Math.log10(Math.max(0.1, speed)) + fanDb) : 0;
    const pump = hz > 0 ? power(sounds.pump + sounds.pumpTwofold * Math.log2(1 + hz) + pumpDb) : 0;
    return 10 * Math.log10(power(sounds.room) + fan + pump + (this.#burner.lit ? power(sounds.flame) : 0));
  }
  #read(
    effects: Readonly<Effects>,
    { volts, amps }: { volts: number; amps: number },
    hz: number,
    speed: number,
    { whiteSmoke, blackSmoke }: Pick<Burn, 'whiteSmoke' | 'blackSmoke'>,
  ): BenchReadings {
    const { feed, fuel } = this.facts;
    return {
      volts,
      amps,
      hertz: hz,
      outletC: this.#outletC + effects.outletShownK,
      returnC: this.#room.returnC,
      caseC: this.#caseC,
      exhaustC: this.#exhaustC,
      roomC: this.#room.airC,
      noiseDb: this.#noiseDb(effects, hz, speed),
      coPpm: this.#room.coPpm,
      drawnG: this.#pump.fill.liquidMl * fuel.densityKgM3 * 1e-3,
      whiteSmoke,
      blackSmoke,
      batteryV: volts + amps * (feed.feedOhm + effects.feedOhm),
    };
  }
}
