import type { hotPlaces } from '../../build/Build';
import { type Build, type heatTakers, type HotLook } from '../../build/Build';
import { firstAt, fullEndS } from '../../build/startFacts';
import { startProof, type StartProof } from './stale';

/**
 * What each thing bears for hours, °C; what comes of more stands among the terms of wording. Timber chars slowly from about 77 °C on, polyethylene is taken at
 * the lower end of 60 to 80 °C (handbooks, order of magnitude, from memory); bare metal burns a hand that touches it for a second
 * from about 65 °C on (ISO 13732-1, from memory).
 */
export const bearsC = {
  timber: 77,
  polyethylene: 60,
  polypropylene: 90,
  cable: 70,
  epdm: 120,
  silicone: 200,
  bare: 65,
} as const satisfies Record<keyof typeof heatTakers, number>;
/** How long at full output until a surface tells, and how long after "off" it still does, min. Lorbet's own choice, no source. */
export const hotFromMin = 15;
export const hotUntilMin = 5;
/** Nearer than this to what a thing bears, a warm day may do the rest, K. Lorbet's own choice, no source. */
export const hotSpareK = 15;
/** Where every heater has to be felt: common practice, no source. */
export const hotOwed = ['floor', 'plate', 'body'] as const satisfies readonly (keyof typeof hotPlaces)[];

export interface HotProof extends StartProof {
  /** too hot, and no repair has followed */ unanswered: HotLook[];
  /** too hot, and repaired since */ answered: HotLook[];
  /** good ones that count: read while it had been at full output for long enough */ good: HotLook[];
  /** places where a good one that counts is still wanted */ lacking: (keyof typeof hotPlaces)[];
}

/** How much hotter than what is there bears, K; minus where it is cooler. */
export const overK = ({ surfaceC, touches }: HotLook): number => surfaceC - bearsC[touches];

/** What the looks for hot spots prove: only those count that were made while the last start had been at full output for long enough. */
export function hotProof(build: Build): HotProof {
  const proof = startProof(build, 'heat', 'start.hotspots');
  const { start, repaired, stale } = proof;
  const looks = build.hotLooks ?? [];
  const at = start ? firstAt(start.run) : {};
  const offS = fullEndS(at);
  const untilMs = start === null ? -Infinity : offS === undefined ? Infinity : start.beganMs + (offS + hotUntilMin * 60) * 1000;
  const fromMs = start === null ? Infinity : start.fullMs + hotFromMin * 60_000;
  const bad = looks.filter((look) => overK(look) >= 0);
  const answered = bad.filter((look) => Date.parse(look.at) < repaired);
  const good = looks.filter((look) => {
    const ms = Date.parse(look.at);
    return !stale && overK(look) < 0 && ms >= fromMs && ms <= untilMs;
  });
  const owed = [...new Set([...hotOwed, ...answered.map(({ place }) => place)])];
  return {
    ...proof,
    unanswered: bad.filter((look) => !answered.includes(look)),
    answered,
    good,
    lacking: owed.filter((place) => !good.some((look) => look.place === place)),
  };
}
