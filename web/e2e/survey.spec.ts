import type { Locator } from '@playwright/test';
import { roomShape, type Design } from 'goodreach';
import { dxfFile } from './dxf';
import { expect, Studio, test } from './studio';

/** Counts what is keyed in: a value typed with Enter, a choice made, a button pressed; all from the keyboard. */
class Keys {
  count = 0;
  constructor(private readonly studio: Studio) {}

  async type(label: string, value: string): Promise<void> {
    const field = this.studio.page.getByLabel(label, { exact: true });
    await field.focus();
    await this.studio.page.keyboard.press('ControlOrMeta+a');
    await this.studio.page.keyboard.type(value);
    await this.studio.page.keyboard.press('Enter');
    this.count += 1;
  }

  async press(name: string, role: 'button' | 'tab' | 'radio' = 'button'): Promise<void> {
    await this.studio.page.getByRole(role, { name, exact: true }).first().focus();
    await this.studio.page.keyboard.press('Enter');
    this.count += 1;
  }

  /** Goes to a face through its length; Tab is no entry, choosing counts as one. */
  async face(letter: string): Promise<void> {
    await this.studio.page.getByLabel(`Face ${letter}`, { exact: true }).focus();
    await expect(this.studio.page.locator('.right h2')).toHaveText(`Face ${letter}`);
    this.count += 1;
  }

  async choose(label: string, option: string): Promise<void> {
    await this.studio.page.getByRole('combobox', { name: label }).selectOption({ label: option });
    this.count += 1;
  }
}

test('the whole galley with bay is entered from the keyboard', async ({ page, studio }) => {
  test.slow();
  await studio.enter();
  await studio.openRoom('Galley with bay');
  const demo = (await studio.design()) as unknown as Design;
  await page.goto(`${studio.address}/studio`);
  await studio.listDemoJob('mm');
  await page.getByRole('link', { name: 'New room' }).first().focus();
  await page.keyboard.press('Enter');
  await page.getByRole('heading', { name: 'Measure the room' }).waitFor();
  const keys = new Keys(studio);
  await keys.press('Bay', 'radio');
  keys.count = 0;
  for (const [letter, length] of Object.entries({ A: 4180, B: 700, C: 420, D: 1460, E: 420, F: 700 }))
    await keys.type(`Face ${letter}`, String(length));
  await keys.type('Ceiling', '2380');
  await keys.press('Make the room');
  await studio.ready();

  await keys.type('Walls', '180');
  await keys.press('Checks', 'tab');
  await keys.press('All corners measured as they stand');
  await keys.press('Faces', 'tab');
  await keys.face('A');
  await keys.press('Take the corner as assumed');
  await keys.face('H');
  await keys.type('Corner G/H', '91.3');
  await keys.face('A');
  await page.getByText('Push a part in or out').focus();
  await page.keyboard.press('Enter');
  await keys.choose('Way', 'In: a breast or pier');
  await keys.type('Distance', '1320');
  await keys.type('Width', '1020');
  await keys.type('Depth', '310');
  await keys.press('Push');

  // The faces typed first keep their letters: what was pushed in is I, J, K and L.
  await keys.face('B');
  await keys.type('Half wall', '1050');
  await keys.type('Cap', '30');
  await keys.face('G');
  await keys.press('Openings', 'tab');
  await keys.press('Add window');
  await keys.type('Distance', '900');
  await keys.type('Width', '1200');
  await keys.press('Add window');
  await keys.choose('Face', 'D');
  await keys.type('Distance', '150');
  await keys.type('Width', '1160');
  await keys.type('Sill', '600');
  await keys.type('Height', '1400');
  await keys.press('Add door');
  await keys.choose('Face', 'H');
  await keys.type('Distance', '900');
  await keys.press('Things', 'tab');
  await keys.press('Pipe box');
  await keys.choose('Stands', 'on face G');
  await keys.type('Width', '200');
  await keys.type('Depth', '200');
  await keys.choose('Measured from', 'Right corner');
  await keys.type('Distance', '0');
  await studio.saved();
  test.info().annotations.push({ type: 'key-ins', description: String(keys.count) });
  expect(keys.count).toBeLessThanOrEqual(60);

  const entered = (await studio.design()) as unknown as Design;
  const [mine, theirs] = [roomShape(entered), roomShape(demo)];
  expect(mine.faces).toHaveLength(12);
  mine.outline.forEach(({ x, y }, index) => {
    expect(x).toBeCloseTo(theirs.outline[index]!.x, 2);
    expect(y).toBeCloseTo(theirs.outline[index]!.y, 2);
  });
  const built = (design: Design, placeOf: (face: string) => string) =>
    Object.values(design.records)
      .flatMap((record): object[] => {
        if (record.kind === 'face' && record.wallHeight !== undefined)
          return [{ face: placeOf(record.id), wallHeight: record.wallHeight, cap: record.cap }];
        if (record.kind === 'opening') return [{ ...record, id: '', face: placeOf(record.face) }];
        if (record.kind === 'fixed' && record.placement.on === 'face')
          return [
            { ...record, id: '', placement: { ...record.placement, face: placeOf(record.placement.face) } },
          ];
        return [];
      })
      .map((record) => JSON.stringify(record, Object.keys(record).sort()))
      .sort();
  const places = (shape: typeof mine) => (face: string) =>
    `${shape.faces.indexOf(shape.byId.get(face)!) + 1}`;
  expect(built(entered, places(mine))).toEqual(built(demo, places(theirs)));
  expect(mine.letters.join('')).toBe('AIJKLBCDEFGH');
});

test('a survey says which measurement looks wrong, and which to take next', async ({ page, studio }) => {
  await studio.newRoom('Millimetres', ['4000', '3000', '4000', '3000']);
  await studio.tab('Checks');
  await expect(page.getByText('The shape rests on corners that are only assumed.')).toBeVisible();
  await page.getByRole('button', { name: 'D/A to B/C' }).click();
  await page.keyboard.type('5000');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Nothing checks these measurements yet.')).toBeVisible();
  await page.getByRole('button', { name: 'A/B to C/D' }).click();
  await page.keyboard.type('5060');
  await page.keyboard.press('Enter');
  await expect(page.locator('p.wrong')).toContainText('looks wrong: these can’t be told apart');
  await expect(page.locator('.plan line.suspect').first()).toBeAttached();
  await page
    .getByRole('row', { name: /A\/B to C\/D/ })
    .getByRole('button', { name: 'on' })
    .click();
  await expect(page.locator('p.wrong')).toHaveCount(0);
  await expect(page.getByRole('row', { name: /A\/B to C\/D/ })).toContainText('−60.0');
  await studio.saved();
  const { records } = await studio.design();
  const taped = Object.values(records).filter(({ kind }) => kind === 'measurement');
  expect(taped.map(({ standing, length }) => [standing, length])).toEqual(
    expect.arrayContaining([
      ['measured', 5000],
      ['excluded', 5060],
    ]),
  );
});

test('a face is pushed, split, moved and stretched, and all of it taken back', async ({ page, studio }) => {
  await studio.newRoom('Millimetres', ['4000', '3000']);
  const lengths = async () =>
    roomShape((await studio.design()) as unknown as Design).faces.map(({ length }) => Math.round(length));
  await page.getByLabel('Face A', { exact: true }).focus();
  await page.getByLabel('Move outwards').fill('200');
  await page.keyboard.press('Enter');
  await page.getByLabel('Corner at').fill('1500');
  await page.keyboard.press('Enter');
  await studio.saved(2);
  expect(await lengths()).toEqual([1500, 2500, 3200, 4000, 3200]);
  await page.getByText('Stretch beyond a line').click();
  await page.getByLabel('Line at').fill('700');
  await page.keyboard.press('Enter');
  await page.getByLabel('By', { exact: true }).fill('300');
  await page.keyboard.press('Enter');
  await studio.saved(3);
  expect(await lengths()).toEqual([1800, 2500, 3200, 4300, 3200]);
  await page.getByLabel('Move outwards').fill('-5 m');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert').first()).toContainText('runs straight on from face E');
  await page.keyboard.press('Escape');
  for (const revision of [4, 5, 6]) {
    await page.getByRole('button', { name: /^Undo/ }).click();
    await studio.saved(revision);
  }
  expect(await lengths()).toEqual([4000, 3000, 4000, 3000]);
});

test('a room is walked face by face, closed by pointing at its start', async ({ page, studio }) => {
  await studio.enter();
  await studio.listDemoJob('mm');
  await page.getByRole('link', { name: 'New room' }).first().click();
  await page.getByRole('radio', { name: 'Walk it face by face' }).click();
  for (const length of ['4000', '3000', '1500', '1.2 m']) {
    await page.keyboard.type(length);
    await page.keyboard.press('Enter');
  }
  await page.getByLabel('Turn right by').fill('-90');
  await page.keyboard.press('Enter');
  await page.keyboard.type('2500');
  await page.keyboard.press('Enter');
  await expect(page.getByText('It misses its start by 1800.0 mm.')).toBeVisible();
  await page.keyboard.press('Backspace');
  await expect(page.getByText('It misses its start by 3080')).toBeVisible();
  await page.getByLabel('Turn right by').fill('-90');
  await page.keyboard.press('Enter');
  await page.keyboard.type('2500');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Make the room' }).click();
  await studio.ready();
  const { faces, area } = roomShape((await studio.design()) as unknown as Design);
  expect(faces.map(({ length }) => Math.round(length))).toEqual([4000, 3000, 1500, 1200, 2500, 1800]);
  expect(area).toBeCloseTo(4000 * 1800 + 1500 * 1200, 0);
});

test('a room is taken from the outline in a DXF drawing', async ({ page, studio }) => {
  await studio.enter();
  await studio.listDemoJob('mm');
  await page.getByRole('link', { name: 'New room' }).first().click();
  await page.getByRole('radio', { name: 'Walk it face by face' }).click();
  const corners = [
    [0, 0],
    [4, 0],
    [4, 2.5],
    [2.2, 2.5],
    [2.2, 3.1],
    [0, 3.1],
  ];
  const loop = [0, 'LWPOLYLINE', 8, 0, 90, 6, 70, 1, ...corners.flatMap(([x, y]) => [10, x!, 20, y!])];
  const send = (entities: readonly (string | number)[]) =>
    page
      .locator('input[type=file]')
      .setInputFiles({ name: 'room.dxf', mimeType: 'application/dxf', buffer: dxfFile(6, entities) });
  await send([]);
  await expect(page.getByRole('alert').first()).toContainText('it has no lines');
  await send(loop);
  await expect(page.getByText('It closes.')).toBeVisible();
  await page.getByRole('button', { name: 'Make the room' }).click();
  await studio.ready();
  const { area, faces } = roomShape((await studio.design()) as unknown as Design);
  expect(area / 1e6).toBeCloseTo(4 * 2.5 + 2.2 * 0.6, 6);
  expect(faces).toHaveLength(6);
});

test('a face is dragged on the plan, and dropped with Escape', async ({ page, studio }) => {
  await studio.newRoom('Millimetres', ['4000', '3000']);
  const width = async () =>
    Math.round(roomShape((await studio.design()) as unknown as Design).faces[0]!.length);
  /** The middle of the letter of a face on screen: it stands in its wall. */
  const wall = async (letter: string) => {
    const box = (await page.locator(`.plan g[data-layer=walls]`).filter({ hasText: letter }).boundingBox())!;
    return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
  };
  const other = await wall('B');
  const from = await wall('D');
  await page.mouse.move(from.x, from.y);
  await page.mouse.down();
  await page.mouse.move(from.x - 30, from.y, { steps: 4 });
  await expect(page.locator('.moved')).toHaveText(/^out \d+/);
  await page.keyboard.press('Escape');
  await page.mouse.up();
  await expect(page.locator('.moved')).toHaveCount(0);
  await studio.saved(0);
  await page.mouse.move(from.x, from.y);
  await page.mouse.down();
  await page.mouse.move(from.x + 30, from.y + 7, { steps: 4 });
  const said = Number((await page.locator('.moved').textContent())!.replace(/\D/g, ''));
  await page.mouse.up();
  await studio.saved(1);
  expect(await width()).toBe(4000 - said);
  expect(said % 10).toBe(0);
  // The first corner moved; what did not is still where it was.
  const after = await wall('B');
  expect(Math.hypot(after.x - other.x, after.y - other.y)).toBeLessThan(2);
});

test('a face is bent to an arc by its depth and radius, carries an opening, and is straightened', async ({
  page,
  studio,
}) => {
  await studio.newRoom('Millimetres', ['4200', '3000']);
  await page.getByLabel('Face A', { exact: true }).focus();
  await page.getByText('Bend to an arc').click();
  const depth = page.getByLabel('Arc depth');
  const radius = page.getByLabel('Radius');
  const type = async (field: Locator, value: string) => {
    await field.fill(value);
    await field.press('Enter');
  };
  await type(depth, '700');
  await expect(radius).toHaveValue('3500');
  await expect(page.getByText('R 3500, depth 700')).toBeVisible();
  await type(radius, '2000');
  await expect(page.getByText('An arc of radius 2000 mm does not span face A.').first()).toBeVisible();
  await type(radius, '2625');
  await expect(depth).toHaveValue('1050');
  await studio.tab('Openings');
  await page.getByRole('button', { name: 'Add window' }).click();
  await expect(page.getByText('Window on face A')).toBeVisible();
  await studio.tab('Faces');
  await page.getByLabel('Face A', { exact: true }).focus();
  await page.getByRole('button', { name: 'Straighten' }).click();
  await expect(page.getByText('R 2625')).toHaveCount(0);
  await expect(page.getByText('12.60 m²').first()).toBeVisible();
});
