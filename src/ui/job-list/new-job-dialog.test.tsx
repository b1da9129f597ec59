import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { NewJobDialog } from './new-job-dialog';

const pushed: string[] = [];
jest.mock('next/navigation', () => ({ useRouter: () => ({ push: (path: string) => pushed.push(path) }) }));
jest.mock('next/link', () => ({
  __esModule: true,
  default: ({ children }: { readonly children: React.ReactNode }) => <span>{children}</span>,
}));

let bodies: { readonly id: string; readonly from: string; readonly source: string; readonly name: string }[];
const answering = (answer: () => Response) => {
  globalThis.fetch = (async (_path: string, init: RequestInit) => {
    bodies.push(JSON.parse(init.body as string));
    return answer();
  }) as typeof fetch;
};

beforeEach(() => {
  bodies = [];
  pushed.length = 0;
  localStorage.clear();
  render(<NewJobDialog samples={[{ id: 'quarry-bench', about: 'Startup under way' }]} onClose={() => undefined} />);
});

const create = () => userEvent.click(screen.getByRole('button', { name: 'Create job' }));

test('a name and what is known make a job, and it opens', async () => {
  answering(() => Response.json({ id: 'made' }, { status: 201 }));
  await userEvent.type(screen.getByLabelText('Name'), '  Odalys, Attic Lane ');
  await userEvent.selectOptions(screen.getByLabelText('Backup heat'), 'furnace');
  await create();
  expect(bodies).toEqual([
    expect.objectContaining({
      from: 'blank',
      name: 'Odalys, Attic Lane',
      changes: [{ path: 'system.backup', value: 'furnace' }],
    }),
  ]);
  expect(pushed).toEqual(['/jobs/made/survey']);
});

test('from a sample, what was entered for a blank job is not sent', async () => {
  answering(() => Response.json({ id: 'made' }, { status: 201 }));
  await userEvent.selectOptions(screen.getByLabelText('Backup heat'), 'furnace');
  await userEvent.click(screen.getByLabelText('Startup under way'));
  await create();
  expect(bodies).toEqual([{ id: bodies[0]!.id, from: 'sample', source: 'quarry-bench', name: '' }]);
});

test('refused, it says why; tried again, it is the same job', async () => {
  answering(() => Response.json({ error: 'The crew has 10,000 jobs.', path: '' }, { status: 409 }));
  await userEvent.type(screen.getByLabelText('Name'), 'Odalys');
  await create();
  expect((await screen.findByRole('alert')).textContent).toBe('The job was not created. The crew has 10,000 jobs.');
  await create();
  expect(new Set(bodies.map(({ id }) => id)).size).toBe(1);
  expect((screen.getByLabelText('Name') as HTMLInputElement).value).toBe('Odalys');
});

test('without a server and without anyone known on the device, it says so', async () => {
  answering(() => {
    throw new TypeError('no signal');
  });
  await create();
  expect((await screen.findByRole('alert')).textContent).toMatch(
    /^The job was not created\. The server is not responding/,
  );
});
