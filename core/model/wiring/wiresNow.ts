import { ampacityA, bundleShare } from '../../physics/wiring/ampacityA';
import { cableTemperatureC } from '../../physics/wiring/cableTemperatureC';
import type { Reader } from '../../reading/Reader';
import { insulationOf, loomOf, type LoomMoment } from './loomOf';
import { lostIn } from './mostLost';

export interface WireNow {
  id: string;
  name: string;
  amps: number;
  lostV: number;
  /** °C that it comes to if this goes on */ atC: number;
  /** and what its insulation bears */ bearsC: number;
}
/** Every wire that carries something: amps, volts lost, and how warm it gets if that goes on; the warmest first. */
export function wiresNow(read: Reader, moment: LoomMoment): WireNow[] {
  const aroundC = read.maybe('wiring.cableC') ?? 20;
  return lostIn(loomOf(read), moment)
    .flatMap(({ id, name, amps, lostV, cable }) => {
      if (!cable) return [];
      const insulation = insulationOf(cable);
      const mayCarry = ampacityA(cable.areaMm2, insulation) * bundleShare(cable.bundled ?? 1);
      return [
        {
          id,
          name,
          amps,
          lostV,
          atC: cableTemperatureC(amps, mayCarry, cable.ambientC ?? aroundC, insulation),
          bearsC: insulation,
        },
      ];
    })
    .sort((a, b) => b.atC - a.atC);
}
