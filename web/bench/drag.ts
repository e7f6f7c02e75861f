import { chromium } from '@playwright/test';
import { bigRoom } from '../../core/bench/big-room';
import config from '../playwright.config';
import { Application } from '../e2e/server';
import { openDesign } from './open-design';

/** How much script a frame of a drag takes in the page: a face of a room of 40 corners, 120 measurements and 100 items. */
const MOVES = 397;

/** Runs in the page: moves the pointer each frame; gives the time, ms, that each move which moved the face took until the page was brought up to date. */
async function drag({ x, y, moves }: { x: number; y: number; moves: number }): Promise<number[]> {
  const plan = document.querySelector('.plan')!;
  const times: number[] = [];
  let shown: string | null | undefined;
  for (let move = 0; move < moves; move++) {
    await new Promise(requestAnimationFrame);
    // To and fro by whole pixels, so that every move moves the face.
    const off = Math.abs((move % 12) - 6);
    const [clientX, clientY] = [x + off, y + off];
    const start = performance.now();
    plan.dispatchEvent(new PointerEvent('pointermove', { clientX, clientY, bubbles: true }));
    // What the event changed is rendered in a microtask queued before this one.
    await Promise.resolve();
    const took = performance.now() - start;
    const said = document.querySelector('.moved')?.textContent;
    if (said !== shown) times.push(took);
    shown = said;
  }
  return times;
}

/** Runs in the page: the middle of the first letter of a face that nothing lies over, pixels. */
function letterInSight(): { x: number; y: number } {
  for (const letter of document.querySelectorAll('.plan g[data-source^=face][data-layer=walls]')) {
    const { left, top, width, height } = letter.getBoundingClientRect();
    const at = { x: left + width / 2, y: top + height / 2 };
    const over = document.elementFromPoint(at.x, at.y)?.closest('[data-source]');
    if (over?.getAttribute('data-source') === letter.getAttribute('data-source')) return at;
  }
  throw new Error('No letter of a face is in sight.');
}

const application = await Application.start();
const browser = await chromium.launch(config.use!.launchOptions);
try {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await openDesign(page, application.address, bigRoom(), 'survey');
  const { x, y } = await page.evaluate(letterInSight);
  await page.mouse.move(x, y);
  await page.mouse.down();
  const devtools = await page.context().newCDPSession(page);
  await devtools.send('Performance.enable', { timeDomain: 'threadTicks' });
  /** Seconds the page's thread has spent in script; what else the machine does is not in it. */
  const scripted = async () => {
    const { metrics } = await devtools.send('Performance.getMetrics');
    return metrics.find(({ name }) => name === 'ScriptDuration')!.value;
  };
  const before = await scripted();
  const times = await page.evaluate(drag, { x, y, moves: MOVES });
  const script = ((await scripted()) - before) * 1000;
  const out = await page.locator('.moved').textContent();
  await page.keyboard.press('Escape');
  await page.mouse.up();
  const sorted = times.slice(1).sort((a, b) => a - b);
  const at = (share: number) => sorted[Math.floor((sorted.length - 1) * share)]!.toFixed(1);
  console.log(
    `dragging a face (${out}), 100 items: ${(script / MOVES).toFixed(1)} ms of script a frame in the page's thread; page up to date after median ${at(0.5)} ms (${at(0.1)} to ${at(0.9)}, 10 to 90 %)`,
  );
} finally {
  await browser.close();
  await application.stop();
}
