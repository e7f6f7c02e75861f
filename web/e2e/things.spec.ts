import { dxfFile } from './dxf';
import { expect, test } from './studio';

test('openings and things are set by numbers, dragged along their face, and kept on it', async ({
  page,
  studio,
}) => {
  await studio.newRoom('Millimetres', ['4000', '3000']);
  await studio.tab('Openings');
  await page.getByRole('button', { name: 'Add door' }).click();
  await page.getByLabel('Opens as').selectOption('Pocket');
  await page.getByLabel('Measured from').selectOption('Centre of face');
  await page.getByLabel('Distance').fill('0');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Add window' }).click();
  await page.getByRole('combobox', { name: 'Face' }).selectOption('C');
  await page.getByLabel('Line up with').selectOption('D1');
  await expect(page.getByLabel('Distance')).toHaveValue('1550');
  const label = (await page.locator('.plan g[data-layer=labels]').filter({ hasText: 'W1' }).boundingBox())!;
  const [x, y] = [label.x + label.width / 2, label.y + label.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x - 40, y + 25, { steps: 5 });
  await page.mouse.up();
  const dragged = Number(await page.getByLabel('Distance').inputValue());
  expect(dragged).toBeGreaterThan(1700);
  expect(dragged % 10).toBe(0);
  await studio.tab('Things');
  await page.getByRole('button', { name: 'Radiator' }).first().click();
  await page.getByLabel('Stands').selectOption('on face B');
  await page.getByLabel('Distance').fill('2500');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert').first()).toContainText(
    'The radiator does not fit on face B: it would reach from 2500 mm to 3300 mm, the face is 3000 mm long.',
  );
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Cold water' }).click();
  await expect(page.locator('.right h2')).toHaveText('Cold water');
  await expect(page.getByLabel('Height', { exact: true })).toHaveValue('550');
  await page.getByRole('button', { name: 'Dividing line' }).click();
  await page.getByLabel('Part’s name').fill('Larder');
  await page.keyboard.press('Enter');
  await studio.saved();
  const kinds = Object.values((await studio.design()).records).map(
    ({ kind, name, type }) => name ?? type ?? kind,
  );
  expect(kinds).toEqual(expect.arrayContaining(['Larder', 'cold', 'radiator', 'door', 'window']));
});

test('a picture is laid under the plan, scaled by two places, moved and locked', async ({ page, studio }) => {
  await studio.newRoom('Millimetres', ['4000', '3000']);
  await studio.tab('Things');
  const file = page.locator('input[type=file]');
  await file.setInputFiles({
    name: 'junk.png',
    mimeType: 'image/png',
    buffer: Buffer.from('no picture at all'),
  });
  await expect(page.getByRole('alert').first()).toContainText('junk.png could not be read');
  const sketch =
    '<svg xmlns="http://www.w3.org/2000/svg" width="800" height="600"><rect x="100" y="100" width="400" height="300" fill="none" stroke="black"/></svg>';
  await file.setInputFiles({ name: 'sketch.svg', mimeType: 'image/svg+xml', buffer: Buffer.from(sketch) });
  await expect(page.locator('.right h2')).toHaveText('Underlay');
  await expect(page.getByLabel('Width')).toHaveValue('4000');
  const image = page.locator('.plan image');
  const box = (await image.boundingBox())!;
  const pixel = box.width / 800;
  await page.getByRole('button', { name: 'Scale by two places' }).click();
  for (const across of [100, 500]) await page.mouse.click(box.x + across * pixel, box.y + 100 * pixel);
  await page.getByLabel('True length').fill('4 m');
  await page.keyboard.press('Enter');
  const width = Number(await page.getByLabel('Width').inputValue());
  expect(Math.abs(width - 8000)).toBeLessThan(60);
  await page.getByLabel('Across').fill('-1000');
  await page.keyboard.press('Enter');
  await page.getByRole('checkbox', { name: 'Locked' }).check();
  await studio.saved();
  const laid = Object.values((await studio.design()).records).find(({ kind }) => kind === 'underlay')!;
  expect(laid).toMatchObject({
    name: 'sketch.svg',
    x: -1000,
    locked: true,
    pixelsWide: 800,
    pixelsHigh: 600,
  });
  const address = `${studio.roomUrl()}/files/${laid['file'] as string}`;
  const answer = await page.request.get(address);
  expect(answer.headers()['content-security-policy']).toContain('sandbox');
  expect(await answer.text()).toBe(sketch);
  const sent = (body: Buffer, origin: string) =>
    page.request.post(`${studio.roomUrl()}/files`, { data: body, headers: { origin, 'x-file-name': 'x' } });
  expect((await sent(Buffer.from('GIF89a'), studio.address)).status()).toBe(422);
  expect((await sent(Buffer.alloc(21_000_000), studio.address)).status()).toBe(413);
  expect((await sent(Buffer.from(sketch), 'http://elsewhere.example')).status()).toBe(403);
  const line = [0, 'LINE', 8, 0, 10, 0, 20, 0, 30, 0, 11, 3600, 21, 1800, 31, 0];
  await file.setInputFiles({ name: 'old.dxf', mimeType: 'application/dxf', buffer: dxfFile(4, line) });
  await expect(page.getByLabel('Width')).toHaveValue('3600');
  const sheet = await page.request.get(`${studio.roomUrl()}/sheet.pdf?page=A3&scale=20`);
  await file.setInputFiles({ name: 'sheet.pdf', mimeType: 'application/pdf', buffer: await sheet.body() });
  await expect(page.locator('.right .about').first()).toHaveText('sheet.pdf');
  await page.reload();
  await studio.ready();
  await expect(page.locator('.plan image')).toHaveCount(3);
  const page1 = Object.values((await studio.design()).records).find(({ name }) => name === 'sheet.pdf')!;
  expect([page1['pixelsWide'], page1['pixelsHigh']]).toEqual([2481, 1754]);
});

test('a soffit is drawn on the plan corner by corner, and corrected by numbers', async ({ page, studio }) => {
  await studio.newRoom('Millimetres', ['4200', '3000']);
  await studio.tab('Things');
  await page.getByRole('button', { name: 'Soffit', exact: true }).click();
  await page.getByText('An outline of its own').click();
  await page.getByRole('button', { name: 'Draw it on the plan' }).click();
  const left = (await page.locator('.plan g[data-source=face-d]').first().boundingBox())!;
  const top = (await page.locator('.plan g[data-source=face-a]').first().boundingBox())!;
  const [x, y] = [left.x + left.width / 2, top.y + top.height / 2];
  for (const [across, down] of [
    [14, 14],
    [200, 14],
    [200, 60],
    [90, 62],
    [89, 150],
    [16, 150],
  ])
    await page.mouse.click(x + across!, y + down!);
  await page.keyboard.press('Enter');
  await expect(page.getByText('Outline, 6 corners')).toBeVisible();
  const value = async (name: string) => Number(await page.getByLabel(name, { exact: true }).inputValue());
  expect([await value('Corner 1 along'), await value('Corner 1 out'), await value('Corner 6 along')]).toEqual(
    [0, 0, 0],
  );
  expect(await value('Corner 4 out')).toBe(await value('Corner 3 out'));
  await page.getByLabel('Corner 2 along').fill('2400');
  await page.keyboard.press('Enter');
  await page.getByLabel('Corner 3 along').fill('2400');
  await page.keyboard.press('Enter');
  await page.getByLabel('Underside').fill('2200');
  await page.keyboard.press('Enter');
  await studio.saved();
  const soffit = Object.values((await studio.design()).records).find(({ kind }) => kind === 'fixed')!;
  expect(soffit).toMatchObject({ type: 'soffit', width: 2400, up: 2200, height: 200 });
  await page.getByRole('button', { name: 'Make it a rectangle' }).click();
  await expect(page.getByLabel('Width')).toHaveValue('2400');
});

test('faces and openings are drawn to the lines of a drawing laid under the plan', async ({
  page,
  studio,
}) => {
  await studio.newRoom('Millimetres', ['4000', '3000']);
  await studio.tab('Things');
  const line = [0, 'LINE', 8, 0, 10, 0, 20, 0, 30, 0, 11, 3937, 21, 0, 31, 0];
  const post = [0, 'LINE', 8, 0, 10, 3937, 20, 0, 30, 0, 11, 3937, 21, 2963, 31, 0];
  const file = { name: 'old.dxf', mimeType: 'application/dxf', buffer: dxfFile(4, [...line, ...post]) };
  await page.locator('input[type=file]').setInputFiles(file);
  await page.getByLabel('Across').fill('0');
  await page.keyboard.press('Enter');
  await page.getByLabel('Down').fill('0');
  await page.keyboard.press('Enter');
  await page.getByRole('checkbox', { name: 'Locked' }).check();
  await studio.tab('Faces');
  const wall = (await page.locator('.plan g[data-source=face-c]').first().boundingBox())!;
  const [x, y] = [wall.x + wall.width / 2, wall.y + wall.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x, y - 7, { steps: 4 });
  await expect(page.locator('.moved')).toHaveText('in 37, on the line');
  await page.mouse.up();
  await expect(page.getByLabel('Face B', { exact: true })).toHaveValue('2963');
});

test('an opening is kept as a kind, and added in another room of the studio', async ({ page, studio }) => {
  await studio.newRoom('Millimetres', ['4200', '3000']);
  await studio.tab('Openings');
  await page.getByRole('button', { name: 'Add door' }).click();
  await page.getByLabel('Width').fill('762');
  await page.keyboard.press('Enter');
  await page.getByLabel('Keep it as a kind').fill('Larder door');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Larder door is kept for every room of the studio')).toBeVisible();
  await studio.saved();
  await page.goto(`${studio.address}/studio`);
  await studio.listDemoJob('mm');
  await page.getByRole('link', { name: 'New room' }).first().click();
  await page.getByLabel('Face A', { exact: true }).fill('3600');
  await page.getByLabel('Face B', { exact: true }).fill('2400');
  await page.getByRole('button', { name: 'Make the room' }).click();
  await studio.ready();
  await studio.tab('Openings');
  await page.getByRole('button', { name: 'Add Larder door' }).click();
  await expect(page.locator('.right h2')).toHaveText('D1 Door');
  await expect(page.getByLabel('Width')).toHaveValue('762');
  await page.getByRole('button', { name: 'Forget Larder door' }).click();
  await expect(page.getByRole('button', { name: 'Add Larder door' })).toHaveCount(0);
  await studio.saved();
  const doors = Object.values((await studio.design()).records).filter(({ kind }) => kind === 'opening');
  expect(doors).toMatchObject([{ type: 'door', width: 762 }]);
});
