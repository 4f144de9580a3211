import type { Build } from '../../build/Build';
import { takeAssumed } from '../../build/takeAssumed';
import { drawnFrom } from '../../figures/readerOf';
import { breathFull, breatherOf, burningAt, idleGas, meansOf, warmC, type Breather, type Setting } from '../../model/air/breath';
import { conduitsOf, sits, type Way } from '../../model/air/wayOf';

/** What a change would leave of the flame’s air, at full. */
export interface AirIf {
  id: 'metre' | 'bend' | 'blocked' | 'high' | 'cold' | 'hot';
  excessAir: number;
}
export interface AirPicture {
  /** over the band of the pump */ band: { hz: number; excessAir: number }[];
  /** the least that burns clean */ least: number;
  ifs: AirIf[];
}
/** So high and so cold it is tried, m and °C. Lorbet’s own choice, no source. */
export const tried = { highM: 2000, coldC: -20, hotC: 40 } as const;
const points = 12;

const withMore = (way: Way, more: { lengthM?: number; bends?: number }): Way => ({
  ...way,
  pieces: way.pieces.map((piece, i) =>
    i === way.pieces.length - 1
      ? {
          ...piece,
          lengthM: piece.lengthM + (more.lengthM ?? 0),
          bends: piece.bends + (more.bends ?? 0),
          bendDeg: more.bends ? 90 : piece.bendDeg,
        }
      : piece,
  ),
});

/** The flame’s air over the whole band of the pump, and what would take some of it; or what is missing to tell. */
export const airPicture = (build: Build) =>
  drawnFrom(takeAssumed(build), (read): AirPicture => {
    const breather = breatherOf(read);
    const gasC = meansOf(breathFull(read).spots, breather.exhaust);
    const full: Setting = { hz: breather.maxHz, airC: warmC, altitudeM: 0 };
    const air = (of: Breather, setting: Setting) => burningAt(of, setting, gasC).excessAir;
    const longer = (more: { lengthM?: number; bends?: number }): Breather => ({
      ...breather,
      out: conduitsOf(withMore(breather.exhaust, more), 'exhaust', breather.muffler ? sits.muffler : 0),
    });
    const { minHz, maxHz } = breather;
    return {
      band: Array.from({ length: points + 1 }, (_, i) => {
        const share = i / points;
        const hz = minHz + (maxHz - minHz) * share;
        const cooler = idleGas + (1 - idleGas) * share;
        const { excessAir } = burningAt(
          breather,
          { ...full, hz },
          gasC.map((one) => one * cooler),
        );
        return { hz, excessAir };
      }),
      least: read.limit('excessAirMin').value,
      ifs: [
        { id: 'metre', excessAir: air(longer({ lengthM: 1 }), full) },
        { id: 'bend', excessAir: air(longer({ bends: 1 }), full) },
        { id: 'blocked', excessAir: air({ ...breather, air: conduitsOf(breather.intake, 'intake', sits.blocked) }, full) },
        { id: 'high', excessAir: air(breather, { ...full, altitudeM: tried.highM }) },
        { id: 'hot', excessAir: air(breather, { ...full, airC: tried.hotC }) },
        { id: 'cold', excessAir: air(breather, { ...full, airC: tried.coldC }) },
      ],
    };
  });
