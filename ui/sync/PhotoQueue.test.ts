import 'fake-indexeddb/auto';
import { sharedLock } from '../../tests/fakeServer';
import { device } from './device';
import { PhotoQueue, type Sent } from './PhotoQueue';
import type { PhotoWaiting } from './PhotoWaiting';

const buildId = 'b0000000-0000-4000-8000-000000000001';
const picture = { sha256: 'a'.repeat(64), widthPx: 30, heightPx: 20 };
let answer: Sent;
let sent: string[];
let added: string[];
let addErrors: string[];
let exclusively: ReturnType<typeof sharedLock>;
beforeEach(async () => {
  for (const { id } of await device.photosOf(buildId)) await device.dropPhoto(id);
  [answer, sent, added, addErrors, exclusively] = [{ kind: 'kept', value: picture }, [], [], [], sharedLock()];
});
const queue = (login = 'odile', on: ConstructorParameters<typeof PhotoQueue>[0]['device'] = device) =>
  new PhotoQueue({
    buildId,
    login,
    device: on,
    exclusively,
    send: ({ id }) => {
      sent.push(id);
      return Promise.resolve(answer);
    },
    add: ({ id }) => {
      added.push(id);
      return addErrors;
    },
  });
const photo = (id: string, minute = 0): Omit<PhotoWaiting, 'buildId' | 'by'> => ({
  id,
  takenAt: `2026-11-26T10:${String(minute).padStart(2, '0')}:00.000Z`,
  file: new Blob(['bytes']),
  name: `${id}.jpg`,
  values: { about: 'hole' },
});
const onDevice = async () => (await device.photosOf(buildId)).map(({ id }) => id);

test('a photograph is on the device before it is sent, and off it once it is on the build’s list', async () => {
  const photos = queue();
  answer = { kind: 'later' };
  expect(await photos.take(photo('a'))).toBeNull();
  expect(await onDevice()).toEqual(['a']);
  await photos.flush();
  answer = { kind: 'kept', value: picture };
  await photos.flush();
  expect([await onDevice(), added, photos.waiting]).toEqual([[], ['a'], []]);
});

test('without coverage they wait in the order in which they were taken, over a reload', async () => {
  answer = { kind: 'later' };
  const before = queue();
  await before.take(photo('late', 5));
  await before.take(photo('early', 1));
  await before.flush();
  const after = queue();
  answer = { kind: 'kept', value: picture };
  await after.flush();
  expect(added).toEqual(['early', 'late']);
});

test('one that is refused says why, holds up no other, and goes when its person throws it away', async () => {
  const photos = queue();
  answer = { kind: 'refused', error: 'a.jpg is no picture.' };
  await photos.take(photo('a'));
  await photos.flush();
  answer = { kind: 'kept', value: picture };
  await photos.take(photo('b', 1));
  await photos.flush();
  expect([photos.waiting.map(({ id, error }) => [id, error]), added]).toEqual([[['a', 'a.jpg is no picture.']], ['b']]);
  await photos.drop('a');
  expect([photos.waiting, await onDevice()]).toEqual([[], []]);
});

test('one that the build’s list does not take stays on the device and says why', async () => {
  const photos = queue();
  addErrors = ['The build is signed and locked.'];
  await photos.take(photo('a'));
  await photos.flush();
  expect([photos.waiting.map(({ error }) => error), await onDevice()]).toEqual([['The build is signed and locked.'], ['a']]);
});

test('two tabs send each once', async () => {
  answer = { kind: 'later' };
  const [left, right] = [queue(), queue()];
  await left.take(photo('a'));
  await right.take(photo('b', 1));
  await Promise.all([left.flush(), right.flush()]);
  [answer, sent] = [{ kind: 'kept', value: picture }, []];
  await Promise.all([left.flush(), right.flush()]);
  expect([sent.sort(), added.sort()]).toEqual([
    ['a', 'b'],
    ['a', 'b'],
  ]);
});

test('one taken by somebody else is not sent under this name', async () => {
  answer = { kind: 'later' };
  const bram = queue('bram');
  await bram.take(photo('a'));
  await bram.flush();
  answer = { kind: 'kept', value: picture };
  await queue('odile').flush();
  expect([added, await onDevice()]).toEqual([[], ['a']]);
});

test('where the device has no room it goes straight through, or says that it was not sent', async () => {
  const photos = queue('odile', { ...device, keepPhoto: () => Promise.resolve(false) });
  expect([await photos.take(photo('a')), added]).toEqual([null, ['a']]);
  answer = { kind: 'later' };
  expect(await photos.take(photo('b'))).toMatch(/^b\.jpg was not sent: .* no room/);
});

test('a device keeps the last sixty builds that were seen on it', async () => {
  const kept = (n: number) => ({ id: `build-${n}`, seenMs: 1000 + n, tag: '', who: {}, known: {} }) as never;
  for (let n = 0; n < 63; n += 1) await device.keepBuild(kept(n));
  expect([await device.readBuild('build-2'), (await device.readBuild('build-3'))?.id]).toEqual([null, 'build-3']);
});

test('what a device forgets at signing out is builds and pages; what waits to be sent stays', async () => {
  answer = { kind: 'later' };
  await queue().take(photo('a'));
  await device.keepPage('/api/bay', { builds: [] });
  await device.forget();
  expect([await device.readBuild('build-62'), await device.readPage('/api/bay'), await onDevice()]).toEqual([null, null, ['a']]);
});
