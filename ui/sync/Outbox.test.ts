import { FakeServer, memoryShelf, sharedLock, who } from '../../tests/fakeServer';
import { soundBuild } from '../../tests/soundBuild';
import { emptyBuild } from '../../core/build/emptyBuild';
import type { Command } from '../../core/commands/allCommands';
import { canonicalJson } from '../../core/record/canonicalJson';
import { Outbox } from './Outbox';
import { wayTo } from './way';

const blank = emptyBuild(soundBuild().id, { ...soundBuild().identity }, soundBuild().practices);
const note = (text: string): Command => ({ kind: 'note', text });
const angle = (to: number, from: number | null = null): Command => ({
  kind: 'figures',
  changes: [{ path: 'fuel.pumpAngleDeg', slot: 'fitted', from, to }],
});

let server: FakeServer;
let shelf: ReturnType<typeof memoryShelf>;
let exclusively: ReturnType<typeof sharedLock>;
let nowMs: number;
let lastId: number;
const realFetch = globalThis.fetch;
beforeEach(() => {
  server = new FakeServer(blank);
  shelf = memoryShelf();
  exclusively = sharedLock();
  [nowMs, lastId] = [Date.parse('2026-11-26T10:00:00Z'), 0];
  globalThis.fetch = ((url: string, init?: RequestInit) => server.fetch(url, init)) as typeof fetch;
});
afterEach(() => {
  globalThis.fetch = realFetch;
});

const first = { known: new FakeServer(blank).known, tag: new FakeServer(blank).tag };
/** A page opened on this device, as of the build's first row. */
const open = ({ login = who.login, on = shelf, from = first } = {}) =>
  new Outbox(
    { ...from, who: { ...who, login } },
    {
      buildId: blank.id,
      way: wayTo(blank.id),
      shelf: on,
      exclusively,
      nowMs: () => (nowMs += 1),
      newId: () => `c-${(lastId += 1)}`,
    },
  );
const seen = ({ state }: Outbox) => ({
  kinds: state.known.rows.map(({ kind }) => kind),
  waiting: state.waiting.length,
  link: state.link,
});
const texts = (outbox: Outbox) => outbox.state.known.rows.flatMap(({ body }) => (body as { text?: string }).text ?? []);
const twiceSent = () => [...server.came].filter(([, times]) => times > 1).map(([id]) => id);

test('an entry is on the device before anything is sent, and off it once it is acknowledged', async () => {
  const outbox = open();
  outbox.add(note('one'));
  expect([shelf.all.size, outbox.state.waiting.length]).toEqual([1, 1]);
  await outbox.flush();
  expect([shelf.all.size, seen(outbox)]).toEqual([0, { kinds: ['created', 'note'], waiting: 0, link: 'kept' }]);
});

test('entries go in the order in which they were made, one at a time', async () => {
  const outbox = open();
  ['a', 'b', 'c', 'd'].forEach((text) => outbox.add(note(text)));
  await outbox.flush();
  expect([texts(outbox), twiceSent()]).toEqual([['a', 'b', 'c', 'd'], []]);
});

test.each(['offline', 500, 429] as const)(
  '%s: entries wait, nothing is thrown away, and they go in when there is a way',
  async (weather) => {
    const outbox = open();
    server.weather = weather;
    outbox.add(note('a'));
    outbox.add(note('b'));
    await outbox.look();
    expect([seen(outbox), shelf.all.size]).toEqual([{ kinds: ['created'], waiting: 2, link: 'unreachable' }, 2]);
    server.weather = 'clear';
    await outbox.look();
    expect([texts(outbox), seen(outbox).link, shelf.all.size]).toEqual([['a', 'b'], 'kept', 0]);
  },
);

test('401: entries wait until their person has signed in again', async () => {
  const outbox = open();
  server.weather = 401;
  outbox.add(note('a'));
  await outbox.flush();
  expect(seen(outbox)).toEqual({ kinds: ['created'], waiting: 1, link: 'signed-out' });
  server.weather = 'clear';
  await open().flush();
  expect(server.kinds).toEqual(['created', 'note']);
});

test('413: what is too large is held with the reason, and what comes after it goes in', async () => {
  const outbox = open();
  server.weather = 413;
  outbox.add(note('large'));
  await outbox.flush();
  server.weather = 'clear';
  outbox.add(note('small'));
  await outbox.flush();
  expect([outbox.state.held.map(({ entry }) => entry.errors), texts(outbox)]).toEqual([[['answered with 413']], ['small']]);
});

test('an answer that was lost on the way: the entry is sent again and kept once', async () => {
  const outbox = open();
  server.weather = 'answer lost';
  outbox.add(note('once'));
  await outbox.flush();
  expect([outbox.state.waiting.length, server.kinds]).toEqual([1, ['created', 'note']]);
  server.weather = 'clear';
  await outbox.look();
  expect([server.kinds, seen(outbox)]).toEqual([['created', 'note'], { kinds: ['created', 'note'], waiting: 0, link: 'kept' }]);
});

test('a reload in the middle: the next page finds what was not acknowledged and sends it', async () => {
  server.weather = 'offline';
  const before = open();
  before.add(note('a'));
  before.add(note('b'));
  await before.flush();
  server.weather = 'clear';
  const after = open();
  expect(after.state.waiting.map(({ command }) => command)).toEqual([note('a'), note('b')]);
  await after.flush();
  expect([texts(after), shelf.all.size]).toEqual([['a', 'b'], 0]);
});

test('two tabs that found the same entries send each once', async () => {
  server.weather = 'offline';
  const early = open();
  ['a', 'b', 'c'].forEach((text) => early.add(note(text)));
  await early.flush();
  server.weather = 'clear';
  server.came.clear();
  const [left, right] = [open(), open()];
  await Promise.all([left.flush(), right.flush()]);
  expect([server.kinds, twiceSent()]).toEqual([['created', 'note', 'note', 'note'], []]);
  expect([texts(left), texts(right), left.state.waiting, right.state.waiting]).toEqual([
    ['a', 'b', 'c'],
    ['a', 'b', 'c'],
    [],
    [],
  ]);
});

test('two tabs that each enter something at the same time lose neither', async () => {
  const [left, right] = [open(), open()];
  left.add(note('left'));
  right.add(note('right'));
  await Promise.all([left.flush(), right.flush()]);
  await Promise.all([left.look(), right.look()]);
  expect([texts(left).sort(), texts(right).sort(), shelf.all.size]).toEqual([['left', 'right'], ['left', 'right'], 0]);
});

test('a clash is held with both values, once, in whichever tab it is met', async () => {
  server.does(angle(20));
  server.weather = 'offline';
  const early = open();
  early.add(angle(30));
  await early.flush();
  server.weather = 'clear';
  const [left, right] = [open(), open()];
  await Promise.all([left.flush(), right.flush()]);
  for (const outbox of [left, right])
    expect(outbox.state.held.map(({ entry }) => entry.clashes.map(({ theirs, yours }) => [theirs, yours]))).toEqual([[[20, 30]]]);
  expect([left.state.known.kept.build.sheets.fuel.pumpAngleDeg.fitted, shelf.all.size]).toEqual([20, 1]);
});

test('what is held outlives the page until its person has decided', async () => {
  server.does(angle(20));
  const outbox = open();
  outbox.add(angle(30));
  await outbox.flush();
  const later = open();
  expect(later.state.held).toHaveLength(1);
  later.state.held.forEach((held) => later.dismiss(held));
  expect([later.state.held.length, open().state.held.length, shelf.all.size]).toEqual([0, 0, 0]);
});

test('entries of somebody else stay on the device and are named', async () => {
  server.weather = 'offline';
  const bram = open({ login: 'bram' });
  bram.add(note('Bram’s'));
  await bram.flush();
  const outbox = open();
  server.weather = 'clear';
  await outbox.flush();
  expect([outbox.state.others, outbox.state.waiting, server.kinds, shelf.all.size]).toEqual([['bram'], [], ['created'], 1]);
});

test('where somebody else has signed in meanwhile, the page says it is signed out and shows no more', async () => {
  const outbox = open();
  server.does(note('seen by Bram'));
  server.login = 'bram';
  await outbox.look();
  expect([outbox.state.link, texts(outbox)]).toEqual(['signed-out', []]);
});

test('an entry is refused under another person’s session and waits', async () => {
  const outbox = open();
  server.login = 'bram';
  outbox.add(note('mine'));
  await outbox.flush();
  expect([seen(outbox), server.kinds]).toEqual([{ kinds: ['created'], waiting: 1, link: 'signed-out' }, ['created']]);
});

test('a device without room keeps entries as long as the page, says so, and sends them', async () => {
  const outbox = open({ on: memoryShelf({ full: true }) });
  outbox.add(note('a'));
  expect(outbox.state.storeFull).toBe(true);
  await outbox.flush();
  expect(texts(outbox)).toEqual(['a']);
});

test('what others do is heard as what has changed, not as the whole build', async () => {
  const outbox = open();
  server.does(angle(20));
  await outbox.look();
  expect(canonicalJson(outbox.state.known.kept.build)).toBe(canonicalJson(server.known.kept.build));
  expect(server.asked).toEqual([`GET /api/builds/${blank.id}/state?after=1`]);
});

test('where nothing is new nothing changes and nobody is told', async () => {
  const outbox = open();
  await outbox.look();
  let told = 0;
  outbox.subscribe(() => (told += 1));
  await outbox.look();
  expect(told).toBe(0);
});

test('a server that was set back to an older copy is believed, and all of the build asked for', async () => {
  server.does(note('lost later'));
  const outbox = open();
  await outbox.look();
  server = new FakeServer(blank);
  server.does(angle(12));
  server.does(angle(13, 12));
  await outbox.look();
  expect(canonicalJson(outbox.state.known)).toBe(canonicalJson(server.known));
});

test('every change is told to whoever listens, with a state that does not change under them', async () => {
  const outbox = open();
  const heard: string[] = [];
  const stop = outbox.subscribe(() => heard.push(`${outbox.state.link} ${outbox.state.waiting.length}`));
  const before = outbox.state;
  outbox.add(note('a'));
  await outbox.flush();
  stop();
  outbox.add(note('b'));
  await outbox.flush();
  expect([heard, before.waiting.length]).toEqual([['kept 1', 'sending 1', 'sending 0', 'kept 0'], 0]);
});

test('a shelf with something unreadable on it is read past', () => {
  shelf.all.set(`lorbet-out:${blank.id}:1-x`, '{');
  expect(open().state.waiting).toEqual([]);
});

const release: Command = { kind: 'holdPoint', holdPoint: 'bolting', action: 'hold' };
const relied: Command = { kind: 'sign', typedName: 'Odile', drawn: 'M1,1L2,2' };
test('what the second step is asked for waits at the head, is told all the while, and goes once it was given', async () => {
  const outbox = open();
  const links: string[] = [];
  server.stepIsDue = true;
  outbox.add(note('before'));
  outbox.add(relied);
  await outbox.flush();
  outbox.subscribe(() => links.push(outbox.state.link));
  outbox.add(note('after'));
  await outbox.flush();
  await outbox.look();
  expect([seen(outbox), new Set(links)]).toEqual([
    { kinds: ['created', 'note'], waiting: 2, link: 'unproven' },
    new Set(['unproven']),
  ]);
  server.stepIsDue = false;
  await outbox.flush();
  // This build has nothing that could be signed: it was judged, and is held for its person.
  expect([seen(outbox), outbox.state.held.length]).toEqual([{ kinds: ['created', 'note', 'note'], waiting: 0, link: 'kept' }, 1]);
});
test('whoever can’t give the second step sets that entry aside, and what waits behind it goes; nothing is lost on the way', async () => {
  const outbox = open();
  server.stepIsDue = true;
  outbox.add(relied);
  outbox.add(note('behind'));
  await outbox.flush();
  outbox.setAside();
  await outbox.flush();
  expect([texts(outbox), outbox.state.held.map(({ entry }) => entry.command.kind), outbox.state.link]).toEqual([
    ['behind'],
    ['sign'],
    'kept',
  ]);
  expect(open().state.held).toHaveLength(1);
  // Only what is asked for is set aside.
  outbox.add(release);
  outbox.setAside();
  expect(outbox.state.held).toHaveLength(1);
});
