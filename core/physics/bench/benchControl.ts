import { within } from '../within';
import type { BenchFacts } from './BenchFacts';
import { benchStepS, type BenchCode, type BenchEvent, type BenchStateId } from './benchStates';
import type { Effects } from './faults';

/** What a controller sees of its heater. */
export interface Seen {
  volts: number;
  /** by the flame's sensor */ flameC: number;
  outletC: number;
  exchangerC: number;
  roomC: number;
}
/** How long volts may be too low and a sensor too hot, s; at what it is too hot; by how much the flame's sensor tells a flame. Common practice, no source. */
const [lowForS, hotForS] = [8, 3];
const [outletMostC, exchangerMostC] = [125, 210];
const [flameRisesK, flameHoldsK] = [35, 45];
/** s in which a flame may waver after its start; s in which the fan has to turn */
const [waversS, spinsUpS] = [20, 4];
/** cool enough to stop the fan, °C; how fast it blows until then; hertz that it changes a second */
const cooledC = 60;
const afterFan = 0.8;
const hertzAS = 0.1;
const fullShare = 0.97;
const restS = 2;
/** a flame’s sensor that shows so much too much, and a plug bridged by so much, are found out before it is lit */
const [sensorOffK, bridgedBy] = [150, 2];
const resting: readonly BenchStateId[] = ['off', 'dead', 'locked', 'after'];

/** The controller of a bench heater: what it does next by what it sees. Pump, fan and plug follow what it tells them. */
export class BenchControl {
  phase: BenchStateId = 'off';
  code: BenchCode | null = null;
  /** presses in a row that ended without a flame */ failed = 0;
  /** told to the pump, Hz; to the fan, of its full speed; to the plug */ hz = 0;
  fan = 0;
  plugOn = false;
  /** the pump alone, Hz; null where it does not prime */ priming: number | null = null;
  #phaseS = 0;
  #triesLeft = 0;
  #lowS = 0;
  #hotS = 0;
  #coldC = 0;
  #flameSeen = false;
  #wasFull = false;
  #targetC: number | null;
  #rateHz: number;

  constructor(
    private readonly facts: BenchFacts,
    private readonly tell: (event: BenchEvent) => void,
  ) {
    this.#targetC = facts.regulation.targetC;
    this.#rateHz = facts.regulation.rateHz;
  }

  /** Target in °C, or a fixed rate in hertz. */
  set(what: { targetC: number } | { rateHz: number }): void {
    const { minHz, maxHz } = this.facts.pump;
    if ('targetC' in what) this.#targetC = within('target', what.targetC, '°C', { min: 5, max: 35 });
    else {
      this.#rateHz = within('rate', what.rateHz, 'Hz', { min: minHz, max: maxHz });
      this.#targetC = null;
    }
  }
  press(on: boolean): void {
    if (on && this.phase === 'off') {
      this.priming = null;
      this.#triesLeft = this.facts.tries;
      this.code = null;
      this.tell({ kind: 'on' });
      const locked = this.failed >= this.facts.lockAfter;
      this.#enter(locked ? 'locked' : 'check');
      if (locked) this.#give('locked');
    } else if (!on && this.phase === 'locked') this.#enter('off');
    else if (!on && !resting.includes(this.phase)) {
      this.tell({ kind: 'off' });
      this.#end();
    }
  }
  prime(hz: number): void {
    within('priming', hz, 'Hz', { min: 0, max: 10 });
    if (this.phase === 'off') this.priming = hz > 0 ? hz : null;
  }
  power(on: boolean): void {
    if (!on && this.phase !== 'dead') {
      this.tell({ kind: 'cut' });
      this.#enter('dead');
    } else if (on && this.phase === 'dead') this.#enter('off');
  }
  unlock(): void {
    this.failed = 0;
    this.code = null;
    if (this.phase === 'locked') this.#enter('off');
  }

  /** One step on. */
  step(seen: Seen, effects: Effects): void {
    this.#phaseS += benchStepS;
    if (effects.silent >= 0.5 && !resting.includes(this.phase)) this.#end();
    const fault = this.#faultOf(seen, effects);
    if (fault) {
      this.#end(fault);
      return;
    }
    const { times } = this.facts;
    switch (this.phase) {
      case 'check':
        if (this.#phaseS >= times.check) this.#enter('purge');
        return;
      case 'purge':
        if (this.#phaseS >= times.purge) this.#enter('glow');
        return;
      case 'glow':
        if (this.#phaseS < times.glow) return;
        this.#enter('light');
        this.#coldC = seen.flameC;
        return;
      case 'light':
        this.#light(seen);
        return;
      case 'ramp':
        this.#ramp(seen, effects);
        return;
      case 'run':
        this.#run(seen, effects);
        return;
      case 'after':
        if (this.#phaseS >= times.glowAfter) this.#plug(false);
        if ((this.#phaseS >= times.afterLeast && seen.exchangerC < cooledC) || this.#phaseS >= times.afterMost) {
          this.tell({ kind: 'end' });
          this.#enter('off');
        }
        return;
      default:
    }
  }

  /** What it finds wrong; what goes for the time before it is lit is looked at once. */
  #faultOf({ volts, outletC, exchangerC }: Seen, effects: Effects): BenchCode | null {
    const { times, lowVoltageV, highVoltageV } = this.facts;
    if (resting.includes(this.phase)) return null;
    if (this.phase === 'check') {
      if (this.#phaseS < times.check) return null;
      if (effects.flameShownK > sensorOffK) return 'sensor';
      if (effects.plugOn < 0.5 || effects.bridge > bridgedBy) return 'plug';
      return volts < lowVoltageV ? 'lowVolts' : volts > highVoltageV ? 'highVolts' : null;
    }
    this.#lowS = volts < lowVoltageV ? this.#lowS + benchStepS : 0;
    if (this.#lowS > lowForS) return 'lowVolts';
    if (volts > highVoltageV && this.#phaseS > restS) return 'highVolts';
    this.#hotS = outletC > outletMostC || exchangerC > exchangerMostC ? this.#hotS + benchStepS : 0;
    if (this.#hotS > hotForS) return 'overheat';
    return this.fan > 0 && effects.fanSpeed < 0.1 && this.#phaseS > spinsUpS ? 'fan' : null;
  }
  #light({ flameC }: Seen): void {
    if (flameC > this.#coldC + flameRisesK) {
      this.#flameSeen = true;
      this.failed = 0;
      this.tell({ kind: 'flame' });
      this.#enter('ramp');
    } else if (this.#phaseS >= this.facts.times.light) this.#tryAgain('noFlame');
  }
  #ramp(seen: Seen, effects: Effects): void {
    const { times, pump, fan } = this.facts;
    const share = Math.min(1, this.#phaseS / times.ramp);
    const wantHz = this.#wantedHz(seen, effects);
    this.hz = pump.lightHz + (wantHz - pump.lightHz) * share;
    this.fan = fan.light + (this.#fanFor(wantHz) - fan.light) * share;
    if (this.#phaseS >= times.glowOn) this.#plug(false);
    if (this.#lost(seen)) this.#tryAgain('flameOut');
    else if (share >= 1) this.#enter('run');
  }
  #run(seen: Seen, effects: Effects): void {
    const most = hertzAS * benchStepS;
    this.hz += Math.max(-most, Math.min(most, this.#wantedHz(seen, effects) - this.hz));
    this.fan = this.#fanFor(this.hz);
    if (!this.#wasFull && this.hz >= this.facts.pump.maxHz * fullShare) {
      this.#wasFull = true;
      this.tell({ kind: 'full' });
    }
    if (this.#lost(seen)) this.#tryAgain('flameOut');
  }
  #lost({ flameC }: Seen): boolean {
    return this.#phaseS >= waversS && flameC <= this.facts.room.beginC + flameHoldsK;
  }
  /** Once more from the blowing out, as often as it may; then it gives up. */
  #tryAgain(code: BenchCode): void {
    this.#triesLeft -= 1;
    if (this.#triesLeft > 0) {
      this.tell({ kind: 'retry' });
      this.hz = 0;
      this.#plug(false);
      this.#enter('purge');
      return;
    }
    this.failed += 1;
    this.#end(code);
  }
  #give(code: BenchCode): void {
    this.code = code;
    this.tell({ kind: 'code', code });
  }
  /** The flame ends, the fan goes on. */
  #end(code?: BenchCode): void {
    if (code) this.#give(code);
    this.#triesLeft = 0;
    this.#enter('after');
  }
  #plug(on: boolean): void {
    if (on !== this.plugOn) this.tell({ kind: on ? 'glow' : 'glowOff' });
    this.plugOn = on;
  }
  #enter(phase: BenchStateId): void {
    const { fan, pump, times } = this.facts;
    this.phase = phase;
    this.#phaseS = 0;
    switch (phase) {
      case 'purge':
        this.fan = fan.purge;
        return;
      case 'glow':
        this.fan = fan.light;
        this.#plug(true);
        return;
      case 'light':
        this.hz = pump.lightHz;
        this.tell({ kind: 'pump' });
        return;
      case 'ramp':
        this.#wasFull = false;
        return;
      case 'run':
        return;
      case 'after':
        this.hz = 0;
        this.fan = afterFan;
        this.#plug(times.glowAfter > 0 && this.#flameSeen);
        return;
      default:
        this.hz = 0;
        this.fan = 0;
        this.#flameSeen = false;
        this.#plug(false);
    }
  }
  #wantedHz({ roomC }: Seen, effects: Effects): number {
    const { pump, regulation } = this.facts;
    if (this.#targetC === null) return Math.min(pump.maxHz, Math.max(pump.minHz, this.#rateHz));
    const under = this.#targetC - (roomC + effects.roomShownK);
    return pump.minHz + (pump.maxHz - pump.minHz) * Math.min(1, Math.max(0, under / regulation.bandK));
  }
  #fanFor(hz: number): number {
    const { pump, fan } = this.facts;
    return fan.least + ((1 - fan.least) * (hz - pump.minHz)) / Math.max(1e-9, pump.maxHz - pump.minHz);
  }
}
