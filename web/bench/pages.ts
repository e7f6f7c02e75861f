import { chromium, type Browser } from '@playwright/test';
import { gzipSync } from 'node:zlib';
import config from '../playwright.config';
import { Application } from '../e2e/server';

/** How long until a page can be worked with, in a browser that has nothing cached, and how much JavaScript it takes for that. */
const ROUNDS = 7;

interface Sample {
  ms: number;
  scriptBytes: number;
}

async function measure(
  browser: Browser,
  address: string,
  pathOf: (page: string) => string,
  ready: string,
): Promise<Sample> {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const page = await context.newPage();
  await page.goto(address);
  await page.getByRole('button', { name: 'Open the demo studio' }).click();
  await page.waitForURL('**/studio');
  const room = await page.getByRole('link', { name: 'Galley with bay' }).getAttribute('href');
  const cookies = await context.cookies();
  await context.close();

  const fresh = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  await fresh.addCookies(cookies);
  const tab = await fresh.newPage();
  const scripts: Promise<number>[] = [];
  let isReady = false;
  tab.on('response', (response) => {
    // What is fetched once the page is ready is not waited for.
    if (!isReady && response.url().endsWith('.js'))
      scripts.push(response.body().then((body) => gzipSync(body).length));
  });
  const start = performance.now();
  await tab.goto(address + pathOf(room!));
  await tab.locator(ready).first().waitFor();
  isReady = true;
  const ms = performance.now() - start;
  // The page keeps a stream open, so that the network is never idle: until no more scripts come.
  for (let known = -1; known !== scripts.length; await tab.waitForTimeout(500)) known = scripts.length;
  const scriptBytes = (await Promise.all(scripts)).reduce((sum, bytes) => sum + bytes, 0);
  await fresh.close();
  return { ms, scriptBytes };
}

const application = await Application.start();
const browser = await chromium.launch(config.use!.launchOptions);
try {
  for (const [name, pathOf, ready] of [
    ['studio page, jobs listed', () => '/studio', '.plan svg'],
    ['room page, ready to work in', (room: string) => room, '[data-ready=true]'],
  ] as const) {
    const samples: Sample[] = [];
    for (let round = 0; round < ROUNDS; round++)
      samples.push(await measure(browser, application.address, pathOf, ready));
    const times = samples.map(({ ms }) => ms).sort((a, b) => a - b);
    const [median, least, most] = [times[Math.floor(ROUNDS / 2)]!, times[0]!, times.at(-1)!];
    const kilobytes = samples[0]!.scriptBytes / 1000;
    console.log(
      `${name}: median ${median.toFixed(0)} ms (${least.toFixed(0)} to ${most.toFixed(0)}), ${kilobytes.toFixed(0)} kB of JavaScript gzipped`,
    );
  }
} finally {
  await browser.close();
  await application.stop();
}
