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

test('every edit of the strip gives what the same edit in the plan does', async ({ page, studio }) => {
  await studio.newRoom('Millimetres', ['5000', '3000']);
  await studio.step('Set');
  await studio.setByCode('f300', 'f900', 'f400', 'u600/720');
  const views = [page.locator('.plan'), page.locator('.unfold')] as const;
  /** The items by their numbers, ids left away: those of new ones are never the same. */
  const items = async () =>
    (await studio.items())
      .map(({ id: _, ...item }) => item)
      .sort((a, b) => Number(a['number']) - Number(b['number']));
  /** What an edit makes of the items in each view; undone after. */
  const inBoth = async (choose: string, act: (view: 0 | 1) => Promise<void>) => {
    const made: unknown[] = [];
    for (const index of [0, 1] as const) {
      await views[index].focus();
      await page.keyboard.press('Escape');
      for (const key of choose) await page.keyboard.press(key);
      await act(index);
      await studio.saved();
      made.push(await items());
      await views[index].focus();
      await page.keyboard.press('Control+z');
      await studio.saved();
    }
    return made;
  };
  await studio.saved(4);
  const before = await items();
  const keys = [
    ['n', 'h'],
    ['n', 'k'],
    ['nn', 's'],
    ['nn', 'd'],
    ['nnn', 'm'],
    ['nnn', 'l'],
    ['nnn', 'Shift+ArrowRight'],
    ['nnn', 't'],
    ['nn', 'Delete'],
  ] as const;
  for (const [choose, key] of keys) {
    const [plan, strip] = await inBoth(choose, () => page.keyboard.press(key));
    expect(strip, `${key} on item ${choose.length}`).toEqual(plan);
    expect(strip, `${key} on item ${choose.length}`).not.toEqual(before);
  }
  // Two chosen with Shift, made one.
  const pressed = async (view: 0 | 1, number: number) => {
    const at = (await views[view]
      .locator('[data-layer=numbers]')
      .filter({ hasText: new RegExp(`^${number}$`) })
      .first()
      .boundingBox())!;
    await page.mouse.click(at.x + at.width / 2, at.y + at.height / 2);
  };
  const [joinedInPlan, joinedInStrip] = await inBoth('', async (view) => {
    await pressed(view, 1);
    await page.keyboard.down('Shift');
    await pressed(view, 2);
    await page.keyboard.up('Shift');
    await page.keyboard.press('j');
  });
  expect(joinedInStrip).toEqual(joinedInPlan);
  expect(joinedInStrip).toHaveLength(before.length - 1);
  // A typed tie: to what is on its right.
  const names = [/^Distance (to the )?right/, /^Distance right on the face/];
  const [tiedInPlan, tiedInStrip] = await inBoth('nnn', async (view) => {
    await page.getByRole('button', { name: names[view]! }).first().click();
    await page.keyboard.type('350');
    await page.keyboard.press('Enter');
  });
  expect(tiedInStrip).toEqual(tiedInPlan);
  expect(tiedInStrip).not.toEqual(before);
});

test('a section is cut where its line is put, an island is seen and moved from every side', async ({
  page,
  studio,
}) => {
  await studio.newRoom('Millimetres', ['4000', '4000']);
  await studio.step('Set');
  await studio.setByCode('f600');
  const strip = page.locator('.unfold');
  await studio.dragToRoom('F600', [2000, -2000]);
  await expect(strip.getByText('Island, front')).toHaveCount(1);

  // Moved along in the view of its back, where right is left.
  const number = strip.locator('[data-layer=numbers]').filter({ hasText: /^2$/ });
  const names = strip.getByText('Island, back');
  const island = async () =>
    (await studio.items()).find(({ number }) => number === 2)!['placement'] as { x: number; y: number };
  await studio.saved(2);
  const start = await island();
  await strip.focus();
  const back = (await names.boundingBox())!;
  const marks = await Promise.all((await number.all()).map(async (one) => (await one.boundingBox())!));
  const own = marks.reduce((best, one) =>
    Math.abs(one.x - back.x - back.width / 2) < Math.abs(best.x - back.x - back.width / 2) ? one : best,
  );
  await page.mouse.move(own.x + own.width / 2, own.y + own.height / 2);
  await page.mouse.down();
  await page.keyboard.down('Alt');
  await page.mouse.move(own.x + 20, own.y + 4, { steps: 3 });
  await page.mouse.move(own.x + 40, own.y + 4, { steps: 3 });
  await page.mouse.up();
  await page.keyboard.up('Alt');
  await studio.saved(3);
  const moved = await island();
  expect(moved.x).toBeLessThan(start.x - 100);
  expect(moved.y).toBeCloseTo(start.y, 2);

  await page.getByRole('button', { name: 'Section line' }).click();
  await expect(page.locator('.right h2').first()).toHaveText('Section 1');
  await expect(strip.getByText('Section 1')).toHaveCount(1);
  await expect(page.locator('.plan circle[data-layer=sections]')).toHaveCount(2);
  await page.getByLabel('Start, from left').fill('300');
  await page.keyboard.press('Enter');
  await page.getByLabel('End, from left').fill('4100');
  await page.keyboard.press('Enter');
  await expect(page.getByText('can’t be 4100 mm').first()).toBeVisible();
  await page.getByLabel('End, from left').fill('3700');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Look the other way' }).click();
  await studio.saved(7);
  const design = await studio.design();
  expect(Object.values(design.records).filter(({ kind }) => kind === 'section')).toMatchObject([
    { name: '1', from: { distance: 300 }, to: { distance: 3700 }, side: 'right' },
  ]);
  await page.getByRole('button', { name: 'Remove', exact: true }).click();
  await expect(strip.getByText('Section 1')).toHaveCount(0);
});
