import type { BuildKind } from '../../../core/build/Build';
import type { DueKind } from '../../../core/model/handover/dues';

/** A heading and what stands under it, a paragraph each. */
export interface Passage {
  title: string;
  lines: readonly string[];
}
/** All that an owner's papers say, in one language: one file each, and its line in `languages`. */
export interface OwnerTexts {
  /** as the language calls itself */ language: string;
  /** a day given as YYYY-MM-DD, as it is written there */ day: (iso: string) => string;
  pageOf: (n: number, of: number) => string;
  title: string;
  invented: string;
  serial: (serial: string) => string;
  never: Passage;
  alarm: Passage;
  light: (told: { mode: 'target' | 'fixed' | null; ignitionS: number | null }) => Passage;
  stop: (told: { afterrunS: number | null }) => Passage;
  signs: Passage;
  codes: (codes: readonly { code: string; meaning: string }[]) => Passage;
  fuel: (told: { goodToC: number | null }) => Passage;
  burnHot: Passage;
  spares: (names: readonly string[]) => Passage;
  dates: {
    title: string;
    handedOver: (day: string) => string;
    due: (what: string, day: string, months: number | null) => string;
    none: string;
  };
  dues: Record<DueKind, string>;
  dueWhy: Record<DueKind, string>;
  call: (told: { workshop: string; signedBy: string | null }) => Passage;
  notice: string;
  /** where it is never run, by what it sits in */ inside: Record<BuildKind, string>;
  labels: {
    refuel: readonly [string, string];
    stop: (minutes: number) => readonly [string, string];
    fuse: (amps: number) => readonly [string, string];
    isolator: readonly [string, string];
    hot: readonly [string, string];
    scale: string;
  };
}
