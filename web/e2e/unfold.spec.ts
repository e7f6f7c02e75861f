import { expect, test } from './studio';

test.use({ stage: 'both' });

test('things are chosen, moved along and up, typed to, and set in the unfolded room, and the plan follows', async ({
  page,
  studio,
}) => {
  await studio.newRoom('Millimetres', ['4000', '3000']);
  await studio.step('Set');
  await studio.setByCode('f600', 'u600/720');
  await studio.saved(2);
  const strip = page.locator('.unfold');
  const wall = strip.locator('[data-layer=numbers]').filter({ hasText: /^2$/ });
  const middle = async () => {
    const { x, y, width, height } = (await wall.boundingBox())!;
    return { x: x + width / 2, y: y + height / 2 };
  };
  const hung = async () => (await studio.items()).find(({ code }) => code === 'U600/720')!;
  const start = await middle();
  await page.mouse.move(start.x, start.y);
  await page.mouse.down();
  await page.mouse.move(start.x + 30, start.y, { steps: 4 });
  await page.mouse.move(start.x + 60, start.y, { steps: 4 });
  await page.mouse.up();
  await studio.saved(3);
  const moved = await hung();
  expect(studio.along(moved, 4000)).toBeGreaterThan(300);
  expect(moved['up']).toBe(1400);
  await expect(page.locator('.right h2').first()).toHaveText('2. U600/720');

  // A tie typed in the strip, and arrow keys: up raises it, right moves it along.
  await page.getByRole('button', { name: /^Distance left on the face/ }).click();
  await page.keyboard.type('900');
  await page.keyboard.press('Enter');
  await studio.saved(4);
  await strip.press('ArrowUp');
  await strip.press('ArrowRight');
  await studio.saved(6);
  const nudged = await hung();
  expect([studio.along(nudged, 4000), nudged['up']]).toEqual([901, 1401]);

  // From the shelf onto the next face.
  await page.getByRole('button', { name: 'Wall', exact: true }).click();
  const entry = page
    .locator('button.item')
    .filter({ has: page.getByText('U900/720', { exact: true }) })
    .first();
  await entry.scrollIntoViewIfNeeded();
  const from = (await entry.boundingBox())!;
  const letter = (await strip.locator('[data-layer=labels][data-source=face-a]').first().boundingBox())!;
  await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
  await page.mouse.down();
  await page.mouse.move(letter.x, letter.y - 90, { steps: 4 });
  await page.mouse.move(letter.x + 30, letter.y - 100, { steps: 4 });
  await page.mouse.up();
  await studio.saved(7);
  const items = await studio.items();
  expect(items.find(({ code }) => code === 'U900/720')!['placement']).toMatchObject({
    on: 'face',
    face: 'face-a',
  });

  // A thing chosen in the plan is brought into view in the strip.
  await studio.chooseFace('Face D');
  await expect(strip.locator('path.chosen')).toHaveCount(1);
  const shown = (await strip.locator('path.chosen').boundingBox())!;
  const frame = (await strip.boundingBox())!;
  expect(shown.x).toBeGreaterThanOrEqual(frame.x - 1);
  expect(shown.x + shown.width).toBeLessThanOrEqual(frame.x + frame.width + 1);
});

test('the strip is made higher, lower, and put away; the plan shows what hangs, what stands, and the ceiling', async ({
  page,
  studio,
}) => {
  await studio.newRoom('Millimetres', ['4000', '3000']);
  await studio.step('Set');
  await studio.setByCode('f600', 'u600/720');
  const strip = page.locator('.unfold');
  const before = (await strip.boundingBox())!.height;
  await page.getByRole('separator').focus();
  await page.keyboard.press('ArrowUp');
  await expect.poll(async () => (await strip.boundingBox())!.height).toBeGreaterThan(before);
  await page.getByRole('button', { name: 'Plan', exact: true }).click();
  await expect(strip).toHaveCount(0);
  await page.reload();
  await studio.ready();
  await expect(strip).toHaveCount(0);
  await page.getByRole('button', { name: 'Both', exact: true }).click();
  await expect(strip).toBeVisible();

  const drawn = (number: number) =>
    page.locator('.plan [data-layer=numbers]').filter({ hasText: new RegExp(`^${number}$`) });
  await expect(drawn(2)).toHaveCount(1);
  await page.getByRole('button', { name: 'With wall units' }).click();
  await page.getByLabel('Below the cut').check();
  await expect(drawn(2)).toHaveCount(0);
  await expect(drawn(1)).toHaveCount(1);
  await page.getByLabel('Ceiling plan').check();
  await expect(drawn(1)).toHaveCount(0);
  await expect(drawn(2)).toHaveCount(1);
  await page.getByLabel('With wall units').check();
  await page.getByLabel('Cut at').fill('1.5 m');
  await page.keyboard.press('Enter');
  await page.getByLabel('Item numbers').uncheck();
  await expect(page.locator('.plan [data-layer=numbers]')).toHaveCount(0);
  await page.keyboard.press('Escape');
  await expect(page.getByLabel('Item numbers')).toHaveCount(0);
});
