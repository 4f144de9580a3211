import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { id, soundBuild, withValues, type Values } from '../../../tests/soundBuild';
import { showIn } from '../../../tests/showIn';
import type { Build } from '../../../core/build/Build';
import type { ListValues, RowOf } from '../../../core/build/lists';
import { HeatSection } from './HeatSection';
import { OutsideSheet } from './OutsideSheet';
import { PipesSection } from './PipesSection';
import { PlanSection } from './PlanSection';

const placed: Values = { 'ends.exhaustXMm': 1500, 'ends.exhaustYMm': 1815, 'ends.intakeXMm': 900, 'ends.intakeYMm': 700 };
const withLists = (build: Build, lists: ListValues): Build => ({ ...build, lists: { ...build.lists, ...lists } });
const door: RowOf<'outside'> = { id: id(601), name: 'side door', kind: 'door', xMm: 2100, yMm: 1740, lengthMm: 500, widthMm: 40 };
const piece = (n: number, more: Partial<RowOf<'pipes'>> = {}): RowOf<'pipes'> => ({
  id: id(610 + n),
  name: `length ${n}`,
  of: 'exhaust',
  kind: 'pipe',
  lengthM: 0.4,
  riseMm: -30,
  boreMm: 24,
  bends: 1,
  bendDeg: 90,
  joint: 'band',
  supports: 1,
  order: n,
  ...more,
});
const sent = ({ outbox }: ReturnType<typeof showIn>) => outbox.state.waiting.map(({ command }) => command);
const sheet = <OutsideSheet selected={null} onSelect={() => undefined} />;

describe('the outside plan', () => {
  const end = (name: 'Exhaust' | 'Intake') => screen.getByRole('slider', { name: new RegExp(`^${name}’s end`) });

  it('waits for the size of the floor, and says so', () => {
    showIn(withValues(soundBuild(), { 'siting.floorLengthMm': null }), sheet);
    expect(screen.getByText(/drawn once the size of the floor is known/)).toBeTruthy();
    expect(screen.queryByRole('slider')).toBeNull();
  });
  it('an end that nobody has placed is put out past the side with one touch', async () => {
    const shown = showIn(soundBuild(), sheet);
    await userEvent.click(screen.getByRole('button', { name: 'Put the exhaust’s end on the plan' }));
    expect(sent(shown)).toMatchObject([
      {
        kind: 'figures',
        changes: [
          { path: 'ends.exhaustXMm', from: null },
          { path: 'ends.exhaustYMm', from: null },
        ],
      },
    ]);
    expect(await screen.findByText('exhaust, 40 mm past')).toBeTruthy();
  });
  it('by keys an end goes a centimetre, with shift ten, and its place is told', async () => {
    const shown = showIn(withValues(soundBuild(), placed), sheet);
    expect(end('Exhaust').getAttribute('aria-valuetext')).toBe('exhaust, 75 mm past');
    end('Exhaust').focus();
    await userEvent.keyboard('{ArrowDown}');
    await userEvent.keyboard('{Shift>}{ArrowDown}{/Shift}');
    expect(sent(shown).flatMap((command) => (command.kind === 'figures' ? command.changes : []))).toMatchObject([
      { path: 'ends.exhaustYMm', to: 1805 },
      { path: 'ends.exhaustYMm', to: 1705 },
    ]);
    expect(end('Exhaust').getAttribute('aria-valuetext')).toBe('exhaust, 35 mm inside');
  });
  it('any other key is left alone', async () => {
    const shown = showIn(withValues(soundBuild(), placed), sheet);
    end('Intake').focus();
    await userEvent.keyboard('x{Home}');
    expect(sent(shown)).toEqual([]);
  });
  it('who may only look moves nothing', async () => {
    const shown = showIn(withValues(soundBuild(), placed), sheet, 'viewer');
    end('Exhaust').focus();
    await userEvent.keyboard('{ArrowUp}');
    expect(sent(shown)).toEqual([]);
  });
  it.each([
    ['from the front', /Downwind of the exhaust: side door, \d+ mm\. That is geometry, not a promise\./],
    ['from the rear', /No opening on the plan lies downwind/],
  ])('with the wind %s it tells what lies downwind', async (wind, told) => {
    showIn(withLists(withValues(soundBuild(), placed), { outside: [door] }), sheet);
    await userEvent.selectOptions(screen.getByLabelText('Wind'), wind);
    expect(screen.getByRole('status').textContent).toMatch(told);
  });
  it('tells in words what is drawn, for those who don’t see it', () => {
    showIn(withLists(withValues(soundBuild(), placed), { outside: [door] }), sheet);
    const words = screen.getByRole('group', { name: /^Outside plan, to scale/ }).getAttribute('aria-label');
    expect(words).toMatch(/exhaust, 75 mm past; side door \(door\)/);
  });
  it('leads to its files, and to the figures of the ends', () => {
    showIn(withValues(soundBuild(), placed), <PlanSection />);
    for (const format of ['svg', 'dxf'])
      expect(screen.getByRole('link', { name: `Plan as ${format.toUpperCase()}` }).getAttribute('href')).toMatch(
        new RegExp(`/outside\\?format=${format}$`),
      );
    expect(screen.getByText(/^Exhaust gas kills without a smell\./)).toBeTruthy();
  });
});

describe('the two pipes', () => {
  const keyOf = (name: string) => screen.getAllByRole('button', { name })[0] as HTMLElement;

  it('what is said of the whole becomes the first piece', async () => {
    const shown = showIn(withValues(soundBuild(), { 'pipes.cover': 'wrap' }), <PipesSection />);
    await userEvent.click(keyOf('Enter it piece by piece'));
    expect(sent(shown)).toMatchObject([
      {
        kind: 'rows',
        changes: [
          {
            list: 'pipes',
            action: 'add',
            values: { of: 'exhaust', lengthM: 0.8, riseMm: -90, bends: 2, bendDeg: 90, cover: 'wrap', coverM: 0.8 },
          },
        ],
      },
    ]);
  });
  it('what is missing to begin is named', () => {
    showIn(withValues(soundBuild(), { 'air.exhaustFallMm': null, 'pipes.exhaustBoreMm': null }), <PipesSection />);
    expect(screen.getByText(/these are needed first: exhaust falls to its end, exhaust’s bore/)).toBeTruthy();
  });
  it('piece by piece the rough figures of that pipe are no longer asked, those of the other are', () => {
    showIn(withLists(soundBuild(), { pipes: [piece(1)] }), <PipesSection />);
    expect(screen.queryByText('Exhaust’s bore')).toBeNull();
    expect(screen.getByText('Intake’s bore')).toBeTruthy();
  });
  it('one piece more goes behind the others of its own pipe', async () => {
    const shown = showIn(withLists(soundBuild(), { pipes: [piece(1), piece(2), piece(3, { of: 'intake' })] }), <PipesSection />);
    await userEvent.click(keyOf('One piece more'));
    expect(sent(shown)).toMatchObject([{ changes: [{ action: 'add', values: { of: 'exhaust', name: 'piece 3', bends: 0 } }] }]);
  });
  it('tells what is to be cut and bought, once it is known', async () => {
    showIn(withLists(soundBuild(), { pipes: [piece(1), piece(2, { lengthM: 0.25 })] }), <PipesSection />);
    await userEvent.click(screen.getByRole('button', { name: /What the pipes take/ }));
    expect(screen.getByText('exhaust pipe, 24 mm: 0.65 m, cut to 0.4 m and 0.25 m')).toBeTruthy();
  });
});

describe('heat and flame', () => {
  it('the charts tell in words what they show', () => {
    showIn(soundBuild(), <HeatSection />);
    expect(screen.getByRole('img', { name: /^Along the exhaust the gas cools from \d+ °C to \d+ °C/ })).toBeTruthy();
    expect(screen.getByRole('img', { name: /times the air its fuel needs at its lowest and 1\.5\d times at full/ })).toBeTruthy();
  });
  it('what would leave the flame short of air stands out', () => {
    showIn(withValues(soundBuild(), { 'pipes.silencer': 'none' }), <HeatSection />);
    const high = screen.getByText('at 2000 m').closest('li');
    const bend = screen.getByText('with one more right angle').closest('li');
    expect([high?.dataset.short, bend?.dataset.short]).toEqual(['true', 'false']);
  });
  it('what is missing is named in place of either chart', () => {
    showIn(withValues(soundBuild(), { 'pipes.exhaustBoreMm': null }), <HeatSection />);
    expect(screen.getByText(/^Before the heat along the exhaust can be worked out: .*exhaust’s bore/i)).toBeTruthy();
    expect(screen.getByText(/^Before the flame’s air can be worked out: .*exhaust’s bore/i)).toBeTruthy();
    expect(screen.queryByRole('img')).toBeNull();
  });
});
