import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { Known } from '../../core/ledger/News';
import type { Who } from '../../core/people/Who';
import type { PhotoWaiting } from './PhotoWaiting';
import { deviceShelf } from './shelf';

/** A build as this device saw it last. */
export interface KeptBuild {
  id: string;
  who: Who;
  known: Known;
  /** by which the server knows what is held here */ tag: string;
  seenMs: number;
}
interface Schema extends DBSchema {
  builds: { key: string; value: KeptBuild };
  pages: { key: string; value: { url: string; answer: unknown } };
  photos: { key: string; value: PhotoWaiting; indexes: { buildId: string } };
}
/** The most builds kept on a device, and for how long. */
const maxBuilds = 60;
const maxAgeMs = 30 * 24 * 3600 * 1000;

let opened: Promise<IDBPDatabase<Schema>> | null = null;
const open = () =>
  (opened ??= openDB<Schema>('lorbet', 1, {
    upgrade(db) {
      db.createObjectStore('builds', { keyPath: 'id' });
      db.createObjectStore('pages', { keyPath: 'url' });
      db.createObjectStore('photos', { keyPath: 'id' }).createIndex('buildId', 'buildId');
    },
  }));
/** A device may forbid its store, or have no room in it: then nothing is kept, and nothing is found. */
const attempt = async <T>(work: (db: IDBPDatabase<Schema>) => Promise<T>, otherwise: T): Promise<T> => {
  try {
    return await work(await open());
  } catch {
    opened = null;
    return otherwise;
  }
};

/** To open a store in which nothing is yet takes longer than the server's answer: whether there may be anything, a mark tells. */
const mark = 'lorbet-builds-kept';
const mayHoldBuilds = (): boolean => {
  try {
    return localStorage.getItem(mark) !== null;
  } catch {
    // No mark can be set either.
    return true;
  }
};

/** What this device keeps for work without coverage: builds, the bay, and photographs that wait to be sent. */
export const device = {
  readBuild: async (id: string) => (mayHoldBuilds() ? attempt(async (db) => (await db.get('builds', id)) ?? null, null) : null),
  keepBuild: (build: KeptBuild) =>
    attempt(async (db) => {
      deviceShelf.put(mark, '1');
      await db.put('builds', build);
      const all = (await db.getAll('builds')).sort((a, b) => b.seenMs - a.seenMs);
      const old = all.filter(({ seenMs }, i) => i >= maxBuilds || build.seenMs - seenMs > maxAgeMs);
      for (const { id } of old) await db.delete('builds', id);
      return true;
    }, false),
  dropBuild: (id: string) => attempt((db) => db.delete('builds', id), undefined),
  readPage: (url: string) => attempt(async (db) => (await db.get('pages', url))?.answer ?? null, null),
  keepPage: (url: string, answer: unknown) =>
    attempt(async (db) => {
      await db.put('pages', { url, answer });
      return true;
    }, false),
  photosOf: (buildId: string) => attempt((db) => db.getAllFromIndex('photos', 'buildId', buildId), []),
  /** @returns whether there was room for it */
  keepPhoto: (photo: PhotoWaiting) =>
    attempt(async (db) => {
      await db.put('photos', photo);
      return true;
    }, false),
  dropPhoto: (id: string) => attempt((db) => db.delete('photos', id), undefined),
  /** Takes builds and pages off the device: the next person to use it has no business with them. What waits to be sent stays. */
  forget: () =>
    attempt(async (db) => {
      await db.clear('builds');
      await db.clear('pages');
    }, undefined),
};
export type Device = typeof device;
