import { randomUUID } from 'node:crypto';
import { soundBuild, type Values } from '../soundBuild';
import type { Build } from '../../core/build/Build';
import type { Fault } from '../../core/build/faults';
import { importBuild } from '../../store/builds/import';
import { loreOf } from '../../store/builds/lore';
import { closeDatabase, database } from '../../store/database';
import { migrate } from '../../store/migrate';
import { addPerson, addWorkshop, type Person } from '../../store/people';
import { airCard } from '../startedBuild';

const at = '2026-11-20T10:00:00.000Z';
const proven = (cause: string, more: Partial<Fault> = {}): Fault => ({
  id: randomUUID(),
  at,
  by: 'A',
  symptom: 'notLit',
  steps: [],
  repairs: [{ at, by: 'A', cause, did: 'mended', parts: '', afterSteps: 0 }],
  proof: { at, by: 'A', start: randomUUID(), told: '' },
  ...more,
});
const somebody = async (workshop: string): Promise<Person> => {
  const login = `lore-${randomUUID().slice(0, 8)}`;
  const added = await addPerson(await addWorkshop(workshop), {
    name: 'Lore Lead',
    login,
    password: 'long enough to pass',
    role: 'lead',
  });
  if (!added.ok) throw new Error(added.errors.join(' '));
  return added.value;
};
/** A build in the store, its faults as if they had been told here. */
async function kept(person: Person, faults: Fault[], values: Values = {}): Promise<Build> {
  const build: Build = { ...soundBuild(values), id: randomUUID(), unitCard: airCard };
  const done = await importBuild(person, { build }, false);
  if (!done.ok) throw new Error(done.errors.join(' '));
  await database().models.BuildRow.update({ document: { ...build, faults } }, { where: { id: build.id } });
  return build;
}
let person: Person;
let own: Build;
beforeAll(async () => {
  await migrate();
  person = await somebody('Lore Shed');
  own = await kept(person, [proven('plugOpen'), proven('feedWeak', { aside: true })]);
  await kept(person, [proven('plugOpen'), proven('sooted', { code: { shown: 'E7', meaning: 'low volts', tells: 'voltage' } })]);
  await kept(person, [proven('altitude')], { 'heater.claimedOutputKw': 9 });
  await kept(await somebody('Other Lore Shed'), [proven('ventsShut'), proven('plugOpen')]);
}, 60000);
afterAll(closeDatabase);

test('causes are counted over the workshop’s own builds with heaters of the same class, and those set aside are not', async () => {
  expect((await loreOf(person, own)).counts).toEqual({ plugOpen: 2, sooted: 1 });
});
test('what a code was said to mean at another build of the same card is told', async () => {
  expect((await loreOf(person, own)).codes).toEqual([{ shown: 'E7', meaning: 'low volts', tells: 'voltage' }]);
});
test('what a file claims of faults counts for nothing', async () => {
  const build = { ...soundBuild(), id: randomUUID(), faults: [proven('ventsShut')] };
  const done = await importBuild(person, { build }, false);
  expect(done.ok && done.value.build.claims?.[0]?.faults).toHaveLength(1);
  expect((await loreOf(person, own)).counts.ventsShut).toBeUndefined();
});
