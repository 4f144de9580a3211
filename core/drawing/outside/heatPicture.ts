import type { Build } from '../../build/Build';
import { takeAssumed } from '../../build/takeAssumed';
import { drawnFrom } from '../../figures/readerOf';
import { breathFull } from '../../model/air/breath';

/** Gas and wall along the exhaust, at full on a warm day; or what is missing for it. */
export const heatPicture = (build: Build) =>
  drawnFrom(takeAssumed(build), (read) => {
    const { spots } = breathFull(read);
    return { spots, lengthM: spots[spots.length - 1]?.atM ?? 0 };
  });
