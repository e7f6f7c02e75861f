import type { Locator, Page } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { writeFile } from 'node:fs/promises';
import { expect, test, type Studio } from './studio';

/** A room of the test's own with two cabinets, its elevations on the desk. */
async function elevations(studio: Studio): Promise<void> {
  await studio.newRoom('Millimetres', ['4000', '3000']);
  await studio.step('Set');
  await studio.setByCode('F600', 'F600');
  await studio.saved(2);
  await studio.step('Draw');
  await studio.page.getByLabel('Shows').selectOption('elevations');
  await studio.page.getByLabel('Scale').selectOption('50');
  await expect(tab(studio.page, 'Elevation B')).toBeAttached();
}
const tab = (page: Page, name: string) => page.locator('.desk .tab').filter({ hasText: name });
const frame = (page: Page) => page.locator('.desk .frame');

/** Drags what lies in the middle of an element by so many pixels. */
async function drag(page: Page, element: Locator, x: number, y: number): Promise<void> {
  const { x: left, y: top, width, height } = (await element.boundingBox())!;
  const [a, b] = [left + width / 2, top + height / 2];
  await page.mouse.move(a, b);
  await page.mouse.down();
  await page.mouse.move(a + x, b + y, { steps: 6 });
  await page.mouse.up();
}

test.describe('drawings on their sheets', () => {
  test('are moved, cropped, scaled and left out; each of that can be taken back', async ({
    page,
    studio,
  }) => {
    await elevations(studio);
    const panel = page.locator('.panel').first();
    await tab(page, 'Elevation B').click();
    await expect(panel.getByRole('heading', { name: 'Elevation B' })).toBeVisible();
    await expect(frame(page)).toBeFocused();
    const before = (await frame(page).boundingBox())!;
    await drag(page, frame(page), 40, 23);
    await expect(
      page.getByText('Move a drawing on its sheet').or(page.getByText('saved, revision')),
    ).toBeVisible();
    await expect
      .poll(async () => Math.round((await frame(page).boundingBox())!.y - before.y))
      .toBeGreaterThan(10);
    const moved = (await frame(page).boundingBox())!;
    // The desk itself has stayed, and so has the other drawing.
    // Keys pressed faster than the sheet is drawn all count: two millimetres of a sheet of 420.
    const paper = (await page.locator('.desk figure').first().boundingBox())!.width / 420;
    await page.keyboard.press('ArrowRight');
    await page.keyboard.press('ArrowRight');
    await expect
      .poll(async () => ((await frame(page).boundingBox())!.x - moved.x) / paper)
      .toBeGreaterThan(1.9);

    await drag(page, frame(page).locator('.edge.top'), 0, 60);
    await expect(panel.getByRole('button', { name: 'Show all of it' })).toBeVisible();
    await expect.poll(async () => (await frame(page).boundingBox())!.height).toBeLessThan(moved.height - 40);
    await panel.getByRole('button', { name: 'Show all of it' }).click();
    await expect(panel.getByRole('button', { name: 'Show all of it' })).toHaveCount(0);

    await panel.getByLabel('Scale').last().selectOption('20');
    await expect(page.locator('figure text', { hasText: 'Elevation B 1:20' }).first()).toBeAttached();
    await panel.getByRole('checkbox', { name: 'Dimensions' }).uncheck();
    await panel.getByRole('button', { name: 'Leave it out' }).click();
    await expect(tab(page, 'Elevation B')).toHaveCount(0);
    await panel.getByRole('list', { name: 'Drawings that are left out' }).getByRole('button').click();
    await expect(tab(page, 'Elevation B')).toBeAttached();
    await tab(page, 'Elevation B').click();
    await panel.getByRole('button', { name: 'Lay the sheet out again' }).click();
    await expect(panel.getByRole('button', { name: 'Lay the sheet out again' })).toHaveCount(0);
    await page.keyboard.press('Escape');
  });

  test('bear who the job is for, on every room of it, until that is taken away', async ({ page, studio }) => {
    await elevations(studio);
    await page.getByText('In the title block').click();
    await page.getByLabel('Client').fill('M. Ashgrove');
    await page.keyboard.press('Enter');
    const onPaper = page.locator('figure text', { hasText: 'M. Ashgrove' });
    await expect(onPaper.first()).toBeAttached();
    await page.getByLabel('Job number').fill('24-017');
    await page.keyboard.press('Enter');
    await expect(page.locator('figure text', { hasText: '24-017' }).first()).toBeAttached();
    await page.reload();
    await expect(onPaper.first()).toBeAttached();
    await page.getByText('In the title block').click();
    await expect(page.getByLabel('Job number')).toHaveValue('24-017');
    await page.getByLabel('Client').fill('');
    await page.keyboard.press('Enter');
    await expect(onPaper).toHaveCount(0);
  });

  test('go to a sheet of their own, and are gone to by their small pictures', async ({ page, studio }) => {
    await elevations(studio);
    const pictures = page.getByRole('list', { name: 'Sheets' }).getByRole('button');
    const before = await pictures.count();
    await tab(page, 'Elevation C').click();
    const panel = page.locator('.panel').first();
    await panel.getByLabel('Sheet', { exact: false }).last().selectOption({ label: 'One of its own' });
    await expect(pictures).toHaveCount(Math.max(before, 1) + 1);
    await pictures.last().click();
    await expect(pictures.last()).toHaveAttribute('aria-current', 'true');
    await expect(tab(page, 'Elevation C').or(frame(page))).toBeVisible();
  });

  test('are drawn again larger where a detail is marked', async ({ page, studio }) => {
    await elevations(studio);
    await page.getByRole('button', { name: 'Detail', exact: true }).click();
    await expect(page.getByText('Press the middle of what is drawn again larger')).toBeVisible();
    const desk = (await page.locator('.desk').boundingBox())!;
    // Along the sheet to the first place that catches.
    const catches = page.locator('.desk svg circle[r="7"]');
    let found: { x: number; y: number } | null = null;
    for (let y = 260; y < 500 && !found; y += 25)
      for (let x = 60; x < 400 && !found; x += 9) {
        await page.mouse.move(desk.x + x, desk.y + y);
        if ((await catches.count()) > 0) found = { x: desk.x + x, y: desk.y + y };
      }
    await page.mouse.click(found!.x, found!.y);
    await expect(page.getByText('Press how far its circle shall go')).toBeVisible();
    await page.mouse.click(found!.x + 30, found!.y);
    await expect(page.getByRole('heading', { name: 'Detail', exact: true })).toBeVisible();
    await page.getByLabel('Its name').fill('Corner');
    await page.getByLabel('Its name').blur();
    await page.getByLabel('Drawn to').selectOption('2');
    await expect(page.locator('figure text', { hasText: '1 Corner' }).first()).toBeAttached();
    await page.getByLabel('Shows').selectOption('details');
    await expect(page.locator('figure text', { hasText: 'Detail 1, Corner' }).first()).toBeAttached();
    await expect(tab(page, 'Detail 1, Corner')).toBeAttached();
  });
});

test('a template draws the whole set, is changed before one’s eyes, kept and forgotten', async ({
  page,
  studio,
}) => {
  await elevations(studio);
  await page.getByLabel('Template').selectOption({ label: 'Tidewrack set' });
  await expect(page.getByLabel('Shows')).toHaveValue('set');
  await expect(page.locator('figure image').first()).toBeAttached();
  await expect(page.locator('figure text', { hasText: 'Slip 4, Haverwick' }).first()).toBeAttached();
  await page.getByRole('button', { name: 'Change the template' }).click();
  const panel = page.locator('.panel').first();
  await panel.getByLabel('Name', { exact: true }).fill('Short set');
  await panel.getByLabel('Name', { exact: true }).blur();
  const pictures = page.getByRole('list', { name: 'Sheets' }).getByRole('button');
  const before = await pictures.count();
  for (const part of ['Reach report', 'Schedules', 'Construction plan'])
    await panel.getByRole('checkbox', { name: part }).uncheck();
  await expect.poll(() => pictures.count()).toBeLessThan(before - 1);
  const smallest = () =>
    page
      .locator('figure text')
      .evaluateAll((all) => Math.min(...all.map((one) => Number(one.getAttribute('font-size')))));
  const usual = await smallest();
  await panel.getByRole('combobox', { name: 'Letters' }).selectOption({ label: 'Large' });
  await expect.poll(async () => ((await smallest()) / usual).toFixed(2)).toBe('1.20');
  await panel.getByRole('combobox', { name: 'Typeface' }).selectOption({ label: 'Book' });
  const set = page.locator('figure .in-book text').first();
  await expect(set).toHaveCSS('font-family', /PT Serif/);
  await expect.poll(() => page.evaluate(() => document.fonts.check("12px 'PT Serif'"))).toBe(true);
  await panel.getByLabel('Address', { exact: true }).fill('Another quay');
  await panel.getByLabel('Address', { exact: true }).blur();
  await expect(page.locator('figure text', { hasText: 'Another quay' }).first()).toBeAttached();
  await expect(panel.getByRole('button', { name: 'Open the PDF' })).toBeDisabled();
  await panel.getByRole('button', { name: 'Keep it', exact: true }).click();
  await expect(panel.getByLabel('Template').locator('option:checked')).toHaveText('Short set');
  await expect(panel.getByRole('button', { name: 'Open the PDF' })).toBeEnabled();

  // The PDF is drawn by it: so many pages.
  const count = await pictures.count();
  const style = await panel.getByLabel('Template').inputValue();
  const room = /rooms\/([^/?]+)/.exec(page.url())![1]!;
  const pdf = await page.request.get(
    `${studio.address}/api/rooms/${room}/sheet.pdf?show=set&page=A3&scale=20&style=${style}`,
  );
  expect(pdf.status()).toBe(200);
  const content = (await pdf.body()).toString('latin1');
  expect(content.match(/\/Type \/Page\b/g)!.length).toBe(count);
  const file = test.info().outputPath('set.pdf');
  await writeFile(file, await pdf.body());
  const fonts = execFileSync('pdffonts', [file], { encoding: 'utf8' }).split('\n').slice(2).filter(Boolean);
  expect(fonts.length).toBeGreaterThan(0);
  for (const font of fonts) expect(font).toContain('+PTSerif-');
  const none = await page.request.get(
    `${studio.address}/api/rooms/${room}/sheet.pdf?style=${crypto.randomUUID()}`,
  );
  expect(none.status()).toBe(404);

  await page.getByRole('button', { name: 'Change the template' }).click();
  await panel.getByRole('button', { name: 'Forget it' }).click();
  await expect(panel.getByLabel('Template').locator('option', { hasText: 'Short set' })).toHaveCount(0);
});

test('a view of the room goes on the cover, on the desk and in the PDF, and off it again', async ({
  page,
  studio,
}) => {
  test.setTimeout(240_000);
  await elevations(studio);
  const room = /rooms\/([^/?]+)/.exec(page.url())![1]!;
  const pdfOf = async () => {
    const answer = await page.request.get(`${studio.address}/api/rooms/${room}/sheet.pdf?show=set&scale=50`);
    expect(answer.status()).toBe(200);
    return (await answer.body()).toString('latin1');
  };
  expect(await pdfOf()).not.toContain('/Subtype /Image');
  await studio.step('Set');
  await page.getByRole('button', { name: 'Stand', exact: true }).click();
  await page.getByLabel('Width of the picture').selectOption('Cover');
  await page.getByRole('button', { name: 'Picture' }).click();
  await expect(page.getByText('saved, revision 3')).toBeVisible({ timeout: 120_000 });
  await page.getByRole('button', { name: 'Plan', exact: true }).click();
  await studio.step('Draw');
  await page.getByLabel('Shows').selectOption('set');
  await expect(page.locator('figure image').first()).toBeAttached();
  expect(await pdfOf()).toContain('/Subtype /Image');
  await page.getByRole('button', { name: 'Show the plan on the cover' }).click();
  await expect(page.locator('figure image')).toHaveCount(0);
});

test('a dimension and a note are put on paper by keys alone', async ({ page, studio }) => {
  await elevations(studio);
  await page.getByLabel('Shows').selectOption('plan');
  await expect(tab(page, 'Plan')).toBeAttached();
  await page.getByRole('button', { name: 'Across', exact: true }).focus();
  await page.keyboard.press('Enter');
  await expect(page.locator('.desk')).toBeFocused();
  const catches = page.locator('.desk svg circle[r="7"]');
  await page.keyboard.press('ArrowUp');
  await expect(catches).toHaveCount(1);
  await page.keyboard.press('Enter');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Enter');
  await page.keyboard.press('Enter');
  const own = page.getByRole('list', { name: 'Put by hand' });
  await expect(own.getByRole('listitem')).toHaveCount(1);
  await page.getByRole('button', { name: 'Note', exact: true }).focus();
  await page.keyboard.press('Enter');
  await page.keyboard.press('ArrowDown');
  await expect(catches).toHaveCount(1);
  await page.keyboard.press('Enter');
  await page.keyboard.press('Enter');
  const note = page.getByRole('group', { name: 'Write a note' });
  await expect(note.getByRole('textbox')).toBeFocused();
  await page.keyboard.type('Keep *clear*');
  await page.keyboard.press('Enter');
  await expect(own.getByRole('listitem')).toHaveCount(2);
  await expect(page.locator('figure .bold').getByText('clear', { exact: true }).first()).toBeAttached();
});

test('a label is dragged elsewhere, moved by keys, and goes back', async ({ page, studio }) => {
  await elevations(studio);
  await page.getByLabel('Shows').selectOption('plan');
  await expect(tab(page, 'Plan')).toBeAttached();
  const first = page.locator('.label[data-label^="label numbers"]').first();
  const label = page.locator(`.label[data-label="${await first.getAttribute('data-label')}"]`);
  const before = (await label.boundingBox())!;
  await drag(page, label, 0, 50);
  const put = page.getByRole('list', { name: 'Rows and labels that are not as drawn by themselves' });
  await expect(put.getByRole('listitem')).toHaveText(/^Plan: label of base cabinet \d, moved/);
  const at = async () => (await label.boundingBox())!.y - before.y;
  await expect.poll(at).toBeGreaterThan(40);
  await page.locator('.desk').focus();
  for (let count = 0; count < 12 && (await page.locator('.label.open').count()) === 0; count++)
    await page.keyboard.press('l');
  await expect(page.locator('.label.open')).toHaveCount(1);
  await put.getByRole('button', { name: 'Back' }).click();
  await expect(put).toHaveCount(0);
  await expect.poll(at).toBeLessThan(1);
  // A press without a drag chooses what it is of.
  await label.click();
  await expect(page.getByRole('heading', { name: /^[12]\. F600/ })).toBeVisible();
});
