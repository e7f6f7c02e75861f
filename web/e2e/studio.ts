import { expect, test as base, type Page } from '@playwright/test';
import { Application } from './server';

/** What the stage shows at first: flows on the plan have all of it, as a person may choose. */
type Stage = 'both' | 'plan' | 'unfold';

/** Tests with an application of their own (one a worker) and the steps everyone takes. */
export const test = base.extend<{ studio: Studio; stage: Stage }, { application: Application }>({
  stage: ['plan', { option: true }],
  application: [
    async ({}, use) => {
      const application = await Application.start();
      await use(application);
      await application.stop();
    },
    { scope: 'worker' },
  ],
  studio: async ({ page, application, stage }, use) => {
    await page.addInitScript((shown) => {
      if (!localStorage.getItem('goodreach-stage')) localStorage.setItem('goodreach-stage', `${shown} 0.32`);
    }, stage);
    const defects: string[] = [];
    page.on('pageerror', (defect) => defects.push(defect.message));
    await use(new Studio(page, application.address));
    expect(defects, 'errors thrown in the page').toEqual([]);
  },
});

export { expect };

export class Studio {
  constructor(
    readonly page: Page,
    readonly address: string,
  ) {}

  async enter(): Promise<void> {
    await this.page.goto(this.address);
    // Signed in already, it is the studio's page.
    if (!this.page.url().endsWith('/studio'))
      await this.page.getByRole('button', { name: 'Open the demo studio' }).click();
    await this.page.waitForURL('**/studio');
  }

  /** A job and room of the test's own: a rectangle with these typed lengths. */
  async newRoom(unit: string, lengths: readonly string[]): Promise<void> {
    const { page } = this;
    await this.enter();
    await page.getByRole('button', { name: 'New job' }).click();
    await page.getByLabel('Job name').fill(`Job ${Date.now()} ${Math.random()}`);
    await page.getByLabel('Units').selectOption({ label: unit });
    await page.getByRole('button', { name: 'Add job' }).click();
    await page.getByRole('heading', { name: 'Measure the room' }).waitFor();
    for (const [index, length] of lengths.entries()) {
      await page.getByLabel(`Face ${'ABCDEFGH'[index]}`, { exact: true }).fill(length);
      await page.keyboard.press('Enter');
    }
    await page.getByRole('button', { name: 'Make the room' }).click();
    await this.ready();
  }

  async ready(): Promise<void> {
    await this.page.locator('[data-ready=true]').waitFor();
  }

  /** Lists one of the two jobs of the demo, whatever other flows have made since. */
  async listDemoJob(unit: 'feet' | 'mm'): Promise<void> {
    const job = unit === 'mm' ? 'Lamplighter' : 'Orchard Row 14';
    await this.page.goto(`${this.address}/studio?find=${encodeURIComponent(job)}`);
  }

  /** Opens a room of the demo by its name. */
  async openRoom(name: string): Promise<void> {
    await this.listDemoJob(name === 'Galley with bay' || name === 'Wet room' ? 'mm' : 'feet');
    await this.page.locator('main').getByRole('link', { name }).first().click();
    await this.ready();
  }

  async tab(name: 'Faces' | 'Checks' | 'Openings' | 'Things'): Promise<void> {
    await this.page.getByRole('tab', { name }).click();
  }

  async step(name: 'Survey' | 'Set' | 'Surface' | 'Tile' | 'Reach' | 'Draw' | 'Build'): Promise<void> {
    await this.page.getByRole('button', { name, exact: true }).click();
  }

  /** Drags an item from the shelf to a place of the room, mm from its first corner: x to the right, y up. */
  async dragToRoom(code: string, [x, y]: readonly [number, number]): Promise<void> {
    const drawing = this.page.locator('.plan svg.drawing');
    const [left, top, width, height] = (await drawing.getAttribute('viewBox'))!.split(' ').map(Number) as [
      number,
      number,
      number,
      number,
    ];
    await this.dragFromShelf(code, (x - left) / width, (-y - top) / height);
  }

  /** Drags an item from the shelf to a share (0..1) of the plan's width and height. */
  async dragFromShelf(code: string, across: number, down: number): Promise<void> {
    const { page } = this;
    const entry = page.locator('button.item').filter({ has: page.getByText(code, { exact: true }) });
    await entry.scrollIntoViewIfNeeded();
    const from = (await entry.boundingBox())!;
    const plan = (await page.locator('.plan').boundingBox())!;
    await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
    await page.mouse.down();
    await page.mouse.move(plan.x + plan.width * 0.5, plan.y + plan.height * 0.5, { steps: 4 });
    await page.mouse.move(plan.x + plan.width * across, plan.y + plan.height * down, { steps: 6 });
    await page.mouse.up();
  }

  /** Types codes into the shelf's search, each followed by Enter: they are set in the next free place. */
  async setByCode(...codes: string[]): Promise<void> {
    const search = this.page.getByRole('searchbox');
    await search.focus();
    for (const code of codes) {
      await this.page.keyboard.press('Control+a');
      await this.page.keyboard.type(code);
      await this.page.keyboard.press('Enter');
    }
    await search.fill('');
  }

  /** A new room with cabinets of these codes in it. */
  async roomWith(...codes: string[]): Promise<void> {
    await this.newRoom('Millimetres', ['4000', '3000']);
    await this.step('Set');
    await this.setByCode(...codes);
    await this.saved(codes.length);
  }

  /** The same, with its finishes before one, nothing chosen. */
  async finishing(...codes: string[]): Promise<void> {
    await this.roomWith(...codes);
    await this.page.locator('.plan').press('Escape');
    await this.step('Surface');
    await this.page.getByRole('tab', { name: 'Finishes' }).click();
  }

  /** Where the number of an item stands on the screen. */
  async itemPlace(number: number): Promise<{ x: number; y: number }> {
    const text = this.page
      .locator('.plan [data-layer=numbers]')
      .filter({ hasText: new RegExp(`^${number}$`) });
    const { x, y, width, height } = (await text.boundingBox())!;
    return { x: x + width / 2, y: y + height / 2 };
  }

  /** Clicks the item of a number, with keys held. */
  async clickItem(
    number: number,
    held: readonly string[] = [],
    button: 'left' | 'right' = 'left',
  ): Promise<void> {
    const { x, y } = await this.itemPlace(number);
    for (const key of held) await this.page.keyboard.down(key);
    await this.page.mouse.click(x, y, { button });
    for (const key of held) await this.page.keyboard.up(key);
  }

  /** Where an item's left end stands along its face, mm, of the face's length. */
  along({ placement, width }: Record<string, unknown>, length: number): number {
    const { from, distance } = placement as { from: string; distance: number };
    return from === 'left' ? distance : length - distance - Number(width);
  }

  async saved(revision?: number): Promise<void> {
    await expect(this.page.getByRole('status').last()).toHaveText(
      revision === undefined ? /^saved, revision/ : `saved, revision ${revision}`,
    );
  }

  /** Goes round the items by keyboard until the one of this code is chosen. */
  async chooseItem(code: string): Promise<void> {
    const title = this.page.locator('.right h2');
    for (let tries = 0; tries < 20; tries++) {
      await this.page.locator('.plan').press('n');
      if ((await title.textContent())?.endsWith(` ${code}`)) return;
    }
    throw new Error(`No ${code} on the plan.`);
  }

  /** Goes round the faces by keyboard until the one of this name is chosen. */
  async chooseFace(name: string): Promise<void> {
    const title = this.page.locator('.right h2').first();
    for (let tries = 0; tries < 20; tries++) {
      await this.page.locator('.plan').press('f');
      if ((await title.textContent()) === name) return;
    }
    throw new Error(`No ${name} in the plan.`);
  }

  /** The design as the server has it. */
  async design(): Promise<{ records: Record<string, Record<string, unknown>> }> {
    const answer = await this.page.request.get(`${this.roomUrl()}/design.json`);
    return answer.json();
  }

  roomUrl(): string {
    return this.page.url().replace('/rooms/', '/api/rooms/').replace(/\?.*/, '');
  }

  async items(): Promise<Record<string, unknown>[]> {
    return this.records('item');
  }

  /** The saved records of a kind. */
  async records(wanted: string): Promise<Record<string, unknown>[]> {
    return Object.values((await this.design()).records).filter(({ kind }) => kind === wanted);
  }
}
