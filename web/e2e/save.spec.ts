import { expect, test } from './studio';

test('undo, redo, and both again after a reload; the revision number goes on', async ({ page, studio }) => {
  await studio.newRoom('Millimetres', ['4000', '3000']);
  await page.keyboard.press('Alt+2');
  for (const code of ['f600', 'f450']) {
    await page.getByRole('searchbox').fill(code);
    await page.keyboard.press('Enter');
  }
  await studio.saved(2);
  await page.getByRole('button', { name: 'Undo' }).click();
  await studio.saved(3);
  await page.reload();
  await studio.ready();
  await studio.saved(3);
  await page.getByRole('button', { name: 'Redo' }).click();
  await studio.saved(4);
  await page.reload();
  await studio.ready();
  await page.locator('.plan').focus();
  await page.keyboard.press('Control+z');
  await page.keyboard.press('Control+z');
  await studio.saved(6);
  await expect(page.getByRole('button', { name: 'Undo' })).toBeDisabled();
  expect(await studio.items()).toEqual([]);
  await page.keyboard.press('Control+Shift+z');
  await studio.saved(7);
  expect(await studio.items()).toHaveLength(1);
  const past = await page.request.get(`${studio.roomUrl()}/revisions/2`);
  expect(
    Object.values((await past.json()).document.records).filter(
      (record) => (record as { kind: string }).kind === 'item',
    ),
  ).toHaveLength(2);
  expect((await page.request.get(`${studio.roomUrl()}/revisions/99`)).status()).toBe(404);
});

test('work goes on while the server is stopped, survives closing the page, and is saved when it is back', async ({
  page,
  studio,
  application,
  context,
}) => {
  await studio.newRoom('Millimetres', ['4000', '3000']);
  await page.keyboard.press('Alt+2');
  await page.getByRole('searchbox').fill('f600');
  await page.keyboard.press('Enter');
  await studio.saved(1);
  const address = page.url();
  await application.pause();
  await page.getByRole('searchbox').fill('f450');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('status').last()).toContainText('not saved yet, 1 kept here');
  const second = await context.newPage();
  await page.close();
  await application.resume();
  await second.goto(address);
  await expect(second.getByRole('status').last()).toHaveText('saved, revision 2');
  await expect(second.locator('.plan circle[data-layer=numbers]')).toHaveCount(2);
  const saved = await second.request.get(
    address.replace('/rooms/', '/api/rooms/').replace(/\?.*/, '/design.json'),
  );
  expect(JSON.stringify(await saved.json())).toContain('"code":"F450"');
});

test('what a page could not save when it went is taken over by another page of the room', async ({
  page,
  studio,
  context,
}) => {
  await studio.newRoom('Millimetres', ['4000', '3000']);
  await page.route('**/edits', (route) => route.abort());
  await page.getByLabel('Ceiling', { exact: true }).fill('2500');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('status').last()).toContainText('not saved yet, 1 kept here');
  const other = await context.newPage();
  await other.goto(page.url());
  await other.locator('[data-ready=true]').waitFor();
  await expect(other.getByLabel('Ceiling', { exact: true })).toHaveValue('2400');
  await page.close();
  await expect(other.getByLabel('Ceiling', { exact: true })).toHaveValue('2500');
  await expect(other.getByRole('status').last()).toHaveText('saved, revision 1');
});

test('two pages on one room: each sees at once what the other saves and has chosen; edits are joined, and clashes told', async ({
  page,
  studio,
  context,
}) => {
  await studio.newRoom('Millimetres', ['4000', '3000']);
  const other = await context.newPage();
  await other.goto(page.url());
  await other.locator('[data-ready=true]').waitFor();
  await expect(page.getByRole('list', { name: 'Also here' }).getByRole('listitem')).toHaveCount(1);
  const ceiling = (of: typeof page) => of.getByLabel('Ceiling', { exact: true });
  const status = (of: typeof page) => of.getByRole('status').last();
  await ceiling(page).fill('2500');
  await page.keyboard.press('Enter');
  await studio.saved(1);
  await expect(ceiling(other)).toHaveValue('2500');
  await expect(status(other)).toHaveText('saved, revision 1');
  // What one has chosen is marked in the other's plan.
  await other.getByLabel('Face A', { exact: true }).fill('4200');
  await other.keyboard.press('Enter');
  await expect(status(page)).toHaveText('saved, revision 2');
  await expect(page.locator('.plan polygon.theirs')).toHaveCount(1);
  await other.locator('.plan').focus();
  await other.keyboard.press('Escape');
  await expect(page.locator('.plan polygon.theirs')).toHaveCount(0);

  // Each takes back what it did itself.
  await page.locator('.plan').focus();
  await page.keyboard.press('Control+z');
  await studio.saved(3);
  await expect(ceiling(page)).toHaveValue('2400');
  await expect(ceiling(other)).toHaveValue('2400');
  await expect(other.getByRole('button', { name: 'Undo' })).toBeEnabled();

  // While one can't save, the other changes the same.
  await other.route('**/edits', (route) => route.abort());
  await ceiling(other).fill('2700');
  await other.keyboard.press('Enter');
  await expect(status(other)).toContainText('1 kept here');
  await ceiling(page).fill('2600');
  await page.keyboard.press('Enter');
  await studio.saved(4);
  await expect(other.getByRole('alert').first()).toContainText('Not kept: “Change the room”.');
  await expect(other.getByRole('alert').first()).toContainText('changed the same.');
  await expect(ceiling(other)).toHaveValue('2600');
  await other.getByRole('button', { name: 'All right' }).click();
  await expect(other.getByRole('alert')).toHaveCount(0);
  await other.unroute('**/edits');
  await ceiling(other).fill('2700');
  await other.keyboard.press('Enter');
  await expect(ceiling(page)).toHaveValue('2700');
  await other.close();
  await expect(page.getByRole('list', { name: 'Also here' })).toHaveCount(0);
});

test('the server answers a stale save with 409, strangers with 404 or 401, other origins with 403', async ({
  page,
  studio,
  playwright,
  application,
}) => {
  await studio.newRoom('Millimetres', ['4000', '3000']);
  await page.getByLabel('Ceiling', { exact: true }).fill('2500');
  await page.keyboard.press('Enter');
  await studio.saved(1);
  const edits = [
    { id: crypto.randomUUID(), action: 'do', command: 'x', patch: [{ id: 'x', before: null, after: {} }] },
  ];
  const headers = { origin: application.address };
  const stale = await page.request.post(`${studio.roomUrl()}/edits`, {
    data: { baseRevision: 0, edits },
    headers,
  });
  expect([stale.status(), (await stale.json()).revision]).toEqual([409, 1]);
  expect(
    (
      await page.request.post(`${studio.roomUrl()}/edits`, { data: { baseRevision: 1, edits }, headers })
    ).status(),
  ).toBe(422);
  expect(
    (await page.request.post(`${studio.roomUrl()}/edits`, { data: { edits: 'all' }, headers })).status(),
  ).toBe(400);
  expect(
    (
      await page.request.post(`${studio.roomUrl()}/edits`, {
        data: { baseRevision: 1, edits },
        headers: { origin: 'http://elsewhere.example' },
      })
    ).status(),
  ).toBe(403);
  const unknown = `${application.address}/api/rooms/${crypto.randomUUID()}`;
  expect((await page.request.get(`${unknown}/design.json`)).status()).toBe(404);
  const stranger = await playwright.request.newContext();
  expect((await stranger.get(`${studio.roomUrl()}/design.json`)).status()).toBe(401);
  await stranger.dispose();
});
