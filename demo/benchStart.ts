import type { Build, StartEvent, StartEventKind, StartReading } from '../core/build/Build';
import { startEvents } from '../core/build/Build';
import { thinned } from '../core/drawing/start/thinned';
import { readerOf } from '../core/figures/readerOf';
import { benchOf } from '../core/model/startup/benchOf';
import { BenchHeater } from '../core/physics/bench/benchHeater';
import type { BenchFaultId } from '../core/physics/bench/faults';

/** A start of the demo: what is wrong with it, how long it is let run, and when it is set to its lowest, s after the button. */
export interface DemoStart {
  wrong?: { id: BenchFaultId; strength: number; fromS?: number };
  forS: number;
  lowS?: number;
}
/** The button is pressed so long after the log begins, s. */
const pressedS = 5;
const read = ['volts', 'amps', 'hertz', 'outletC', 'returnC', 'caseC'] as const;

/** A start as the bench heater has it, told what is known of the build: its log, thinned as that of any device is. */
export function benchStart(
  build: Build,
  { wrong, forS, lowS }: DemoStart,
  seed: number,
): { events: StartEvent[]; readings: StartReading[] } {
  const facts = benchOf(readerOf(build));
  const heater = new BenchHeater(facts, { seed });
  if (wrong) heater.setFaults([{ fromS: 0, growsS: 0, ...wrong }]);
  const series: Record<string, { s: number[]; value: number[] }> = Object.fromEntries(
    read.map((id) => [id, { s: [], value: [] }]),
  );
  const events: StartEvent[] = [];
  let endS = Infinity;
  for (let step = 0; heater.s < Math.min(forS + 900, endS + 10); step += 1) {
    if (step === pressedS * 10) heater.press(true);
    if (step === (pressedS + forS) * 10) heater.press(false);
    if (lowS !== undefined && step === (pressedS + lowS) * 10) {
      heater.set({ rateHz: facts.pump.minHz });
      events.push({ event: 'low', atS: heater.s });
    }
    heater.step();
    for (const event of heater.takeEvents()) {
      const { kind } = event;
      if (event.kind === 'code' && event.code === 'flameOut') events.push({ event: 'out', atS: heater.s });
      if (Object.hasOwn(startEvents, kind)) events.push({ event: kind as StartEventKind, atS: heater.s });
      if (kind === 'end') endS = heater.s;
    }
    for (const id of read) {
      series[id]?.s.push(heater.s);
      series[id]?.value.push(Math.round(heater.readings[id] * 100) / 100);
    }
  }
  return { events, readings: thinned(series, 0) };
}
