import { test } from './studio';
test.use({ stage: 'plan', viewport: { width: 1280, height: 800 } });
test('look', async ({ page, studio }) => {
  await studio.enter();
  await studio.openRoom('Kitchen');
  await studio.step('Surface');
  await page.waitForTimeout(1500);
  await page.screenshot({ path: '/tmp/s1.png' });
  await page
    .getByRole('button', { name: /^Joint/ })
    .first()
    .click();
  await page.waitForTimeout(800);
  await page.screenshot({ path: '/tmp/s2.png' });
  await studio.openRoom('Galley with bay');
  await studio.step('Surface');
  await page.waitForTimeout(1500);
  await page.screenshot({ path: '/tmp/s3.png' });
});
