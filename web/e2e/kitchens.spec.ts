import { expect, test, type Studio } from './studio';

/** An item of a kitchen: its code, where it is dropped, mm from the first corner (x right, y up), and the ties then typed. */
interface Step {
  code: string;
  kind: string;
  at: [number, number];
  ties?: Record<string, string>;
  /** What is chosen first where it is set by keyboard. */
  over?: string;
}

const inch = 25.4;
const kitchens: { name: string; steps: Step[] }[] = [
  {
    name: 'Galley with bay',
    steps: [
      { code: 'F600-3', kind: 'Base', at: [330, -290], ties: { 'To the left': '107' } },
      { code: 'F600', kind: 'Base', at: [1010, -290] },
      { code: 'F600-3', kind: 'Base', at: [2640, -290], over: 'Face E' },
      { code: 'F1200-C', kind: 'Base', at: [3560, -290] },
      {
        code: 'COOK900',
        kind: 'Appliances',
        at: [1800, -640],
        over: 'Face C',
        ties: { 'To the left': '60' },
      },
      {
        code: 'COLD600',
        kind: 'Appliances',
        at: [3780, -2600],
        over: 'Face K',
        ties: { 'To the left': '50' },
      },
      { code: 'F450', kind: 'Base', at: [3290, -2560] },
      { code: 'F800-S', kind: 'Base', at: [2670, -2560] },
      { code: 'DISH600', kind: 'Appliances', at: [1970, -2560] },
      { code: 'F900-3', kind: 'Base', at: [1220, -2560] },
      { code: 'U600/720', kind: 'Wall', at: [330, -180], over: 'F600-3', ties: { 'To the left': '112' } },
      { code: 'U600/720', kind: 'Wall', at: [1010, -180] },
      {
        code: 'HOOD900',
        kind: 'Appliances',
        at: [1800, -560],
        over: 'COOK900',
        ties: { 'To the left': '60' },
      },
      {
        code: 'STOOL380/650',
        kind: 'Furniture',
        at: [2100, -1430],
        ties: { 'In front': '700', 'To the left': '1500' },
      },
    ],
  },
  {
    name: 'Kitchen',
    steps: [
      { code: 'COLD36', kind: 'Appliances', at: [20 * inch, -15 * inch], ties: { 'To the left': '1' } },
      { code: 'B15-3', kind: 'Base', at: [45 * inch, -12 * inch] },
      { code: 'B36-S', kind: 'Base', at: [71 * inch, -12 * inch] },
      { code: 'DISH24', kind: 'Appliances', at: [101 * inch, -12 * inch] },
      { code: 'B36', kind: 'Base', at: [126 * inch, -17 * inch] },
      { code: 'F3', kind: 'Panels', at: [126 * inch, -38 * inch] },
      { code: 'COOK30', kind: 'Appliances', at: [126 * inch, -55 * inch] },
      { code: 'B24-3', kind: 'Base', at: [126 * inch, -82 * inch] },
      { code: 'B18', kind: 'Base', at: [136 * inch, -101 * inch] },
      {
        code: 'HOOD30',
        kind: 'Appliances',
        at: [128 * inch, -55 * inch],
        over: 'COOK30',
        ties: { 'To the left': '39' },
      },
      {
        code: 'STOOL1524',
        kind: 'Furniture',
        at: [69.5 * inch, -50 * inch],
        ties: { 'To the left': '50', 'In front': '40' },
      },
    ],
  },
];

/** Another room like a demo one, with nothing set in it. */
async function emptyRoom(studio: Studio, name: string): Promise<void> {
  const { page } = studio;
  await studio.enter();
  await studio.openRoom(name);
  const design = await studio.design();
  const records = Object.fromEntries(
    Object.entries(design.records).filter(
      ([id, { kind }]) => kind !== 'item' && kind !== 'left-open' && id !== 'lining',
    ),
  );
  await page.goto(`${studio.address}/studio`);
  await page.getByRole('button', { name: 'New job' }).click();
  await page.getByLabel('Job name').fill(`${name} ${Math.random()}`);
  await page.getByRole('button', { name: 'Add job' }).click();
  await page.waitForURL('**/new-room');
  const job = page.url().split('/').at(-2)!;
  const made = await page.request.post(`${studio.address}/api/jobs/${job}/rooms`, {
    data: { design: { ...design, records } },
    headers: { origin: studio.address },
  });
  const { id } = (await made.json()) as { id: string };
  await page.goto(`${studio.address}/rooms/${id}`);
  await studio.ready();
}

async function typeTies(studio: Studio, ties: Record<string, string> = {}): Promise<void> {
  for (const [label, text] of Object.entries(ties)) {
    const field = studio.page.getByRole('textbox', { name: label });
    await field.fill(text);
    await field.press('Enter');
    await field.blur();
  }
}

/** What was set, by number: ids differ from one time to the next, and a place typed twice may differ by a rounding step. */
async function setItems(studio: Studio): Promise<unknown[]> {
  await studio.saved();
  const rounded = (value: unknown): unknown =>
    typeof value === 'number'
      ? Math.round(value * 1e4) / 1e4
      : value && typeof value === 'object'
        ? Object.fromEntries(Object.entries(value).map(([key, one]) => [key, rounded(one)]))
        : value;
  const items = (await studio.items()).map(({ id: _, ...item }) => rounded(item) as Record<string, unknown>);
  return items.sort((a, b) => Number(a['number']) - Number(b['number']));
}

/** Closes every open length: with a filler where one is wide enough for it, else with what is proposed, else it is left open on purpose. */
async function closeRuns({ page }: Studio): Promise<void> {
  const open = page.locator('.gap:not(.left-open) .chip');
  for (let left = 20; left > 0 && (await open.count()) > 0; left--) {
    await open.first().click();
    const card = page.getByRole('group', { name: 'Close the open length' });
    const filler = card.getByRole('button', { name: 'Close with a filler' });
    if (await filler.isEnabled()) {
      await filler.click();
      continue;
    }
    await card.getByRole('button', { name: 'Propose cabinets' }).click();
    await page.locator('.answers[aria-busy=false]').waitFor();
    const set = page.getByRole('button', { name: 'Set proposal 1' });
    if ((await set.count()) > 0) {
      await set.click();
      continue;
    }
    await page.getByRole('button', { name: 'Back to the shelf' }).click();
    await open.first().click();
    await card.getByRole('button', { name: 'Leave it open' }).click();
  }
}

/** Nothing is left open but on purpose, and nothing goes into anything else. */
async function expectComplete(studio: Studio): Promise<void> {
  const { page } = studio;
  await studio.saved();
  await expect(page.locator('.gap:not(.left-open)')).toHaveCount(0);
  await studio.step('Reach');
  await expect(page.getByRole('heading', { name: 'Reach checks' })).toBeVisible();
  for (const rule of ['Items apart', 'Clear of walls'])
    await expect(page.locator('.left [role=listitem]').filter({ hasText: rule })).toHaveCount(0);
  await studio.step('Set');
}

for (const { name, steps } of kitchens) {
  test(`${name}: set by pointer, and set by keyboard alone, is the same`, async ({ page, studio }) => {
    test.setTimeout(180_000);
    await emptyRoom(studio, name);
    for (const { code, kind, at, ties } of steps) {
      await page.locator('.groups').getByRole('button', { name: kind, exact: true }).click();
      await studio.dragToRoom(code, at);
      await typeTies(studio, ties);
    }
    const byPointer = await setItems(studio);
    expect(byPointer).toHaveLength(steps.length);

    await emptyRoom(studio, name);
    await page.keyboard.press('Alt+2');
    for (const { code, ties, over } of steps) {
      if (over?.startsWith('Face')) await studio.chooseFace(over);
      else if (over) await studio.chooseItem(over);
      await studio.setByCode(code.toLowerCase());
      await typeTies(studio, ties);
    }
    expect(await setItems(studio)).toEqual(byPointer);

    // What hangs beside the hood is set too, then all that is open is closed.
    for (const code of name === 'Kitchen' ? ['u2430', 'u1530'] : ['u600/720']) {
      await studio.chooseFace(name === 'Kitchen' ? 'Face A' : 'Face E');
      await studio.setByCode(code);
    }
    await closeRuns(studio);
    await expectComplete(studio);
  });
}

/** A step of a bath: the face or item chosen first, what is set, the ties typed, and what is pressed then. */
interface BathStep {
  over?: string;
  code: string;
  at?: [number, number];
  ties?: Record<string, string>;
  then?: (studio: Studio) => Promise<void>;
}

const letIn =
  (label: string) =>
  async ({ page }: Studio) => {
    await page.getByText('Let basins in').click();
    await page.getByLabel('Which').selectOption({ label });
    await page.getByRole('button', { name: 'Let in' }).click();
  };

const baths: { name: string; steps: BathStep[] }[] = [
  {
    name: 'Wet room',
    steps: [
      {
        over: 'Face A',
        code: 'v800-h',
        ties: { 'To the left': '60' },
        then: letIn('BASINI500, Basin, inset'),
      },
      { over: 'V800-H', code: 'mir800/800' },
      {
        over: 'Face D',
        code: 'wch360',
        ties: { 'Drain from left': '600' },
        then: ({ page }) => page.getByRole('button', { name: 'Conceal its cistern' }).click(),
      },
      { over: 'Face B', code: 'wet1200' },
      { code: 'GLASS900', at: [1860, -1204], ties: {} },
      { over: 'Face B', code: 'grab450', ties: { 'To the left': '620' } },
      { over: 'Face C', code: 'rail450' },
      { over: 'Face D', code: 'roll150', ties: {} },
    ],
  },
  {
    name: 'Hall bath',
    steps: [
      { over: 'Face B', code: 'tub60', ties: { 'To the left': '1' } },
      { over: 'Face A', code: 'v36-s', then: letIn('BASINI19, Basin, inset') },
      { over: 'V36-S', code: 'mir3036' },
      { over: 'V36-S', code: 'wc20', ties: { 'Drain from left': '15.875', 'Rough-in': '12' } },
      { over: 'Face C', code: 'rail24' },
    ],
  },
  {
    name: 'Laundry',
    steps: [
      { over: 'Face A', code: 't1884-b', ties: { 'To the left': '1' } },
      { over: 'T1884-B', code: 'wash27', ties: { 'To the left': '1' } },
      { over: 'WASH27', code: 'dry27', ties: { 'To the left': '1' } },
      { over: 'DRY27', code: 't1584', ties: { 'To the left': '1' } },
    ],
  },
];

for (const { name, steps } of baths) {
  test(`${name}: complete from an empty room, nothing open but on purpose, nothing in the way`, async ({
    page,
    studio,
  }) => {
    await emptyRoom(studio, name);
    await studio.step('Set');
    for (const { over, code, at, ties, then } of steps) {
      if (over?.startsWith('Face')) await studio.chooseFace(over);
      else if (over) await studio.chooseItem(over);
      if (at) {
        await page.locator('.groups').getByRole('button', { name: 'Fixtures', exact: true }).click();
        await studio.dragToRoom(code, at);
      } else await studio.setByCode(code);
      await typeTies(studio, ties);
      await then?.(studio);
    }
    await closeRuns(studio);
    await expectComplete(studio);
    const items = await studio.items();
    expect(items.length).toBeGreaterThanOrEqual(steps.length);
  });
}
