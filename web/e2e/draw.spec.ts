import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import { expect, test, type Studio } from './studio';

/** The demo's galley in the Draw step. */
async function drawGalley(studio: Studio): Promise<void> {
  await studio.enter();
  await studio.openRoom('Galley with bay');
  await studio.step('Draw');
}
/** Numbers on the sheets, by what they say. */
const numbersOn = (page: Page) => (text: string) => page.locator(`.number[data-number="${text}"]`);

test.describe('numbers on paper', () => {
  test('are typed: what they measure is that long, and what lies beyond goes along', async ({
    page,
    studio,
  }) => {
    await drawGalley(studio);
    const number = numbersOn(page);
    await number('1050').click();
    const card = page.getByRole('group', { name: 'Type the dimension' });
    await expect(card.getByRole('textbox')).toBeFocused();
    await page.keyboard.press('Escape');
    await expect(card).toHaveCount(0);

    const before = await number('600').count();
    await number('600').nth(1).click();
    await card.getByRole('radio', { name: /the right end stays$/ }).check();
    await card.getByRole('textbox').fill('450');
    await page.keyboard.press('Enter');
    await expect(card).toHaveCount(0);
    await expect(number('450').first()).toBeVisible();
    await expect(page.getByRole('heading', { name: /^2\. F450/ })).toBeVisible();

    await page.getByRole('button', { name: 'Undo', exact: false }).first().click();
    await expect(page.getByRole('heading', { name: /^2\. F600/ })).toBeVisible();
    await expect(number('600')).toHaveCount(before);

    // An awkward filler is made round, the run going along; and as it was again.
    await number('107').click();
    await card.getByRole('group', { name: 'Make it round' }).getByRole('button', { name: '110' }).click();
    await expect(card).toHaveCount(0);
    await expect(number('110')).toBeVisible();
    await page.getByRole('button', { name: 'Undo', exact: false }).first().click();
    await expect(number('107')).toBeVisible();
  });

  test('say why they can’t be so long, and keep what was typed', async ({ page, studio }) => {
    await drawGalley(studio);
    // By keys: from number to number, to one that is 600 long.
    await page.locator('.number').first().waitFor();
    await page.locator('.desk').focus();
    const walked = page.locator('.number.open');
    for (let count = 0; count < 40; count++) {
      await page.keyboard.press('n');
      if ((await walked.getAttribute('data-number')) === '600') break;
    }
    await page.keyboard.press('Enter');
    const card = page.getByRole('group', { name: 'Type the dimension' });
    await card.getByRole('textbox').fill('5');
    await page.keyboard.press('Enter');
    await expect(card.getByRole('alert')).toContainText('width');
    await expect(card.getByRole('textbox')).toHaveValue('5');
  });
});

test.describe('dimensions and notes of one’s own', () => {
  test('are put on paper by presses, dragged, told in the facts, and go with what they are of', async ({
    page,
    studio,
  }) => {
    await drawGalley(studio);
    const number = numbersOn(page);
    await expect(number('4115')).toBeVisible();
    const before = await number('900').count();
    // Over the ends of the number of base cabinet 10 in the chain of its wall stand the corners of its front.
    const chain = (await number('900')
      .nth(before - 1)
      .boundingBox())!;
    await page.getByRole('button', { name: 'Across', exact: true }).click();
    const sheet = (await page.getByRole('img', { name: /^Plan/ }).boundingBox())!;
    const mm = sheet.width / 420;
    const front = { x: sheet.x + 92.5 * mm, y: sheet.y + 185 * mm };
    const press = async (x: number, y: number) => {
      await page.mouse.move(x, y);
      await page.mouse.down();
      await page.mouse.up();
    };
    await press(front.x, front.y);
    await expect(page.getByText('Press the place to measure to.')).toBeVisible();
    await press(front.x + 45 * mm, front.y);
    await press(front.x + 22 * mm, front.y - 12 * mm);
    await expect(page.getByRole('heading', { name: 'Dimension', exact: true })).toBeVisible();
    await expect(number('900')).toHaveCount(before + 1);
    expect(chain.width).toBeGreaterThan(0);

    const off = page.getByRole('textbox', { name: 'Line off, mm of paper' });
    const was = Number(await off.inputValue());
    const own = page.getByRole('list', { name: 'Put by hand' });
    await expect(own.getByRole('listitem')).toHaveCount(1);
    const line = page.locator('.grips line').first();
    const { x, y: top, width, height } = (await line.boundingBox())!;
    const y = top + height / 2;
    await page.mouse.move(x + width / 4, y);
    await page.mouse.down();
    await page.mouse.move(x + width / 4, y - 6 * mm, { steps: 4 });
    await page.mouse.up();
    await expect.poll(async () => Math.abs(Number(await off.inputValue()) - was)).toBeGreaterThan(4);

    await page.getByRole('button', { name: 'Note', exact: true }).click();
    await press(front.x, front.y);
    await press(front.x + 10 * mm, front.y - 20 * mm);
    const note = page.getByRole('group', { name: 'Write a note' });
    await expect(note.getByRole('textbox')).toBeFocused();
    await page.keyboard.press('Enter');
    await expect(note.getByRole('alert')).toHaveText('A note needs words.');
    await page.keyboard.type('Level with the sill');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { name: 'Note', exact: true })).toBeVisible();
    await expect(page.locator('svg.drawing').getByText('Level with the sill')).toBeVisible();
    await page.reload();
    await studio.step('Draw');
    await expect(page.locator('svg.drawing').getByText('Level with the sill')).toBeVisible();
  });

  test('rows drawn by themselves are left away and come back, and are kept as they are', async ({
    page,
    studio,
  }) => {
    await drawGalley(studio);
    const number = numbersOn(page);
    const row = page.getByRole('group', { name: 'The row it stands in' });
    await number('4115').click();
    await row.getByRole('button', { name: 'Leave the row away' }).click();
    await expect(number('4115')).toHaveCount(0);
    const changed = page.getByRole('list', { name: 'Rows and labels that are not as drawn by themselves' });
    await expect(changed).toContainText('Plan: face K, overall, left away');
    await changed.getByRole('button', { name: 'Back' }).click();
    await expect(number('4115')).toHaveCount(1);
    // The number alone: its line stays.
    await number('4115').click();
    await row.getByLabel('This number alone').check();
    await row.getByRole('button', { name: 'Leave it away' }).click();
    await expect(number('4115')).toHaveCount(0);
    await expect(changed).toContainText('Plan: a number of face K, overall, left away');
    await changed.getByRole('button', { name: 'Back' }).click();
    await expect(number('4115')).toHaveCount(1);

    await number('4115').click();
    await row.getByRole('button', { name: 'Keep it as it is' }).click();
    await expect(number('4115')).toHaveCount(1);
    await expect(page.getByRole('list', { name: 'Put by hand' })).toContainText('Plan: dimension, face K');
  });
});

/** A room of the test's own with two cabinets 600 wide, in the Draw step. */
async function twoCabinets(studio: Studio): Promise<void> {
  await studio.newRoom('Millimetres', ['4000', '3000']);
  await studio.step('Set');
  await studio.setByCode('F600', 'F600');
  await studio.saved(2);
  await studio.step('Draw');
}

test('a set is issued, stays as it was, and what changes afterwards gets a cloud', async ({
  page,
  studio,
}) => {
  await twoCabinets(studio);
  const form = page.getByRole('textbox', { name: 'Issue what is on the desk' });
  await page.getByRole('button', { name: 'Issue 1' }).click();
  await expect(page.getByText('Say what it is issued for')).toBeVisible();
  await form.fill('for tender');
  await page.keyboard.press('Enter');
  const first = page.getByRole('link', { name: '1. for tender' });
  await expect(first).toBeVisible();
  const href = new URL((await first.getAttribute('href'))!, page.url()).href;
  const made = await (await page.request.get(href)).body();
  expect(made.subarray(0, 5).toString()).toBe('%PDF-');

  await numbersOn(page)('600').first().click();
  await page.getByRole('group', { name: 'Type the dimension' }).getByRole('textbox').fill('450');
  await page.keyboard.press('Enter');
  await expect(numbersOn(page)('450')).toBeVisible();
  await expect(page.getByRole('status').last()).toContainText('saved');
  expect((await (await page.request.get(href)).body()).equals(made)).toBe(true);
  // What has changed has a cloud on the desk, too, with the number of the issue to come.
  await expect(page.locator('svg.drawing g.bold').filter({ hasText: /^2$/ })).toHaveCount(1);
  await form.fill('for the shop');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('link', { name: '2. for the shop' })).toBeVisible();
  await page.reload();
  await studio.step('Draw');
  await expect(page.getByRole('link', { name: '2. for the shop' })).toBeVisible();
});

test('schedules are shown on screen, sorted and parted, and edited where they lie', async ({
  page,
  studio,
}) => {
  await twoCabinets(studio);
  await page.getByRole('button', { name: 'Show on screen' }).click();
  const table = page.getByRole('table', { name: 'Item schedule' });
  const lines = table.getByRole('row');
  await expect(lines.nth(2).getByRole('textbox', { name: 'Item, 2' })).toHaveValue('Base cabinet');
  const width = table.getByRole('textbox', { name: 'Width, 2', exact: true });
  await width.fill('450');
  await page.keyboard.press('Enter');
  await expect(lines.nth(2)).toContainText('F450');
  await lines.nth(2).getByRole('textbox', { name: 'Item, 2' }).fill('Spice cabinet');
  await page.keyboard.press('Tab');
  await studio.saved(4);

  await table.getByRole('button', { name: 'Width' }).click();
  await expect(table.getByRole('columnheader', { name: 'Width' })).toHaveAttribute('aria-sort', 'ascending');
  await table.getByRole('button', { name: 'Width' }).click();
  await expect(lines.nth(1)).toContainText('F600');
  await page.getByText('Columns', { exact: true }).click();
  await page.getByRole('checkbox', { name: 'Price' }).check();
  await expect(table.getByRole('columnheader', { name: 'Price' })).toBeVisible();
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Export as CSV' }).click(),
  ]);
  const text = (await readFile(await file.path())).toString('utf8').split('\n');
  expect(text[0]).toBe('No.,Item,Code,Width,Depth,Height,Hand,Note,Price');
  expect(text[1]).toContain('F600');
  expect(text[2]).toContain('Spice cabinet,F450');

  await page.getByRole('combobox', { name: 'Schedule' }).selectOption('fitter');
  await page.getByRole('combobox', { name: 'Parted by' }).selectOption('sort');
  await expect(page.getByRole('table', { name: 'For the fitter' })).toContainText('By length');
  await page.getByRole('button', { name: 'Back to the sheets' }).click();
  await expect(page.getByRole('img', { name: /^Plan/ })).toBeVisible();
});
