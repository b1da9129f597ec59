import { type FullConfig, request } from '@playwright/test';
import { SIGNED_IN } from './signed-in';

/** Person of the browser tests: a member of the made-up crew, invited by its crew lead, with a password. */
const TESTER = { name: 'Playwright Tester', role: 'technician' };
const PASSWORD = 'a browser on a cold roof';

const expectOk = async (what: string, answer: Promise<{ ok: () => boolean; text: () => Promise<string> }>) => {
  const got = await answer;
  if (!got.ok()) throw new Error(`${what}: ${await got.text()}`);
  return got;
};

/** Signs in once; every test shares the session. */
const signIn = async ({ projects }: FullConfig) => {
  const asking = await request.newContext({ baseURL: projects[0]!.use.baseURL! });
  const door = await (await expectOk('The sign-in page', asking.get('/sign-in'))).text();
  const lead = /data-person="([0-9a-f-]{36})"[^>]*data-role="lead"/.exec(door)?.[1];
  await expectOk('The lead', asking.post('/api/sign-in/demo', { data: { crew: 'mossgate', person: lead } }));
  const invited = await expectOk('The invitation', asking.post('/api/people', { data: TESTER }));
  const { path } = JSON.parse(await invited.text()) as { path: string };
  const token = path.slice('/join/'.length);
  await expectOk('Joining', asking.post('/api/join', { data: { token, password: PASSWORD } }));
  await asking.storageState({ path: SIGNED_IN });
  await asking.dispose();
};

export default signIn;
