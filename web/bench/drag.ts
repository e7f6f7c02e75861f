import { chromium, type CDPSession, type Page } from '@playwright/test';
import { bigRoom } from '../../core/bench/big-room';
import config from '../playwright.config';
import { Application } from '../e2e/server';

/** How much script a frame of a drag takes in the page: a face of a room of 40 corners, 120 measurements and 100 items. */
const MOVES = 60;

/** Seconds of script the page has run so far. */
async function scriptSeconds(devtools: CDPSession): Promise<number> {
  const { metrics } = await devtools.send('Performance.getMetrics');
  return metrics.find(({ name }) => name === 'ScriptDuration')!.value;
}

async function openRoom(page: Page, address: string): Promise<void> {
  await page.goto(address);
  await page.getByRole('button', { name: 'Open the demo studio' }).click();
  await page.waitForURL('**/studio');
  const job = (await page.getByRole('link', { name: 'New room' }).first().getAttribute('href'))!.split(
    '/',
  )[3]!;
  const made = await page.request.post(`${address}/api/jobs/${job}/rooms`, {
    data: { design: bigRoom() },
    headers: { origin: address },
  });
  const { id } = (await made.json()) as { id: string };
  await page.goto(`${address}/rooms/${id}?step=survey`);
  await page.locator('[data-ready=true]').waitFor();
}

const application = await Application.start();
const browser = await chromium.launch(config.use!.launchOptions);
try {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await openRoom(page, application.address);
  const devtools = await page.context().newCDPSession(page);
  await devtools.send('Performance.enable');
  const wall = (await page.locator('.plan g[data-source=face-5][data-layer=walls]').boundingBox())!;
  const [x, y] = [wall.x + wall.width / 2, wall.y + wall.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  const perMove: number[] = [];
  for (let move = 1; move <= MOVES; move++) {
    const before = await scriptSeconds(devtools);
    await page.mouse.move(x + move * 0.6, y + move * 0.6);
    await page.evaluate(() => new Promise(requestAnimationFrame));
    perMove.push(((await scriptSeconds(devtools)) - before) * 1000);
  }
  await page.keyboard.press('Escape');
  await page.mouse.up();
  const sorted = perMove.slice(10).sort((a, b) => a - b);
  const at = (share: number) => sorted[Math.floor((sorted.length - 1) * share)]!.toFixed(1);
  console.log(
    `dragging a face, 100 items: median ${at(0.5)} ms of script a frame (${at(0.1)} to ${at(0.9)}, 10 to 90 %)`,
  );
} finally {
  await browser.close();
  await application.stop();
}
