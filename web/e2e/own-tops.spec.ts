import { expect, test } from './studio';

test('a desk is drawn on from a top, its sides and height typed, and it is one top with it while they are level', async ({
  page,
  studio,
}) => {
  await studio.newRoom('Millimetres', ['4000', '3000']);
  await studio.step('Set');
  await studio.setByCode('F600', 'F800-S');
  await studio.saved(2);
  await studio.step('Surface');
  const tops = page.getByRole('region', { name: /^Top \d/ });
  await expect(tops).toHaveCount(1);
  await page.getByRole('button', { name: 'Draw a top by itself' }).click();
  await expect(page.getByText('Click its corners on the plan')).toBeVisible();
  // From the right end of the top along wall A, as deep, to 1 m before the corner.
  const left = (await page.locator('.plan g[data-source=face-d]').first().boundingBox())!;
  const right = (await page.locator('.plan g[data-source=face-b]').first().boundingBox())!;
  const wall = (await page.locator('.plan g[data-source=face-a]').first().boundingBox())!;
  const from = left.x + left.width / 2;
  const scale = (right.x + right.width / 2 - from) / 4000;
  const [top, x] = [wall.y + wall.height / 2, (mm: number) => from + mm * scale];
  for (const [along, out] of [
    [1420, 0],
    [3000, 0],
    [3000, 600],
    [1420, 600],
  ])
    await page.mouse.click(x(along!), top + out! * scale);
  await page.keyboard.press('Enter');
  await studio.saved(3);
  const [desk] = (await studio.items()).filter(({ code }) => code === 'TOP');
  expect(desk).toMatchObject({ depth: 600, up: 870, height: 30, placement: { on: 'face', face: 'face-a' } });
  await expect(tops).toHaveCount(1);
  await expect(page.getByRole('heading', { name: /TOP$/ })).toBeVisible();

  // Typed at its edge it stands out farther; lower, it is a top of its own.
  await page.getByRole('textbox', { name: 'Width', exact: true }).fill('1580');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: /^Right end of TOP \(3\) stands out 0/ }).click();
  await page.keyboard.type('100');
  await page.keyboard.press('Enter');
  await expect(
    page.getByRole('button', { name: /^Right end of TOP \(3\) stands out 100, set by hand/ }),
  ).toBeVisible();
  await page.getByRole('textbox', { name: 'Above floor' }).fill('710');
  await page.keyboard.press('Enter');
  await expect(tops).toHaveCount(2);
  await expect(tops.first()).toContainText('Surface at 740');
  await page.getByRole('textbox', { name: 'Above floor' }).fill('870');
  await page.keyboard.press('Enter');
  await expect(tops).toHaveCount(1);
});
