import { test } from './studio';
test.use({ stage: 'both', viewport: { width: 1280, height: 800 } });
test('look', async ({ page, studio }) => {
  await studio.enter();
  await studio.openRoom('Galley with bay');
  await studio.step('Surface');
  await page.waitForTimeout(1500);
  await page.screenshot({ path: '/tmp/s1.png' });
  await page
    .getByRole('button', { name: /stands out/ })
    .first()
    .click();
  await page.keyboard.type('60');
  await page.keyboard.press('Enter');
  await page.waitForTimeout(300);
  await page.locator('.corner > button').first().click();
  await page.getByRole('button', { name: 'Round' }).click();
  await page.waitForTimeout(800);
  await page.screenshot({ path: '/tmp/s2.png' });
});
