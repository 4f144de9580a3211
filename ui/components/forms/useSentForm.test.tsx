import { Button } from '@mui/material';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { inviteSchema } from '../../../core/build/personSchemas';
import type { JsonAnswer } from '../../sync/postJson';
import { Problems } from '../cells/Problems';
import { bySchema } from './bySchema';
import { Field } from './Field';
import { useSentForm } from './useSentForm';

const blank = { name: 'Wim Arden', login: 'wim', role: 'fitter' };
function Form({ work }: { work: (values: typeof blank) => Promise<JsonAnswer<unknown>> }) {
  const { field, send, problems } = useSentForm<typeof blank>(blank, bySchema(inviteSchema()));
  return (
    <form onSubmit={send(work)}>
      <Field label="Name" maxLength={80} {...field('name')} />
      <Field label="Login" maxLength={60} {...field('login')} />
      <Problems all={problems} />
      <Button type="submit">Send</Button>
    </form>
  );
}
const press = () => userEvent.click(screen.getByRole('button', { name: 'Send' }));
const saidAt = (label: string) => {
  const ids = screen.getByLabelText(label).getAttribute('aria-describedby');
  return ids === null ? null : document.getElementById(ids)?.textContent;
};

test('what the schema has against a field stands at it, and nothing is sent', async () => {
  const sent: unknown[] = [];
  render(<Form work={(values) => Promise.resolve(sent.push(values)).then(() => ({ ok: true, value: null }))} />);
  await userEvent.clear(screen.getByLabelText('Name'));
  await press();
  expect([saidAt('Name'), saidAt('Login'), sent]).toEqual(['Name must hold 2 to 80 characters.', null, []]);
});
test('what the server has against a field stands at it and takes the hand; the rest stands above the key', async () => {
  const taken = 'Sign-in name wim is taken.';
  const errors = [taken, 'The workshop is full.'];
  render(<Form work={() => Promise.resolve({ ok: false, errors, fields: { login: taken } })} />);
  await press();
  expect([saidAt('Name'), saidAt('Login'), document.activeElement]).toEqual([null, taken, screen.getByLabelText('Login')]);
  expect(screen.getAllByRole('listitem').map(({ textContent }) => textContent)).toEqual(['The workshop is full.']);
});
test('a refusal of a field that the form has not is not lost', async () => {
  render(
    <Form
      work={() => Promise.resolve({ ok: false, errors: ['Elsewhere is wrong.'], fields: { elsewhere: 'Elsewhere is wrong.' } })}
    />,
  );
  await press();
  expect(screen.getByRole('listitem').textContent).toBe('Elsewhere is wrong.');
});
