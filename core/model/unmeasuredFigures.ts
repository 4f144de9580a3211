import type { Build } from '../build/Build';
import { isSuperseded } from './superseded';
import { fieldAt, figureAt, figurePaths, type FigurePath } from '../build/sheets';

/** Figures that are planned but that nobody has entered as fitted: the certificate can't speak for them. */
export function unmeasuredFigures(build: Build): FigurePath[] {
  return figurePaths.filter((path) => {
    const { planned, fitted } = figureAt(build.sheets, path);
    return !fieldAt(path).given && planned !== null && fitted === null && !isSuperseded(build, path);
  });
}
