import fc from 'fast-check';
import type { Route, Segment } from '../core/physics/fuel/Route';

const anySegment = (side: Segment['side']): fc.Arbitrary<Segment> =>
  fc
    .record({
      lengthM: fc.double({ min: 0.05, max: 3, noNaN: true }),
      lean: fc.double({ min: -1, max: 1, noNaN: true }),
      boreMm: fc.double({ min: 1.2, max: 5, noNaN: true }),
      end: fc.constantFrom<Segment['end'][]>('on', 'joint', 'filter'),
      gapMm: fc.oneof(fc.constant(0), fc.double({ min: 0, max: 8, noNaN: true })),
    })
    .map(({ lean, ...rest }) => ({ ...rest, id: null, name: 's', side, riseMm: lean * rest.lengthM * 300 }));

/** Any line: one to five segments before the pump and one to five after it, each with its bore and what ends it. */
export const anyRoute: fc.Arbitrary<Route> = fc
  .tuple(
    fc.array(anySegment('suction'), { minLength: 1, maxLength: 5 }),
    fc.array(anySegment('pressure'), { minLength: 1, maxLength: 5 }),
  )
  .map(([suction, pressure]) => ({ segments: [...suction, ...pressure].map((s, i) => ({ ...s, name: `s${i}` })), own: true }));
