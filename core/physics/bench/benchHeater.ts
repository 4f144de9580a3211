import { seeded } from '../../random/seeded';
import { beginFill, strokeOn, type FillState } from '../fuel/firstFill';
import { within } from '../within';
import type { BenchFacts } from './BenchFacts';
import { burnStep, chamberHeatJ, exchangerOf, type BurnerState, type Exchanger } from './burner';
import { effectsAt, type Effects, type SetFault } from './faults';

/** s of one step of it. */
export const benchStepS = 0.1;

export const benchStates = {
  off: 'off',
  check: 'looks at itself',
  purge: 'blows out',
  glow: 'glows',
  light: 'lights',
  ramp: 'goes up',
  run: 'runs',
  after: 'runs on after the flame',
  locked: 'locked',
  dead: 'without power',
} as const;
export type BenchStateId = keyof typeof benchStates;
export const benchCodes = {
  noFlame: 'no flame',
  flameOut: 'flame out',
  lowVolts: 'volts too low',
  highVolts: 'volts too high',
  plug: 'glow plug’s circuit',
  fan: 'fan does not turn',
  overheat: 'too hot',
  sensor: 'a sensor shows what can’t be',
  locked: 'locked after failed starts',
  pump: 'pump’s circuit',
} as const;
export type BenchCode = keyof typeof benchCodes;

/** What can be seen and measured of it from outside. */
export interface BenchReadings {
  volts: number;
  amps: number;
  hertz: number;
  outletC: number;
  returnC: number;
  caseC: number;
  exhaustC: number;
  roomC: number;
  fanRpmShare: number;
  noiseDb: number;
  coPpm: number;
  /** fuel that has left the tank, g */ drawnG: number;
  /** 0 to 1 */ whiteSmoke: number;
  blackSmoke: number;
  batteryV: number;
}
export type BenchEvent =
  | { kind: 'on' | 'glow' | 'glowOff' | 'pump' | 'flame' | 'full' | 'off' | 'end' | 'cut' | 'fuelHere' | 'retry' | 'bubbles' }
  | { kind: 'code'; code: BenchCode };

/** Sums over all of its time, by which its books are checked. */
export interface BenchSums {
  chargeAs: number;
  pumpedKg: number;
  burntKg: number;
  unburntKg: number;
  heatJ: number;
  gasJ: number;
  mediumJ: number;
  caseJ: number;
}
interface Inner {
  s: number;
  phase: BenchStateId;
  phaseS: number;
  code: BenchCode | null;
  triesLeft: number;
  failed: number;
  hz: number;
  fan: number;
  plugOn: boolean;
  /** parts of a stroke that is still to come */ beat: number;
  strokes: number;
  dryStrokes: number;
  lowS: number;
  hotS: number;
  /** flame's sensor as the pump began */ coldC: number;
  flameSeen: boolean;
  wasFull: boolean;
  priming: number | null;
  flooded: number;
}
/** What a low point full of water takes of the air, and how far it makes it flutter, shares. Assumptions of ours, no source. */
const [shutBy, fluttersBy] = [0.5, 0.35];
const exchangerJK = 900;
/** of the exchanger's heat, W/K to what stands round it */
const caseWK = 1.2;
/** of the case's temperature, what the air round it makes: much while the fan blows, little without it */
const caseAir = { blown: 0.35, still: 0.05 } as const;

/** A heater that behaves as a real one does: told what it is fitted into, and what is wrong with it. */
export class BenchHeater {
  readonly facts: BenchFacts;
  readonly sums: BenchSums = { chargeAs: 0, pumpedKg: 0, burntKg: 0, unburntKg: 0, heatJ: 0, gasJ: 0, mediumJ: 0, caseJ: 0 };
  readonly fill: FillState;
  readonly #burner: BurnerState;
  readonly #is: Inner;
  readonly #hx: Exchanger;
  readonly #mediumWK: number;
  readonly #draw: () => number;
  #faults: readonly SetFault[] = [];
  #events: BenchEvent[] = [];
  #readings: BenchReadings;
  #room: { airC: number; shellC: number; loopC: number };
  #outletC: number;
  #caseC: number;
  #exhaustC: number;
  #coKg = 0;
  #waterKg = 0;
  #flutter = 0;
  #slugLeft = 0;
  #slugIsAir = false;
  #facts: { targetC: number | null; rateHz: number };

  /** @param filled whether the line is full already @throws RangeError naming quantity, value and bounds */
  constructor(facts: BenchFacts, { seed = 1, filled = true }: { seed?: number; filled?: boolean } = {}) {
    within('efficiency', facts.efficiency, '', { above: 0.1, max: 0.98 });
    within('highest frequency', facts.pump.maxHz, 'Hz', { above: 0, max: 20 });
    within('dose', facts.line.doseMl, 'mL', { above: 0, max: 1 });
    within('resistance of the feed', facts.feed.feedOhm + facts.feed.ownOhm, 'Ω', { min: 0, max: 5 });
    this.facts = facts;
    this.#draw = seeded(seed);
    this.fill = beginFill(facts.line.chambers);
    if (filled) this.fill.at = facts.line.chambers.length;
    const { beginC } = facts.room;
    this.#room = { airC: beginC, shellC: beginC, loopC: beginC };
    this.#burner = { lit: false, poolKg: 0, chamberC: beginC, plugK: 0, kindled: 0, starvedS: 0, exchangerC: beginC };
    this.#is = {
      s: 0, phase: 'off', phaseS: 0, code: null, triesLeft: 0, failed: 0, hz: 0, fan: 0, plugOn: false, beat: 0, strokes: 0, dryStrokes: 0,
      lowS: 0, hotS: 0, coldC: 0, flameSeen: false, wasFull: false, priming: null, flooded: 0,
    }; // prettier-ignore
    this.#hx = exchangerOf(facts);
    this.#mediumWK = mediumWK(facts);
    this.#outletC = beginC;
    this.#caseC = beginC;
    this.#exhaustC = beginC;
    this.#facts = { targetC: facts.regulation.targetC, rateHz: facts.regulation.rateHz };
    this.#readings = this.#read(facts.feed.openV, 0);
  }

  get s(): number {
    return this.#is.s;
  }
  get state(): BenchStateId {
    return this.#is.phase;
  }
  get code(): BenchCode | null {
    return this.#is.code;
  }
  get failed(): number {
    return this.#is.failed;
  }
  get strokes(): number {
    return this.#is.strokes;
  }
  get dryStrokes(): number {
    return this.#is.dryStrokes;
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
    this.#is.flooded = 0;
  }
  /** Target in °C, or a fixed rate in hertz. */
  set(what: { targetC: number } | { rateHz: number }): void {
    if ('targetC' in what) this.#facts.targetC = within('target', what.targetC, '°C', { min: 5, max: 35 });
    else {
      this.#facts.targetC = null;
      this.#facts.rateHz = within('rate', what.rateHz, 'Hz', { min: this.facts.pump.minHz, max: this.facts.pump.maxHz });
    }
  }
  /** The button. */
  press(on: boolean): void {
    const is = this.#is;
    if (is.phase === 'dead' || effectsAt(this.#faults, is.s).silent >= 0.5) return;
    if (on && is.phase === 'off') {
      is.priming = null;
      is.triesLeft = this.facts.tries;
      is.code = null;
      this.#tell({ kind: 'on' });
      this.#enter(is.failed >= this.facts.lockAfter ? 'locked' : 'check');
      if (this.state === 'locked') this.#fail('locked');
    } else if (!on && is.phase === 'locked') this.#enter('off');
    else if (!on && is.phase !== 'off' && is.phase !== 'after') this.#stop(true);
  }
  /** The pump alone, as a controller's priming mode has it: so many hertz, or 0 to stop. */
  prime(hz: number): void {
    within('priming', hz, 'Hz', { min: 0, max: 10 });
    if (this.#is.phase === 'off') this.#is.priming = hz > 0 ? hz : null;
  }
  /** Its power is taken away, or comes back. */
  power(on: boolean): void {
    const is = this.#is;
    if (!on && is.phase !== 'dead') {
      this.#tell({ kind: 'cut' });
      this.#enter('dead');
    } else if (on && is.phase === 'dead') this.#enter('off');
  }
  /** The burner was drained and the lock taken off, as the maker has it. */
  unlock(): void {
    this.#is.failed = 0;
    this.#is.code = null;
    this.#burner.poolKg = 0;
    this.#is.flooded = 1e9;
    if (this.#is.phase === 'locked') this.#enter('off');
  }

  /** What has happened since it was last asked. */
  takeEvents(): BenchEvent[] {
    return this.#events.splice(0);
  }
  /** Goes on by so many seconds. */
  run(seconds: number): void {
    const until = this.#is.s + seconds;
    while (this.#is.s < until - benchStepS / 2) this.step();
  }

  /** One step of a tenth of a second. */
  step(): void {
    const is = this.#is;
    const { facts } = this;
    const dt = benchStepS;
    is.s = Math.round((is.s + dt) * 1000) / 1000;
    is.phaseS += dt;
    const effects = effectsAt(this.#faults, is.s);
    this.#flood(effects);
    this.#water(effects, dt);
    if (effects.silent >= 0.5 && !['off', 'after', 'dead', 'locked'].includes(is.phase)) this.#stop(false);
    this.#control(effects);

    // What it does now.
    const powered = is.phase !== 'dead';
    const speed = powered ? is.fan * effects.fanSpeed : 0;
    const hz = powered ? (is.priming ?? is.hz * effects.hz) : 0;
    const loose = effects.loose > 0 && this.#draw() < effects.loose * 0.3;
    const { volts, amps } = this.#electrics(effects, speed, hz, loose);
    this.sums.chargeAs += amps * dt;
    this.#glow(volts, effects, dt);
    const { fuelKg, waterKg } = this.#pump(effects, hz, dt);
    if (effects.flutter > 0) this.#flutter = 0.9 * this.#flutter + 0.4 * effects.flutter * (2 * this.#draw() - 1);
    else this.#flutter = 0;
    const burner = this.#burner;
    const burn = burnStep(facts, this.#hx, burner, effects, { dt, fuelKg, waterKg, speedShare: speed, flutter: this.#flutter });
    this.sums.burntKg += burn.burntKg;
    this.sums.unburntKg += burn.unburntKg;
    this.sums.heatJ += burn.heatJ;
    this.sums.gasJ += burn.gasJ;

    // Into the medium, the room, and what stands round it.
    const { medium, room } = facts;
    const flowKgS = Math.max(
      medium.fullKgS * (medium.loop ? (speed > 0 || is.phase === 'run' ? 1 : 0.02) : speed) * effects.medium,
      1e-4,
    );
    const inC = medium.loop ? this.#room.loopC : this.#room.airC;
    const passes = 1 - Math.exp((-this.#mediumWK * Math.sqrt(flowKgS / medium.fullKgS)) / (flowKgS * medium.cpJKgK));
    const mediumW = passes * flowKgS * medium.cpJKgK * (burner.exchangerC - inC);
    const caseW = caseWK * (burner.exchangerC - this.#room.airC);
    burner.exchangerC += (burn.toExchangerJ - (mediumW + caseW) * dt) / exchangerJK;
    this.sums.mediumJ += mediumW * dt;
    this.sums.caseJ += caseW * dt;
    let roomW = mediumW + caseW;
    if (medium.loop) {
      const given = medium.loop.toRoomWK * (this.#room.loopC - this.#room.airC);
      this.#room.loopC += ((mediumW - given) * dt) / medium.loop.heatJK;
      roomW = given + caseW;
    }
    const { airC, shellC } = this.#room;
    const toShell = room.airToShellWK * (airC - shellC);
    this.#room.airC += ((roomW - toShell - room.airToOutsideWK * (airC - room.outsideC)) * dt) / room.airJK;
    this.#room.shellC += ((toShell - room.shellToOutsideWK * (shellC - room.outsideC)) * dt) / room.shellJK;
    const outC = inC + mediumW / (flowKgS * medium.cpJKgK);
    this.#outletC += (Math.min(outC, burner.exchangerC) - this.#outletC) * (dt / 12);
    const airShare = speed > 0.05 ? caseAir.blown : caseAir.still;
    this.#caseC += (airShare * this.#room.airC + (1 - airShare) * burner.exchangerC - this.#caseC) * (dt / 40);
    this.#exhaustC += (burn.gasOutC - this.#exhaustC) * (dt / 6);
    this.#co(burn, effects, dt);
    this.#readings = this.#read(volts, amps, hz, speed, burn.whiteSmoke, burn.blackSmoke, effects);
  }

  #tell(event: BenchEvent): void {
    this.#events.push(event);
  }
  #enter(phase: BenchStateId): void {
    this.#is.phase = phase;
    this.#is.phaseS = 0;
    const { fan } = this.facts;
    const plug = (on: boolean) => {
      if (on !== this.#is.plugOn) this.#tell({ kind: on ? 'glow' : 'glowOff' });
      this.#is.plugOn = on;
    };
    if (phase === 'off' || phase === 'locked' || phase === 'dead' || phase === 'check') {
      this.#is.hz = 0;
      this.#is.fan = 0;
      this.#is.flameSeen = false;
      plug(false);
    } else if (phase === 'purge') this.#is.fan = fan.purge;
    else if (phase === 'glow') {
      this.#is.fan = fan.light;
      plug(true);
    } else if (phase === 'light') {
      this.#is.hz = this.facts.pump.lightHz;
      this.#tell({ kind: 'pump' });
    } else if (phase === 'ramp') this.#is.wasFull = false;
    else if (phase === 'after') {
      this.#is.hz = 0;
      this.#is.fan = 0.8;
      plug(this.facts.times.glowAfter > 0 && this.#is.flameSeen);
    }
  }
  #fail(code: BenchCode): void {
    this.#is.code = code;
    this.#tell({ kind: 'code', code });
  }
  /** Flame ends, the fan goes on. */
  #stop(byHand: boolean): void {
    if (byHand) this.#tell({ kind: 'off' });
    this.#is.triesLeft = 0;
    this.#enter('after');
  }
  #flood(effects: Effects): void {
    if (effects.floodMl <= this.#is.flooded) return;
    this.#burner.poolKg += (effects.floodMl - this.#is.flooded) * this.facts.fuel.densityKgM3 * 1e-6;
    this.sums.pumpedKg += (effects.floodMl - this.#is.flooded) * this.facts.fuel.densityKgM3 * 1e-6;
    this.#is.flooded = effects.floodMl;
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

  /** What the controller makes of what it sees. */
  #control(effects: Effects): void {
    const is = this.#is;
    const { facts } = this;
    const { times, pump, fan } = facts;
    const flameC = effects.flameSeen < 0.5 ? facts.room.beginC : this.#exhaustC + effects.flameShownK;
    const { volts } = this.#readings;
    const busy = !['off', 'dead', 'locked', 'after'].includes(is.phase);
    if (busy && is.phase !== 'check') {
      is.lowS = volts < facts.lowVoltageV ? is.lowS + benchStepS : 0;
      if (is.lowS > 8) return this.#end('lowVolts');
      if (volts > facts.highVoltageV && is.phaseS > 2) return this.#end('highVolts');
      is.hotS = this.#outletShown(effects) > 125 || this.#burner.exchangerC > 210 ? is.hotS + benchStepS : 0;
      if (is.hotS > 3) return this.#end('overheat');
      if (is.fan > 0 && effects.fanSpeed < 0.1 && is.phaseS > 4) return this.#end('fan');
    }
    switch (is.phase) {
      case 'check':
        if (is.phaseS < times.check) return;
        if (effects.flameShownK > 150) return this.#end('sensor');
        if (effects.plugOn < 0.5 || effects.bridge > 2) return this.#end('plug');
        if (volts < facts.lowVoltageV) return this.#end('lowVolts');
        if (volts > facts.highVoltageV) return this.#end('highVolts');
        return this.#enter('purge');
      case 'purge':
        if (is.phaseS >= times.purge) this.#enter('glow');
        return;
      case 'glow':
        if (is.phaseS >= times.glow) {
          this.#enter('light');
          is.coldC = flameC;
        }
        return;
      case 'light':
        if (flameC > is.coldC + 35) {
          is.flameSeen = true;
          is.failed = 0;
          this.#tell({ kind: 'flame' });
          return this.#enter('ramp');
        }
        if (is.phaseS < times.light) return;
        is.triesLeft -= 1;
        if (is.triesLeft > 0) {
          this.#tell({ kind: 'retry' });
          is.hz = 0;
          is.plugOn = false;
          this.#tell({ kind: 'glowOff' });
          return this.#enter('purge');
        }
        is.failed += 1;
        return this.#end('noFlame');
      case 'ramp': {
        const share = Math.min(1, is.phaseS / times.ramp);
        const wantHz = this.#wantedHz(effects);
        is.hz = pump.lightHz + (wantHz - pump.lightHz) * share;
        is.fan = fan.light + (this.#fanFor(wantHz) - fan.light) * share;
        if (is.plugOn && is.phaseS >= times.glowOn) {
          is.plugOn = false;
          this.#tell({ kind: 'glowOff' });
        }
        if (this.#flameLost(flameC)) return;
        if (share >= 1) this.#enter('run');
        return;
      }
      case 'run': {
        const wantHz = this.#wantedHz(effects);
        is.hz += Math.max(-0.02, Math.min(0.02, wantHz - is.hz)) * benchStepS * 5;
        is.fan = this.#fanFor(is.hz);
        if (!is.wasFull && is.hz >= pump.maxHz * 0.97) {
          is.wasFull = true;
          this.#tell({ kind: 'full' });
        }
        this.#flameLost(flameC);
        return;
      }
      case 'after':
        if (is.plugOn && is.phaseS >= times.glowAfter) {
          is.plugOn = false;
          this.#tell({ kind: 'glowOff' });
        }
        if ((is.phaseS >= times.afterLeast && this.#burner.exchangerC < 60) || is.phaseS >= times.afterMost) {
          this.#tell({ kind: 'end' });
          this.#enter('off');
        }
        return;
      default:
    }
  }
  #end(code: BenchCode): void {
    this.#fail(code);
    this.#stop(false);
  }
  #flameLost(flameC: number): boolean {
    const is = this.#is;
    if (is.phaseS < 20 || flameC > this.facts.room.beginC + 45) return false;
    is.triesLeft -= 1;
    if (is.triesLeft > 0) {
      this.#tell({ kind: 'retry' });
      is.hz = 0;
      this.#enter('purge');
    } else {
      is.failed += 1;
      this.#end('flameOut');
    }
    return true;
  }
  #wantedHz(effects: Effects): number {
    const { pump, regulation } = this.facts;
    const { targetC, rateHz } = this.#facts;
    if (targetC === null) return Math.min(pump.maxHz, Math.max(pump.minHz, rateHz));
    const under = targetC - (this.#room.airC + effects.roomShownK);
    return pump.minHz + (pump.maxHz - pump.minHz) * Math.min(1, Math.max(0, under / regulation.bandK));
  }
  #fanFor(hz: number): number {
    const { pump, fan } = this.facts;
    return fan.least + ((1 - fan.least) * (hz - pump.minHz)) / Math.max(1e-9, pump.maxHz - pump.minHz);
  }
  /** Volts at the heater and amps, by Ohm; what glows is a resistance, the rest draws what it draws. */
  #electrics(effects: Effects, speed: number, hz: number, loose: boolean): { volts: number; amps: number } {
    const { feed, plug, pulse, electronicsA, fanFullA } = this.facts;
    const openV = feed.openV + effects.openV - this.sums.chargeAs / 3600 / feed.capacityAh;
    if (this.#is.phase === 'dead') return { volts: openV, amps: 0 };
    const ohm = feed.ownOhm * effects.ownOhm + feed.feedOhm + effects.feedOhm + (loose ? 0.4 : 0);
    const fan = this.#is.fan > 0 ? fanFullA * Math.max(0.12, speed ** 3) * effects.fanA : 0;
    const drawn = electronicsA * (this.#is.phase === 'off' ? 0.1 : 1) + fan + (pulse.amps * pulse.ms * hz) / 1000;
    const plugOhm = (plug.coldOhm + ((plug.hotOhm - plug.coldOhm) * this.#burner.plugK) / plug.hotK) * effects.plugOhm;
    const siemens = this.#is.plugOn && effects.plugOn >= 0.5 ? 1 / plugOhm + effects.bridge : 0;
    const volts = Math.max(0, (openV - ohm * drawn) / (1 + ohm * siemens));
    return { volts, amps: drawn + volts * siemens };
  }
  #glow(volts: number, effects: Effects, dt: number): void {
    const { plug } = this.facts;
    const burner = this.#burner;
    const hotW = 12 ** 2 / plug.hotOhm;
    const lossWK = hotW / plug.hotK;
    const ohm = (plug.coldOhm + ((plug.hotOhm - plug.coldOhm) * burner.plugK) / plug.hotK) * effects.plugOhm;
    // One that is bridged gives its heat elsewhere.
    const on = this.#is.plugOn && effects.plugOn >= 0.5 && effects.bridge < 2;
    const watts = on ? (volts ** 2 / ohm) * (effects.bridge > 0 ? 1 / (1 + effects.bridge * ohm) : 1) : 0;
    burner.plugK += ((watts - lossWK * burner.plugK) / (lossWK * plug.warmsS)) * dt;
  }
  /** Strokes of this step, and what they bring to the burner. */
  #pump(effects: Effects, hz: number, dt: number): { fuelKg: number; waterKg: number } {
    const is = this.#is;
    const { line, fuel } = this.facts;
    is.beat += hz * dt;
    let ml = 0;
    while (is.beat >= 1) {
      is.beat -= 1;
      is.strokes += 1;
      if (effects.strokes < 1 && this.#draw() >= effects.strokes) continue;
      let air = effects.air;
      if (effects.slug > 0 && effects.air > 0) {
        if (this.#slugLeft <= 0) {
          this.#slugIsAir = !this.#slugIsAir;
          const share = this.#slugIsAir ? effects.air : 1 - effects.air;
          this.#slugLeft = Math.max(1, Math.round(2 * share * effects.slug * (0.5 + this.#draw())));
          if (this.#slugIsAir) this.#tell({ kind: 'bubbles' });
        }
        this.#slugLeft -= 1;
        air = this.#slugIsAir ? 1 : 0;
      }
      const wasFull = this.fill.at >= line.chambers.length;
      const moves = Math.max(
        0,
        (wasFull ? line.doseMl / (1 + line.gasShare) : line.doseMl * line.dryShare) * effects.dose * (1 - air) - effects.lostMl,
      );
      if (!wasFull && moves < line.doseMl * 0.5) is.dryStrokes += 1;
      ml += strokeOn(line, this.fill, moves);
      if (!wasFull && this.fill.at >= line.chambers.length) this.#tell({ kind: 'fuelHere' });
    }
    const kg = ml * fuel.densityKgM3 * 1e-6;
    this.sums.pumpedKg += kg * (1 - effects.water);
    return { fuelKg: kg * (1 - effects.water), waterKg: kg * effects.water };
  }
  /** Carbon monoxide in the room, well mixed: what a rich flame makes, and how much of the gas leaks. */
  #co(
    { burntKg, unburntKg, excess, airKgS }: { burntKg: number; unburntKg: number; excess: number; airKgS: number },
    effects: Effects,
    dt: number,
  ): void {
    if (effects.leak === 0 && this.#coKg < 1e-12) return;
    // 0.1 % of the gas where it burns well, some per cent where air is short. Order of magnitude, no source.
    const share = burntKg + unburntKg > 0 ? (excess > 1.2 ? 0.0004 : 0.03) : 0;
    const roomKg = this.facts.room.airJK / 1006;
    const out = this.facts.room.airToOutsideWK / this.facts.room.airJK;
    this.#coKg += share * airKgS * effects.leak * dt - this.#coKg * out * dt;
    this.#coKg = Math.max(0, Math.min(this.#coKg, roomKg));
  }
  #outletShown(effects: Effects): number {
    return this.#outletC + effects.outletShownK;
  }
  #read(volts: number, amps: number, hz = 0, speed = 0, whiteSmoke = 0, blackSmoke = 0, effects?: Effects): BenchReadings {
    const { medium, room } = this.facts;
    const hears = (db: number) => 10 ** (db / 10);
    const fan = speed > 0 ? hears(52 + 50 * Math.log10(Math.max(0.1, speed)) + (effects?.fanDb ?? 0)) : 0;
    const pump = hz > 0 ? hears(36 + 3 * Math.log2(1 + hz) + (effects?.pumpDb ?? 0)) : 0;
    const burner = this.#burner.lit ? hears(38) : 0;
    return {
      volts,
      amps,
      hertz: hz,
      outletC: effects ? this.#outletShown(effects) : this.#outletC,
      returnC: medium.loop ? this.#room.loopC : this.#room.airC,
      caseC: this.#caseC,
      exhaustC: this.#exhaustC,
      roomC: this.#room.airC,
      fanRpmShare: speed,
      noiseDb: 10 * Math.log10(hears(25) + fan + pump + burner),
      coPpm: (this.#coKg / (room.airJK / 1006)) * (28.965 / 28.01) * 1e6,
      drawnG: this.fill.liquidMl * this.facts.fuel.densityKgM3 * 1e-3,
      whiteSmoke,
      blackSmoke,
      batteryV: volts + amps * (this.facts.feed.feedOhm + (effects?.feedOhm ?? 0)),
    };
  }
}

/** W/K of the medium's side at full: the exchanger stands some 100 K over what comes in. */
function mediumWK({ pump, line, fuel, efficiency, medium }: BenchFacts): number {
  const powerW = pump.maxHz * line.doseMl * fuel.densityKgM3 * 1e-6 * fuel.heatingJKg * efficiency;
  const capacity = medium.fullKgS * medium.cpJKgK;
  const passes = Math.min(0.95, powerW / (capacity * 100));
  return -Math.log(1 - passes) * capacity;
}
