import { untilReady, watch, weighed } from './scripts';
import { expect, test } from './studio';

test('the demo studio shows two jobs with plans, and opens one', async ({ page, studio }) => {
  await studio.enter();
  await studio.listDemoJob('feet');
  await expect(page.getByRole('heading', { level: 2 })).toHaveText(['Orchard Row 14']);
  await studio.listDemoJob('mm');
  await expect(page.getByRole('heading', { level: 2 })).toHaveText(['Lamplighter’s Cottage']);
  await expect(page.locator('.plan svg path').first()).toBeVisible();
  await studio.openRoom('Galley with bay');
  await expect(page.getByText('4115').first()).toBeAttached();
  await studio.saved();
});

test('a room can be worked in before what its later steps need is fetched', async ({ page, studio }) => {
  await studio.newRoom('Millimetres', ['4000', '3000']);
  await page.addInitScript(watch, '[data-ready=true]');
  await page.reload();
  await studio.ready();
  const { scripts } = await page.evaluate(untilReady);
  // It was 243 kB when this was written; what only Draw, Build or the checks need is as much again.
  expect((await weighed(scripts)) / 1_000).toBeLessThan(250);
});

test('signing in asks for the right address and password', async ({ page, studio }) => {
  await page.goto(`${studio.address}/studio`);
  await expect(page).toHaveURL(`${studio.address}/`);
  await page.getByLabel('Email').fill('designer@tidewrack.example');
  await page.getByLabel('Password').fill('not this');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('alert')).toHaveText(
    'Address or password is not right. Check both and try again.',
  );
  await page.getByLabel('Password').fill('lamplight-and-tide');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await page.waitForURL('**/studio');
  await page.getByRole('button', { name: 'Sign out' }).click();
  await page.goto(`${studio.address}/studio`);
  await expect(page).toHaveURL(`${studio.address}/`);
});

test('a room is measured by typing, with a door and a window at typed distances', async ({
  page,
  studio,
}) => {
  await studio.newRoom('Feet, inches and fractions', [`11' 7`, `9'-4 1/2"`]);
  await expect(page.getByLabel('Face C', { exact: true })).toHaveValue(`11'-7"`);
  await studio.tab('Openings');
  await page.getByRole('button', { name: 'Add door' }).click();
  await page.getByLabel('Distance').fill('30');
  await page.keyboard.press('Enter');
  await page.getByLabel('Width').fill(`2' 8`);
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Add window' }).click();
  await page.getByRole('combobox', { name: 'Face' }).selectOption('C');
  await page.getByLabel('Measured from').selectOption('Right corner');
  await page.getByLabel('Distance').fill('1 ft');
  await page.keyboard.press('Enter');
  await studio.saved();
  const openings = Object.values((await studio.design()).records).filter(({ kind }) => kind === 'opening');
  expect(openings).toEqual(
    expect.arrayContaining([
      expect.objectContaining({ type: 'door', face: 'face-a', distance: 762, width: 812.8 }),
      expect.objectContaining({ type: 'window', face: 'face-c', from: 'right', distance: 304.8 }),
    ]),
  );
});

test('a rectangle can be dragged and its numbers corrected', async ({ page, studio }) => {
  await studio.enter();
  await studio.listDemoJob('mm');
  await page.getByRole('link', { name: 'New room' }).first().click();
  const pad = (await page.getByRole('img', { name: 'The outline of the room' }).boundingBox())!;
  await page.mouse.move(pad.x + 60, pad.y + 80);
  await page.mouse.down();
  await page.mouse.move(pad.x + 260, pad.y + 200, { steps: 5 });
  await page.mouse.move(pad.x + 460, pad.y + 380, { steps: 5 });
  await page.mouse.up();
  await expect(page.getByLabel('Face A', { exact: true })).toHaveValue('4000');
  await expect(page.getByLabel('Face B', { exact: true })).toHaveValue('3000');
  await page.getByLabel('Face B', { exact: true }).fill('2860');
  await page.getByLabel('Face D', { exact: true }).fill('2866');
  await page.getByLabel('Ceiling').fill('2.38 m');
  await expect(page.getByText(/^Out of square:/)).toBeVisible();
  await page.getByRole('button', { name: 'Make the room' }).click();
  await studio.ready();
  const { records } = await studio.design();
  expect([records['face-a'], records['face-b'], records['face-d'], records['room']]).toMatchObject([
    { length: 4000 },
    { length: 2860 },
    { length: 2866, lengthFrom: 'measured' },
    { ceilingHeight: 2380 },
  ]);
});

test('bad numbers say what and how to mend it, and change nothing', async ({ page, studio }) => {
  await studio.newRoom('Millimetres', ['4000', '3000']);
  const face = page.getByLabel('Face A', { exact: true });
  for (const [typed, reason] of [
    ['abc', '“abc” is not a number'],
    ['-20', 'Face A can’t be -20 mm'],
    ['1000000000', 'Give a length from 50 mm to 30000 mm'],
    ['20', 'Face A can’t be 20 mm'],
  ]) {
    await face.fill(typed!);
    await page.keyboard.press('Enter');
    await expect(page.getByRole('alert').first()).toContainText(reason!);
  }
  await page.keyboard.press('Escape');
  await expect(face).toHaveValue('4000');
  await studio.tab('Openings');
  await page.getByRole('button', { name: 'Add door' }).click();
  await page.getByLabel('Width').fill('4100');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert').first()).toContainText('does not fit on face A');
  await page.keyboard.press('Escape');
  await studio.saved(1);
});
