/** Ships without types; only what the tests use. */
declare module 'psychrolib' {
  const psychrolib: {
    SI: number;
    SetUnitSystem(system: number): void;
    GetStandardAtmPressure(altitudeM: number): number;
    GetStandardAtmTemperature(altitudeM: number): number;
    GetSatVapPres(dryBulbC: number): number;
    GetDryAirDensity(dryBulbC: number, pressurePa: number): number;
  };
  export default psychrolib;
}
