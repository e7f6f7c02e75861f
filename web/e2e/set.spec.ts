import { expect, test } from './studio';

test('cabinets dragged near a wall hug it, beside the neighbour; ties place them exactly; gaps close', async ({
  page,
  studio,
}) => {
  await studio.newRoom('Millimetres', ['4000', '3000']);
  await studio.step('Set');
  await studio.dragFromShelf('F900', 0.24, 0.3);
  await studio.dragFromShelf('F600-3', 0.42, 0.32);
  await studio.saved(2);
  expect(await studio.items()).toEqual([
    expect.objectContaining({ placement: expect.objectContaining({ on: 'face', face: 'face-a', off: 0 }) }),
    expect.objectContaining({ placement: expect.objectContaining({ on: 'face', face: 'face-a', off: 0 }) }),
  ]);

  await page.getByRole('textbox', { name: 'To the left' }).fill('75');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'Open length 75 on face A' })).toBeVisible();
  await page.getByRole('button', { name: 'Open length 75 on face A' }).click();
  await page.getByRole('button', { name: 'Close with a filler' }).click();
  await expect(page.getByRole('heading', { level: 2 }).last()).toContainText('FL100');
  await expect(page.getByText('cut to fit')).toBeVisible();
  await studio.saved(4);
  expect((await studio.items()).map(({ width }) => width).sort()).toEqual([600, 75, 900]);
});

test('a whole run is set from the keyboard alone, nudged, tied and removed', async ({ page, studio }) => {
  await studio.newRoom('Millimetres', ['4000', '3000']);
  await page.keyboard.press('Alt+2');
  await page.getByRole('searchbox').focus();
  for (const code of ['f600-s', 'dish600', 'f450']) {
    await page.keyboard.type(code);
    await page.keyboard.press('Enter');
    await page.keyboard.press('Control+a');
  }
  await studio.saved(3);
  const along = async () =>
    (await studio.items())
      .map(({ code, placement }) => [code, (placement as { distance: number }).distance])
      .sort();
  expect(await along()).toEqual([
    ['DISH600', 600],
    ['F450', 1200],
    ['F600-S', 0],
  ]);
  await page.locator('.plan').focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Shift+ArrowRight');
  await studio.saved(5);
  expect(await along()).toContainEqual(['F450', 1211]);
  await page.keyboard.press('Tab');
  await page.keyboard.press('Enter');
  await page.keyboard.type('100 + 2*10');
  await expect(page.getByText('= 120 mm')).toBeVisible();
  await page.keyboard.press('Enter');
  await studio.saved(6);
  expect(await along()).toContainEqual(['F450', 1320]);
  await page.locator('.plan').focus();
  await page.keyboard.press('Delete');
  await studio.saved(7);
  expect(await studio.items()).toHaveLength(2);
});

test('Escape drops a drag without a trace', async ({ page, studio }) => {
  await studio.newRoom('Millimetres', ['4000', '3000']);
  await studio.step('Set');
  const entry = (await page.locator('button.item').first().boundingBox())!;
  const plan = (await page.locator('.plan').boundingBox())!;
  await page.mouse.move(entry.x + 20, entry.y + 20);
  await page.mouse.down();
  await page.mouse.move(plan.x + 300, plan.y + 300, { steps: 5 });
  await expect(page.locator('.plan [data-layer=numbers]').first()).toBeAttached();
  await page.keyboard.press('Escape');
  await page.mouse.up();
  await expect(page.locator('.plan [data-layer=numbers]')).toHaveCount(0);
  await studio.saved(0);
});

test('reach checks follow every edit, and a finding points at its place', async ({ page, studio }) => {
  await studio.newRoom('Millimetres', ['4000', '2150']);
  await studio.tab('Openings');
  await page.getByRole('button', { name: 'Add door' }).click();
  await page.getByRole('combobox', { name: 'Face' }).selectOption('D');
  await page.getByLabel('Distance').fill('1300');
  await page.keyboard.press('Enter');
  await studio.step('Set');
  await studio.dragFromShelf('F900', 0.5, 0.7);
  await studio.dragFromShelf('F600', 0.5, 0.3);
  await studio.step('Reach');
  const findings = page.locator('.left [role=listitem]');
  await expect(findings.filter({ hasText: 'is 926 mm; 1000 mm is asked for.' })).toHaveCount(1);
  await expect(findings.filter({ hasText: 'Counter stands at 900 mm.' })).toHaveCount(2);
  await expect(findings.filter({ hasText: 'Door D1 swings freely.' })).toHaveCount(1);
  await findings.filter({ hasText: 'Work aisle' }).getByRole('button').click();
  await expect(page.locator('.plan polygon.tight.shown')).toBeVisible();
  // Chosen, it tells what was measured and what is asked.
  await expect(page.getByRole('row', { name: 'aisle 926 mm at least 1000 mm' })).toBeVisible();
  await studio.chooseItem('F600');
  await page.getByLabel('To the left').fill('50');
  await page.keyboard.press('Enter');
  await expect(
    findings.filter({ hasText: /Door D1 hits base cabinet 2: it stands \d+ mm inside the swing\./ }),
  ).toHaveCount(1);
  await page.getByLabel('To the left').fill('-20');
  await page.keyboard.press('Enter');
  await expect(findings.filter({ hasText: 'Base cabinet 2 goes 20 mm into face D.' })).toHaveCount(1);
  const blocked = await findings.filter({ has: page.getByRole('img', { name: 'blocked' }) }).count();
  expect(blocked).toBeGreaterThan(2);
  await expect(page.locator('.counts span').nth(2)).toHaveText(String(blocked));
});

test('a wall cabinet is taken from its kind and hangs over a base cabinet', async ({ page, studio }) => {
  await studio.newRoom('Millimetres', ['4000', '3000']);
  await studio.step('Set');
  await studio.dragFromShelf('F600', 0.5, 0.3);
  await page.getByRole('button', { name: 'Wall', exact: true }).click();
  await studio.dragFromShelf('U600/720', 0.5, 0.3);
  await expect(page.locator('.right h2')).toContainText('U600/720');
  await expect(page.getByLabel('Above floor')).toHaveValue('1400');
  await expect(page.getByText(/^Price in the range: \d+$/)).toBeVisible();
  await studio.saved();
  const [base, wall] = (await studio.items()).sort((a, b) => Number(a['up']) - Number(b['up']));
  expect(wall!['placement']).toMatchObject({ on: 'face', face: 'face-a' });
  expect(Math.abs(distanceOf(wall!) - distanceOf(base!))).toBeLessThan(25);
  await expect(page.getByText('go into each other')).toHaveCount(0);
});

function distanceOf({ placement, width }: Record<string, unknown>): number {
  const { from, distance } = placement as { from: string; distance: number };
  return from === 'left' ? distance : 4000 - distance - Number(width);
}
