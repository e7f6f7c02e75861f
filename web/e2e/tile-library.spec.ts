import { expect, test } from './studio';

const TABLE = [
  'name,code,along,across,thickness,joint,colour,in a box,sheet along,sheet across,differs in shade,price',
  'Tidepool,PT41,98,98,6,2,#4a6f7c,11,300,300,strong,62.5',
  'Dunlin,,300,600,10,3,#c9bfa8,5,,,,38',
  '',
].join('\n');
const table = (text: string) => ({ name: 'tiles.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });

test('tiles of the studio are read from a table, laid, and ordered by the sheet with what they cost', async ({
  page,
  studio,
}) => {
  await studio.newRoom('Millimetres', ['2400', '1800']);
  await studio.step('Tile');
  await page.getByRole('button', { name: 'Tile the floor' }).click();
  await studio.saved(1);
  await page.getByRole('button', { name: 'Tiles of the studio' }).click();
  const dialog = page.getByRole('dialog', { name: 'Finishes of the studio' });
  await dialog.getByLabel('Read tiles from a table').setInputFiles(table(TABLE.replace('98,98', '98,')));
  await expect(dialog.getByRole('alert')).toContainText('tiles.csv has a fault');
  await expect(dialog.getByRole('row', { name: /across/ })).toContainText('can’t be read as a length');
  await dialog.getByLabel('Read tiles from a table').setInputFiles(table(TABLE));
  await expect(dialog.getByRole('status')).toContainText('2 tiles. No faults.');
  await dialog.getByRole('button', { name: 'Keep 2 tiles' }).click();
  await expect(dialog.getByRole('status')).toContainText('2 tiles kept');
  await page.keyboard.press('Escape');

  await page
    .getByRole('group', { name: 'Tile', exact: true })
    .getByRole('button', { name: 'Tidepool' })
    .click();
  await studio.saved(2);
  const facts = page.getByRole('complementary').last();
  // 2.4 by 1.8 m are 8 by 6 sheets; a tenth more is 53, in 5 boxes of 11, each of 0.99 m².
  await expect(facts.getByText('Sheets, 300 × 300')).toBeVisible();
  await expect(facts).toContainText(/5 boxes/);
  const area = 5 * 11 * 0.3 * 0.3;
  await expect(facts).toContainText((area * 62.5).toFixed(2));
  // The room keeps its tile as it was, and it is taken back with the zone.
  await expect.poll(async () => (await studio.records('finish')).length).toBe(1);
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect.poll(async () => (await studio.records('finish')).length).toBe(0);

  // The cheaper one comes first where the price is all that counts.
  await page.getByRole('button', { name: /^Redo/ }).click();
  await studio.saved(4);
  await page.getByRole('button', { name: 'What is best…' }).click();
  const best = page.getByRole('dialog', { name: 'What is best' });
  for (let up = 0; up < 6; up++)
    await best.getByRole('button', { name: 'Low price: more important' }).click();
  await best.getByLabel('Dunlin').check();
  await best.getByRole('button', { name: 'Close' }).click();
  await page.getByRole('button', { name: 'Best set-outs' }).click();
  const first = page
    .getByRole('region', { name: 'Set-out' })
    .getByRole('listitem')
    .getByRole('button')
    .first();
  await expect(first).toContainText('Dunlin');
  await first.click();
  await expect
    .poll(async () => (await studio.records('finish')).map(({ name }) => name).sort())
    .toEqual(['Dunlin', 'Tidepool']);
});
