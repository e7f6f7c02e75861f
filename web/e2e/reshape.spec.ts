import { expect, test } from './studio';

test.use({ stage: 'both' });

test('a window is dragged along and raised where its face is seen, in the strip and in the model', async ({
  page,
  studio,
}) => {
  await studio.newRoom('Millimetres', ['4000', '3000']);
  await studio.tab('Openings');
  await page.getByRole('button', { name: 'Add window' }).click();
  await studio.saved(1);
  const window = async () =>
    (Object.values((await studio.design()).records) as Record<string, unknown>[]).find(
      ({ kind }) => kind === 'opening',
    )! as { sill: number; distance: number };
  const before = await window();
  const glass = page.locator('.unfold [data-source^=opening]').first();
  const { x, y, width, height } = (await glass.boundingBox())!;
  const from = { x: x + width / 2, y: y + height / 2 };
  await page.mouse.move(from.x, from.y);
  await page.mouse.down();
  await page.mouse.move(from.x + 15, from.y - 8, { steps: 4 });
  await page.mouse.move(from.x + 30, from.y - 16, { steps: 4 });
  await page.mouse.up();
  await studio.saved(2);
  const after = await window();
  expect(after.sill).toBeGreaterThan(before.sill);
  expect(after.distance).not.toBe(before.distance);
  expect(after.sill % 10).toBe(0);

  // In the model it is taken hold of once it is chosen: where a click chooses it, a drag moves it.
  await page.getByRole('button', { name: 'Model', exact: true }).click();
  const model = page.locator('.room canvas');
  await expect.poll(async () => Number(await model.getAttribute('data-frames'))).toBeGreaterThan(0);
  const title = page.locator('.right h2').first();
  const name = await title.textContent();
  const box = (await model.boundingBox())!;
  await page.locator('.room').press('Escape');
  const grid = Array.from({ length: 24 * 12 }, (_, i) => ({
    x: box.x + (box.width * ((i % 24) + 0.5)) / 24,
    y: box.y + (box.height * (Math.floor(i / 24) + 0.5)) / 12,
  }));
  let hit: (typeof grid)[number] | undefined;
  for (const at of grid) {
    // The buttons that lie over the picture are not the room.
    const isRoom = await page.evaluate(
      ({ x, y }) => document.elementFromPoint(x, y)?.tagName === 'CANVAS',
      at,
    );
    if (!isRoom) continue;
    await page.mouse.click(at.x, at.y);
    if ((await title.textContent()) !== name) continue;
    hit = at;
    break;
  }
  expect(hit).toBeDefined();
  await page.mouse.move(hit!.x, hit!.y);
  await page.mouse.down();
  await page.mouse.move(hit!.x + 12, hit!.y - 15, { steps: 3 });
  await page.mouse.move(hit!.x + 24, hit!.y - 30, { steps: 3 });
  await page.mouse.up();
  await studio.saved(3);
  expect((await window()).sill).toBeGreaterThan(after.sill);
});

test('a notch is pushed into a corner, and its front pulled back until the room is as it was', async ({
  page,
  studio,
}) => {
  await studio.newRoom('Millimetres', ['4000', '3000']);
  const type = async (label: string, text: string) => {
    const field = page.locator('.right').getByLabel(label, { exact: true });
    await field.fill(text);
    await page.keyboard.press('Enter');
  };
  await studio.chooseFace('Face A');
  await page.getByText('Push a part in or out').click();
  await page.getByLabel('Way').selectOption({ label: 'In: a breast or pier' });
  await type('Distance', '0');
  await expect(page.getByText('in the corner')).toBeVisible();
  await type('Width', '900');
  await type('Depth', '600');
  await page.getByRole('button', { name: 'Push', exact: true }).click();
  await studio.saved(1);
  await expect(page.locator('.right h2').first()).toHaveText('Face E');
  await expect(page.getByText('11.46 m²').first()).toBeVisible();
  await type('Move outwards', '600');
  await studio.saved(2);
  await expect(page.getByText('12.00 m²').first()).toBeVisible();
  expect(((await studio.design()).records['loop'] as { faces: string[] }).faces).toHaveLength(4);
});
