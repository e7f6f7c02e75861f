import type { Page } from '@playwright/test';
import { expect, test } from './studio';

/** A photograph of a striped board, seen aslant on a dark bench: PNG. */
async function boardPhoto(page: Page): Promise<Buffer> {
  const url = await page.evaluate(() => {
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [800, 600];
    const paper = canvas.getContext('2d')!;
    paper.fillStyle = '#20242a';
    paper.fillRect(0, 0, 800, 600);
    const [left, right] = [(v: number) => 200 - 60 * v, (v: number) => 600 + 90 * v];
    for (let y = 100; y < 500; y++) {
      const v = (y - 100) / 400;
      const [from, to] = [left(v), right(v)];
      for (let stripe = 0; stripe < 12; stripe++) {
        paper.fillStyle = stripe % 2 === 0 ? '#c49a6c' : '#8d6a44';
        paper.fillRect(from + ((to - from) * stripe) / 12, y, (to - from) / 12 + 0.5, 1);
      }
    }
    return canvas.toDataURL('image/png');
  });
  return Buffer.from(url.split(',')[1]!, 'base64');
}

test('a finish of the studio is made of a photograph put straight, given, and there in every room', async ({
  page,
  studio,
}) => {
  await studio.finishing('F600', 'F800-S');
  await page.getByRole('button', { name: 'Make one' }).click();
  const dialog = page.getByRole('dialog', { name: 'Finishes of the studio' });

  // Nothing is kept without a name; what is no picture says so.
  await dialog.getByRole('button', { name: 'Keep it' }).click();
  await expect(dialog.getByRole('alert')).toContainText('Give the finish a name');
  const file = dialog.locator('input[type="file"][accept*=".png"]');
  await file.setInputFiles({
    name: 'notes.png',
    mimeType: 'image/png',
    buffer: Buffer.from('not a picture'),
  });
  await expect(dialog.getByRole('alert')).toContainText('notes.png is no picture that can be read');

  await file.setInputFiles({ name: 'board.png', mimeType: 'image/png', buffer: await boardPhoto(page) });
  // The corners are put on those of the board: some drawn along, one by the arrow keys.
  const stage = dialog.locator('.stage');
  await expect(dialog.getByText('Laid four times')).toBeVisible();
  const box = (await stage.boundingBox())!;
  const at = (x: number, y: number) =>
    [box.x + (x / 800) * box.width, box.y + (y / 600) * box.height] as const;
  for (const [name, x, y] of [
    ['Top left', 200, 100],
    ['Top right', 600, 100],
    ['Bottom right', 690, 500],
    ['Bottom left', 140, 500],
  ] as const) {
    await dialog.getByRole('button', { name: `${name} corner` }).hover();
    await page.mouse.down();
    await page.mouse.move(...at(x, y), { steps: 5 });
    await page.mouse.up();
  }
  await page.keyboard.press('ArrowLeft');
  await page.keyboard.press('ArrowRight');
  await dialog.getByLabel('It shows, across').fill('900');
  await dialog.getByRole('textbox', { name: 'Upright' }).fill('600');
  await dialog.getByRole('textbox', { name: 'Name' }).fill('Tidewrack');
  await dialog.getByLabel('Code').fill('t1');
  await dialog.getByLabel('Supplier').fill('The mill by the weir');
  await dialog.getByLabel('Price', { exact: true }).fill('84.50');
  await dialog.getByLabel('Grain').selectOption('upright');
  await dialog.getByRole('button', { name: 'Keep it' }).click();
  await expect(dialog.getByRole('alert')).toContainText('T1 is the code of Drift oak. Take another code.');
  await dialog.getByLabel('Code').fill('t21');
  await page.screenshot({ path: '/tmp/own-finish.png' });
  await dialog.getByRole('button', { name: 'Keep it' }).click();
  await expect(dialog.getByRole('status')).toContainText('T21 Tidewrack is kept');
  await dialog.getByRole('button', { name: 'Close' }).click();

  await page.getByRole('button', { name: 'T21 Tidewrack' }).click();
  await expect(page.getByText('T21 Tidewrack, by the room')).toBeVisible();
  await studio.saved(3);
  const kept = Object.values((await studio.design()).records).find(({ kind }) => kind === 'finish')!;
  expect(kept).toMatchObject({
    ...{ name: 'Tidewrack', code: 'T21', long: 900, high: 600, grain: true },
    ...{ supplier: 'The mill by the weir', price: { amount: 84.5, per: 'm2' } },
  });
  // Its colour is the mean of the board's, without the bench about it.
  const tone = [1, 3, 5].map((k) => parseInt(String(kept['colour']).slice(k, k + 2), 16));
  for (const [k, mean] of [168, 130, 88].entries()) expect(Math.abs(tone[k]! - mean)).toBeLessThan(8);
  await page.screenshot({ path: '/tmp/own-given.png' });

  // Another room of the studio has it too; forgotten, rooms keep what they were given.
  await studio.newRoom('Millimetres', ['3000', '3000']);
  await studio.step('Surface');
  await page.getByRole('tab', { name: 'Finishes' }).click();
  await expect(page.getByRole('button', { name: 'T21 Tidewrack' })).toBeVisible();
  await page.getByRole('button', { name: 'Make or change' }).click();
  await dialog.getByRole('button', { name: 'T21 Tidewrack' }).click();
  await dialog.getByRole('textbox', { name: 'Name' }).fill('Spume');
  await dialog.getByRole('button', { name: 'Keep it' }).click();
  await expect(dialog.getByRole('status')).toContainText('T21 Spume is kept');
  await dialog.getByRole('button', { name: 'Forget it' }).click();
  await expect(dialog.getByRole('status')).toContainText('Spume is forgotten');
  await dialog.getByRole('button', { name: 'Close' }).click();
  await expect(page.getByRole('button', { name: 'T21 Spume' })).toHaveCount(0);
});

test('a swatch is carried over the room and given to what lies under it, as wide as the arrow keys say', async ({
  page,
  studio,
}) => {
  await studio.finishing('F600', 'F800-S', 'F450');
  const finishesOf = async () => (await studio.items()).map(({ finish }) => finish ?? '');
  const carry = async (name: string, to: { x: number; y: number }) => {
    await page.getByRole('button', { name }).hover();
    await page.mouse.down();
    await page.mouse.move(to.x - 40, to.y + 40, { steps: 4 });
    await page.mouse.move(to.x, to.y, { steps: 4 });
  };
  const second = await studio.itemPlace(2);

  // Over one cabinet it says what it would go to; let go there, that one has it.
  await carry('P2 Kelp', second);
  await expect(page.locator('.carried')).toContainText('Fronts: this one');
  await page.screenshot({ path: '/tmp/carried.png' });
  await page.mouse.up();
  await studio.saved(4);
  expect((await finishesOf()).sort()).toEqual(['', '', 'Kelp']);
  await expect(page.locator('.carried')).toHaveCount(0);

  // Widened to its run while it is carried; one undo takes it back.
  await carry('P9 Harbour', second);
  await page.keyboard.press('ArrowUp');
  await expect(page.locator('.carried')).toContainText('Fronts: its run');
  await page.mouse.up();
  await studio.saved(5);
  expect(await finishesOf()).toEqual(['Harbour', 'Harbour', 'Harbour']);

  // Put back by Escape, and let go where nothing is, nothing is given.
  await carry('P3 Cuttle', second);
  await page.keyboard.press('Escape');
  await page.mouse.up();
  await expect(page.locator('.carried')).toHaveCount(0);
  await carry('P3 Cuttle', { x: 60, y: 20 });
  await page.mouse.up();
  await page.keyboard.press('Control+z');
  await studio.saved(6);
  expect((await finishesOf()).sort()).toEqual(['', '', 'Kelp']);
});

test('two sets of finishes are kept, held against each other in the room, and one of them is used', async ({
  page,
  studio,
}) => {
  await studio.finishing('F600', 'F800-S', 'F450');
  const sets = page.getByRole('group', { name: 'Sets of finishes' });
  await sets.getByText('Sets of finishes').click();
  const keep = async (name: string) => {
    await sets.getByLabel('Name of the set').fill(name);
    await sets.getByRole('button', { name: 'Keep', exact: true }).click();
  };
  await page.getByRole('button', { name: 'P2 Kelp' }).click();
  await keep('Green');
  await expect(sets.getByText('as it is')).toBeVisible();
  await page.getByRole('button', { name: 'P16 Buoy' }).click();
  await keep('Orange');
  await studio.saved(7);

  await sets.getByRole('button', { name: 'Compare in the room' }).click();
  const dialog = page.getByRole('dialog', { name: 'Two sets of finishes' });
  await expect(dialog.getByLabel('Right')).toHaveValue(/.+/);
  const frames = async () =>
    Promise.all(
      [0, 1].map((index) => dialog.locator('canvas').nth(index).getAttribute('data-frames').then(Number)),
    );
  await expect.poll(async () => Math.min(...(await frames()))).toBeGreaterThan(0);
  await expect(dialog.locator('.name.left')).toHaveText('As it is');
  await expect(dialog.locator('.name.right')).toHaveText('Green');
  // The divider is drawn along; both look the same way.
  await dialog.getByLabel('Where the divider stands').fill('0.3');
  await expect(dialog.locator('canvas').nth(1)).toHaveAttribute('style', /inset\(0px 0px 0px 30%\)/);
  const before = await frames();
  await dialog.locator('.stage').focus();
  await page.keyboard.press('ArrowLeft');
  await expect.poll(async () => (await frames()).every((now, index) => now > before[index]!)).toBe(true);
  await dialog.getByRole('button', { name: 'Side by side' }).click();
  await expect(dialog.getByLabel('Where the divider stands')).toHaveCount(0);
  await page.keyboard.press('Escape');
  await expect(dialog).toHaveCount(0);

  // Used, all of it is back in one edit.
  await sets.getByRole('listitem').filter({ hasText: 'Green' }).getByRole('button', { name: 'Use' }).click();
  await studio.saved(8);
  const room = Object.values((await studio.design()).records).find(({ kind }) => kind === 'room')!;
  expect(room['frontFinish']).toBe('Kelp');
  await sets.getByRole('button', { name: 'Forget Orange' }).click();
  await expect(sets.getByText('Orange')).toHaveCount(0);
});
