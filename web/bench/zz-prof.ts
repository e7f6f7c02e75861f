import { chromium, type Page } from '@playwright/test';
import { bigRoom } from '../../core/bench/big-room';
import { crowd } from '../../core/bench/crowd';
import config from '../playwright.config';
import { Application } from '../e2e/server';
import { openDesign } from './open-design';

/** How much script a frame of a drag takes in the page, with the plan and the strip: a face of a room of 40 corners, 120 measurements and 100 items; an item among 300, and among 5,000. */
const MOVES = Number(process.env.MOVES ?? 200);

/** Runs in the page: moves the pointer each frame; gives the time, ms, that each move which moved something took until the page was brought up to date. */
async function drag({ x, y, moves }: { x: number; y: number; moves: number }): Promise<number[]> {
  const plan = document.querySelector('.plan')!;
  const times: number[] = [];
  let shown: string | null | undefined;
  for (let move = 0; move < moves; move++) {
    await new Promise(requestAnimationFrame);
    // To and fro by whole pixels, so that every move moves what is dragged.
    const off = Math.abs((move % 12) - 6);
    const [clientX, clientY] = [x + off, y + off];
    const start = performance.now();
    plan.dispatchEvent(new PointerEvent('pointermove', { clientX, clientY, bubbles: true }));
    // What the event changed is rendered in a microtask queued before this one.
    await Promise.resolve();
    const took = performance.now() - start;
    // A face says how far it has gone, where it has gone anywhere.
    const said = document.querySelector('.moved')?.textContent;
    if (said === undefined || said !== shown) times.push(took);
    shown = said;
  }
  return times;
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

async function measure(page: Page, name: string, marks: string): Promise<void> {
  const { x, y } = await page.evaluate(inSight, marks);
  await page.mouse.move(x, y);
  await page.mouse.down();
  const devtools = await page.context().newCDPSession(page);
  await devtools.send('Performance.enable', { timeDomain: 'threadTicks' });
  /** Seconds the page's thread has spent in script; what else the machine does is not in it. */
  const scripted = async () => {
    const { metrics } = await devtools.send('Performance.getMetrics');
    return metrics.find(({ name }) => name === 'ScriptDuration')!.value;
  };
  await devtools.send('Profiler.enable'); await devtools.send('Profiler.setSamplingInterval',{interval:300}); await devtools.send('Profiler.start');
  const before = await scripted();
  const times = await page.evaluate(drag, { x, y, moves: MOVES });
  const script = ((await scripted()) - before) * 1000;
  const { profile } = await devtools.send('Profiler.stop'); (await import('node:fs')).writeFileSync('/tmp/prof.json', JSON.stringify(profile));
  await page.keyboard.press('Escape');
  await page.mouse.up();
  const sorted = times.slice(1).sort((a, b) => a - b);
  const at = (share: number) => sorted[Math.floor((sorted.length - 1) * share)]!.toFixed(1);
  console.log(
    `dragging ${name}: ${(script / MOVES).toFixed(1)} ms of script a frame in the page's thread; page up to date after median ${at(0.5)} ms, 95 of 100 within ${at(0.95)} ms`,
  );
}

const application = await Application.start();
const browser = await chromium.launch(config.use!.launchOptions);
try {
  for (const [name, design, step, marks] of [
    ['a face, 100 items', bigRoom(), 'survey', 'g[data-source^=face][data-layer=walls]'],
    ['an item among 300', crowd(300), 'set', 'g[data-source^=item]'],
    ['an item among 5,000', crowd(5_000), 'set', 'g[data-source^=item]'],
  ] as const) {
    if (!name.includes(process.env.ONLY!)) continue;
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    await openDesign(page, application.address, design, step);
    await page.locator('.unfold svg').first().waitFor();
    await measure(page, name, marks);
    await page.close();
  }
} finally {
  await browser.close();
  await application.stop();
}
