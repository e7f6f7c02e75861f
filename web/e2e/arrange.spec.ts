import { expect, test } from './studio';

test('several items are chosen, lined up, grouped, moved together, repeated, locked and taken back', async ({
  page,
  studio,
}) => {
  await studio.newRoom('Millimetres', ['5000', '4000']);
  await studio.step('Set');
  await studio.setByCode('f600', 'f900-s', 'u600/720');
  const plan = page.locator('.plan');
  const heading = page.locator('.right h2');
  await studio.chooseItem('F900-S');
  await plan.press('n');
  await expect(heading).toHaveText('3. U600/720');
  await studio.clickItem(2, ['Shift']);
  await expect(heading).toHaveText('2 items');
  // The first chosen, the wall cabinet, is what the base is lined up with.
  await page.getByRole('button', { name: 'Bottom', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Line up with 3. U600/720' })).toBeVisible();
  await page.getByLabel('Beside', { exact: true }).fill('40');
  await page.keyboard.press('Enter');
  await studio.saved(5);
  const along = async (code: string) => {
    const item = (await studio.items()).find((one) => one['code'] === code)!;
    return studio.along(item, 5000);
  };
  expect((await along('F900-S')) - (await along('U600/720'))).toBe(640);
  await page.getByRole('button', { name: 'Group' }).click();
  await plan.press('Escape');
  await studio.clickItem(2);
  await expect(heading).toHaveText('2 items');
  await plan.press('ArrowRight');
  await studio.saved(7);
  expect((await along('F900-S')) - (await along('U600/720'))).toBe(640);
  await plan.press('Control+c');
  await plan.press('Control+v');
  await expect(heading).toHaveText('2 items');
  await studio.saved(8);
  expect((await studio.items()).map((item) => item['number']).sort()).toEqual([1, 2, 3, 4, 5]);
  await plan.press('Shift+G');
  await plan.press('l');
  await plan.press('Delete');
  await expect(page.getByText('is locked. Unlock it first.')).toBeVisible();
  await plan.press('Shift+L');
  await plan.press('Delete');
  await studio.saved();
  expect(await studio.items()).toHaveLength(3);
});

test('an item is turned, mirrored and centred from the menu and the facts', async ({ page, studio }) => {
  await studio.newRoom('Millimetres', ['4000', '3000']);
  await studio.tab('Openings');
  await page.getByRole('button', { name: 'Add window' }).click();
  await studio.step('Set');
  await studio.setByCode('f900-l', 'f600');
  await page.locator('.plan').focus();
  await studio.clickItem(1, [], 'right');
  await page.getByRole('menuitem', { name: 'Mirror' }).click();
  await expect(page.getByLabel('Corner at')).toHaveValue('right');
  await studio.chooseItem('F600');
  await page.getByText('Turn, mirror, centre').click();
  await page.getByLabel('Centre on').selectOption({ label: 'Opening W1' });
  await studio.saved();
  const opening = Object.values((await studio.design()).records).find(({ kind }) => kind === 'opening')!;
  const item = (await studio.items()).find(({ code }) => code === 'F600')!;
  expect(studio.along(item, 4000) + 300).toBeCloseTo(
    Number(opening['distance']) + Number(opening['width']) / 2,
    6,
  );
  await page.getByLabel('Turn by').fill('30');
  await page.keyboard.press('Enter');
  await page.locator('.plan').press('t');
  await studio.saved();
  const turned = (await studio.items()).find(({ code }) => code === 'F600')!;
  expect((Number(turned['turned']) * 180) / Math.PI).toBeCloseTo(-120, 9);
  await page.locator('.plan').press('q');
  await studio.saved();
  expect((await studio.items()).find(({ code }) => code === 'F600')).not.toHaveProperty('turned');
});

test('a plain shape gets a name, a finish and an outline; a round one is round', async ({ page, studio }) => {
  await studio.newRoom('Millimetres', ['4000', '3000']);
  await studio.step('Set');
  await studio.setByCode('outline');
  await page.getByLabel('Called').fill('Window seat');
  await page.keyboard.press('Enter');
  await page.getByLabel('Finish').fill('Drift oak');
  await page.keyboard.press('Enter');
  await page.getByText('An outline of its own').click();
  await page.getByLabel('Corner 3 out').fill('300');
  await page.keyboard.press('Enter');
  await studio.saved();
  expect(await studio.items()).toMatchObject([
    {
      code: 'OUTLINE',
      name: 'Window seat',
      finish: 'Drift oak',
      corners: [{}, {}, { out: 300 }, { out: 600 }],
    },
  ]);
  await expect(page.locator('.right .about').first()).toContainText('Window seat, Plain shapes');
});

test('while an item is dragged, what it would run into is shown; Alt keeps it where the pointer is', async ({
  page,
  studio,
}) => {
  await studio.newRoom('Millimetres', ['4000', '3000']);
  await studio.step('Set');
  await studio.setByCode('f900');
  const plan = (await page.locator('.plan').boundingBox())!;
  const entry = (await page
    .locator('button.item')
    .filter({ has: page.getByText('F600', { exact: true }) })
    .boundingBox())!;
  const base = (await studio.itemPlace(1))!;
  await page.mouse.move(entry.x + 20, entry.y + 20);
  await page.mouse.down();
  await page.keyboard.down('Alt');
  await page.mouse.move(plan.x + plan.width / 2, plan.y + plan.height / 2, { steps: 4 });
  await page.mouse.move(base.x + 20, base.y + 10, { steps: 4 });
  await expect(page.locator('footer .hit')).toContainText('into each other');
  await expect(page.locator('.plan polygon.blocked')).not.toHaveCount(0);
  await page.mouse.up();
  await page.keyboard.up('Alt');
  await studio.saved(2);
  expect((await studio.items()).map(({ placement }) => (placement as { on: string }).on).sort()).toEqual([
    'face',
    'floor',
  ]);
  await studio.step('Reach');
  await expect(page.locator('.left [role=listitem]').filter({ hasText: 'into each other' })).toHaveCount(1);
});

test('doors and drawers are opened on request', async ({ page, studio }) => {
  await studio.newRoom('Millimetres', ['4000', '1000']);
  await studio.step('Set');
  await studio.setByCode('f600-3');
  await studio.saved(1);
  await studio.step('Reach');
  const hits = page.locator('.left [role=listitem]').filter({ hasText: 'before it is open' });
  await expect(hits).toHaveCount(0);
  await page.getByLabel('Checked with everything open').check();
  await expect(hits).toHaveText([/The drawer of drawer base 1 hits face C, \d+ mm before it is open\./]);
});

test('an item clicked on the shelf hangs on the pointer until it is set by a click, or dropped by Escape', async ({
  page,
  studio,
}) => {
  await studio.newRoom('Millimetres', ['4000', '3000']);
  await studio.step('Set');
  const plan = (await page.locator('.plan').boundingBox())!;
  const entry = page.locator('button.item').filter({ has: page.getByText('F600', { exact: true }) });
  await entry.click();
  await expect(page.getByText('F600 hangs on the pointer')).toBeVisible();
  await page.mouse.move(plan.x + plan.width / 2, plan.y + plan.height * 0.3, { steps: 4 });
  await expect(page.locator('.plan [data-layer=items]').first()).toBeAttached();
  await page.mouse.click(plan.x + plan.width / 2, plan.y + plan.height * 0.3);
  await studio.saved(1);
  await entry.click();
  await page.mouse.move(plan.x + plan.width / 2, plan.y + plan.height * 0.6, { steps: 4 });
  await page.keyboard.press('Escape');
  await page.mouse.click(plan.x + plan.width / 2, plan.y + plan.height * 0.6);
  expect(await studio.items()).toHaveLength(1);
});
