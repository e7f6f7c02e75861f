import { readFile } from 'node:fs/promises';
import { unzipSync } from 'fflate';
import { expect, test } from './studio';

test('the Build step takes cabinets apart, lists what is cut and bought, and lays the parts on sheets', async ({
  page,
  studio,
}) => {
  await studio.enter();
  await studio.newRoom('Millimetres', ['4000', '3000']);
  await studio.step('Build');
  // An empty room says what to do.
  await expect(page.getByText('Set cabinets of a range that is built')).toBeVisible();
  await studio.step('Set');
  await studio.setByCode('F600-D');
  await studio.setByCode('F450');
  await studio.saved(2);
  await studio.step('Build');
  const panel = page.getByLabel('Shelf');
  await panel.getByRole('button', { name: '2 Base cabinet F450' }).click();
  const parts = page.getByRole('group', { name: 'Parts of F450' });
  await expect(parts.getByRole('button', { name: /Left side.*720 × 560/ })).toBeVisible();
  await panel.getByRole('button', { name: /F600-D/ }).click();
  // Its parts are walked by keys; the one in hand is drawn true to scale with what is worked into it.
  const list = page.getByRole('group', { name: 'Parts of F600-D' });
  await list.getByRole('button', { name: /Left side/ }).focus();
  for (let i = 0; i < 5; i++) await page.keyboard.press('ArrowDown');
  await expect(page.getByRole('heading', { name: '6 Back' })).toBeVisible();
  await expect(page.getByText('Cut 709.5 × 579')).toBeVisible();
  // It is pulled apart by the drawing itself.
  const slider = page.getByRole('slider', { name: 'Taken apart' });
  const before = Number(await slider.inputValue());
  const drawing = page.getByRole('img', { name: /F600-D taken apart/ });
  const box = (await drawing.boundingBox())!;
  await page.mouse.move(box.x + 60, box.y + 30);
  await page.mouse.down();
  await page.mouse.move(box.x + 20, box.y + 30, { steps: 4 });
  await page.mouse.up();
  expect(Number(await slider.inputValue())).toBeLessThan(before);
  // Pressing a board takes it in hand.
  await drawing.locator('text', { hasText: /^14$/ }).click();
  await expect(page.getByRole('heading', { name: /Door/ })).toBeVisible();

  await page.getByRole('tab', { name: 'Lists' }).click();
  const cut = page.getByRole('table', { name: 'Cut list' });
  await expect(cut.getByRole('row', { name: /Back 1 709.5 579 8 Hardboard/ })).toBeVisible();
  await page.getByRole('combobox', { name: /^List/ }).selectOption('Hardware');
  await expect(page.getByRole('row', { name: /RU500 Runners under a drawer, pair 1/ })).toBeVisible();
  const fetched = async (link: string) => {
    const href = (await page.getByRole('link', { name: link }).getAttribute('href'))!;
    return page.request.get(String(new URL(href, page.url())));
  };
  const csv = await fetched('Export as CSV');
  expect(await csv.text()).toContain('RU500');
  const book = await fetched('All as a workbook');
  expect([book.status(), (await book.body()).subarray(0, 2).toString()]).toEqual([200, 'PK']);

  await page.getByRole('tab', { name: 'Sheets' }).click();
  await page.getByRole('button', { name: 'Nest', exact: true }).click();
  await expect(panel.getByRole('button', { name: /18 Faced board 1 sheet/ })).toBeVisible();
  await page.getByRole('button', { name: 'Next cut' }).click();
  await expect(page.getByText(/^Cut 1 of \d+/)).toBeVisible();
  // A sheet stays as it is while the others are laid out anew.
  await page.getByRole('button', { name: 'Keep this sheet' }).click();
  const kept = page.getByRole('button', { name: 'Kept as it is' });
  await expect(kept).toBeVisible();
  const again = page.getByRole('button', { name: 'Nest again' });
  await expect(again).toBeVisible();
  await again.click();
  await expect(panel.getByRole('button', { name: /18 Faced board 1 sheet/ })).toBeVisible();
  await expect(kept).toBeVisible();
  await kept.click();
  await expect(page.getByRole('button', { name: 'Keep this sheet' })).toBeVisible();
  // A part is dragged to where the saw can't cut it free, and stays; by keys it goes on, and on a sheet of its own, which is kept.
  const ground = page.getByRole('application', { name: /^Parts of the sheet/ });
  const held = page.getByLabel('To sheet');
  await expect(again).toBeVisible();
  const largest = (await ground.locator('svg [data-source]').first().boundingBox())!;
  await page.mouse.move(largest.x + largest.width / 2, largest.y + largest.height / 2);
  await page.mouse.down();
  await expect(held).toBeVisible();
  await page.mouse.move(largest.x + largest.width / 2 + 3_000, largest.y - 2_000, { steps: 4 });
  await page.mouse.up();
  await held.selectOption({ label: 'a new one' });
  await expect(panel.getByRole('button', { name: /18 Faced board 2 sheets/ })).toBeVisible();
  await expect(page.getByText(/Sheet 2 of 2, .*, 1 part$/)).toBeVisible();
  await expect(kept).toBeVisible();
  const place = async () => (await ground.locator('svg [data-source]').first().boundingBox())!.x;
  const stood = await place();
  await ground.focus();
  await page.keyboard.press('Escape');
  await expect(held).toHaveCount(0);
  await page.keyboard.press('n');
  await expect(held).toBeVisible();
  await page.keyboard.press('ArrowRight');
  await expect.poll(place).toBeGreaterThan(stood + 20);
  await again.click();
  await expect(panel.getByRole('button', { name: /18 Faced board 2 sheets/ })).toBeVisible();
  await page.getByRole('button', { name: 'Sheet 1', exact: true }).click();
  await expect(kept).toBeVisible();
  await ground.focus();
  await page.keyboard.press('Escape');
  await expect(held).toHaveCount(0);
  // Nothing here has grain: there is nothing to choose about it.
  await expect(page.getByLabel('Grain runs on')).toHaveCount(0);
  // What it costs: all of it, or what the chosen cabinet takes.
  await page.getByRole('tab', { name: 'Cost' }).click();
  const total = async () => Number(await panel.locator('strong').innerText());
  const chosen = await total();
  await page.getByRole('table', { name: 'Cost' }).getByText('H110 Hinge 110°').click();
  await expect.poll(total).toBeGreaterThan(chosen);
  await page.getByRole('tab', { name: 'Sheets' }).click();
  // The room changes, and what was laid out says so.
  await studio.step('Set');
  await studio.setByCode('F800');
  await studio.step('Build');
  await expect(page.getByText('have changed since these were laid out')).toBeVisible();
});

test('the shop takes files of parts, sheets and tops, and a sheet is played on the router before it is cut', async ({
  page,
  studio,
}) => {
  await studio.enter();
  await studio.newRoom('Millimetres', ['4000', '3000']);
  await studio.step('Set');
  await studio.setByCode('F600-3');
  await studio.setByCode('F450');
  await studio.saved(2);
  await studio.step('Build');
  const panel = page.getByLabel('Shelf');
  const taken = async (button: string, from = panel) => {
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      from.getByRole('button', { name: button }).click(),
    ]);
    return { name: download.suggestedFilename(), bytes: await readFile(await download.path()) };
  };
  const holes = (await taken('Every hole, CSV')).bytes.toString();
  expect(holes.split('\n')[0]).toBe('piece,face,kind,x,y,z,length,width,depth');
  expect(holes).toContain('1 bottom,left,hole,0,60,9,8,8,24');
  const drawings = await taken('Drawings, DXF');
  expect(drawings.name).toMatch(/parts\.zip$/);
  expect(Object.keys(unzipSync(drawings.bytes))).toContain('1-side-left.dxf');
  // The part in hand by itself.
  await panel.getByRole('button', { name: /F600-3/ }).click();
  await page
    .getByRole('group', { name: 'Parts of F600-3' })
    .getByRole('button', { name: /Left side/ })
    .click();
  const hand = page.getByRole('region', { name: 'Part in hand' });
  expect((await taken('DXF', hand)).name).toBe('1-side-left.dxf');
  expect((await taken('Router file', hand)).name).toBe('1-side-left-up.nc');
  // On paper: each part, cabinets taken apart, labels.
  for (const link of ['Cabinets', 'Every part', 'Labels', 'Labels of parts']) {
    const href = (await panel.getByRole('link', { name: link, exact: true }).getAttribute('href'))!;
    const pdf = await page.request.get(String(new URL(href, page.url())));
    expect([pdf.status(), (await pdf.body()).subarray(0, 5).toString()]).toEqual([200, '%PDF-']);
  }

  await page.getByRole('tab', { name: 'Tops' }).click();
  await expect(page.getByRole('img', { name: /Top 1, piece 1, seen from above/ })).toBeVisible();
  const pieces = unzipSync((await taken('Drawings, DXF')).bytes);
  expect(Object.keys(pieces)).toEqual(['top-1-1.dxf', 'slab-30-1.dxf']);
  await panel.getByRole('button', { name: /slab.* 1 piece$/i }).click();
  await expect(page.getByRole('img', { name: /Slab, its pieces as they are cut from it/ })).toBeVisible();
  await panel.getByRole('button', { name: /^Top 1, piece 1/ }).click();
  await expect(page.getByRole('img', { name: /Top 1, piece 1, seen from above/ })).toBeVisible();

  await page.getByRole('tab', { name: 'Sheets' }).click();
  await page.getByLabel('Cut on').selectOption('a router');
  await page.getByRole('button', { name: 'Nest', exact: true }).click();
  await expect(page.getByText('Nothing is refused.')).toBeVisible();
  const files = unzipSync((await taken('Router files')).bytes);
  const [first] = Object.keys(files);
  expect(new TextDecoder().decode(files[first!])).toContain('G21');
  expect((await taken('Sheets as PDF')).bytes.subarray(0, 5).toString()).toBe('%PDF-');
  // What stands in the way of the cutter is told, and what was made so far is seen.
  await page.getByText('Clamps on this sheet').click();
  await panel.getByRole('button', { name: 'Add a clamp' }).click();
  await expect(page.getByText(/movements? (is|are) refused/)).toBeVisible();
  await expect(page.getByText('goes into a clamp').first()).toBeVisible();
  await panel.getByRole('group', { name: 'Clamp 1' }).getByRole('button', { name: 'Remove' }).click();
  await expect(page.getByText('Nothing is refused.')).toBeVisible();
  const slider = page.getByRole('slider', { name: 'Movement' });
  await slider.fill('0');
  await page.getByRole('button', { name: 'Play' }).click();
  await expect.poll(async () => Number(await slider.inputValue())).toBeGreaterThan(20);
  // Its cutter stands elsewhere in their machine: the files say so, and the studio keeps it.
  await panel.getByText('Router and its tools').click();
  const cutter = panel.getByRole('group', { name: 'Tool 1', exact: true });
  await cutter.getByText('1 Cutter 12').click();
  await cutter.getByLabel('Number').fill('11');
  await cutter.getByLabel('Number').press('Enter');
  await expect(panel.getByText('Tool 11 is another one.')).toBeVisible();
  await cutter.getByLabel('Number').fill('41');
  await cutter.getByLabel('Number').press('Enter');
  await panel.getByRole('button', { name: 'Keep the router for the studio' }).click();
  await expect(panel.getByText(/^Kept by .*/).first()).toBeVisible();
  const again = unzipSync((await taken('Router files')).bytes);
  const written = new TextDecoder().decode(again[Object.keys(again)[0]!]);
  expect([/\bT0?1\b/.test(written), written.includes('T41')]).toEqual([false, true]);
  // On a saw the parts lie nearer to one another: what was laid for the router is old.
  await page.getByLabel('Cut on').selectOption('a panel saw');
  await expect(page.getByText('have changed since these were laid out')).toBeVisible();
});

test('the studio keeps its prices and its sheets: read from a table, counted down when they are cut', async ({
  page,
  studio,
}) => {
  await studio.enter();
  await studio.newRoom('Millimetres', ['4000', '3000']);
  await studio.step('Set');
  await studio.setByCode('F600-3');
  await studio.saved(1);
  await studio.step('Build');
  const panel = page.getByLabel('Shelf');
  await page.getByRole('tab', { name: 'Cost' }).click();
  await expect(panel.getByText('Made up, in no currency')).toBeVisible();
  const total = async () => Number(await panel.locator('strong').innerText());
  const before = await total();
  const csv = await (await page.request.get(new URL('/api/shop/prices.csv', page.url()).href)).text();
  expect(csv).toContain('\nfaced-board,m2,11.4\n');
  const read = (text: string) =>
    panel
      .getByLabel('Read a table')
      .setInputFiles({ name: 'prices.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
  // A table with a fault takes nothing, and says where it is.
  await read(csv.replace('faced-board,m2,11.4', 'faced-board,yard,x'));
  await expect(panel.getByText('Nothing was taken')).toBeVisible();
  await expect(panel.getByRole('row', { name: /unit yard/ })).toBeVisible();
  expect(await total()).toBe(before);
  await read(csv.replace('faced-board,m2,11.4', 'faced-board,m2,111.4'));
  await expect(panel.getByText(/The studio’s, kept by/)).toBeVisible();
  await expect.poll(total).toBeGreaterThan(before + 200);
  // The table on screen and the file follow.
  await expect(page.getByRole('table', { name: 'Cost' }).getByText('111.40').first()).toBeVisible();
  const href = (await panel.getByRole('link', { name: 'Export as CSV' }).getAttribute('href'))!;
  expect(await (await page.request.get(new URL(href, page.url()).href)).text()).toContain('111.4');

  await page.getByRole('tab', { name: 'Sheets' }).click();
  await page.getByText('Sheets and offcuts').click();
  await panel.getByRole('button', { name: 'Add of 18 Faced board' }).click();
  const own = panel.getByRole('group', { name: 'Sheet 3' });
  await own.getByLabel('Count, 0: enough').fill('2');
  await own.getByLabel('Count, 0: enough').press('Enter');
  await panel.getByRole('button', { name: 'Keep for the studio' }).click();
  await expect(panel.getByText(/^Kept by/)).toBeVisible();
  for (const size of ['Sheet 1', 'Sheet 1'])
    await panel.getByRole('group', { name: size }).getByRole('button', { name: 'Remove' }).click();
  await expect(panel.getByRole('group', { name: 'Sheet 2' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Nest', exact: true }).click();
  await expect(panel.getByRole('button', { name: /18 Faced board 1 sheet/ })).toBeVisible();
  await panel.getByRole('button', { name: 'These are cut' }).click();
  // One of two is left, and what was left of the other.
  await expect(panel.getByRole('group', { name: 'Sheet 1' }).getByLabel('Count, 0: enough')).toHaveValue('1');
  await expect(panel.getByRole('group', { name: 'Sheet 2' })).toBeVisible();
  await page.reload();
  await studio.step('Build');
  await page.getByRole('tab', { name: 'Sheets' }).click();
  await page.getByText('Sheets and offcuts').click();
  await expect(panel.getByRole('group', { name: 'Sheet 1' }).getByLabel('Count, 0: enough')).toHaveValue('1');
  // Others of this studio find what they are used to.
  await page.evaluate(async () => {
    const { kept } = (await (await fetch('/api/shop/stock')).json()) as { kept: { revision: number } };
    const sheets = [
      { l: 2_800, w: 2_070 },
      { l: 2_440, w: 1_220 },
    ];
    const body = JSON.stringify({ revision: kept.revision, book: { kerf: 4, trim: 10, sheets } });
    await fetch('/api/shop/stock', { method: 'PUT', headers: { 'content-type': 'application/json' }, body });
  });
});

test('a client’s quote is made of the room, kept as it was sent, and says when the room has changed since', async ({
  page,
  studio,
}) => {
  await studio.enter();
  await studio.newRoom('Millimetres', ['4000', '3000']);
  await studio.step('Set');
  await studio.setByCode('F600-3');
  await studio.saved(1);
  await studio.step('Build');
  const panel = page.getByLabel('Shelf');
  await page.getByRole('tab', { name: 'Cost' }).click();
  await panel.getByLabel('Client').fill('A. Client');
  await panel.getByText('Allowances', { exact: true }).click();
  await panel.getByRole('button', { name: 'Add an allowance' }).click();
  const allowance = panel.getByRole('group', { name: 'Allowance 1' });
  await allowance.getByLabel('For').fill('Lighting');
  await allowance.getByLabel('Amount').fill('450');
  await panel.getByText('Not included, and terms').click();
  await panel.getByLabel('Not included').fill('Painting.');
  const make = panel.getByRole('button', { name: /^Make quote 1: .* EUR$/ });
  const said = /: (.*)$/.exec(await make.innerText())![1]!;
  await make.click();
  await expect(panel.getByRole('listitem').getByText(said)).toBeVisible();
  const href = (await panel.getByRole('link', { name: 'Quote 1' }).getAttribute('href'))!;
  const pdf = await page.request.get(new URL(href, page.url()).href);
  expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-');
  // The room goes on; the quote stays, and says so. The next begins with its words.
  await studio.step('Set');
  await studio.setByCode('F450');
  await studio.saved(2);
  await studio.step('Build');
  await expect(panel.getByText(/The room has changed since quote 1: it would come to/)).toBeVisible();
  await expect(panel.getByText('since revision 1, when this was last looked at')).toContainText(
    /\+\d+\.\d\d/,
  );
  await expect(panel.getByRole('listitem').getByText(said)).toBeVisible();
  await expect(panel.getByLabel('Client')).toHaveValue('A. Client');
  await expect(panel.getByRole('button', { name: /^Make quote 2/ })).toBeVisible();
});
