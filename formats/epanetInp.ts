import type { FuelState } from '../core/physics/fuel/pressureAlong';
import { fittingZeta, type Route } from '../core/physics/fuel/Route';

/** Drawn plastic, mm (Moody 1944, from memory): the same as in our own sums. */
const roughnessMm = 0.0015;
const oneLine = (text: string): string => text.replace(/[\p{Cc};]/gu, ' ').slice(0, 200);

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
