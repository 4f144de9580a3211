import { airAt, blowerKgM3, jetShare, type Duct, type WarmAir } from '../core/physics/duct/ductAir';
import { oneLine } from './oneLine';
import { conduitOf, isShut, limbsOf, type Loop, type LoopPart } from '../core/model/warmth/loopOf';
import type { Coolant } from '../core/physics/coolant/coolantAt';
import type { Medium } from '../core/physics/flow/dropPa';
import type { FuelState } from '../core/physics/fuel/pressureAlong';
import { fittingZeta, type Route } from '../core/physics/fuel/Route';

/** Drawn plastic, mm (Moody 1944, from memory): the same as in our own sums. */
const roughnessMm = 0.0015;
/** EPANET's own g of 32.2 ft/s². */
const epanetGravity = 32.2 * 0.3048;

/**
 * The fuel line at its mean flow as an input file of the EPANET engine, so that any engineer can solve it again. The tank’s level is a reservoir,
 * and the pump’s outlet another; both stand 1,000 m higher than they are, so that no head falls below nothing. What the pump draws and what the
 * burner takes are demands. Heads are metres of this fuel; times its density and gravity they are Pa.
 */
export function writeFuelInp(facts: {
  name: string;
  route: Route;
  fuel: FuelState;
  levelMm: number;
  pickupTopMm: number;
  pumpMm: number;
  heaterMm: number;
  flowMlS: number;
}): string {
  const { route, fuel, flowMlS } = facts;
  const flowLs = (flowMlS / 1000).toFixed(9);
  const junctions: string[] = [];
  const pipes: string[] = [];
  const side = (which: 'suction' | 'pressure', from: string, fromMm: number) => {
    let [before, high] = [from, fromMm];
    const own = route.segments.filter((segment) => segment.side === which);
    own.forEach((segment, i) => {
      const last = i === own.length - 1;
      high += segment.riseMm;
      const node = `${which === 'suction' ? 'S' : 'P'}${i + 1}`;
      // The pump draws at the end of the one side; the burner takes it at the end of the other.
      const drawn = last ? flowLs : '0';
      junctions.push(`${node}\t${(high / 1000).toFixed(4)}\t${drawn}\t;${oneLine(segment.name)}`);
      pipes.push(
        `${node}p\t${before}\t${node}\t${segment.lengthM}\t${segment.boreMm}\t${roughnessMm}\t${fittingZeta[segment.end]}\tOpen`,
      );
      before = node;
    });
  };
  side('suction', 'TANK', facts.pickupTopMm);
  side('pressure', 'PUMPOUT', facts.pumpMm);
  return `[TITLE]
${oneLine(facts.name)}: fuel line. Made by Lorbet; heads in m of this fuel above the tank's floor, ${fuel.densityKgM3.toFixed(1)} kg/m3.
The pump's outlet stands as a reservoir of enough head: what is lost behind it is the difference to it.
[JUNCTIONS]
${junctions.join('\n')}
[RESERVOIRS]
TANK\t${(facts.levelMm / 1000 + 1000).toFixed(4)}
PUMPOUT\t${(facts.heaterMm / 1000 + 1000).toFixed(4)}
[PIPES]
${pipes.join('\n')}
[OPTIONS]
Units LPS
Headloss D-W
Viscosity ${(fuel.viscosityMm2S * 1e-6).toFixed(12)}
Specific Gravity ${(fuel.densityKgM3 / 1000).toFixed(4)}
Accuracy 0.00001
Headerror 0.000001
Trials 200
[END]
`;
}

/** What an input file is made of where something drives a flow that comes back to where it began. */
interface Driven {
  title: string;
  junctions: readonly string[];
  reservoir: string;
  pipes: readonly string[];
  pumps: readonly string[];
  /** its curve: Pa against a shut end, L/s running freely */ shutPa: number;
  freeLs: number;
  medium: Medium;
}
/** Such a file; the curve is a parabola through three of its points. */
function drivenInp({ title, junctions, reservoir, pipes, pumps, shutPa, freeLs, medium }: Driven): string {
  const { densityKgM3, viscosityPaS } = medium;
  const point = (share: number) => `1\t${freeLs * share}\t${(shutPa / (densityKgM3 * epanetGravity)) * (1 - share ** 2)}`;
  return `[TITLE]
${title}, ${densityKgM3.toFixed(4)} kg/m3.
Heads in m of what flows; times its density and 9.81 they are Pa.
[JUNCTIONS]
${junctions.join('\n')}
[RESERVOIRS]
${reservoir}
[PIPES]
${pipes.join('\n')}
[PUMPS]
${pumps.join('\n')}
[CURVES]
${[0, 0.5, 0.98].map(point).join('\n')}
[OPTIONS]
Units LPS
Headloss D-W
Viscosity ${(viscosityPaS / densityKgM3).toFixed(12)}
Specific Gravity ${(densityKgM3 / 1000).toFixed(6)}
Accuracy 0.000001
Trials 500
[END]
`;
}

/**
 * A tree of ducts as an input file of the EPANET engine, with air of one temperature throughout, so that any engineer can solve it again.
 * The room is a reservoir, from which a pump with the blower's curve draws through one pipe that stands for all ways back.
 * Heads are metres of that air; times its density and gravity they are Pa. Shut outlets are closed pipes.
 * @param airC one temperature for all of it, °C
 */
export function writeDuctInp(facts: { name: string; air: WarmAir; airC: number; nameOf: (id: string) => string }): string {
  const { air, airC } = facts;
  const medium = airAt(airC);
  const junctions = ['SUCTION\t0\t0', 'HEATER\t0\t0'];
  const back =
    air.returnM2 === null || air.returnM2 === 0
      ? `BACK\tROOM\tSUCTION\t0.001\t2000\t0.05\t0\t${air.returnM2 === 0 ? 'Closed' : 'Open'}`
      : `BACK\tROOM\tSUCTION\t0.001\t${Math.sqrt((4 * air.returnM2) / Math.PI) * 1000}\t0.05\t${1 / jetShare ** 2}\tOpen`;
  const pipes = [`${back}\t;ways back`];
  const lead = (duct: Duct, from: string): void => {
    const n = pipes.length;
    const ends = duct.then.length === 0;
    const to = ends ? 'ROOM' : `D${n}`;
    if (!ends) junctions.push(`${to}\t0\t0`);
    pipes.push(
      `P${n}\t${from}\t${to}\t${duct.lengthM}\t${duct.boreMm}\t${duct.roughnessMm}\t${duct.zeta}\t${duct.shut ? 'Closed' : 'Open'}\t;${oneLine(facts.nameOf(duct.id))}`,
    );
    duct.then.forEach((next) => lead(next, to));
  };
  air.ducts.forEach((duct) => lead(duct, 'HEATER'));
  return drivenInp({
    title: `${oneLine(facts.name)}: warm-air ducts. Made by Lorbet; air of ${airC.toFixed(0)} degrees C throughout`,
    junctions,
    reservoir: 'ROOM\t0',
    pipes,
    pumps: ['BLOWER\tSUCTION\tHEATER\tHEAD 1'],
    shutPa: air.blower.shutPa * (medium.densityKgM3 / blowerKgM3),
    freeLs: air.blower.freeM3S * 1000,
    medium,
  });
}

/**
 * A coolant loop as an input file of the EPANET engine at one temperature, so that any engineer can solve it again. The reservoir only holds the
 * pressure of its first node, as an expansion tank does. Heads are metres of this coolant. What is shut is a closed pipe.
 */
export function writeLoopInp(facts: { name: string; loop: Pick<Loop, 'steps' | 'pump'>; coolant: Coolant; c: number }): string {
  const { loop, coolant, c } = facts;
  const junctions: string[] = [];
  const pipes: string[] = [];
  const pumps: string[] = [];
  let nodes = 0;
  const node = (): string => {
    nodes += 1;
    junctions.push(`N${nodes}\t0\t0`);
    return `N${nodes}`;
  };
  const begin = node();
  const lead = (parts: readonly LoopPart[], from: string, to: string): void => {
    parts.forEach((part, i) => {
      const next = i === parts.length - 1 ? to : node();
      const id = `L${pipes.length + pumps.length + 1}`;
      if (part.kind === 'pump') pumps.push(`${id}\t${from}\t${next}\tHEAD 1\t;${oneLine(part.name)}`);
      else {
        const { lengthM, boreMm, roughnessMm, zeta } = conduitOf(part);
        pipes.push(
          `${id}\t${from}\t${next}\t${Math.max(0.001, lengthM)}\t${boreMm}\t${roughnessMm}\t${zeta}\t${isShut(part) ? 'Closed' : 'Open'}\t;${oneLine(part.name)}`,
        );
      }
      from = next;
    });
  };
  let at = begin;
  loop.steps.forEach((step, i) => {
    const next = i === loop.steps.length - 1 ? begin : node();
    for (const limb of limbsOf(step)) lead(limb, at, next);
    at = next;
  });
  return drivenInp({
    title: `${oneLine(facts.name)}: coolant loop. Made by Lorbet; at ${c.toFixed(0)} degrees C`,
    junctions,
    reservoir: 'TANK\t100',
    pipes: [...pipes, `HOLD\tTANK\t${begin}\t0.1\t50\t0.01\t0\tOpen`],
    pumps,
    shutPa: loop.pump.shutPa,
    freeLs: loop.pump.freeLMin / 60,
    medium: coolant,
  });
}
