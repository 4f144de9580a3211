import type { Command } from '../core/commands/allCommands';
import { createHash } from 'node:crypto';
import type { Transaction } from 'sequelize';
import type { Build } from '../core/build/Build';
import { rowsOf } from '../core/build/lists';
import { database } from './database';
import type { Person } from './people';

export interface Picture {
  sha256: string;
  widthPx: number;
  heightPx: number;
  /** JPEG, without any metadata */ picture: Buffer;
  small: Buffer;
}

/** Keeps a photograph of a build. The same picture sent again is kept once. */
export async function keepPhoto(person: Person, buildId: string, photo: Picture, transaction?: Transaction): Promise<void> {
  await database().models.PhotoRow.findOrCreate({
    where: { buildId, sha256: photo.sha256 },
    defaults: { buildId, ...photo, by: person.name, at: new Date() },
    transaction: transaction ?? null,
  });
}

/** The bytes of a photograph, large or small; null where this Lorbet does not hold them. */
export async function photoBytes(buildId: string, sha256: string, size: 'picture' | 'small'): Promise<Buffer | null> {
  const row = await database().models.PhotoRow.findOne({ where: { buildId, sha256 }, attributes: [size] });
  return row ? row[size] : null;
}

/** The pictures that a build has chosen for its certificate, by fingerprint. */
export async function printedPhotos(build: Build): Promise<Map<string, Buffer>> {
  const sha256 = rowsOf(build.lists, 'photos').flatMap((row) => (row.printed === 'yes' && row.sha256 ? [row.sha256] : []));
  if (sha256.length === 0) return new Map();
  const rows = await database().models.PhotoRow.findAll({
    where: { buildId: build.id, sha256 },
    attributes: ['sha256', 'picture'],
  });
  return new Map(rows.map((row) => [row.sha256, row.picture]));
}

/** Sentences for photographs that a command names and nobody has sent. */
export async function unknownPhotos(buildId: string, command: Command, transaction: Transaction): Promise<string[]> {
  if (command.kind !== 'rows') return [];
  const named = command.changes.flatMap((c) =>
    c.list === 'photos' && c.action === 'add' ? [typeof c.values.sha256 === 'string' ? c.values.sha256 : ''] : [],
  );
  if (named.length === 0) return [];
  const rows = await database().models.PhotoRow.findAll({
    where: { buildId, sha256: named },
    attributes: ['sha256'],
    transaction,
  });
  const known = new Set(rows.map((row) => row.sha256));
  return named
    .filter((sha256) => !known.has(sha256))
    .map((sha256) => `Photographs, fingerprint is “${sha256.slice(0, 12)}”; the picture itself has to be sent first.`);
}

/** Photographs that a build names and whose bytes are not here, or are no longer what they were. */
export async function brokenPhotos(buildId: string): Promise<string[]> {
  const { BuildRow, PhotoRow } = database().models;
  const build = await BuildRow.findByPk(buildId, { attributes: ['document'] });
  const broken: string[] = [];
  for (const { sha256 } of rowsOf(build?.document.lists, 'photos')) {
    const row = sha256 === undefined ? null : await PhotoRow.findOne({ where: { buildId, sha256 }, attributes: ['picture'] });
    // One that came in with a file was never here; one that is here must be what its fingerprint says.
    if (row && createHash('sha256').update(row.picture).digest('hex') !== sha256) broken.push(sha256 ?? '');
  }
  return broken;
}
