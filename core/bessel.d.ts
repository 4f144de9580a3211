/** The part of package bessel that is used here; it ships no types. */
declare module 'bessel' {
  /** Modified Bessel function of the second kind, of an argument above 0 and a whole order. */
  export function besselk(x: number, n: number): number;
}
