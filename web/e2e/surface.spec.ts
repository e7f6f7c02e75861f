import { expect, test } from './studio';

interface OwnTop {
  overhangs?: Record<string, number>;
  topCorners?: Record<string, object>;
}

test('edges of tops are typed where they are, corners made round, and all of it stands when a cabinet is widened', async ({
  page,
  studio,
}) => {
  await studio.newRoom('Millimetres', ['4000', '3000']);
  await studio.step('Set');
  await studio.setByCode('F600', 'F800-S', 'COOK600', 'F450');
  await studio.saved(4);
  await studio.step('Surface');
  const tops = page.getByRole('region', { name: /^Top \d/ });
  await expect(tops).toHaveCount(2);
  await expect(tops.first()).toContainText('Less its cut-outs');
  await expect(page.getByText('Nothing. Click a number beside an edge')).toBeVisible();

  // The free end stands out for a seat; the end at the range has no number to type.
  const end = page.getByRole('button', { name: /^Right end of F450 \(4\) stands out 20/ });
  await end.click();
  await page.keyboard.type('265');
  await page.keyboard.press('Enter');
  await expect(
    page.getByRole('button', { name: /^Right end of F450 \(4\) stands out 265, set by hand/ }),
  ).toBeVisible();
  await expect(page.getByRole('button', { name: /^Left end of F450/ })).toHaveCount(0);
  await page.getByRole('button', { name: /^Corner of Front of F450 \(4\) and Right end of F450/ }).click();
  await page.getByRole('button', { name: 'Round' }).click();
  await page.getByLabel('Radius').fill('120');
  await page.keyboard.press('Enter');
  await page.keyboard.press('Escape');
  await studio.saved(7);
  const own = (await studio.items()).find(({ code }) => code === 'F450') as OwnTop;
  expect([own.overhangs, own.topCorners]).toEqual([{ right: 265 }, { frontRight: { radius: 120 } }]);

  // One front edge over two cabinets is one number; over 12 in it says that brackets are needed.
  await page.getByRole('button', { name: /^Front of F600 \(1\) to F800-S \(2\)/ }).click();
  await page.keyboard.type('310');
  await page.keyboard.press('Enter');
  await expect(tops.first()).toContainText('over 305 a top needs brackets');
  await expect(page.getByText('F600 (1) to F800-S (2): front stands out 310')).toBeVisible();
  await page.getByRole('button', { name: /^Front of F600/ }).click();
  await page.keyboard.type('601');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toContainText('0 mm to 600 mm');
  await page.keyboard.press('Escape');

  // Widened, everything that was set still stands; one by one it goes back to automatic.
  await studio.clickItem(4);
  await page.getByRole('textbox', { name: 'Width', exact: true }).fill('600');
  await page.keyboard.press('Enter');
  await expect(
    page.getByRole('button', { name: /^Right end of F600 \(4\) stands out 265, set by hand/ }),
  ).toBeVisible();
  const back = page.getByRole('button', { name: 'Back to automatic' });
  await expect(back).toHaveCount(3);
  for (const left of [2, 1, 0]) {
    await back.first().click();
    await expect(back).toHaveCount(left);
  }
  await page.keyboard.press('Control+z');
  await expect(back).toHaveCount(1);
});

test('a top round a corner is joined as the designer wants, and what is gone with a cabinet is named', async ({
  page,
  studio,
}) => {
  await studio.enter();
  await studio.openRoom('Kitchen');
  await studio.step('Surface');
  const joint = page.getByRole('button', { name: /^Joint at the inside corner/ });
  const top = page.getByRole('region', { name: 'Top 1' });
  await expect(top).toContainText('Made in 2');
  const before = await top.textContent();
  await joint.click();
  await expect(page.getByRole('button', { name: 'Left run through' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await page.getByRole('button', { name: 'Mitred' }).click();
  await expect(page.getByText(/front right corner mitred/)).toBeVisible();
  expect(await top.textContent()).not.toBe(before);
  await page.getByRole('button', { name: 'Not joined' }).click();
  await expect(joint).toHaveCount(0);
  await page.getByRole('button', { name: 'Back to automatic' }).click();
  await expect(joint).toHaveCount(1);
  await expect(top).toHaveText(before!);

  // Straight across what is chosen, and moved by typing.
  await studio.clickItem(4);
  await page.getByRole('button', { name: /^Join the top over DISH24/ }).click();
  await expect(top).toContainText('A joint lies over DISH24 (4)');
  await page.getByRole('button', { name: /^Joint over DISH24 \(4\), 1'-0" from its left end/ }).click();
  await page.getByLabel(/From the left end of DISH24/).fill('0');
  await page.keyboard.press('Enter');
  await expect(top).not.toContainText('A joint lies over');
  await page.keyboard.press('Escape');

  await studio.clickItem(4);
  await page.keyboard.press('Delete');
  await expect(page.getByText('gone with DISH24: what was set by hand at its top')).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.getByText('gone with DISH24')).toHaveCount(0);
  await expect(page.getByText(/DISH24 \(4\): joined/)).toBeVisible();
  await page.getByRole('button', { name: 'Back to automatic' }).click();
  await expect(page.getByText('Nothing. Click a number beside an edge')).toBeVisible();
});
