import { chromium, type BrowserContext, type Page } from '@playwright/test';
import pg from 'pg';
import config from '../playwright.config';
import { Chance } from '../drills/chance';
import { Application } from '../e2e/server';

/** Two people of a studio on one room: so many edits each at once, the network of one or the other cut now and then. Both must end with the same, with nothing lost, and each undo must take back one's own. */
const EDITS = Number(process.env['EDITS'] ?? 500);
const UNDOS = 40;
/** A network is cut in one edit of so many, for so long, ms. */
const CUT = 70;
const DOWN = [300, 1_500] as const;
const password = 'lamplight-and-tide';

const application = await Application.start();
const database = new pg.Client({ connectionString: application.databaseUrl });
const browser = await chromium.launch(config.use!.launchOptions);
const chance = new Chance(20_261_127);
const below = (limit: number) => chance.below(limit);

async function signIn(email: string): Promise<{ context: BrowserContext; page: Page }> {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const page = await context.newPage();
  await page.goto(application.address);
  await page.getByLabel('Email').fill(email);
  await page.getByLabel('Password').fill(password);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await page.waitForURL('**/studio');
  return { context, page };
}

/** Nudges items, chooses others, and takes some of it back, as fast as keys are pressed. */
async function edit({ context, page }: { context: BrowserContext; page: Page }, told: { undone: number }) {
  const plan = page.locator('.plan');
  await plan.focus();
  for (let count = 0; count < EDITS; count++) {
    for (let steps = below(4); steps > 0; steps--) await page.keyboard.press('n');
    if (count === 0) await page.keyboard.press('n');
    if (count % 25 === 24) {
      await page.keyboard.press('Control+z');
      told.undone += 1;
    } else await page.keyboard.press(['ArrowLeft', 'ArrowRight', 'ArrowUp', 'ArrowDown'][below(4)]!);
    if (below(CUT) > 0) continue;
    await context.setOffline(true);
    setTimeout(() => void context.setOffline(false), DOWN[0] + below(DOWN[1] - DOWN[0]));
  }
}

const status = (page: Page) => page.locator('.saved').textContent();
/** Waits until both have saved everything, at one revision. */
async function settled(pages: readonly Page[]): Promise<number> {
  for (let last = '', same = 0; ;) {
    const said = (await Promise.all(pages.map(status))).join();
    same = said === last && new Set(said.split(/,(?=saved)/)).size === 1 ? same + 1 : 0;
    last = said;
    if (same > 6 && said.startsWith('saved')) return Number(/\d+/.exec(said)![0]);
    await pages[0]!.waitForTimeout(500);
  }
}

try {
  await database.connect();
  const visitor = await browser.newPage();
  await visitor.goto(application.address);
  await visitor.getByRole('button', { name: 'Open the demo studio' }).click();
  await visitor.waitForURL('**/studio');
  const room = (await visitor.getByRole('link', { name: 'Galley with bay' }).getAttribute('href'))!;
  await visitor.close();
  await database.query(
    `insert into people (id, studio_id, email, name, password_hash)
     select gen_random_uuid(), studio_id, 'second@tidewrack.example', 'The second', password_hash from people`,
  );
  const people = [await signIn('designer@tidewrack.example'), await signIn('second@tidewrack.example')];
  for (const { page } of people) {
    await page.goto(application.address + room);
    await page.locator('[data-ready=true]').waitFor();
  }
  const pages = people.map(({ page }) => page);
  const told = { undone: 0 };
  const start = performance.now();
  await Promise.all(people.map((one) => edit(one, told)));
  const made = performance.now() - start;
  for (const { context } of people) await context.setOffline(false);
  const revision = await settled(pages);
  const took = performance.now() - start;
  const aside = await Promise.all(pages.map((page) => page.getByText(/^Not kept/).count()));

  for (let count = 0; count < UNDOS; count++)
    for (const page of pages) {
      await page.locator('.plan').focus();
      await page.keyboard.press('Control+z');
    }
  const last = await settled(pages);

  // Each page draws the room as the server has it: a page that is loaded anew draws the same.
  const drawn = (page: Page) => page.locator('.plan svg.drawing > g').first().innerHTML();
  const plans: string[] = [];
  for (const page of pages) {
    const told = page.getByRole('button', { name: 'All right' });
    if (await told.isVisible()) await told.click();
    await page.locator('.plan').focus();
    await page.keyboard.press('Escape');
    await page.keyboard.press('Alt+0');
    await page.waitForTimeout(500);
    plans.push(await drawn(page));
  }
  await pages[0]!.reload();
  await pages[0]!.locator('[data-ready=true]').waitFor();
  await pages[0]!.waitForTimeout(1_000);
  await pages[0]!.keyboard.press('Alt+0');
  await pages[0]!.waitForTimeout(500);
  plans.push(await drawn(pages[0]!));

  const { rows: counts } = await database.query<{ name: string; action: string; count: string }>(
    `select name, action, count(*) from edits join people on people.id = person_id group by 1, 2 order by 1, 2`,
  );
  const { rows: strange } = await database.query(
    `select u.id from edits u join edits d on d.room_id = u.room_id and d.id = u.step
     where u.action = 'undo' and u.person_id <> d.person_id`,
  );
  console.log(
    [
      `two people, ${EDITS} edits each: pressed in ${(made / 1000).toFixed(0)} s, all saved after ${(took / 1000).toFixed(0)} s, at revision ${revision}; ${told.undone} of them undone`,
      `put aside and told: in ${aside.filter(Boolean).length} of 2 pages; after ${UNDOS} more undos each revision ${last}`,
      counts.map(({ name, action, count }) => `${name}: ${count} ${action}`).join(', '),
      `undos of somebody else's: ${strange.length}; plans drawn alike: ${plans.every((plan) => plan === plans[0])}`,
    ].join('\n'),
  );
  if (strange.length > 0 || plans.some((plan) => plan !== plans[0])) process.exitCode = 1;
} finally {
  await database.end();
  await browser.close();
  await application.stop();
}
