/** Types for the functions used of the moist-air library, which ships none. */
declare module 'psychrolib' {
  const library: {
    readonly IP: number;
    SetUnitSystem(system: number): void;
    GetStandardAtmPressure(altitude: number): number;
    GetHumRatioFromRelHum(dryBulb: number, relativeHumidity: number, pressure: number): number;
    GetSatHumRatio(dryBulb: number, pressure: number): number;
  };
  export default library;
}
