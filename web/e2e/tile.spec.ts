import { expect, test } from './studio';
import { beside, figureOf, figure, stageOf, type Zone } from './tiles';

test('a floor is tiled round its cabinets: its field is dragged, nudged and set out at its best, and all of it is taken back', async ({
  page,
  studio,
}) => {
  const zones = async () => (await studio.records('zone')) as unknown as Zone[];
  await studio.newRoom('Millimetres', ['4000', '3000']);
  await studio.step('Set');
  await studio.setByCode('F600', 'F900');
  await studio.saved(2);
  await studio.step('Tile');
  const stage = stageOf(page);
  await expect(stage.getByText('Nothing is tiled here yet')).toBeVisible();
  await page.getByRole('button', { name: 'Tile the floor' }).click();
  await expect(page.getByRole('button', { name: /^T1 Floor/ })).toContainText('11.2');
  await expect(figure(page, 'Slivers')).toHaveText('0');
  await expect(figure(page, 'Cut from')).toHaveText(/^\d+ tiles$/);
  await studio.saved(3);
  const [usual] = await zones();

  // The field is its own handle: what it would cut is told while it is dragged, and Escape drops it.
  await page.mouse.move(...(await beside(stage, 0, 60)));
  await page.mouse.down();
  await page.mouse.move(...(await beside(stage, 31, 77)), { steps: 4 });
  await expect(page.getByText(/^[+−]\d+ |as many as before/)).toBeVisible();
  await page.keyboard.press('Escape');
  await page.mouse.up();
  expect((await zones())[0]!.origin).toEqual(usual!.origin);
  await page.mouse.down();
  await page.mouse.move(...(await beside(stage, 0, 60)), { steps: 4 });
  await page.mouse.up();
  await studio.saved(4);
  const [dragged] = await zones();
  expect(dragged!.origin).not.toEqual(usual!.origin);

  // Arrow keys nudge by the rounding; numbers are typed.
  await stage.focus();
  await page.keyboard.press('ArrowRight');
  await studio.saved(5);
  const [nudged] = await zones();
  const module = dragged!.tile.w + 3;
  expect(Math.round((((nudged!.origin.x - dragged!.origin.x) % module) + module) % module)).toBe(1);
  await page.getByText('Set-out by numbers').click();
  await page.getByRole('textbox', { name: 'Begins along' }).fill('0');
  await page.keyboard.press('Enter');
  await studio.saved(6);
  expect((await zones())[0]!.origin.x).toBe(0);
  await expect(figure(page, 'Opposite cuts')).toHaveText(/^\d+( and \d+)? apart$/);

  // The best are found by a worker, and taken by their pictures.
  await page.getByRole('button', { name: 'Best set-outs' }).click();
  const answers = page.getByRole('region', { name: 'Set-out' }).getByRole('listitem').getByRole('button');
  await expect(answers.first()).toContainText('narrowest');
  expect(await answers.count()).toBeGreaterThan(2);
  await answers.nth(1).click();
  // The others stay, to be held against it.
  await expect(answers.nth(1)).toHaveAttribute('aria-pressed', 'true');
  await expect(answers.first()).toHaveAttribute('aria-pressed', 'false');
  await studio.saved(7);
  // How wide its cuts are, and what other joints would make of it.
  await page.getByRole('button', { name: 'Charts…' }).click();
  await expect(page.getByRole('img', { name: /^Cut pieces by what is left/ })).toBeVisible();
  await expect(page.getByRole('img', { name: /with a joint of/ })).toBeVisible();
  await page.getByRole('button', { name: 'Close' }).click();
  // Judged by another order, and turned by a quarter where that is better: the pattern turns with the answer.
  await page.getByRole('button', { name: 'What is best…' }).click();
  await page.getByRole('button', { name: 'Few cut pieces: more important' }).click();
  await page.getByRole('checkbox', { name: 'Turned by a quarter' }).check();
  await page.getByRole('checkbox', { name: 'Groyne' }).check();
  await page.getByRole('button', { name: 'Close' }).click();
  await expect(answers).toHaveCount(0);
  await page.getByRole('button', { name: 'Best set-outs' }).click();
  await expect(answers.first()).toContainText('narrowest');
  // On the map the field is moved by arrow keys.
  const map = page.getByRole('application', { name: /^Map of offsets/ });
  await map.focus();
  await page.keyboard.press('ArrowUp');
  await studio.saved(8);

  for (let left = 0; left < 6; left++) await page.keyboard.press('Control+z');
  await expect(stage.getByText('Nothing is tiled here yet')).toBeVisible();
  await studio.saved();
  expect(await zones()).toEqual([]);
});

test('a wet room: hexagons on its floor, planks round a window, each as it is laid in all drawings', async ({
  page,
  studio,
}) => {
  await studio.newRoom('Millimetres', ['2310', '1940']);
  await studio.step('Tile');
  await page.getByRole('button', { name: 'Tile the floor' }).click();
  await page
    .getByRole('group', { name: 'Tile', exact: true })
    .getByRole('button', { name: 'Pebbleback' })
    .click();
  await page.getByRole('textbox', { name: 'Along', exact: true }).fill('98');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Hexagon', exact: true }).click();
  await expect(page.getByRole('button', { name: /^T1 Floor/ })).toContainText('Hexagon');
  await expect(figure(page, 'Whole')).toHaveText(/^4\d\d$/);
  await studio.saved(4);
  await page.getByLabel('Surface').selectOption({ label: 'Face D' });
  const stage = stageOf(page, /^Tiles of face D/);
  await expect(stage).toBeVisible();
  await page.getByRole('button', { name: 'Tile the face' }).click();
  await page
    .getByRole('group', { name: 'Tile', exact: true })
    .getByRole('button', { name: 'Groyne' })
    .click();
  await expect(page.getByRole('button', { name: /^T2 Face D/ })).toContainText('Running bond');
  await page.getByRole('button', { name: 'Planks', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Pattern: Planks' })).toBeVisible();
  await studio.saved(7);
  const zones = (await studio.records('zone')) as unknown as Zone[];
  expect(zones.map(({ pattern, placement }) => [pattern.type, placement.on]).sort()).toEqual([
    ['hexagon', 'floor'],
    ['plank', 'face'],
  ]);

  // What the sheets of the setter show is that.
  await studio.step('Draw');
  await page.getByLabel('Shows').selectOption({ label: 'Tiles, for the setter' });
  await expect(page.getByText('4 sheets, true to scale')).toBeVisible();
  await expect(page.getByRole('img', { name: /^Tiles T1, floor/ })).toBeVisible();
  await expect(page.getByRole('img', { name: /^Tiles T2, face D/ })).toBeVisible();
});

test('a hall bath: a running bond into the threshold, and the surround of a tub', async ({
  page,
  studio,
}) => {
  await studio.newRoom('Feet, inches and fractions', [`8' 1 3/4"`, `5' 2"`]);
  await studio.step('Survey');
  await studio.tab('Openings');
  await page.getByRole('button', { name: 'Add door' }).click();
  await studio.saved(1);
  await studio.step('Tile');
  await page.getByRole('button', { name: 'Tile the floor' }).click();
  await page.getByRole('button', { name: 'Running bond', exact: true }).click();
  await studio.saved(3);
  const before = await figure(page, 'Cut').first().textContent();
  await page.getByText('Set-out by numbers').click();
  await page.getByRole('textbox', { name: 'Into doorways' }).fill('4 1/2"');
  await page.keyboard.press('Enter');
  await studio.saved(4);
  const [floor] = (await studio.records('zone')) as unknown as (Zone & { threshold: number })[];
  expect(floor!.threshold).toBeCloseTo(114.3, 6);
  expect(before).not.toBeNull();
  await studio.step('Set');
  await studio.setByCode('TUB60');
  await studio.saved(5);
  const tub = (await studio.items())[0] as unknown as { placement: { face: string }; height: number };
  const letter = tub.placement.face.slice(-1).toUpperCase();
  await studio.step('Tile');
  await page.getByLabel('Surface').selectOption({ label: `Face ${letter}` });
  await page.getByRole('button', { name: 'Tile the face' }).click();
  // The tub is tiled round; told to, the wall goes on behind it.
  await page.getByText('What stands there').click();
  const area = page.getByRole('button', { name: new RegExp(`^T2 Face ${letter}`) }).locator('.area');
  const round = await area.textContent();
  await page.getByRole('combobox', { name: /^TUB60/ }).selectOption({ label: 'Tiled behind' });
  await expect(area).not.toHaveText(round!);
});

test('a kitchen floor has an inlay within a border in its nook, drawn by hand; what is too much is refused', async ({
  page,
  studio,
}) => {
  await studio.newRoom('Millimetres', ['4000', '3000']);
  await studio.step('Tile');
  await page.getByRole('button', { name: 'Tile the floor' }).click();
  const whole = page.getByRole('button', { name: 'Tile the floor' });
  await expect(whole).toBeDisabled();
  const stage = stageOf(page);
  const draw = async (kind: 'Rectangle' | 'Outline', corners: readonly [number, number][]) => {
    await page.getByRole('button', { name: kind, exact: true }).click();
    for (const [x, y] of corners) await page.mouse.click(...(await beside(stage, x, y)));
    if (kind === 'Outline') await page.keyboard.press('Enter');
  };
  await draw('Rectangle', [
    [-60, -40],
    [90, 70],
  ]);
  await expect(page.getByRole('button', { name: /^T2 Floor/ })).toBeVisible();
  await page.getByRole('group', { name: 'Tile', exact: true }).getByRole('button', { name: 'Jetty' }).click();
  // A border of corner pieces along its edges; one that leaves no room is refused, and the other stays.
  await page.getByRole('combobox', { name: 'Border' }).selectOption({ label: 'Corner pieces' });
  await page.getByRole('textbox', { name: 'Its width' }).fill('60');
  await page.keyboard.press('Enter');
  await expect(page.getByText('4 whole, 0 cut')).toBeVisible();
  await page.getByRole('textbox', { name: 'Its width' }).fill('900');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert').first()).toContainText('no room for a border');
  await page.keyboard.press('Escape');
  await page
    .getByRole('group', { name: 'Tile of the border' })
    .getByRole('button', { name: 'Cockle' })
    .click();
  await studio.saved(6);
  await draw('Outline', [
    [-40, -20],
    [70, -20],
    [70, 50],
    [-40, 50],
  ]);
  await expect(page.getByRole('button', { name: /^T3 Floor/ })).toBeVisible();
  await page.getByRole('group', { name: 'Tile', exact: true }).getByRole('button', { name: 'Brine' }).click();
  await page.getByRole('button', { name: 'Herringbone', exact: true }).click();
  await studio.saved(9);
  const zones = (await studio.records('zone')) as unknown as Zone[];
  expect(zones.map(({ corners }) => corners?.length ?? 0).sort()).toEqual([0, 4, 4]);
  expect(zones.flatMap(({ border }) => border ?? [])).toEqual([
    { inset: 0, tile: { w: expect.any(Number), h: 60 }, corners: 'square', finish: 'Cockle' },
  ]);
  // It goes round what is let into it as well, where that is wanted.
  await page.getByRole('button', { name: /^T2 Floor/ }).click();
  const corners = figureOf(page, 'corner');
  await expect(corners).toHaveText('4 whole, 0 cut');
  const islands = page.getByRole('checkbox', { name: 'Round islands and inlays too' });
  await islands.check();
  await expect(corners).toHaveText('8 whole, 0 cut');
  await islands.uncheck();
  await expect(corners).toHaveText('4 whole, 0 cut');
  await page.getByRole('button', { name: /^T3 Floor/ }).click();
  await studio.saved(11);

  // A joint wider than any is refused, and nothing is lost.
  await page.getByRole('textbox', { name: 'Joint', exact: true }).fill('31');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert').first()).toContainText('30');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Remove the zone' }).click();
  await expect(page.getByRole('button', { name: /^T3 Floor/ })).toHaveCount(0);
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('button', { name: /^T3 Floor/ })).toBeVisible();
  await page.reload();
  await studio.ready();
  await expect(page.getByRole('button', { name: /^T3 Floor/ })).toBeVisible();

  // A pattern of one's own, by keys and by hand: what is free is told, and it can't be laid so.
  await page.getByRole('button', { name: /^T3 Floor/ }).click();
  await page.getByRole('button', { name: 'Own pattern', exact: true }).click();
  const repeat = page.getByRole('application', { name: /^The repeat of the pattern/ });
  await repeat.focus();
  await page.keyboard.press('Delete');
  await expect(page.getByText('2 squares are free.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Lay it' })).toBeDisabled();
  await page.keyboard.press('Shift+ArrowRight');
  await page.keyboard.press('Enter');
  await expect(page.getByText('All of it is filled.')).toBeVisible();
  const box = (await repeat.boundingBox())!;
  await page.mouse.move(box.x + box.width / 6, box.y + box.height / 4);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 4, { steps: 3 });
  await page.mouse.up();
  await page.getByRole('button', { name: 'Lay it' }).click();
  await expect(page.getByRole('heading', { name: 'Pattern: Own pattern' })).toBeVisible();
  const laid = async () => {
    const zones = (await studio.records('zone')) as unknown as Zone[];
    const own = zones.find(({ pattern }) => pattern.type === 'own')?.pattern;
    return (own as { own?: { pieces: object[] } } | undefined)?.own?.pieces.length;
  };
  await expect.poll(laid).toBe(3);
});

test('walls that meet are set out together: their courses at one height, in one edit', async ({
  page,
  studio,
}) => {
  const zones = async () => (await studio.records('zone')) as unknown as Zone[];
  await studio.newRoom('Millimetres', ['2700', '2130']);
  await studio.step('Tile');
  for (const face of ['Face A', 'Face B']) {
    await page.getByLabel('Surface').selectOption(face);
    await page.getByRole('button', { name: 'Tile the face' }).click();
  }
  await studio.saved(2);
  // One begins further up by a finger's breadth.
  const stage = stageOf(page, /^Tiles of face B/);
  await stage.focus();
  for (let by = 0; by < 17; by++) await page.keyboard.press('ArrowUp');
  const apart = async () => {
    const [first, second] = (await zones()).map(({ origin }) => origin.y);
    return Math.abs(first! - second!);
  };
  await expect.poll(apart).toBe(17);
  const before = await zones();
  await page.getByRole('button', { name: 'What is best…' }).click();
  const together = page.getByRole('group', { name: 'Set out together' });
  await expect(together).toContainText('courses meet');
  await together.getByLabel('T1').check();
  await page.getByRole('button', { name: 'Close' }).click();
  await page.getByRole('button', { name: 'Best set-outs' }).click();
  const answers = page.getByRole('region', { name: 'Set-out' }).getByRole('listitem').getByRole('button');
  await answers.first().click();
  await expect(answers.first()).toHaveAttribute('aria-pressed', 'true');
  await expect.poll(apart).toBe(0);
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect.poll(zones).toEqual(before);
});

test('a floor is split by a line that is typed, and by one that is drawn', async ({ page, studio }) => {
  const zones = async () => (await studio.records('zone')) as unknown as Zone[];
  await studio.newRoom('Millimetres', ['3000', '2400']);
  await studio.step('Tile');
  await page.getByRole('button', { name: 'Tile the floor' }).click();
  await studio.saved(1);
  await page.getByText('Split it').click();
  await page.getByLabel('So far').fill('800');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Split there' }).click();
  await expect(page.getByRole('button', { name: /^T2 Floor/ })).toContainText('1.90');
  await expect(page.getByRole('button', { name: /^T1 Floor/ })).toContainText('5.28');
  await page.getByRole('button', { name: 'Draw the line' }).click();
  const stage = stageOf(page);
  await page.mouse.click(...(await beside(stage, 60, -30)));
  await page.mouse.click(...(await beside(stage, 90, 40)));
  await expect.poll(async () => (await zones()).length).toBe(3);
  // A line beside it is refused with a sentence, and nothing is changed.
  await page.getByLabel('So far').fill('3000');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Split there' }).click();
  await expect(page.getByText('doesn’t part the zone in two')).toBeVisible();
  expect(await zones()).toHaveLength(3);
});
