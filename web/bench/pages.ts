import { chromium, type Browser } from '@playwright/test';
import { setTimeout as wait } from 'node:timers/promises';
import config from '../playwright.config';
import { untilReady, watch, weighed } from '../e2e/scripts';
import { Application } from '../e2e/server';

/** How long until a page can be worked with, in a browser that has nothing cached, and how much JavaScript it takes for that. */
const ROUNDS = 11;
/** Nothing else is done for so long before a page is asked for, ms. */
const REST = 2_500;

interface Sample {
  /** From the start of the navigation, by the page's own clock. */
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
  await tab.addInitScript(watch, ready);
  // What the studio page has set going comes to rest first.
  await wait(REST);
  await tab.goto(address + pathOf(room!));
  await tab.locator(ready).first().waitFor();
  const { ms, scripts } = await tab.evaluate(untilReady);
  await fresh.close();
  return { ms, scriptBytes: await weighed(scripts) };
}

const application = await Application.start();
const browser = await chromium.launch(config.use!.launchOptions);
try {
  for (const [name, pathOf, ready] of [
    ['studio page, jobs listed', () => '/studio', '.plan svg'],
    ['room page, ready to work in', (room: string) => room, '[data-ready=true]'],
    ['room page, with the strip', (room: string) => room, '[data-ready=true] .unfold svg'],
  ] as const) {
    const samples: Sample[] = [];
    for (let round = 0; round < ROUNDS; round++)
      samples.push(await measure(browser, application.address, pathOf, ready));
    const times = samples.map(({ ms }) => ms).sort((a, b) => a - b);
    const [median, least, most] = [times[Math.floor(ROUNDS / 2)]!, times[0]!, times.at(-1)!];
    const kilobytes = samples[0]!.scriptBytes / 1000;
    console.log(
      `${name}: median ${median.toFixed(0)} ms (${least.toFixed(0)} to ${most.toFixed(0)}), ${kilobytes.toFixed(1)} kB of JavaScript gzipped`,
    );
  }
} finally {
  await browser.close();
  await application.stop();
}
