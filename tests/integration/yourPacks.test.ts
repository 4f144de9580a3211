import { randomUUID } from 'node:crypto';
import type { RulePack } from '../../core/build/pack/RulePack';
import type { Command } from '../../core/commands/allCommands';
import { copyOfPack, shippedPacks } from '../../core/usual/packs';
import { commandBuild } from '../../store/builds/command';
import { importBuild } from '../../store/builds/import';
import { changePerson, crewOf } from '../../store/crew';
import { closeDatabase } from '../../store/database';
import { migrate } from '../../store/migrate';
import { keepPack, packsOf } from '../../store/packs';
import { addPerson, addWorkshop, type Person } from '../../store/people';
import { soundBuild } from '../soundBuild';

const [road] = shippedPacks as [RulePack];
const caller = { address: '127.0.0.1', agent: 'test' };
async function leadOf(shed: string): Promise<Person> {
  const login = `pack-${randomUUID().slice(0, 8)}`;
  const added = await addPerson(await addWorkshop(shed), {
    name: 'Pack Lead',
    login,
    password: 'long enough to pass',
    role: 'lead',
  });
  if (!added.ok) throw new Error(added.errors.join(' '));
  return added.value;
}
let [lead, stranger]: Person[] = [];
let buildId: string;
beforeAll(async () => {
  await migrate();
  [lead, stranger] = [await leadOf('Pack Shed'), await leadOf('Other Shed')];
  buildId = randomUUID();
  const brought = await importBuild(lead, { build: { ...soundBuild(), id: buildId } }, false);
  if (!brought.ok) throw new Error(brought.errors.join(' '));
}, 60_000);
afterAll(closeDatabase);
const person = (of: Person | undefined): Person => {
  if (!of) throw new Error('nobody');
  return of;
};
const goBy = async (pack: RulePack): Promise<string> => {
  const command: Command = { kind: 'pack', packId: pack.id, pack };
  const done = await commandBuild(person(lead), buildId, command, randomUUID());
  return done.ok ? 'done' : done.errors.join(' ');
};
const keeps = async (who: Person | undefined, pack: RulePack): Promise<string> => {
  const kept = await keepPack(person(who), pack);
  return kept.ok ? kept.value.map(({ kept: { name, edition } }) => `${name} ${edition}`).join(', ') : kept.errors.join(' ');
};

test('what ships is written over by nobody; a copy goes up by an edition with each correction, and an old one changes nothing', async () => {
  expect(await keeps(lead, road)).toContain('ships with Lorbet; keep a copy');
  const ours = copyOfPack(road, randomUUID(), 'Ours');
  expect(await keeps(lead, { ...ours, edition: 9 })).toBe('Ours 1');
  expect(await keeps(lead, { ...ours, about: 'Asks for more than the shipped one.' })).toBe('Ours 2');
  expect(await keeps(lead, ours)).toContain('Edition 2 of “Ours” is kept, and this changes edition 1');
  const asksForNothing = {
    ...ours,
    id: randomUUID(),
    rules: road.rules.map((rule) => ({ ...rule, proof: [{ check: 'dragon' }] })),
  };
  expect(await keeps(lead, asksForNothing)).toContain('asks for the check dragon, which there is none of');
  expect(await packsOf(person(stranger))).toEqual([]);
});

test('a build goes by a pack that its workshop keeps, word for word, and by none made up on the way', async () => {
  expect(await goBy(road)).toBe('done');
  expect(await goBy({ ...road, rules: road.rules.slice(0, 1) })).toContain('keeps edition 1 of it in other words');
  const theirs = copyOfPack(road, randomUUID(), 'Theirs');
  expect(await keeps(stranger, theirs)).toBe('Theirs 1');
  expect(await goBy(theirs)).toContain('which this workshop does not keep');
});

test('licences are kept of the own workshop’s people alone, and one that has no trade is refused', async () => {
  const licences = [{ trade: 'heater' as const, number: 'H-7', from: 'a school', until: '2027-03-31' }];
  const keep = (by: Person | undefined, value: unknown) =>
    changePerson(person(by), { personId: person(lead).id, action: 'licences', licences: value }, caller);
  expect((await keep(lead, licences)).ok).toBe(true);
  expect(await keep(stranger, [])).toEqual({ ok: false, errors: ['personId is nobody of this workshop.'] });
  expect((await keep(lead, [{ number: '1', from: 'x' }])).ok).toBe(false);
  expect((await crewOf(person(lead))).map((one) => one.licences)).toEqual([licences]);
});
