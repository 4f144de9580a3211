import { noisePlaces, noiseStates, soundMeters, type NoiseReading } from '../build/Build';
import { formatFixed } from '../units/formatNumber';

/** A level of sound, where, and while what ran. @example noiseText({ place: 'pillow', state: 'low', levelDb: 31, with: 'meter' }) // "31.0 dB(A) at the pillow or seat, heater at its lowest (sound meter)" */
export const noiseText = ({
  place,
  state,
  levelDb,
  awayM,
  with: meter,
}: Pick<NoiseReading, 'place' | 'state' | 'levelDb' | 'awayM' | 'with'>): string =>
  `${formatFixed(levelDb, 1)} dB(A) at the ${noisePlaces[place]}${awayM === undefined ? '' : `, ${formatFixed(awayM, 1)} m off`}, ${state === 'off' ? noiseStates.off : `heater ${noiseStates[state]}`} (${soundMeters[meter]})`;
