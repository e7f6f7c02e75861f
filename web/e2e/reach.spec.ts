import { expect, test } from './studio';

test('what checks lack is noted on the thing itself, and is judged at once', async ({ page, studio }) => {
  await studio.newRoom('Millimetres', ['4000', '3000']);
  await studio.step('Set');
  await studio.setByCode('COOK600', 'HOOD600');
  await studio.saved(2);
  await studio.step('Reach');
  await page.getByText(/^Checked by/).click();
  await page.getByRole('checkbox', { name: /^Kitchen/ }).check();
  const findings = page.getByRole('list', { name: 'Findings' }).getByRole('listitem');
  const ventilation = findings.filter({ hasText: 'Ventilation' });
  await expect(ventilation).toContainText('the airflow is missing');
  await expect(ventilation.getByRole('img', { name: 'cannot be judged' })).toBeVisible();
  await ventilation.getByRole('button').click();
  await expect(page.getByRole('row', { name: /^ventilation not known/ })).toBeVisible();
  await studio.chooseItem('HOOD600');
  await page.getByText('What checks ask for').click();
  await page.getByLabel('Airflow').fill('140');
  await page.keyboard.press('Enter');
  await expect(ventilation).toContainText('ventilation 140 cfm, at least 150 cfm is asked for');
  await page.getByLabel('Airflow').fill('300');
  await page.keyboard.press('Enter');
  await expect(ventilation).toHaveCount(0);
  await page.getByText(/^Clear \(/).click();
  await expect(page.getByRole('list', { name: 'Clear' })).toContainText('ventilation 300 cfm');
  // What is no airflow is refused, and nothing is lost.
  await page.getByLabel('Airflow').fill('5001');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert').first()).toContainText('5000');
  await page.keyboard.press('Escape');
  await expect
    .poll(async () => (await studio.items()).find(({ type }) => type === 'hood')?.['facts'])
    .toEqual({ airflow: 300 });
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(ventilation).toContainText('140 cfm');
});

test('a finding is eased by the least change that cures it, shown before it is made', async ({
  page,
  studio,
}) => {
  await studio.enter();
  await studio.openRoom('Kitchen');
  await studio.step('Reach');
  const aisle = page
    .getByRole('list', { name: 'Findings' })
    .getByRole('listitem')
    .filter({ hasText: 'Aisle between cooker' });
  await aisle.getByRole('button').first().click();
  const eases = page.getByRole('list', { name: 'Eases' }).getByRole('button');
  await expect(eases.first()).toContainText(/^Move base cabinet 23 by 3 5\/16" towards face D\./);
  // Pointed at it is only shown, with what it would leave; the list stays to be chosen from.
  const tight = page.getByTitle('Reach checks').locator('span').nth(1);
  const before = Number(await tight.textContent());
  await eases.first().hover();
  await expect(tight).toHaveText(String(before - 1));
  await expect(aisle).toBeVisible();
  await page.mouse.move(700, 700);
  await expect(tight).toHaveText(String(before));
  const place = async () =>
    (await studio.items()).find(({ id }) => id === 'item-20')?.['placement'] as { x: number };
  const from = (await place()).x;
  await eases.first().focus();
  await page.keyboard.press('Enter');
  await expect(aisle).toHaveCount(0);
  await expect.poll(async () => from - (await place()).x).toBeCloseTo(84.1375, 3);
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(aisle).toHaveCount(1);
});

test('all that can be eased is sought together, and made as one edit', async ({ page, studio }) => {
  await studio.enter();
  await studio.openRoom('Kitchen');
  await studio.step('Reach');
  const open = page.getByRole('list', { name: 'Findings' }).getByRole('listitem');
  await expect(open.filter({ hasText: 'Walkway' })).toBeVisible();
  const before = await open.count();
  await page.getByRole('button', { name: 'Ease all…' }).click();
  await expect(page.getByRole('button', { name: 'Stop' })).toBeVisible();
  const changes = page.getByRole('list', { name: 'What is changed' }).getByRole('listitem');
  await expect(page.getByRole('button', { name: 'Make them' })).toBeVisible();
  expect(await changes.count()).toBeGreaterThan(3);
  await expect(changes.filter({ hasText: 'protected socket' })).toHaveCount(2);
  await page.getByRole('button', { name: 'Make them' }).click();
  await expect.poll(async () => open.count()).toBeLessThan(before - 4);
  await expect.poll(async () => (await studio.records('service')).length).toBeGreaterThan(4);
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(open).toHaveCount(before);
});

test('a finding is accepted with a reason, is counted no more, and speaks again once it is worse', async ({
  page,
  studio,
}) => {
  await studio.enter();
  await studio.openRoom('Kitchen');
  await studio.step('Reach');
  const findings = page.getByRole('list', { name: 'Findings' }).getByRole('listitem');
  const aisle = findings.filter({ hasText: 'Aisle between cooker' });
  await aisle.getByRole('button').first().click();
  await aisle.getByRole('button', { name: 'Accept with a reason…' }).click();
  await page.getByRole('button', { name: 'Accept', exact: true }).click();
  await expect(aisle.getByRole('alert')).toContainText('Say why it is accepted');
  await page.getByLabel('Why it is accepted').fill('The owner cooks alone');
  await page.getByRole('button', { name: 'Accept', exact: true }).click();
  await expect(aisle).toHaveCount(0);
  await page.getByText(/^Accepted \(1\)/).click();
  const accepted = page.getByRole('list', { name: 'Accepted' }).getByRole('listitem');
  await expect(accepted).toContainText('“The owner cooks alone”');
  // An inch nearer it is worse than what was accepted.
  const island = (await studio.items()).find(({ id }) => id === 'item-20')!;
  await studio.chooseItem(String(island['code']));
  await page.locator('.plan').press('Shift+ArrowRight');
  await expect(aisle).toContainText('new');
  await aisle.getByRole('button').first().click();
  await expect(aisle).toContainText('Accepted before it came to this');
  await page.getByRole('button', { name: 'Seen' }).click();
  await expect(aisle).not.toContainText('new');
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(accepted).toHaveCount(1);
  await accepted.getByRole('button', { name: 'Take back' }).click();
  await expect(aisle).toHaveCount(1);
});

test('doors are opened by hand, and it is told where they first meet something', async ({ page, studio }) => {
  await studio.enter();
  await studio.openRoom('Kitchen');
  await studio.step('Reach');
  await page.getByText('Doors and drawers', { exact: true }).click();
  const contacts = page.getByRole('list', { name: 'First contacts' }).getByRole('listitem');
  await expect(contacts.first()).toContainText('The door of wall cabinet 16 meets wall cabinet 17 at 5.54°.');
  const leaves = page.locator('.plan svg polygon.hits');
  await expect(leaves).toHaveCount(0);
  await page.getByRole('slider', { name: 'Open by, percent' }).fill('100');
  await expect(leaves).toHaveCount(await contacts.count());
  // One by itself meets only what stands there.
  await contacts.filter({ hasText: 'sink base 3' }).getByRole('button').click();
  await page.getByRole('checkbox', { name: /^Only sink base 3/ }).check();
  await expect(leaves).toHaveCount(0);
  await expect(contacts.filter({ hasText: 'sink base 3' })).toHaveCount(0);
});

test('ways and room to turn are drawn when asked for, and the report is there as data', async ({
  page,
  studio,
}) => {
  await studio.enter();
  await studio.openRoom('Kitchen');
  await studio.step('Reach');
  const ways = page.locator('.plan svg path.way');
  await expect(page.getByRole('list', { name: 'Findings' })).toBeVisible();
  await expect(ways).toHaveCount(0);
  await page.getByLabel('Ways people walk').check();
  await expect(ways).toHaveCount(2);
  await page.getByLabel('Room to turn').check();
  await expect(page.locator('.plan svg path.turning')).toHaveCount(1);
  const link = page.getByRole('link', { name: 'JSON' });
  const answer = await page.request.get(`${studio.address}${await link.getAttribute('href')}`);
  const report = await answer.json();
  expect(report.findings.length).toBeGreaterThan(30);
  expect(report.findings[0]).toMatchObject({ verdict: 'blocked', checks: [{ held: false }, {}] });
  const pdf = await page.request.get(
    `${studio.address}${await page.getByRole('link', { name: 'PDF' }).getAttribute('href')}`,
  );
  expect([pdf.status(), pdf.headers()['content-type']]).toEqual([200, 'application/pdf']);
});

test('a limit is changed for a room, what is usual beside it, and kept for new rooms', async ({
  page,
  studio,
}) => {
  await studio.enter();
  await studio.openRoom('Galley with bay');
  await studio.step('Reach');
  await page.getByText(/^Checked by/).click();
  await page.getByText(/^Clear \(/).click();
  const aisle = page.getByRole('listitem').filter({ hasText: 'Aisle of' }).first();
  await aisle.getByRole('button').first().click();
  await page.getByText('Ask for something else here').click();
  const field = page.getByLabel('aisle, least').first();
  await field.fill('5000');
  await page.keyboard.press('Enter');
  const open = page
    .getByRole('list', { name: 'Findings' })
    .getByRole('listitem')
    .filter({ hasText: 'is asked for' });
  await expect(open.filter({ hasText: '5000 mm' }).first()).toBeVisible();
  const own = page.getByText(/usually .*; by the room/);
  await expect(own).toHaveCount(1);
  await page.getByRole('button', { name: 'For new rooms of the job' }).click();
  await expect(page.getByRole('button', { name: 'For new rooms of the job' })).toHaveCount(0);
  await page.getByRole('button', { name: /^Take back .*aisle/ }).click();
  await expect(own).toHaveCount(0);
  await expect(page.getByRole('button', { name: 'Take the 1 kept' })).toBeVisible();
});
