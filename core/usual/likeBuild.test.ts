import fc from 'fast-check';
import { spoiledBuild } from '../../tests/anyBuild';
import { id, soundBuild } from '../../tests/soundBuild';
import type { Build } from '../build/Build';
import { emptyBuild } from '../build/emptyBuild';
import { readBuild } from '../build/readBuild';
import { assess } from '../checks/assess';
import { likeBuild } from './likeBuild';
import { withStart } from './startFrom';

const anew = (earlier: Build): Build =>
  withStart(emptyBuild(id(9), { ...earlier.identity, name: 'Next one', heaterSerial: '' }), likeBuild(earlier));

describe('a build like an earlier one', () => {
  it('is a whole document, whatever the earlier one held', () => {
    fc.assert(
      fc.property(spoiledBuild(20), (earlier) => {
        const read = readBuild(JSON.parse(JSON.stringify(anew(earlier))));
        expect(read.ok ? [] : read.errors).toEqual([]);
      }),
      { numRuns: 25 },
    );
  });
  it('knows nothing for certain: every finding of the work rests on assumptions or waits', () => {
    const findings = assess(anew(soundBuild())).filter(({ stage }) => stage !== 'signoff');
    const certain = findings.filter(({ level, assumed }) => level !== 'open' && !assumed).map((c) => c.id);
    // Nothing was pumped yet, and no fault told of: that alone is known.
    expect(certain).toEqual(['priming.lockout', 'start.fault']);
  });
  it('takes over neither what was done, nor a serial number, nor what was found once', () => {
    const next = anew(soundBuild());
    expect([next.primingRuns, next.starts, next.coReadings, next.signatures, next.waivers]).toEqual([[], [], [], [], []]);
    expect(next.assumed?.lists?.parts?.some(({ serial }) => serial !== undefined)).toBe(false);
    expect(next.assumed?.figures).not.toHaveProperty(['fuel.fuelLevelMm']);
    expect(next.assumed?.figures).not.toHaveProperty(['siting.lookedBelow']);
    expect(next.assumed?.lists).not.toHaveProperty('segments');
  });
  it('takes over no setting that was read off another controller', () => {
    const figures = likeBuild(soundBuild({ 'found.runForH': 3, 'controller.clockOffMin': 65, 'controller.panelXMm': 300 }))
      .assumed.figures;
    expect(Object.keys(figures).filter((path) => /^(found|controller)\./.test(path))).toEqual([
      'controller.looks',
      'controller.panelXMm',
    ]);
  });
  it('says of each figure from which build it is', () => {
    for (const { why } of Object.values(likeBuild(soundBuild()).assumed.figures)) expect(why).toBe('as in “Test Barrow”');
  });
});
