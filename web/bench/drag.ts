import { chromium, type Page } from '@playwright/test';
import { bigRoom } from '../../core/bench/big-room';
import { crowd } from '../../core/bench/crowd';
import { tiledHall } from '../../core/bench/tiled-hall';
import config from '../playwright.config';
import { Application } from '../e2e/server';
import { openDesign } from './open-design';

/** How much script a frame of a drag takes in the page, with the plan and the strip: a face of a room of 40 corners, 120 measurements and 100 items; an item among 300, and among 5,000; the field of a floor of 3,000 tiles. */
const MOVES = 397;

/** Runs in the page: moves the pointer each frame. All that follows from a move, up to what is rendered, is done in the microtasks of that frame. */
async function drag({
  view,
  x,
  y,
  moves,
}: {
  view: string;
  x: number;
  y: number;
  moves: number;
}): Promise<void> {
  const plan = document.querySelector(view)!;
  for (let move = 0; move < moves; move++) {
    await new Promise(requestAnimationFrame);
    // To and fro by whole pixels, so that every move moves what is dragged.
    const off = Math.abs((move % 12) - 6);
    const [clientX, clientY] = [x + off, y + off];
    plan.dispatchEvent(new PointerEvent('pointermove', { clientX, clientY, bubbles: true }));
  }
}

/** Runs in the page: the middle of the first thing with such a mark in the plan that nothing lies over, pixels, the nearest to the middle first. */
function inSight(marks: string): { x: number; y: number } {
  const { left, top, width, height } = document.querySelector('.plan')!.getBoundingClientRect();
  const found = [...document.querySelectorAll(`.plan ${marks}`)].map((mark) => {
    const box = mark.getBoundingClientRect();
    const [x, y] = [box.left + box.width / 2, box.top + box.height / 2];
    return { mark, x, y, away: Math.hypot(x - left - width / 2, y - top - height / 2) };
  });
  for (const { mark, x, y } of found.sort((a, b) => a.away - b.away)) {
    const over = document.elementFromPoint(x, y)?.closest('[data-source]');
    if (over?.getAttribute('data-source') === mark.getAttribute('data-source')) return { x, y };
  }
  throw new Error('Nothing of what should be dragged is in sight.');
}

/** What the browser writes down of its work: how long the thread was at it, microseconds. */
interface Traced {
  name: string;
  tdur?: number;
}

async function measure(
  page: Page,
  name: string,
  view: string,
  { x, y }: { x: number; y: number },
): Promise<void> {
  await page.mouse.move(x, y);
  await page.mouse.down();
  await browser.startTracing(page, { categories: ['devtools.timeline', 'v8.execute'] });
  await page.evaluate(drag, { view, x, y, moves: MOVES });
  const { traceEvents } = JSON.parse((await browser.stopTracing()).toString()) as { traceEvents: Traced[] };
  await page.keyboard.press('Escape');
  await page.mouse.up();
  // Of the page's thread only, and without the time it waited for others; a frame that takes less has moved nothing.
  const sorted = traceEvents
    .flatMap(({ name, tdur = 0 }) => (name === 'RunMicrotasks' && tdur > 1_000 ? tdur / 1_000 : []))
    .sort((a, b) => a - b);
  const at = (share: number) => sorted[Math.floor((sorted.length - 1) * share)]!.toFixed(1);
  const mean = sorted.reduce((sum, time) => sum + time, 0) / sorted.length;
  console.log(
    `dragging ${name}: ${sorted.length} frames, script of each: mean ${mean.toFixed(1)} ms, median ${at(0.5)}, 95 of 100 within ${at(0.95)}, most ${at(1)}`,
  );
}

const application = await Application.start();
const browser = await chromium.launch(config.use!.launchOptions);
try {
  for (const [name, design, step, marks, nearer] of [
    ['a face, 100 items', bigRoom(), 'survey', 'g[data-source^=face][data-layer=walls]', 6],
    ['an item among 300', crowd(300), 'set', 'g[data-source^=item]', 0],
    ['an item among 5,000', crowd(5_000), 'set', 'g[data-source^=item]', 0],
  ] as const) {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    await openDesign(page, application.address, design, step);
    await page.locator('.unfold svg').first().waitFor();
    // So near that a pixel is a few millimetres: a face that is to go too far stays where it was.
    await page.locator('.plan').focus();
    for (let press = 0; press < nearer; press++) await page.keyboard.press('+');
    await measure(page, name, '.plan', await page.evaluate(inSight, marks));
    await page.close();
  }
  for (const type of ['grid', 'herringbone90'] as const) {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    await openDesign(page, application.address, tiledHall(type), 'tile');
    await page.getByRole('button', { name: /^T1/ }).click();
    const { x, y, width, height } = (await page.locator('.tiling').boundingBox())!;
    const tiles = await page.getByRole('region', { name: 'Set-out' }).locator('dd').allInnerTexts();
    await measure(page, `a field (${type}: ${tiles.join(', ')})`, '.tiling', {
      x: x + width / 2,
      y: y + height * 0.75,
    });
    await page.close();
  }
} finally {
  await browser.close();
  await application.stop();
}
