import { expect, test } from './studio';

test('an open length is given to a cabinet in listed widths, or any where specials are allowed; or left open', async ({
  page,
  studio,
}) => {
  await studio.newRoom('Millimetres', ['1590', '3000']);
  await studio.step('Set');
  await studio.setByCode('f900', 'dish600');
  const chip = page.getByRole('button', { name: 'Open length 90 on face A' });
  await chip.click();
  const trim = page.getByRole('button', { name: 'Trim F900 to the gap' });
  await expect(trim).toBeDisabled();
  await expect(page.getByText('Fathom does not list F900 990 mm wide')).toBeVisible();
  // At the wall 10 to scribe, at the dishwasher a side: 90 between, 90 seen, 100 cut.
  await expect(page.getByRole('group', { name: 'Close the open length' })).toContainText(
    /Seen\s*90.*Cut to\s*100/,
  );
  await page.getByRole('button', { name: 'Leave it open' }).click();
  await expect(page.getByRole('button', { name: 'Open length 90 on face A, left open' })).toBeVisible();
  await page.getByRole('button', { name: /left open/ }).click();
  await page.getByRole('button', { name: 'To be closed after all' }).click();
  await page.locator('.plan').press('Escape');
  await page.getByLabel('Special widths allowed').check();
  await chip.click();
  await trim.click();
  // It goes by the code of the nearest size that is made, and is special.
  await expect(page.locator('.right h2')).toHaveText('1. F1000');
  await expect(page.getByText(/special|wide/i).first()).toBeVisible();
  await expect(page.getByRole('button', { name: /^Open length/ })).toHaveCount(0);
  await studio.saved();
  const items = await studio.items();
  expect(items.map(({ width }) => width).sort()).toEqual([600, 990]);
  expect(items.map((item) => studio.along(item, 1590)).sort((a, b) => a - b)).toEqual([0, 990]);
});

test('a cabinet is split, swapped and joined in its place', async ({ page, studio }) => {
  await studio.newRoom('Millimetres', ['4000', '3000']);
  await studio.step('Set');
  await studio.setByCode('f1000');
  await page.getByText('Split in two', { exact: true }).click();
  await page.getByRole('button', { name: 'In halves' }).click();
  await expect(page.locator('.right h2')).toHaveText('2 items');
  await page.getByLabel('Swap for').selectOption({ label: 'Drawer base' });
  await studio.saved(3);
  expect((await studio.items()).map(({ code }) => code)).toEqual(['F500-3', 'F500-3']);
  await page.getByRole('button', { name: 'Join the two in one' }).click();
  await expect(page.locator('.right h2')).toHaveText('1. F1000-3');
  await page.getByText('Split in two', { exact: true }).click();
  await page.getByLabel('Left one').fill('350');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert').first()).toContainText('can’t be split in two');
  await page.getByLabel('Left one').fill('40 cm');
  await page.keyboard.press('Enter');
  await studio.saved(5);
  expect((await studio.items()).map(({ width }) => width).sort()).toEqual([400, 600]);
});

test('a whole face is filled by a proposal about what stays, as one step', async ({ page, studio }) => {
  await studio.newRoom('Millimetres', ['3600', '2600']);
  await studio.step('Set');
  await studio.setByCode('f600', 'dish600', 'f450');
  await page.getByLabel('To the left').first().waitFor();
  await studio.saved(3);
  await studio.step('Survey');
  await studio.chooseFace('Face A');
  await page.getByRole('button', { name: 'Propose a run' }).click();
  const answers = page.locator('.answers li');
  await expect(answers).toHaveCount(4);
  await page.getByLabel('Fill with').selectOption({ label: 'Base, drawer over doors' });
  await page.getByLabel('Alike about').selectOption({ label: 'Face A' });
  await expect(answers.first()).toContainText('off the mirror');
  await page.getByText('What counts, in order').click();
  await page.getByRole('button', { name: 'Price counts more' }).click();
  await expect(page.getByRole('button', { name: 'Price counts more' })).toBeEnabled();
  await expect(page.locator('.answers')).toHaveAttribute('aria-busy', 'false');
  await answers.first().hover();
  await expect(page.locator('.plan circle[data-layer=numbers]')).not.toHaveCount(3);
  expect((await studio.items()).length).toBe(3);
  await page.getByRole('button', { name: 'Set proposal 1' }).click();
  await expect(page.getByRole('searchbox')).toBeVisible();
  await studio.saved(4);
  const items = await studio.items();
  expect(items.filter(({ code }) => code === 'F450')).toEqual([]);
  const sum = items.reduce((all, { width }) => all + Number(width), 0);
  expect(sum).toBeCloseTo(3600, 6);
  await expect(page.getByRole('button', { name: /^Open length .* on face A$/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await studio.saved(5);
  expect((await studio.items()).map(({ code }) => code).sort()).toEqual(['DISH600', 'F450', 'F600']);
});

test('counters are blocked out on two walls and an island is drawn; proposals turn them into cabinets', async ({
  page,
  studio,
}) => {
  await studio.newRoom('Millimetres', ['3900', '3600']);
  await studio.chooseFace('Face A');
  await page
    .locator('.plan [data-source=face-b]')
    .first()
    .click({ modifiers: ['Shift'] });
  await expect(page.locator('.right h2').first()).toHaveText('Faces A, B');
  await page.getByRole('button', { name: 'Block out counters' }).click();
  await studio.saved(1);
  expect((await studio.items()).map(({ type }) => type)).toEqual(['block-counter', 'block-counter']);
  await page.getByRole('button', { name: 'Propose a run' }).click();
  await expect(page.getByRole('button', { name: 'Set proposal 1' })).toBeVisible();
  await expect(page.locator('.answers li').first()).toContainText(/corner/i);
  await page.getByRole('button', { name: 'Set proposal 1' }).click();
  await studio.saved(2);
  expect((await studio.items()).some(({ type }) => type === 'block-counter')).toBe(false);
  await expect(page.getByRole('button', { name: /^Open length .* on face [AB]$/ })).toHaveCount(0);

  await page.getByRole('button', { name: 'Shapes' }).click();
  await studio.dragToRoom('COUNTER', [1500, -2300]);
  await studio.saved(3);
  // Its ties are the aisles around it.
  await expect(page.getByRole('textbox', { name: 'In front' })).toBeVisible();
  await expect(page.getByRole('textbox', { name: 'Behind' })).toBeVisible();
  await page.getByLabel('Depth').fill('1120');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Propose cabinets for it' }).click();
  await page.getByRole('button', { name: 'Set proposal 1' }).click();
  await studio.saved(5);
  const free = (await studio.items()).filter(({ placement }) => (placement as { on: string }).on === 'floor');
  const turns = new Set(
    free.map(({ placement }) => Math.cos((placement as { turn: number }).turn).toFixed(3)),
  );
  expect(free.filter(({ type }) => type === 'base-doors').length).toBeGreaterThanOrEqual(4);
  expect(turns.size).toBe(2);
});

test('a bath: a tub that says how it fits, a toilet by its drain on a lined wall, two basins in a vanity', async ({
  page,
  studio,
}) => {
  await studio.newRoom('Millimetres', ['3400', '1690']);
  await studio.step('Set');
  await studio.chooseFace('Face B');
  await studio.setByCode('bath1700');
  // Too long for the end wall, it goes to the next one that has room; there it says what is to spare.
  await expect(page.locator('.right h2')).toHaveText('1. BATH1700');
  await expect(page.getByText(/It fits: .* to spare/)).toBeVisible();
  await page.getByLabel('Drain at').selectOption('Right');
  await page.getByLabel('Width').fill('1600');
  await page.keyboard.press('Enter');
  await studio.saved(3);

  await studio.chooseFace('Face C');
  await studio.setByCode('wch360');
  await page.getByRole('textbox', { name: 'Drain from left' }).fill('500');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Conceal its cistern' }).click();
  await studio.saved(6);
  const toilet = (await studio.items()).find(({ code }) => code === 'WCH360')!;
  expect(toilet['placement']).toMatchObject({ face: 'face-c', off: 165 });
  expect(studio.along(toilet, 3400)).toBeCloseTo(500 - 180, 6);
  await expect(page.getByText(/drain, 220 above the floor, 500 from the left end of C/i)).toBeVisible();

  await page.locator('.plan').press('Escape');
  await studio.setByCode('v1200-s');
  await page.getByText('Let basins in').click();
  await expect(page.getByLabel('Which')).toHaveValue('BASINI400');
  await page.getByLabel('Which').selectOption({ label: 'BASINI500, Basin, inset' });
  await page.getByLabel('How many').fill('2');
  await page.getByRole('button', { name: 'Let in' }).click();
  await page.getByRole('button', { name: 'Finish right end' }).click();
  await studio.saved(9);
  const items = await studio.items();
  const vanity = items.find(({ code }) => code === 'V1200-S')!;
  const basins = items.filter(({ code }) => code === 'BASINI500');
  const centres = basins.map((one) => studio.along(one, 3400) + 250 - studio.along(vanity, 3400));
  expect(centres.sort((a, b) => a - b)).toEqual([300, 900]);
  expect(items.map(({ type }) => type)).toContain('end-panel');
  await studio.step('Survey');
  await studio.tab('Things');
  await expect(page.getByRole('heading', { name: 'Brought by items' })).toBeVisible();
});
