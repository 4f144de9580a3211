import { randomUUID } from 'node:crypto';
import { successionText } from '../../core/proof/statement';
import { readWitness, witnessProblems } from '../../core/proof/witness';
import { sha256Hex } from '../../core/record/sha256Hex';
import { verifyEd25519 } from '../../formats/proof/ed25519';
import { commandBuild } from '../../store/builds/command';
import { importBuild } from '../../store/builds/import';
import { laterState } from '../../store/builds/later';
import { ledgerOf } from '../../store/builds/ledger';
import { config } from '../../store/config';
import { closeDatabase, database } from '../../store/database';
import { changeKey, keysOf, signerFor, workshopByKey } from '../../store/keys';
import { migrate } from '../../store/migrate';
import { addPerson, addWorkshop, type Person } from '../../store/people';
import { openSealed, sealBytes } from '../../store/seal';
import { addWitness, hashesAt, witnessOf } from '../../store/witness';
import { soundBuild } from '../soundBuild';

let lead: Person;
let buildId: string;
beforeAll(async () => {
  await migrate();
  const workshopId = await addWorkshop('Key Shed');
  const added = await addPerson(workshopId, {
    name: 'Key Lead',
    login: `key-${randomUUID().slice(0, 8)}`,
    password: 'long enough to pass',
    role: 'lead',
  });
  if (!added.ok) throw new Error(added.errors.join(' '));
  lead = added.value;
  buildId = randomUUID();
  const brought = await importBuild(lead, { build: { ...soundBuild(), id: buildId }, logs: new Map() }, false);
  if (!brought.ok) throw new Error(brought.errors.join(' '));
}, 60_000);
afterAll(closeDatabase);
const note = (text: string) => commandBuild(lead, buildId, { kind: 'note', text }, randomUUID());

test('what is sealed is opened by the same secret alone, and by no altered byte', () => {
  const sealed = sealBytes(Buffer.from('a private key'), 's'.repeat(32));
  expect(openSealed(sealed, 's'.repeat(32))?.toString()).toBe('a private key');
  expect(openSealed(sealed, 't'.repeat(32))).toBeNull();
  expect(
    openSealed(
      sealed.replace(/^./, (first) => (first === 'A' ? 'B' : 'A')),
      's'.repeat(32),
    ),
  ).toBeNull();
});
test('two that ask for a workshop’s first key at the same moment get the same one', async () => {
  const [one, two] = await Promise.all([signerFor(lead.workshopId, new Date()), signerFor(lead.workshopId, new Date())]);
  expect(one?.publicKey).toBe(two?.publicKey);
  expect(await keysOf(lead.workshopId)).toHaveLength(1);
});
test('the database holds no private key that its own secret does not close', async () => {
  const signer = await signerFor(lead.workshopId, new Date());
  const [rows] = await database().sequelize.query('SELECT sealed FROM workshop_keys');
  for (const { sealed } of rows as { sealed: string }[]) expect(openSealed(sealed, `${config().sealSecret}x`)).toBeNull();
  expect(await verifyEd25519(signer?.publicKey ?? '', 'a text', signer?.sign('a text') ?? '')).toBe(true);
});
test('a key that is changed signs for the next; one that is lost does not', async () => {
  const first = await signerFor(lead.workshopId, new Date());
  const changed = await changeKey(lead, 'changed', new Date());
  const next = changed.ok ? changed.value.at(-1) : undefined;
  expect(next?.after?.publicKey).toBe(first?.publicKey);
  expect(
    await verifyEd25519(
      first?.publicKey ?? '',
      successionText(next?.publicKey ?? '', next?.madeAtMs ?? 0),
      next?.after?.signature ?? '',
    ),
  ).toBe(true);
  const lost = await changeKey(lead, 'lost', new Date());
  expect(lost.ok && [lost.value.at(-1)?.after, lost.value.at(-2)?.retired?.why]).toEqual([undefined, 'lost']);
  expect(await changeKey(lead, 'bored', new Date())).toEqual({
    ok: false,
    errors: ['why is “bored”; allowed is changed or lost.'],
  });
});
test('a key is found by its name, in its own workshop', async () => {
  const signer = await signerFor(lead.workshopId, new Date());
  expect(await workshopByKey(signer?.keyId ?? '')).toMatchObject({ name: 'Key Shed', workshopId: lead.workshopId });
  expect(await workshopByKey('0'.repeat(16))).toBeNull();
});
test('what became of a build is told to whoever holds a hash of its ledger, and to nobody else', async () => {
  const [last] = await ledgerOf(buildId, { limit: 1 });
  expect(await laterState(lead.workshopId, buildId, last?.hash ?? '')).toEqual({ rows: 0, standing: 'same' });
  await note('after the paper');
  expect(await laterState(lead.workshopId, buildId, last?.hash ?? '')).toEqual({ rows: 1, standing: 'changed' });
  expect(await laterState(lead.workshopId, buildId, 'f'.repeat(64))).toBeNull();
  expect(await laterState(randomUUID(), buildId, last?.hash ?? '')).toBeNull();
});

describe('the chain of heads', () => {
  const links = async () => {
    const read = readWitness((await witnessOf(lead.workshopId)).map((line) => JSON.stringify(line)).join('\n'));
    if (!read) throw new Error('no chain');
    return read;
  };
  const problems = async () => {
    const all = await links();
    const hashes = await hashesAt(all.flatMap(({ content }) => content.heads.map(([build, rows]) => [build, rows] as const)));
    return witnessProblems(all, (build, rows) => hashes.get(`${build} ${rows}`));
  };
  test('gets one link a day, of two that look at the same moment one writes', async () => {
    const at = new Date('2030-01-01T03:00:00Z');
    const wrote = await Promise.all([addWitness(lead.workshopId, at), addWitness(lead.workshopId, at)]);
    expect(wrote.sort()).toEqual([false, true]);
    await note('on the next day');
    expect(await addWitness(lead.workshopId, new Date('2030-01-02T03:00:00Z'))).toBe(true);
    const all = (await links()).map(({ content }) => content);
    expect(all.map(({ seq }) => seq)).toEqual(all.map((_, i) => i + 1));
    expect(all.filter(({ made }) => !made)).toHaveLength(2);
    expect(await problems()).toEqual([]);
  });
  test('finds a ledger that was made wholly anew, and one that is gone', async () => {
    const all = await links();
    const [[build = '', rows = 0] = []] = all.find(({ content }) => !content.made)?.content.heads ?? [];
    expect(witnessProblems(all, () => sha256Hex('anew'))).toContain(
      `build ${build} was made anew: its row ${rows} is not the one of 2030-01-01`,
    );
    expect(witnessProblems(all, () => undefined)[0]).toMatch(/row \d+ is gone/);
  });
  test('has a build from the moment at which it is made: one taken away whole is missed on the same day', async () => {
    const id = randomUUID();
    const brought = await importBuild(lead, { build: { ...soundBuild(), id } }, false);
    expect(brought.ok).toBe(true);
    const all = await links();
    const hashes = await hashesAt(all.flatMap(({ content }) => content.heads.map(([build, rows]) => [build, rows] as const)));
    const without = witnessProblems(all, (build, rows) => (build === id ? undefined : hashes.get(`${build} ${rows}`)));
    expect(without).toEqual([expect.stringMatching(new RegExp(`^build ${id} had 1 rows on .*, and row 1 is gone$`))]);
  });
  test('finds a link of its own that was altered', async () => {
    const all = structuredClone(await links());
    const [first] = all;
    if (first) first.line.content = first.line.content.replace('"made":true', '"made":false');
    expect(witnessProblems(all, () => '')[0]).toMatch(/link 1 of the chain of heads does not follow/);
  });
  test('is never changed or emptied, by its owner neither', async () => {
    await expect(database().sequelize.query("UPDATE witnesses SET content = ''")).rejects.toThrow();
    await expect(database().sequelize.query('DELETE FROM witnesses')).rejects.toThrow();
  });
});
