import { writeFileSync } from 'node:fs';
import { test } from './studio';
test.use({ viewport: { width: 1280, height: 800 } });
test('look', async ({ page, studio }) => {
  test.setTimeout(170_000);
  page.on('console', (m) => { if (m.type() === 'error') console.log('CONSOLE', m.text()); });
  // drag speed of a large floor
  await studio.newRoom('Millimetres', ['7000', '6000']);
  await studio.step('Set');
  await studio.setByCode('F600', 'F900', 'F600', 'F600');
  await studio.step('Tile');
  await page.getByRole('button', { name: 'Tile the floor' }).click();
  await page.getByRole('textbox', { name: 'Along', exact: true }).fill('200');
  await page.keyboard.press('Enter');
  await page.getByRole('textbox', { name: 'Across', exact: true }).fill('60');
  await page.keyboard.press('Enter');
  await page.waitForTimeout(1500);
  const stage = page.getByRole('application', { name: /^Tiles of the floor/ });
  const box = (await stage.boundingBox())!;
  const client = await page.context().newCDPSession(page);
  await client.send('Performance.enable');
  const metric = async (name: string) => (await client.send('Performance.getMetrics')).metrics.find((m) => m.name === name)!.value;
  await page.mouse.move(box.x + 350, box.y + 300);
  await page.mouse.down();
  for (let i = 0; i < 20; i++) { await page.mouse.move(box.x + 350 + i, box.y + 300 + i / 2); await page.waitForTimeout(20); }
  await client.send('Profiler.enable');
  await client.send('Profiler.start');
  const [s0, t0] = [await metric('ScriptDuration'), await metric('TaskDuration')];
  const n = 80;
  for (let i = 0; i < n; i++) { await page.mouse.move(box.x + 370 + i, box.y + 310 + i / 3); await page.waitForTimeout(25); }
  const { profile } = await client.send('Profiler.stop');
  writeFileSync('/tmp/drag.cpuprofile', JSON.stringify(profile));
  const [s1, t1] = [await metric('ScriptDuration'), await metric('TaskDuration')];
  console.log('script per move ms', ((s1 - s0) / n) * 1000, 'task', ((t1 - t0) / n) * 1000);
  await page.mouse.up();
  console.log(await page.getByRole('region', { name: 'Set-out' }).locator('dl').textContent());
});
