import fc from 'fast-check';
import { spoiledBuild } from '../../../tests/anyBuild';
import { soundBuild } from '../../../tests/soundBuild';
import { assess } from '../../checks/assess';
import { layoutRun } from './layoutRun';
import { leadersTo, nearestSpot } from './leaders';

test('the nearest spot of a body is within it, of a way upon it', () => {
  expect(nearestSpot({ x: 50, y: 0 }, { x: 0, y: 10, w: 20, h: 20 })).toEqual({ x: 20, y: 10 });
  expect(
    nearestSpot({ x: 5, y: 25 }, [
      { x: 0, y: 0 },
      { x: 10, y: 0 },
      { x: 10, y: 50 },
    ]),
  ).toEqual({ x: 10, y: 25 });
});

test('a mark that stands off its part is tied to it, whatever the build', () => {
  fc.assert(
    fc.property(spoiledBuild(4), (build) => {
      const { leaders, told, anchors, width, height } = layoutRun(build, assess(build), 1100, 286);
      for (const { part, from, to } of leaders) {
        expect(told[part]).toBeDefined();
        expect(from).toEqual(anchors[part]);
        expect([to.x >= -40 && to.x <= width + 40, to.y >= -40 && to.y <= height + 40]).toEqual([true, true]);
      }
    }),
    { numRuns: 60 },
  );
});

test('a mark upon its part needs no tie, one that stands 30 px off it has one', () => {
  const shapes = { ...layoutRun(soundBuild(), [], 1100, 286).boxes, tank: { x: 0, y: 0, w: 40, h: 40 } };
  const tie = (y: number) => {
    const { anchors } = layoutRun(soundBuild(), [], 1100, 286);
    return leadersTo({ ...anchors, tank: { x: 20, y } }, shapes, ['tank']);
  };
  expect(tie(50)).toEqual([]);
  expect(tie(70)).toEqual([{ part: 'tank', from: { x: 20, y: 70 }, to: { x: 20, y: 40 } }]);
});
