/** Mono samples, −1 to 1, as a WAV file of 16 bits: what a browser takes for its microphone. */
export function wavOf(samples: Float32Array, rateHz: number): Buffer {
  const peak = samples.reduce((most, one) => Math.max(most, Math.abs(one)), 1e-9);
  const data = Buffer.alloc(samples.length * 2);
  samples.forEach((one, i) => data.writeInt16LE(Math.round((one / peak) * 30_000), i * 2));
  const head = Buffer.alloc(44);
  head.write('RIFF', 0);
  head.writeUInt32LE(36 + data.length, 4);
  head.write('WAVEfmt ', 8);
  head.writeUInt32LE(16, 16);
  head.writeUInt16LE(1, 20);
  head.writeUInt16LE(1, 22);
  head.writeUInt32LE(rateHz, 24);
  head.writeUInt32LE(rateHz * 2, 28);
  head.writeUInt16LE(2, 32);
  head.writeUInt16LE(16, 34);
  head.write('data', 36);
  head.writeUInt32LE(data.length, 40);
  return Buffer.concat([head, data]);
}
