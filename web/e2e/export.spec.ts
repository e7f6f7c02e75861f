import { execFileSync } from 'node:child_process';
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { expect, test } from './studio';

test('the sheet is drawn on screen and comes as a sound PDF with the saved revision', async ({
  page,
  studio,
  application,
}, info) => {
  await studio.enter();
  await studio.openRoom('Galley with bay');
  await page.getByLabel('Counter').fill('905');
  await page.keyboard.press('Enter');
  await studio.saved();
  await studio.step('Draw');
  await expect(page.getByRole('img', { name: 'Plan, A3' })).toBeVisible();
  const [popup] = await Promise.all([
    page.waitForEvent('popup'),
    page.getByRole('button', { name: 'Open the PDF' }).click(),
  ]);
  await popup.close();
  const answer = await page.request.get(`${studio.roomUrl()}/sheet.pdf?page=A3&scale=20`);
  const file = info.outputPath('sheet.pdf');
  writeFileSync(file, await answer.body());
  expect(execFileSync('qpdf', ['--check', file], { encoding: 'utf8' })).toContain(
    'No syntax or stream encoding errors',
  );
  // Whoever made it gives way to the server with every thread, also those that collect what it leaves.
  expect([threadsOf(application.pids.server), threadsOf(application.pids.worker)]).toEqual([[0], [10]]);
  const words = execFileSync('pdftotext', ['-layout', file, '-'], { encoding: 'utf8' });
  for (const word of [
    'Lamplighter’s Cottage',
    'Galley with bay',
    'Tidewrack Kitchens & Baths',
    '1:20',
    '4115',
    'COOK900',
  ]) {
    expect(words).toContain(word);
  }
  await page.getByRole('combobox', { name: 'Page' }).selectOption('Tabloid');
  await expect(page.getByRole('img', { name: 'Plan, Tabloid' })).toBeVisible();
  // Seen whole, then closely, and the next one by its key.
  await page.getByLabel('Shows').selectOption('elevations');
  const desk = page.getByRole('application', { name: /^Sheets/ });
  const sheets = page.locator('.desk figure');
  const shown = async (index: number) => {
    const [view, sheet] = [(await desk.boundingBox())!, (await sheets.nth(index).boundingBox())!];
    return sheet.y >= view.y && sheet.y + sheet.height <= view.y + view.height ? sheet.width : null;
  };
  const whole = (await shown(0))!;
  await desk.press('PageDown');
  await expect.poll(() => shown(1)).toBeCloseTo(whole, 0);
  expect(await shown(0)).toBeNull();
  await desk.press('+');
  await expect.poll(async () => (await sheets.nth(1).boundingBox())!.width).toBeGreaterThan(1.2 * whole);
  const before = (await sheets.nth(1).boundingBox())!;
  await desk.press('ArrowDown');
  await expect.poll(async () => (await sheets.nth(1).boundingBox())!.y).toBeCloseTo(before.y - 60, 0);
  await page.getByRole('button', { name: 'Show the whole drawing' }).click();
  await expect.poll(() => shown(0)).toBeCloseTo(whole, 0);
  const small = await page.request.get(`${studio.roomUrl()}/sheet.pdf?page=A9`);
  expect([small.status(), (await small.json()).message]).toEqual([
    422,
    expect.stringContaining('There is no page “A9”'),
  ]);
});

test('a design exported as JSON and imported again is the same file', async ({ page, studio }, info) => {
  await studio.enter();
  await studio.openRoom('Kitchen');
  await studio.step('Draw');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Export design' }).click(),
  ]);
  const file = info.outputPath('kitchen.json');
  await download.saveAs(file);
  await studio.listDemoJob('mm');
  const jobs = page
    .locator('section')
    .filter({ has: page.getByRole('heading', { name: 'Lamplighter’s Cottage' }) });
  await jobs.locator('input[type=file]').setInputFiles(file);
  await jobs
    .getByRole('link', { name: /^Kitchen/ })
    .last()
    .click();
  await studio.ready();
  const again = await page.request.get(`${studio.roomUrl()}/design.json`);
  const original = execFileSync('cat', [file], { encoding: 'utf8' });
  expect(await again.text()).toBe(original);
});

test('files that are no designs are refused with a reason, and add no room', async ({ page, studio }) => {
  await studio.enter();
  const rooms = await page.locator('a.room').count();
  const input = page.locator('input[type=file]').first();
  for (const [name, content, reason] of [
    ['notes.txt', 'not json at all', 'notes.txt: The file is not readable as JSON'],
    ['map.json', '{"type":"FeatureCollection","features":[]}', 'not a design'],
    ['empty.json', '{"schema":1,"records":{}}', 'A design has 1 room record'],
    ['junk.json', 'x'.repeat(20_000_000), 'junk.json is 20.0 MB; a design has at most 5 MB'],
  ] as const) {
    await input.setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(content) });
    await expect(page.getByRole('alert')).toContainText(reason);
  }
  const answer = await page.request.post(`${studio.address}/api/jobs/${crypto.randomUUID()}/rooms`, {
    data: 'x'.repeat(20_000_000),
    headers: { origin: studio.address, 'content-type': 'application/json' },
  });
  expect([404, 413]).toContain(answer.status());
  await page.reload();
  await expect(page.locator('a.room')).toHaveCount(rooms);
});

test('the whole set, its schedules and a drawing for other programs are made from the saved room', async ({
  page,
  studio,
}, info) => {
  await studio.enter();
  await studio.openRoom('Galley with bay');
  await studio.step('Draw');
  await page.getByLabel('Shows').selectOption('set');
  await expect(page.getByRole('img', { name: 'Cover, A3' })).toBeVisible();
  await expect(page.getByRole('img', { name: 'Schedules, A3' })).toBeAttached();
  const download = async (link: string) => {
    const [file] = await Promise.all([
      page.waitForEvent('download'),
      page
        .getByRole('link', { name: link })
        .or(page.getByRole('button', { name: link }))
        .click(),
    ]);
    const path = info.outputPath(file.suggestedFilename());
    await file.saveAs(path);
    return readFileSync(path);
  };
  // A workbook is a zip.
  expect((await download('All as a workbook')).subarray(0, 2).toString()).toBe('PK');
  await page.getByRole('combobox', { name: 'Schedule' }).selectOption('openings');
  const openings = (await download('Export as CSV')).toString('utf8').split('\n');
  expect(openings[0]).toBe('Name,Type,Face,From its left,Width,Height,Sill,Opens,Leaf');
  expect(openings.slice(1).map((line) => line.split(',')[0])).toEqual(['W1', 'W2', 'D1']);
  await page.getByRole('combobox', { name: 'Sheet', exact: true }).selectOption('1');
  const svg = (await download('Sheet as SVG')).toString('utf8');
  expect(svg).toMatch(/^<svg [^>]*width="420mm"/);
  expect(svg).toContain("font-family:'Fira Sans'");
  const png = await download('Sheet as PNG');
  // The size stands in the file's first block: A3 at 200 dots to the inch.
  expect([png.readUInt32BE(16), png.readUInt32BE(20)]).toEqual([3307, 2339]);
  await page.getByRole('combobox', { name: 'Drawing' }).selectOption('all');
  expect((await download('Export as DXF')).toString('utf8')).toContain('Elevation K');
  await page.getByRole('combobox', { name: 'Drawing' }).selectOption('elevation:K');
  const drawing = (await download('Export as DXF')).toString('utf8');
  expect(drawing).toContain('AcDbAlignedDimension');
  expect(drawing).toContain('\n4115\n');
  const unknown = await page.request.get(`${studio.roomUrl()}/schedule.csv?of=doors`);
  expect([unknown.status(), (await unknown.json()).message]).toEqual([
    422,
    expect.stringContaining('There is no schedule “doors”'),
  ]);
});

/** How nice the threads of a process are: each value once. */
function threadsOf(pid: number): number[] {
  const tasks = `/proc/${pid}/task`;
  const nice = readdirSync(tasks).map((id) => readFileSync(`${tasks}/${id}/stat`, 'utf8').split(') ')[1]!);
  return [...new Set(nice.map((fields) => Number(fields.split(' ')[16])))];
}
