import { CountSection } from './CountSection';
import { PrimingFigures } from './PrimingFigures';
import { RunsKept } from './RunsKept';

export const primingSections = { count: CountSection, figures: PrimingFigures, runs: RunsKept };
