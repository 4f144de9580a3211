import { heatTakers, hotPlaces, type HotLook } from '../build/Build';
import { formatFixed } from '../units/formatNumber';

/** A surface that was read, what it is and what takes its heat. @example hotText({ place: 'plate', touches: 'timber', surfaceC: 48 }) // "48 °C at the mounting plate (timber or plywood)" */
export const hotText = ({ place, touches, surfaceC }: Pick<HotLook, 'place' | 'touches' | 'surfaceC'>): string =>
  `${formatFixed(surfaceC)} °C at ${place === 'other' ? '' : 'the '}${hotPlaces[place]} (${heatTakers[touches]})`;
