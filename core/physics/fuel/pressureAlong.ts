import { gasOfStroke } from './gasShare';
import { lineDropPa } from './lineDropPa';
import { peakFlowMlS, peakInLineMlS } from './peakFlowMlS';
import { fittingZeta, type Route, type Segment } from './Route';
import { gravityMS2 } from './gravityMS2';

export interface FuelState {
  viscosityMm2S: number;
  densityKgM3: number;
}
export interface RunFacts {
  route: Route;
  fuel: FuelState;
  /** air on the fuel and in the burner, Pa */ ambientPa: number;
  /** fuel's surface, mm above the tank's floor */ levelMm: number;
  /** pump's inlet and heater's inlet above the tank's floor, mm */ pumpMm: number;
  heaterMm: number;
  /** pickup's end and the highest point of its pipe, above the tank's floor, mm; the same where the outlet sits low */ pickupMm: number;
  pickupTopMm: number;
  doseMl: number;
  frequencyHz: number;
  /** Share of each stroke's swing, in flow and in acceleration, that rubber and gas leave over; 0 to 1. */
  softening: number;
  /** how long the pump draws in one stroke, s */ strokeS: number;
}
export interface PressureNode {
  /** along the line from the pickup's end, m */ atM: number;
  /** above the tank's floor, mm */ zMm: number;
  name: string;
  side: Segment['side'];
  /** Absolute pressure at rest, in steady flow, and when the stroke is at its worst; Pa. */
  restPa: number;
  flowPa: number;
  peakPa: number;
  /** Dissolved air that comes out there at the peak, as a share of the stroke, 0 to 1. */
  gas: number;
}

/** Loss of a segment and of the fitting at its end, Pa. Source: Darcy–Weisbach; ζ ρ v²/2 (from memory). */
export function segmentDropPa(segment: Segment, fuel: FuelState, flowMlS: number): number {
  const speedMS = (flowMlS * 1e-6) / ((Math.PI * (segment.boreMm / 1000) ** 2) / 4);
  return (
    lineDropPa({ lengthM: segment.lengthM, boreMm: segment.boreMm, flowMlS, ...fuel }) +
    (fittingZeta[segment.end] * fuel.densityKgM3 * speedMS ** 2) / 2
  );
}

/**
 * Pressure that it takes to speed up the column of a segment at the start of a stroke: (ρ L / A) dQ/dt, with Q half a sine.
 * @source Newton; half-sine stroke is an assumption (`peakFlowMlS`)
 */
export function accelerationPa(segment: Segment, fuel: FuelState, peakMlS: number, strokeS: number): number {
  const areaM2 = (Math.PI * (segment.boreMm / 1000) ** 2) / 4;
  return ((fuel.densityKgM3 * segment.lengthM) / areaM2) * peakMlS * 1e-6 * (Math.PI / strokeS);
}

/** The worst of a loss that goes with sin and one that goes with cos of the stroke: √(R² + I²). */
const worst = (frictionPa: number, inertiaPa: number) => Math.hypot(frictionPa, inertiaPa);

/**
 * Absolute pressure at every end of a segment from the pickup to the heater: at rest, in steady flow, and at the pulse's peak.
 * Before the pump it counts from the air on the fuel downwards; after it from the burner backwards, since the pump gives whatever that takes.
 * @source hydrostatics; Darcy–Weisbach; Newton; Henry's law
 */
export function pressureAlong(facts: RunFacts): PressureNode[] {
  const { route, fuel, ambientPa, softening, doseMl, frequencyHz } = facts;
  const mean = doseMl * frequencyHz;
  const { strokeS } = facts;
  const pumpPeak = peakFlowMlS(doseMl, strokeS);
  const peak = peakInLineMlS(mean, pumpPeak, softening);
  const suction = route.segments.filter(({ side }) => side === 'suction');
  const pressure = route.segments.filter(({ side }) => side === 'pressure');
  const head = (zMm: number) => (fuel.densityKgM3 * gravityMS2 * (facts.levelMm - zMm)) / 1000;
  const nodes: PressureNode[] = [];
  const add = (atM: number, zMm: number, name: string, side: Segment['side'], rest: number, flow: number, peakPa: number) =>
    nodes.push({ atM, zMm, name, side, restPa: rest, flowPa: flow, peakPa, gas: gasOfStroke(ambientPa, peakPa) });

  let at = 0;
  const first = ambientPa + head(facts.pickupMm);
  add(0, facts.pickupMm, 'pickup', 'suction', first, first, first);
  if (facts.pickupTopMm > facts.pickupMm) {
    // The pipe in the tank is short and as wide as the line or wider; its own loss is not counted.
    at = (facts.pickupTopMm - facts.pickupMm) / 1000;
    const top = ambientPa + head(facts.pickupTopMm);
    add(at, facts.pickupTopMm, 'top of the pickup', 'suction', top, top, top);
  }
  const lift = facts.pumpMm - Math.max(facts.pickupTopMm, facts.pickupMm);
  const known = suction.reduce((sum, { riseMm }) => sum + riseMm, 0);
  let [z, flow, friction, inertia] = [Math.max(facts.pickupTopMm, facts.pickupMm), 0, 0, 0];
  suction.forEach((segment, i) => {
    at += segment.lengthM;
    z += segment.riseMm;
    // What the rises leave over goes into the last segment, so that the pump lies where it was measured.
    if (i === suction.length - 1) z += lift - known;
    flow += segmentDropPa(segment, fuel, mean);
    friction += segmentDropPa(segment, fuel, peak);
    inertia += accelerationPa(segment, fuel, pumpPeak, strokeS);
    const rest = ambientPa + head(z);
    add(at, z, segment.name, 'suction', rest, rest - flow, rest - worst(friction, inertia * softening));
  });

  // Backwards from the burner, where the line is open to the air there.
  const ahead: { segment: Segment; z: number }[] = [];
  z = facts.pumpMm;
  const climbs = pressure.reduce((sum, { riseMm }) => sum + riseMm, 0);
  pressure.forEach((segment, i) => {
    z += segment.riseMm;
    if (i === pressure.length - 1) z += facts.heaterMm - facts.pumpMm - climbs;
    ahead.push({ segment, z });
  });
  const burner = (zMm: number) => ambientPa + (fuel.densityKgM3 * gravityMS2 * (facts.heaterMm - zMm)) / 1000;
  const sums = { flow: 0, friction: 0, inertia: 0 };
  const left = ahead
    .map(({ segment }) => ({
      flow: segmentDropPa(segment, fuel, mean),
      friction: segmentDropPa(segment, fuel, peak),
      inertia: accelerationPa(segment, fuel, pumpPeak, strokeS) * softening,
    }))
    .reverse()
    .map((one) => {
      const before = { ...sums };
      sums.flow += one.flow;
      sums.friction += one.friction;
      sums.inertia += one.inertia;
      return before;
    })
    .reverse();
  const out = burner(facts.pumpMm);
  if (pressure.length > 0)
    add(at, facts.pumpMm, 'pump', 'pressure', out, out + sums.flow, out + worst(sums.friction, sums.inertia));
  ahead.forEach(({ segment, z: end }, i) => {
    at += segment.lengthM;
    const rest = burner(end);
    const now = left[i] ?? { flow: 0, friction: 0, inertia: 0 };
    add(at, end, segment.name, 'pressure', rest, rest + now.flow, rest + worst(now.friction, now.inertia));
  });
  return nodes;
}

/** The least pressure before the pump when the stroke is at its worst, Pa absolute. */
export function lowestSuctionPa(facts: RunFacts): number {
  return Math.min(
    ...pressureAlong({
      ...facts,
      route: { ...facts.route, segments: facts.route.segments.filter(({ side }) => side === 'suction') },
    }).map(({ peakPa }) => peakPa),
  );
}
