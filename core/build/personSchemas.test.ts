import { validate } from './readBuild';
import { newBuildSchema } from './buildSchema';
import { chosenPasswordSchema, firstLeadSchema, inviteSchema } from './personSchemas';

const lead = { code: 'ABCD-EFGH', workshop: 'A shed', name: 'Ada Berg', login: 'ada', password: 'ten letters' };

test('what stands at a field is a sentence that names the field as it is called on screen', () => {
  expect(validate(firstLeadSchema(), { code: 'x', workshop: 'x', name: '', login: 'A B', password: 'short' })).toMatchObject({
    fields: {
      workshop: 'Workshop’s name must hold 2 to 80 characters (it is "x").',
      name: 'Name must hold 2 to 80 characters (it is "").',
      login: 'Sign-in name must be 2 to 60 of a to z, 0 to 9, point and hyphen (it is "A B").',
      password: 'Password must hold 10 to 200 characters (it is "short").',
    },
  });
});
test.each([
  ['a first lead', firstLeadSchema(), lead],
  ['an invitation', inviteSchema(), { name: 'Wim Arden', login: 'wim.a', role: 'viewer' }],
  ['a password typed twice', chosenPasswordSchema(), { password: 'ten letters', again: 'ten letters' }],
  ['a build', newBuildSchema(), { name: 'Van', what: '', kind: 'boat', place: '', heaterSerial: '' }],
])('%s that holds what is asked for is taken', (_name, schema, value) =>
  expect(validate(schema, value)).toEqual({ ok: true, value }),
);
test('a password typed otherwise the second time is told at the second', () =>
  expect(validate(chosenPasswordSchema(), { password: 'ten letters', again: 'other letters' })).toMatchObject({
    fields: { again: expect.stringMatching(/^again: The two passwords are not the same/) as string },
  }));
test('nobody makes himself of another role or another workshop by a field more', () =>
  expect(validate(inviteSchema(), { name: 'Wim Arden', login: 'wim', role: 'fitter', workshopId: '1' }).ok).toBe(false));
test.each([
  [9, false],
  [10, true],
  [200, true],
  [201, false],
])('a password of %i characters: %s', (length, ok) => {
  const password = 'x'.repeat(length);
  expect(validate(chosenPasswordSchema(), { password, again: password }).ok).toBe(ok);
});
