import { act, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { showIn } from '../../../tests/showIn';
import { id, soundBuild, withValues } from '../../../tests/soundBuild';
import { LieKey } from './LieKey';
import { RowLevel } from './RowLevel';

const turn = (beta: number, gamma = 0) =>
  window.dispatchEvent(Object.assign(new Event('deviceorientation'), { alpha: 0, beta, gamma }));
const wait = (ms: number) => act(() => new Promise((resolve) => setTimeout(resolve, ms)));
const sent = ({ outbox }: ReturnType<typeof showIn>) => outbox.state.waiting.map(({ command }) => command);
/** A device that could tell its angle; what its browser says when it is asked. */
const device = (requestPermission?: () => Promise<string>) =>
  Object.assign(window, { DeviceOrientationEvent: Object.assign(class {}, requestPermission ? { requestPermission } : {}) });
afterEach(() => Reflect.deleteProperty(window, 'DeviceOrientationEvent'));

const row = { id: id(801), name: 'over the axle', of: 'exhaust' as const, kind: 'pipe' as const, lengthM: 0.4, riseMm: -30 };
const build = { ...soundBuild(), lists: { ...soundBuild().lists, pipes: [row] } };
const level = <RowLevel list="pipes" row={row} name={row.name} />;

test('the rise of a piece is entered from its length and the angle', async () => {
  device();
  const shown = showIn(build, level);
  await userEvent.click(screen.getByRole('button', { name: 'Level “over the axle” with this phone' }));
  await screen.findByText(/Lay a long edge of the phone along the piece/);
  turn(-6);
  await wait(250);
  // 400 mm × sin 6° = 41.8 mm, by hand
  expect(screen.getByText(/Rises by -42 mm/)).toBeTruthy();
  await userEvent.click(screen.getByRole('button', { name: 'Take −6°' }));
  expect(sent(shown)).toMatchObject([
    { kind: 'rows', changes: [{ list: 'pipes', row: row.id, column: 'riseMm', from: -30, to: -42 }] },
  ]);
});
test('a piece of unknown length can’t be levelled, and has no key for it', () => {
  device();
  const { lengthM: _length, ...unknown } = row;
  showIn(build, <RowLevel list="pipes" row={unknown} name={row.name} />);
  expect(screen.queryByRole('button')).toBeNull();
});
test('who may only look has no key, nor has a device without a sensor', () => {
  showIn(build, level, 'lead');
  expect(screen.queryByRole('button')).toBeNull();
  device();
  showIn(build, level, 'viewer');
  expect(screen.queryByRole('button')).toBeNull();
});
test('a browser that was told not to give the angle says what to do in its place', async () => {
  device(() => Promise.resolve('denied'));
  showIn(build, level);
  await userEvent.click(screen.getByRole('button'));
  expect(screen.getByRole('alert').textContent).toMatch(/Allow motion sensors for this page, or measure it/);
  expect(screen.queryByRole('dialog')).toBeNull();
});

describe('how the heater lies', () => {
  it('flat is entered as a plan where nobody has fitted it, with one touch', async () => {
    device();
    const shown = showIn(withValues(soundBuild(), { 'siting.heaterLies': null }), <LieKey />);
    await userEvent.click(screen.getByRole('button', { name: 'See with this phone how the heater lies' }));
    await screen.findByText(/Lay the back of the phone on the heater’s top/);
    turn(2, -3);
    await wait(250);
    await userEvent.click(screen.getByRole('button', { name: 'flat' }));
    expect(sent(shown)).toMatchObject([{ kind: 'figures', changes: [{ path: 'siting.heaterLies', from: null, to: 'flat' }] }]);
  });
  it('what is known already is not entered again', async () => {
    device();
    const shown = showIn(soundBuild(), <LieKey />);
    await userEvent.click(screen.getByRole('button'));
    await screen.findByText(/Lay the back of the phone/);
    turn(1, 1);
    await wait(250);
    await userEvent.click(screen.getByRole('button', { name: 'flat' }));
    expect(sent(shown)).toEqual([]);
    expect(screen.queryByRole('dialog')).toBeNull();
  });
});
