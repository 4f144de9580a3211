import { randomUUID } from 'node:crypto';
import { commandBuild } from '../../store/builds/command';
import { importBuild } from '../../store/builds/import';
import { changeOwnPassword, changePerson, invitePerson, joinCrew, recoverLead } from '../../store/crew';
import { closeDatabase, database } from '../../store/database';
import { migrate } from '../../store/migrate';
import { addPerson, addWorkshop, type Person } from '../../store/people';
import { signIn } from '../../store/enter';
import { beginSession, personOf } from '../../store/sessions';
import { nobody, signInsOf } from '../../store/signIns';
import { soundBuild } from '../soundBuild';

// One name, one person; passwords that nobody guesses; and who had a new one chosen for whom is told.
const password = 'long enough to pass';
const login = () => `who-${randomUUID().slice(0, 8)}`;
let shed: string;
let lead: Person;
async function added(name: string, role: 'lead' | 'fitter', workshop = shed): Promise<Person> {
  const done = await addPerson(workshop, { name, login: login(), password, role });
  if (!done.ok) throw new Error(done.errors.join(' '));
  return done.value;
}
beforeAll(async () => {
  await migrate();
  shed = await addWorkshop('Name Shed');
  lead = await added('Wilma Lead', 'lead');
});
afterAll(closeDatabase);
const signed = async (who: Person): Promise<Person> => {
  const person = await personOf(await beginSession(who.id, nobody));
  if (!person) throw new Error('not in');
  return person;
};

test('a name is one person’s within a workshop, whatever its letters’ size; elsewhere somebody else may bear it', async () => {
  await added('Ada Berg', 'fitter');
  const again = { name: 'ada BERG', login: login(), role: 'fitter' as const };
  const taken = { ok: false, fields: { name: expect.stringContaining('is somebody else’s here') as string } };
  expect(await invitePerson(lead, again, nobody)).toMatchObject(taken);
  expect(await addPerson(shed, { ...again, password })).toMatchObject(taken);
  expect((await added('Ada Berg', 'fitter', await addWorkshop('Elsewhere'))).name).toBe('Ada Berg');
});
test('of two who are invited by one name at the same moment one is too late', async () => {
  const both = await Promise.all([0, 1].map(() => invitePerson(lead, { name: 'Twin', login: login(), role: 'viewer' }, nobody)));
  expect(both.filter(({ ok }) => ok)).toHaveLength(1);
});
const told = (done: { ok: boolean; errors?: string[] }): string => (done.errors ?? ['taken']).join(' ');
test.each(['password123', 'qwertyuiop', 'iloveyou12'])(
  'the password “%s” is refused wherever one is chosen, and never repeated',
  async (weak) => {
    const invited = await invitePerson(lead, { name: `Guest ${weak}`, login: login(), role: 'viewer' }, nobody);
    const all = [
      await addPerson(shed, { name: `New ${weak}`, login: login(), password: weak, role: 'viewer' }),
      await joinCrew(invited.ok ? invited.value : '', weak, nobody),
      await changeOwnPassword(lead, { old: password, password: weak }, undefined, nobody),
    ].map(told);
    for (const one of all) expect([one.includes('guessed first'), one.includes(weak)]).toEqual([true, false]);
  },
);
test('one’s own name is no password', async () => {
  const who = await added('Theodora Vandermolen', 'fitter');
  expect(told(await changeOwnPassword(who, { old: password, password: 'theodora vandermolen' }, undefined, nobody))).toContain(
    'guessed first',
  );
});
test('a person changes the own password by the old one: every other session ends, this one stays, and it is recorded', async () => {
  const who = await added('Own Word', 'fitter');
  const [here, there] = [await beginSession(who.id, nobody), await beginSession(who.id, nobody)];
  const next = 'four words that stand apart';
  expect(await changeOwnPassword(who, { old: 'guess', password: next }, here, nobody)).toMatchObject({
    ok: false,
    fields: { old: 'Password until now is another one.' },
  });
  expect((await personOf(there))?.login).toBe(who.login);
  expect((await changeOwnPassword(who, { old: password, password: next }, here, nobody)).ok).toBe(true);
  expect([(await personOf(here))?.login, await personOf(there)]).toEqual([who.login, null]);
  expect([(await signIn(who.login, password, nobody)).kind, (await signIn(who.login, next, nobody)).kind]).toEqual([
    'refused',
    'in',
  ]);
  expect((await signInsOf(lead)).map(({ event }) => event)).toContain('password changed');
});
test('a lead’s reset is told on what that person signs next, and on nothing after it', async () => {
  const fitter = await added('Fitter Reset', 'fitter');
  const reset = await changePerson(lead, { personId: fitter.id, action: 'reset' }, nobody);
  await joinCrew(reset.ok ? reset.value : '', 'three loose words here', nobody);
  const sign = async () => {
    const build = { ...soundBuild(), id: randomUUID() };
    await importBuild(lead, { build }, false);
    // What a file brings counts for nothing; this one is kept as if it had been done here.
    await database().models.BuildRow.update({ document: build }, { where: { id: build.id } });
    const command = { kind: 'sign' as const, typedName: fitter.name, drawn: 'M10,10L60,120L110,20L160,120' };
    const done = await commandBuild(await signed(fitter), build.id, command, randomUUID());
    return done.ok ? done.kept.build.signatures.at(-1)?.reset?.by : done.errors.join(' ');
  };
  expect([await sign(), await sign()]).toEqual(['Wilma Lead', undefined]);
});
test('the only lead who is locked out gets in again by whoever has the machine; recorded, and told on what is signed next', async () => {
  const elsewhere = await addWorkshop('Locked Shed');
  const only = await added('Only Lead', 'lead', elsewhere);
  const session = await beginSession(only.id, nobody);
  const fitter = await added('Mere Fitter', 'fitter', elsewhere);
  expect(await recoverLead(fitter.login)).toMatchObject({ ok: false, errors: [expect.stringContaining('is no lead’s')] });
  const link = await recoverLead(only.login);
  expect(await personOf(session)).toBeNull();
  expect((await joinCrew(link.ok ? link.value : '', 'three loose words here', nobody)).ok).toBe(true);
  expect((await signed(only)).reset?.by).toBe('whoever has the machine');
  expect((await signInsOf(only)).map(({ event }) => event)).toEqual(expect.arrayContaining(['recovered', 'password chosen']));
});
