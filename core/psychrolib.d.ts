// The package ships no types; these are the parts used in tests.
declare module 'psychrolib' {
  const psychrolib: { SI: number; SetUnitSystem(system: number): void; GetStandardAtmPressure(altitudeM: number): number };
  export default psychrolib;
}
