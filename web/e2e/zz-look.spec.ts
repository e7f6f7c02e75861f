import { test } from './studio';
test.use({ viewport: { width: 1280, height: 800 } });
test('look', async ({ page, studio }) => {
  test.setTimeout(120000);
  await studio.enter();
  await studio.openRoom('Galley with bay');
  await studio.step('Draw');
  await page.getByLabel('Shows').selectOption('elevations');
  await page.waitForTimeout(2500);
  await page.screenshot({ path: '/tmp/zz/f1.png' });
  const tabs = page.locator('.tab');
  console.log(await tabs.allTextContents());
  await tabs.nth(1).hover();
  await tabs.nth(1).click();
  await page.waitForTimeout(300);
  const frame = page.locator('.desk .frame');
  const box = (await frame.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 + 30, box.y + box.height / 2 + 60, { steps: 5 });
  await page.screenshot({ path: '/tmp/zz/f2.png' });
  await page.mouse.up();
  await page.waitForTimeout(1500);
  const edge = (await page.locator('.edge.left').boundingBox())!;
  await page.mouse.move(edge.x + 12, edge.y + 12);
  await page.mouse.down();
  await page.mouse.move(edge.x + 72, edge.y + 12, { steps: 5 });
  await page.mouse.up();
  await page.waitForTimeout(1500);
  await page.screenshot({ path: '/tmp/zz/f3.png' });
  await page.getByRole('button', { name: 'Done' }).click();
  await page.getByRole('button', { name: 'Detail', exact: true }).click();
  await page.waitForTimeout(200);
  const desk = (await page.locator('.desk').boundingBox())!;
  await page.mouse.move(desk.x + 200, desk.y + 200);
  for (let x = 80; x < 500; x += 6) {
    await page.mouse.move(desk.x + x, desk.y + 215);
    if (await page.locator('.desk svg circle[r="7"]').count()) { await page.mouse.click(desk.x + x, desk.y + 215); await page.mouse.click(desk.x + x + 22, desk.y + 215); break; }
  }
  await page.waitForTimeout(1500);
  await page.screenshot({ path: '/tmp/zz/f4.png' });
  await page.getByLabel('Shows').selectOption('details');
  await page.waitForTimeout(1500);
  await page.screenshot({ path: '/tmp/zz/f5.png' });
  await page.getByLabel('Shows').selectOption('set');
  await page.waitForTimeout(3500);
  await page.screenshot({ path: '/tmp/zz/f6.png' });
});
