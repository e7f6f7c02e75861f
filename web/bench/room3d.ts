import { chromium, type Page } from '@playwright/test';
import { hall } from '../../core/bench/views-hall';
import { galleyWithBay } from '../../core/src/demo/galley-with-bay';
import config from '../playwright.config';
import { Application } from '../e2e/server';
import { openDesign } from './open-design';

/** How long the first picture of a room takes, how many draw calls a picture, and what an edit of one item costs. */
const ROUNDS = 5;
const NUDGES = 8;

/** The pictures drawn so far, the draw calls of the last, and the parts made anew by the last edit. */
async function drawn(page: Page): Promise<{ frames: number; calls: number; made: number }> {
  const data = await page.locator('.room canvas').evaluate((canvas) => ({ ...canvas.dataset }));
  const [frames, calls, made] = ['frames', 'calls', 'made'].map((key) => Number(data[key] ?? 0));
  return { frames: frames!, calls: calls!, made: made! };
}

/** Milliseconds from the press that shows a view to its first picture. */
async function firstPicture(page: Page, view: 'Model' | 'Stand'): Promise<number> {
  const start = performance.now();
  await page.getByRole('button', { name: view, exact: true }).click();
  await page.waitForFunction(() => {
    const canvas = document.querySelector<HTMLCanvasElement>('.room canvas');
    return Number(canvas?.dataset['frames'] ?? 0) > 0;
  });
  return performance.now() - start;
}

const spread = (times: number[]) => {
  const sorted = [...times].sort((a, b) => a - b);
  const [median, least, most] = [sorted[Math.floor(sorted.length / 2)]!, sorted[0]!, sorted.at(-1)!];
  return `median ${median.toFixed(0)} ms (${least.toFixed(0)} to ${most.toFixed(0)})`;
};

const application = await Application.start();
const browser = await chromium.launch(config.use!.launchOptions);
try {
  const first: number[] = [];
  for (let round = 0; round < ROUNDS; round++) {
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
    const page = await context.newPage();
    await openDesign(page, application.address, galleyWithBay(), 'set');
    // From a page at rest; the stream it keeps open is never idle.
    await page.waitForLoadState('load');
    await page.waitForTimeout(1_500);
    first.push(await firstPicture(page, round % 2 === 0 ? 'Model' : 'Stand'));
    await context.close();
  }
  console.log(`first picture of the galley, model or stand, chunk loaded anew: ${spread(first)}`);

  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await openDesign(page, application.address, hall(), 'set');
  const ms = await firstPicture(page, 'Model');
  const room = page.locator('.room');
  await room.press('n');
  const times: number[] = [];
  let last = await drawn(page);
  for (let nudge = 0; nudge < NUDGES; nudge++) {
    const start = performance.now();
    await room.press('ArrowUp');
    await page.waitForFunction(
      (frames) => Number(document.querySelector<HTMLElement>('.room canvas')!.dataset['frames']) > frames,
      last.frames,
    );
    times.push(performance.now() - start);
    last = await drawn(page);
  }
  console.log(
    `300 items: first picture ${ms.toFixed(0)} ms; ${last.calls} draw calls a picture; a nudge of one item makes ${last.made} parts anew, its picture is there after ${spread(times)}`,
  );
} finally {
  await browser.close();
  await application.stop();
}
