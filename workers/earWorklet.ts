import { ClickEar } from '../core/physics/sound/ClickEar';

// What a browser gives a script that works on sound; its types are in no library that pages use.
declare const sampleRate: number;
declare const registerProcessor: (name: string, made: new () => object) => void;
declare class AudioWorkletProcessor {
  readonly port: MessagePort;
}

/** How often what is heard is told, samples: four times a second. */
const toldEvery = sampleRate / 4;

/** Listens beside the page; no sample ever leaves it, only what was counted. */
class EarProcessor extends AudioWorkletProcessor {
  private readonly ear = new ClickEar(sampleRate);
  private since = 0;

  constructor() {
    super();
    this.port.onmessage = ({ data }: MessageEvent<{ hintHz: number | null }>) => this.ear.hint(data.hintHz);
  }

  process([input]: readonly Float32Array[][]): boolean {
    const [samples] = input ?? [];
    if (samples) {
      this.ear.push(samples);
      this.since += samples.length;
    }
    if (this.since >= toldEvery) {
      this.since = 0;
      this.port.postMessage(this.ear.heard());
    }
    return true;
  }
}
registerProcessor('lorbet-ear', EarProcessor);
