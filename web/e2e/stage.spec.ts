import { expect, test } from './studio';

test('panels fold away and are kept so; the drawing alone has the page; all from keys, buttons and the palette', async ({
  page,
  studio,
}) => {
  await studio.newRoom('Millimetres', ['4000', '3000']);
  const wide = async () => (await page.locator('main').boundingBox())!.width;
  const before = await wide();
  await page.getByRole('button', { name: 'Left panel' }).click();
  await expect(page.getByRole('button', { name: 'Left panel' })).toHaveAttribute('aria-expanded', 'false');
  expect(await wide()).toBeGreaterThan(before + 200);
  await page.reload();
  await studio.ready();
  await expect(page.getByRole('button', { name: 'Left panel' })).toHaveAttribute('aria-expanded', 'false');
  await page.keyboard.press('Alt+Enter');
  expect(await wide()).toBe(1280);
  await page.keyboard.press('Alt+Enter');
  await expect(page.getByRole('button', { name: 'Facts', exact: true })).toHaveAttribute(
    'aria-expanded',
    'true',
  );

  await page.keyboard.press('Control+k');
  await expect(page.getByRole('dialog')).toBeVisible();
  await page.keyboard.type('left pan');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  expect(await wide()).toBe(before);
  // What can be set, and what is there, are found too.
  await page.keyboard.press('Control+k');
  await page.keyboard.type('f600');
  await page.getByRole('option', { name: /Set F600,/ }).click();
  await studio.saved(1);
  await page.keyboard.press('Control+k');
  await page.keyboard.type('face c');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('complementary', { name: 'Facts' })).toContainText('Face C');
  await page.keyboard.press('Control+k');
  await page.keyboard.type('no such thing');
  await expect(page.getByRole('dialog')).toContainText('Nothing has this name');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
});

test('every page is as dark as the machine, or as was chosen last, and painted so from the first', async ({
  page,
  studio,
}) => {
  await studio.newRoom('Millimetres', ['4000', '3000']);
  const html = page.locator('html');
  await expect(html).toHaveAttribute('data-theme', 'light');
  await page.emulateMedia({ colorScheme: 'dark' });
  await page.reload();
  await studio.ready();
  await expect(html).toHaveAttribute('data-theme', 'dark');
  const room = page.url();
  await page.goto(new URL('/studio', room).href);
  await expect(html).toHaveAttribute('data-theme', 'dark');
  const paper = () => page.evaluate(() => getComputedStyle(document.body).backgroundColor);
  const dark = await paper();
  await page.goto(room);
  await studio.ready();
  await page.getByRole('button', { name: 'Evening paper' }).click();
  await page.goto(new URL('/studio', room).href);
  await expect(html).toHaveAttribute('data-theme', 'light');
  expect(await paper()).not.toBe(dark);
});

for (const [name, viewport] of [
  ['tablet', { width: 820, height: 1180 }],
  ['phone', { width: 390, height: 844 }],
] as const)
  test(`on a ${name} panels are drawers over the drawing, one at a time, and nothing is cut off`, async ({
    page,
    studio,
  }) => {
    await studio.newRoom('Millimetres', ['4000', '3000']);
    await page.setViewportSize(viewport);
    const [left, right] = [
      page.getByRole('button', { name: 'Left panel' }),
      page.getByRole('button', { name: 'Facts', exact: true }),
    ];
    await expect(left).toHaveAttribute('aria-expanded', 'false');
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(viewport.width);
    for (const button of [left, right]) {
      const box = (await button.boundingBox())!;
      expect(box.x + box.width).toBeLessThanOrEqual(viewport.width);
    }
    await right.click();
    await page.getByLabel('Ceiling', { exact: true }).fill('2500');
    await page.keyboard.press('Enter');
    await studio.saved(1);
    await page.keyboard.press('Alt+2');
    await left.click();
    await expect(right).toHaveAttribute('aria-expanded', 'false');
    await page.getByRole('searchbox').fill('f600');
    // Taken from the shelf it hangs on the pointer, and the drawer makes way.
    await page.locator('.left').getByText('F600', { exact: true }).click();
    await expect(left).toHaveAttribute('aria-expanded', 'false');
    await page.locator('.plan').click({ position: { x: viewport.width / 2, y: 200 } });
    await studio.saved(2);
    await page.setViewportSize({ width: 1280, height: 800 });
    await expect(left).toHaveAttribute('aria-expanded', 'true');
  });

test.describe('by touch', () => {
  test.use({ hasTouch: true, isMobile: true, viewport: { width: 820, height: 1180 } });

  test('on a tablet whatever is pressed in the panels is large enough for a finger', async ({
    page,
    studio,
  }) => {
    await studio.enter();
    await studio.openRoom('Galley with bay');
    const small = async (where: string) =>
      page.locator('aside:not([inert]), header').evaluateAll(
        (parts, place) =>
          parts
            .flatMap((part) => [...part.querySelectorAll('button, select, input, summary, a')])
            .map((one) => one.closest('label:has(input:is([type=checkbox], [type=radio]))') ?? one)
            .filter((one) => one.checkVisibility() && one.getBoundingClientRect().height < 43.5)
            .map((one) => `${place}: ${one.outerHTML.slice(0, 90)} ${one.getBoundingClientRect().height}`),
        where,
      );
    const found: string[] = [];
    for (const step of ['Survey', 'Set', 'Surface', 'Reach', 'Draw', 'Build'] as const) {
      await studio.step(step);
      await page.getByRole('button', { name: 'Left panel' }).tap();
      found.push(...(await small(step)));
      await page.getByRole('button', { name: 'Facts', exact: true }).tap();
      found.push(...(await small(`facts in ${step}`)));
    }
    await page.keyboard.press('Alt+Enter');
    await studio.step('Set');
    await page.locator('.plan').press('n');
    await page.getByRole('button', { name: 'Facts', exact: true }).tap();
    found.push(...(await small('item')));
    expect([...new Set(found)]).toEqual([]);
  });
});

test('each step is opened by its address, however often it was opened before', async ({ page, studio }) => {
  await studio.newRoom('Millimetres', ['4000', '3000']);
  const room = new URL(page.url());
  // The second time the server knows all parts of the page.
  for (const step of ['survey', 'set', 'surface', 'tile', 'reach', 'draw', 'build'])
    for (const time of ['first', 'second']) {
      room.searchParams.set('step', step);
      const answer = await page.goto(String(room));
      expect(answer!.status(), `${step}, the ${time} time`).toBe(200);
      await studio.ready();
      await expect(page.getByRole('button', { name: new RegExp(`^${step}$`, 'i') })).toHaveAttribute(
        'aria-current',
        'step',
      );
    }
});
