import { within } from '../within';

/** Coefficients of a filter of second order: y = b0 x + b1 x₁ + b2 x₂ − a1 y₁ − a2 y₂. */
export interface Biquad {
  b0: number;
  b1: number;
  b2: number;
  a1: number;
  a2: number;
}

/**
 * A band-pass of second order with 0 dB at its centre, by the bilinear transform: H(s) = (s/Q) / (s² + s/Q + 1).
 * @param centreHz above 0 and below half of the sample rate
 * @param q centre ÷ width, 0.1 to 50
 * @param rateHz samples a second, 8,000 to 192,000
 * @throws RangeError outside these
 * Source: bilinear transform of the analogue prototype, as in any text on digital filters (from memory); tested against a Fourier transform.
 */
export function bandPass(centreHz: number, q: number, rateHz: number): Biquad {
  within('sample rate', rateHz, 'Hz', { min: 8000, max: 192_000 });
  within('quality', q, '', { min: 0.1, max: 50 });
  within('centre', centreHz, 'Hz', { min: 1, below: rateHz / 2 });
  const w = (2 * Math.PI * centreHz) / rateHz;
  const alpha = Math.sin(w) / (2 * q);
  const a0 = 1 + alpha;
  return { b0: alpha / a0, b1: 0, b2: -alpha / a0, a1: (-2 * Math.cos(w)) / a0, a2: (1 - alpha) / a0 };
}

/** A filter that remembers what went through it. */
export class Filter {
  private x1 = 0;
  private x2 = 0;
  private y1 = 0;
  private y2 = 0;
  constructor(private readonly of: Biquad) {}
  /** The next sample, filtered. */
  next(x: number): number {
    const { b0, b1, b2, a1, a2 } = this.of;
    const y = b0 * x + b1 * this.x1 + b2 * this.x2 - a1 * this.y1 - a2 * this.y2;
    this.x2 = this.x1;
    this.x1 = x;
    this.y2 = this.y1;
    this.y1 = y;
    return y;
  }
}
