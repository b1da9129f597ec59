import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { AccessForm } from './access-form';

const FIELDS = [
  { name: 'crew', label: 'Crew', type: 'text', autoComplete: 'organization' },
  { name: 'name', label: 'Your name', type: 'text', autoComplete: 'name' },
  { name: 'password', label: 'Password', type: 'password', autoComplete: 'new-password', hint: 'Long is good.' },
] as const;

const answering = (answer: () => Response) => {
  const asked: unknown[] = [];
  globalThis.fetch = (async (_path: string, init: RequestInit) => {
    asked.push(JSON.parse(init.body as string));
    return answer();
  }) as typeof fetch;
  return asked;
};

const form = () => render(<AccessForm way="first-start" fields={FIELDS} button="Begin" />);
const fill = async (name: string, text: string) => userEvent.type(screen.getByLabelText(name), text);
const begin = () => userEvent.click(screen.getByRole('button', { name: 'Begin' }));

test('an empty field says so at the field, and nothing is sent', async () => {
  const asked = answering(() => Response.json({}));
  form();
  await fill('Crew', 'North');
  await begin();
  const name = await screen.findByText('Your name must be given');
  expect(screen.getByLabelText('Your name').getAttribute('aria-describedby')).toBe(name.id);
  expect(screen.getByText('Password must be given')).toBeTruthy();
  expect(screen.queryByText('Crew must be given')).toBe(null);
  expect(asked).toEqual([]);
});

test('a refusal is shown at its field; what was typed stays', async () => {
  const asked = answering(() =>
    Response.json({ error: 'must have a letter or a digit in it', path: 'crew' }, { status: 400 }),
  );
  form();
  await fill('Crew', '!!');
  await fill('Your name', 'Lea');
  await fill('Password', 'a long password');
  await begin();
  expect(await screen.findByText('Crew must have a letter or a digit in it')).toBeTruthy();
  expect(asked).toEqual([{ crew: '!!', name: 'Lea', password: 'a long password' }]);
  expect((screen.getByLabelText('Password') as HTMLInputElement).value).toBe('a long password');
  expect(screen.getByRole('button', { name: 'Begin' }).hasAttribute('disabled')).toBe(false);
});

test('without a server the form says so, and can be sent again', async () => {
  globalThis.fetch = async () => {
    throw new TypeError('no signal');
  };
  form();
  await fill('Crew', 'North');
  await fill('Your name', 'Lea');
  await fill('Password', 'a long password');
  await begin();
  expect((await screen.findByText('The server is not responding.')).getAttribute('role')).toBe('alert');
  expect(screen.getByRole('button', { name: 'Begin' }).hasAttribute('disabled')).toBe(false);
});

test('what is typed before the form is alive is sent', async () => {
  const asked = answering(() => Response.json({ error: 'No.', path: '' }, { status: 401 }));
  const page = document.createElement('div');
  document.body.append(page);
  const { renderToString } = await import('react-dom/server');
  page.innerHTML = renderToString(<AccessForm way="first-start" fields={FIELDS} button="Begin" />);
  const typed = { Crew: 'North', 'Your name': 'Lea', Password: 'a long password' };
  for (const [label, text] of Object.entries(typed)) (screen.getByLabelText(label) as HTMLInputElement).value = text;
  render(<AccessForm way="first-start" fields={FIELDS} button="Begin" />, { container: page, hydrate: true });
  await begin();
  await screen.findByText('No.');
  expect(asked).toEqual([{ crew: 'North', name: 'Lea', password: 'a long password' }]);
});
