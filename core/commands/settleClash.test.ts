import type { Clash } from './define';
import type { Command } from './allCommands';
import { settleClash } from './applyCommand';
import { soundBuild } from '../../tests/soundBuild';
import { assess } from '../checks/assess';
import { recommendSize } from '../model/heat/recommendSize';
import type { Build } from '../build/Build';
import { applyCommand } from './applyCommand';

const lead = { name: 'A Lead', role: 'lead', at: '2026-11-20T10:00:00.000Z' } as const;
const done = (build: Build, command: Command): Build => {
  const applied = applyCommand(build, command, lead);
  if (!applied.ok) throw new Error(applied.errors.join(' '));
  return applied.build;
};

/** Two commands of each kind that clash in one value and not in another, and how that other reads afterwards. */
const pairs: [string, Command, Command, (build: Build) => unknown, (build: Build) => unknown][] = [
  [
    'figures',
    { kind: 'figures', changes: [{ path: 'fuel.pumpAngleDeg', slot: 'fitted', from: 25, to: 30 }] },
    {
      kind: 'figures',
      changes: [
        { path: 'fuel.pumpAngleDeg', slot: 'fitted', from: 25, to: 20 },
        { path: 'fuel.tankLengthMm', slot: 'fitted', from: 400, to: 410 },
      ],
    },
    (b) => b.sheets.fuel.pumpAngleDeg.fitted,
    (b) => b.sheets.fuel.tankLengthMm.fitted,
  ],
  [
    'maker',
    { kind: 'maker', changes: [{ key: 'fuseA', from: null, to: 15 }] },
    {
      kind: 'maker',
      changes: [
        { key: 'fuseA', from: null, to: 20 },
        { key: 'lineBoreMm', from: null, to: 2 },
      ],
    },
    (b) => b.maker.fuseA,
    (b) => b.maker.lineBoreMm,
  ],
  [
    'identity',
    { kind: 'identity', changes: [{ key: 'place', from: '', to: 'Here' }] },
    {
      kind: 'identity',
      changes: [
        { key: 'place', from: '', to: 'There' },
        { key: 'what', from: 'handcart', to: 'barrow' },
      ],
    },
    (b) => b.identity.place,
    (b) => b.identity.what,
  ],
  [
    'practices',
    { kind: 'practices', changes: [{ key: 'pumpAngle', from: 'lean15to35', to: 'lean45' }] },
    {
      kind: 'practices',
      changes: [
        { key: 'pumpAngle', from: 'lean15to35', to: 'upright' },
        { key: 'suction', from: 'upTo2', to: 'upTo3' },
      ],
    },
    (b) => b.practices.pumpAngle,
    (b) => b.practices.suction,
  ],
];
test.each(pairs)(
  '%s: what clashes waits for a choice, what does not goes in either way',
  (_kind, first, second, clashing, other) => {
    const theirs = done(soundBuild(), first);
    const applied = applyCommand(theirs, second, lead);
    if (applied.ok || applied.why !== 'clash') throw new Error('no clash');
    expect(applied.clashes).toHaveLength(1);
    const [clash] = applied.clashes as [Clash];
    expect([clash.theirs, clash.yours]).toEqual([clashing(theirs), clashing(done(soundBuild(), second))]);
    expect(clash.label.length).toBeGreaterThan(2);
    for (const choice of ['theirs', 'yours'] as const) {
      const again = settleClash(second, applied.clashes, { [clash.key]: choice });
      const settled = done(theirs, again ?? { kind: 'note', text: 'nothing left' });
      expect([clashing(settled), other(settled)]).toEqual([clash[choice], other(done(soundBuild(), second))]);
    }
    // Without a choice theirs stays: nobody is overwritten by silence.
    const silent = settleClash(second, applied.clashes, {});
    expect(silent && clashing(done(theirs, silent))).toEqual(clash.theirs);
  },
);
test('where only clashing values were sent and theirs are kept, nothing is sent; the same value twice is no clash', () => {
  const [, first] = pairs[0] ?? [];
  if (!first) throw new Error('no pair');
  const theirs = done(soundBuild(), first);
  const mine: Command = { kind: 'figures', changes: [{ path: 'fuel.pumpAngleDeg', slot: 'fitted', from: 25, to: 12 }] };
  const applied = applyCommand(theirs, mine, lead);
  expect(
    !applied.ok && applied.why === 'clash' && settleClash(mine, applied.clashes, { 'fuel.pumpAngleDeg/fitted': 'theirs' }),
  ).toBeNull();
  expect(applyCommand(theirs, first, lead).ok).toBe(true);
});
test('a lead’s other practice judges the same figures otherwise, and the finding names it', () => {
  const build = done(soundBuild(), { kind: 'practices', changes: [{ key: 'pumpAngle', from: 'lean15to35', to: 'lean45' }] });
  const finding = assess(build).find((c) => c.id === 'fuel.pump.angle');
  expect([finding?.level, finding?.rules[0]?.origin, finding?.rules[0]?.value]).toEqual(['watch', 'practice', 40]);
  expect(
    applyCommand(soundBuild(), { kind: 'practices', changes: [{ key: 'ends', from: 'opposite', to: 'sideways' }] }, lead),
  ).toMatchObject({ ok: false, why: 'invalid' });
});

test.each<[Partial<Parameters<typeof recommendSize>[0]>, RegExp]>([
  [{}, /lie within\. A usual night above 7 °C, or one below −27 °C, would change that\.$/],
  [{ coldestC: -30 }, /−30 °C, decides against it\. A heater of 4 kW would do, and insulating/],
  [{ coldestC: -30, airShare: 0.6 }, /closing draughts would tell most\.$/],
  [{ usualNightC: 9 }, /9 °C, decides against it\. No smaller size holds −12 °C: let a thermostat pause it/],
  [{ coldestC: -30, usualNightC: 9 }, /too small for the coldest night and too large for a usual one\. No size mends both/],
])('the recommendation in two sentences names what decides: %j', (more, words) => {
  const text = recommendSize({
    minKw: 0.8,
    maxKw: 2.6,
    insideC: 20,
    coldestC: -12,
    usualNightC: 1,
    shortBelowC: -27,
    sootAboveC: 7,
    largerKw: 4,
    smallerKw: null,
    airShare: 0.1,
    ...more,
  });
  expect(text).toMatch(words);
  expect(text.match(/[.](?= |$)/g)?.length).toBe(2);
});
