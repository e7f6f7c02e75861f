import { expect, test } from './studio';

test('a room gets an option that goes its own way, is compared, chosen, and the other removed', async ({
  page,
  studio,
}) => {
  await studio.newRoom('Millimetres', ['4000', '3000']);
  await studio.step('Set');
  await studio.setByCode('f600', 'f900-s');
  const first = page.url().replace(/\?.*/, '');
  const menu = page.getByRole('button', { name: /^option/ });
  await menu.click();
  await page.getByRole('button', { name: 'New option from this' }).click();
  await page.waitForURL((url) => !url.href.startsWith(first));
  await studio.ready();
  await expect(menu).toHaveText('option B');
  expect(await studio.items()).toHaveLength(2);
  await studio.step('Set');
  await studio.chooseItem('F600');
  await page.getByLabel('Width').fill('800');
  await page.keyboard.press('Enter');
  await studio.setByCode('dish600');
  await studio.saved(2);
  await menu.click();
  await page.getByRole('link', { name: 'Compare with A' }).click();
  await expect(page.getByRole('heading', { name: 'Option A' })).toBeVisible();
  // Each is drawn with its chains, and says its area once it is.
  const sides = page.getByRole('region');
  for (const side of [0, 1]) {
    await expect(
      sides
        .nth(side)
        .locator('.plan text')
        .filter({ hasText: /^4000$/ }),
    ).not.toHaveCount(0);
    await expect(sides.nth(side)).toContainText('12.00 m²');
  }
  // What they cost by the parts of the job, and what one comes to over the other.
  const costs = page.getByRole('table', { name: 'What they cost' });
  await expect(costs.getByRole('row', { name: /^Boards \d+\.\d\d \d+\.\d\d \+\d+\.\d\d$/ })).toBeVisible();
  const all = await costs.getByRole('row', { name: /^All/ }).getByRole('cell').allTextContents();
  expect(Number(all[1]) - Number(all[0])).toBeCloseTo(Number(all[2]!.replace('+', '')), 2);
  const rows = page.getByRole('table', { name: /^Items/ }).getByRole('row');
  await expect(rows.nth(1)).toHaveText(/DISH600.*Dishwasher.*600 × 560 × 820.*–.*1/s);
  await expect(rows.filter({ hasText: 'F600' })).toHaveText(/F600.*1.*–/s);
  await expect(rows.filter({ hasText: 'F800' })).toHaveText(/F800.*–.*1/s);
  await expect(rows.filter({ hasText: 'F900-S' })).toHaveText(/F900-S.*1.*1/s);
  await page.getByRole('button', { name: 'Choose B' }).click();
  await studio.ready();
  await expect(menu).toHaveText('option B, chosen');
  await menu.click();
  await page.getByRole('link', { name: 'Go to option A' }).click();
  await page.waitForURL(first);
  await studio.ready();
  await menu.click();
  await page.getByRole('button', { name: 'Remove this option' }).click();
  await page.waitForURL((url) => url.href !== first);
  await studio.ready();
  await expect(menu).toHaveText('option B');
  expect((await page.request.get(first.replace('/rooms/', '/api/rooms/') + '/design.json')).status()).toBe(
    404,
  );
});

test('items are copied from one room and pasted into another', async ({ page, studio }) => {
  await studio.newRoom('Millimetres', ['4000', '3000']);
  await studio.step('Set');
  await studio.setByCode('f600-3', 'f900-s');
  await page.locator('.plan').press('Control+a');
  await page.locator('.plan').press('Control+c');
  await studio.saved(2);
  await studio.newRoom('Millimetres', ['3500', '2500']);
  await page.locator('.plan').press('Control+v');
  await studio.saved(1);
  expect((await studio.items()).map((item) => [item['code'], studio.along(item, 3500)]).sort()).toEqual([
    ['F600-3', 0],
    ['F900-S', 600],
  ]);
});
