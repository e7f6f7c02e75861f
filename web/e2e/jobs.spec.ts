import type { Page } from '@playwright/test';
import { spawn } from 'node:child_process';
import { text } from 'node:stream/consumers';
import { fileURLToPath } from 'node:url';
import { Application } from './server';
import { expect, test } from './studio';

test('rooms and jobs are renamed, duplicated, removed and taken back', async ({ page, studio }) => {
  await studio.newRoom('Millimetres', ['3000', '2400', '3000', '2400']);
  const made = (await page.getByRole('heading', { level: 1 }).textContent())!;
  await page.goto(`${studio.address}/studio`);
  const job = page.locator('section').first();
  const menu = (of: string) => page.getByRole('button', { name: `More for ${of}`, exact: true });

  // The room is renamed by keys alone; the menu has the keyboard again afterwards.
  await menu(made).first().focus();
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Rename' }).focus();
  await page.keyboard.press('Enter');
  await page.keyboard.type('Scullery');
  await page.keyboard.press('Enter');
  await expect(job.getByRole('link', { name: 'Scullery' })).toBeVisible();
  await expect(menu('Scullery')).toBeFocused();

  await menu('Scullery').click();
  await page.getByRole('button', { name: 'Duplicate' }).click();
  await expect(page.getByRole('status').first()).toContainText('duplicated as “Scullery (copy)”');
  await expect(job.getByRole('link', { name: 'Scullery (copy)' })).toBeVisible();

  await menu('Scullery (copy)').click();
  await page.getByRole('button', { name: 'Remove' }).click();
  await expect(job.getByRole('link', { name: 'Scullery (copy)' })).toBeHidden();
  await page.getByRole('button', { name: 'Take it back' }).click();
  await expect(job.getByRole('link', { name: 'Scullery (copy)' })).toBeVisible();

  // A job goes with its rooms, is listed, and comes back with them.
  const name = (await job.getByRole('heading').textContent())!;
  await menu(name).click();
  await page.getByRole('button', { name: 'Rename' }).click();
  await page.getByLabel('Name of the job').fill('Scullery row');
  await page.keyboard.press('Enter');
  await menu('Scullery row').click();
  await page.getByRole('button', { name: 'Remove' }).click();
  await expect(page.getByRole('heading', { name: 'Scullery row' })).toBeHidden();
  await page.getByRole('link', { name: 'Removed' }).click();
  await expect(page.getByRole('row', { name: /Scullery row/ })).toContainText('job with its rooms');
  await page.getByRole('button', { name: 'Take Scullery row back' }).click();
  await expect(page.getByRole('status')).toHaveText('Scullery row is back.');

  await page.goto(`${studio.address}/studio`);
  await page.getByRole('searchbox', { name: 'Find a job or room' }).fill('scullery row');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 2 })).toHaveText(['Scullery row']);
  await expect(page.locator('section li')).toHaveCount(2);
});

test('a room’s history tells what was done, and any revision is brought back', async ({ page, studio }) => {
  await studio.newRoom('Millimetres', ['3000', '2400', '3000', '2400']);
  await studio.step('Set');
  await studio.setByCode('F600', 'F300');
  await studio.saved();
  const room = new URL(page.url()).pathname;
  const made = (await page.getByRole('heading', { level: 1 }).textContent())!;
  const items = async () => {
    const answer = await page.request.get(`${studio.address}/api${room}`);
    const { document } = (await answer.json()) as {
      document: { records: Record<string, { code?: string }> };
    };
    return Object.values(document.records).flatMap(({ code }) => code ?? []);
  };
  await page.goto(`${studio.address}${room}/history`);
  const edits = page.getByRole('listitem');
  await expect(edits.first()).toContainText('Set F300');
  await expect(edits.last()).toContainText('The room is made');

  await page.getByRole('button', { name: /Set F600/ }).click();
  await expect(page.getByRole('heading', { level: 2 })).toHaveText('Revision 1');
  await expect(page.locator('.shown .plan svg')).toBeVisible();
  await page.getByRole('button', { name: 'Bring this back' }).click();
  await expect(page.getByRole('status')).toContainText('as it was at revision 1');
  await expect(edits.first()).toContainText('Bring back revision 1');
  expect(await items()).toEqual(['F600']);

  // It is one more edit of one's own: in the room it is taken back like any other.
  await page.getByRole('navigation').getByRole('link', { name: made }).click();
  await studio.ready();
  await page.keyboard.press('Control+z');
  await expect.poll(items).toEqual(['F600', 'F300']);
});

test('the first studio is made on the sign-in page, and its person changes the password', async ({
  browser,
}) => {
  const application = await Application.start({ demo: false });
  try {
    const page = await browser.newPage();
    await page.goto(application.address);
    await page.getByLabel('Studio').fill('Quay Kitchens');
    await page.getByLabel('Your name').fill('A. Mason');
    await page.getByLabel('Email').fill('mason@quay.example');
    await page.getByLabel('Password').fill('harbour wall');
    await page.getByRole('button', { name: 'Make the studio' }).click();
    await page.waitForURL('**/studio');
    await expect(page.getByText('No job yet.')).toBeVisible();

    // Whoever comes later signs in.
    const other = await browser.newContext();
    const later = await other.newPage();
    await later.goto(application.address);
    await expect(later.getByRole('button', { name: 'Make the studio' })).toBeHidden();
    await later.getByLabel('Email').fill('mason@quay.example');
    await later.getByLabel('Password').fill('harbour wall');
    await later.getByRole('button', { name: 'Sign in' }).click();
    await later.waitForURL('**/studio');

    await page.getByRole('link', { name: 'A. Mason' }).click();
    await expect(page.getByText('Here, and in 1 other browser.')).toBeVisible();
    await page.getByLabel('The password you have now').fill('harbour wal');
    await page.getByLabel('A new one').fill('slipway at dawn');
    await page.getByRole('button', { name: 'Change the password' }).click();
    await expect(page.getByRole('alert')).toHaveText('That is not the password you have now.');
    await page.getByLabel('The password you have now').fill('harbour wall');
    await page.getByLabel('A new one').fill('slipway at dawn');
    await page.getByRole('button', { name: 'Change the password' }).click();
    await expect(page.getByRole('status')).toContainText('Your password is changed.');
    await later.reload();
    await expect(later.getByRole('button', { name: 'Sign in' })).toBeVisible();

    // Another studio is made by whoever runs the server.
    const person = ['--name', 'B. Wright', '--email', 'wright@slip.example'];
    const make = (password: string) =>
      addStudio(['add', '--studio', 'Slip Baths', ...person], application.databaseUrl, password);
    expect(await make('short')).toMatchObject({ code: 1, stderr: expect.stringContaining('10 characters') });
    expect(await make('keel and rudder')).toMatchObject({
      code: 0,
      stdout: expect.stringContaining('Slip Baths is made.'),
    });
    expect(await make('keel and rudder')).toMatchObject({ code: 1 });
    await later.getByLabel('Email').fill('wright@slip.example');
    await later.getByLabel('Password').fill('keel and rudder');
    await later.getByRole('button', { name: 'Sign in' }).click();
    await expect(later).toHaveTitle('Slip Baths – Good Reach');
  } finally {
    await application.stop();
  }
});

/** Runs `script/studio` with a password piped in. */
async function addStudio(args: readonly string[], databaseUrl: string, password: string) {
  const script = fileURLToPath(new URL('../../script/studio', import.meta.url));
  const env = { ...process.env, DATABASE_URL: databaseUrl, LOG_LEVEL: 'silent' };
  const running = spawn(script, args, { env });
  running.stdin.end(`${password}\n`);
  const ended = new Promise<number | null>((resolve) => running.once('exit', resolve));
  const [stdout, stderr, code] = await Promise.all([text(running.stdout), text(running.stderr), ended]);
  return { code, stdout, stderr };
}

/** Holds a page's scripts back until they are released. */
async function withoutScripts(page: Page): Promise<() => Promise<void>> {
  let release = () => {};
  const released = new Promise<void>((resolve) => (release = resolve));
  await page.route('**/*.js', async (route) => {
    await released;
    await route.continue();
  });
  return async () => {
    release();
    await page.waitForLoadState('networkidle');
  };
}

test('what is typed on the sign-in page before its scripts are there stays', async ({ page, studio }) => {
  const release = await withoutScripts(page);
  await page.goto(studio.address, { waitUntil: 'commit' });
  await page.getByLabel('Email').fill('mason@quay.example');
  await release();
  await expect(page.getByLabel('Email')).toHaveValue('mason@quay.example');
  await page.getByLabel('Password').fill('not the password');
  await page.getByRole('button', { name: 'Sign in', exact: true }).click();
  await expect(page.getByRole('alert')).toBeVisible();
  await expect(page.getByLabel('Email')).toHaveValue('mason@quay.example');
});

test('a new job can be asked for once the page has its scripts, and a file chosen before is taken then', async ({
  page,
  studio,
}) => {
  await studio.enter();
  const release = await withoutScripts(page);
  await page.reload({ waitUntil: 'commit' });
  const button = page.getByRole('button', { name: 'New job' });
  await expect(button).toBeDisabled();
  await expect(page.getByRole('button', { name: /^More for/ }).first()).toBeDisabled();
  await page
    .locator('input[type=file]')
    .first()
    .setInputFiles({ name: 'early.txt', mimeType: 'text/plain', buffer: Buffer.from('no design') });
  await release();
  await expect(page.getByRole('alert')).toContainText('early.txt: The file is not readable as JSON');
  await button.click();
  await expect(page.getByLabel('Job name')).toBeVisible();
});

test('a setting of the studio can be ticked once the page has its scripts', async ({ page, studio }) => {
  await studio.enter();
  const release = await withoutScripts(page);
  await page.goto(`${studio.address}/studio/ranges`, { waitUntil: 'commit' });
  const box = page.getByLabel('New rooms may have cabinets in widths their range does not list');
  await expect(box).toBeDisabled();
  await release();
  await expect(box).toBeEnabled();
});

test('what a room page says before its content fits the 4 kB that balancers take', async ({
  page,
  studio,
}) => {
  await studio.newRoom('Millimetres', ['4000', '3000']);
  const answer = await page.reload();
  const said = Object.entries(await answer!.allHeaders()).map(([name, value]) => `${name}: ${value}\r\n`);
  expect(said.join('').length).toBeLessThan(4_000);
});

test('who is not signed in is sent to the sign-in page, with the headers and the request’s id', async ({
  studio,
  request,
}) => {
  const headers = { 'x-request-id': 'quay-1' };
  const answer = await request.get(`${studio.address}/studio`, { headers, maxRedirects: 0 });
  expect(answer.status()).toBe(303);
  expect(answer.headers()).toMatchObject({
    location: '/',
    'x-frame-options': 'DENY',
    'x-request-id': 'quay-1',
  });
  const odd = await request.get(`${studio.address}/`, { headers: { 'x-request-id': 'a b' } });
  expect(odd.headers()['x-request-id']).toMatch(/^[0-9a-f]{8}$/);
});
