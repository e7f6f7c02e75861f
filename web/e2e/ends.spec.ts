import { expect, test } from './studio';

test('a refrigerator is cased in, a run’s free end is finished, and a shelf hangs over the window', async ({
  page,
  studio,
}) => {
  await studio.newRoom('Inches and fractions', ['168', '120']);
  await studio.tab('Openings');
  await page.getByRole('button', { name: 'Add window' }).click();
  await studio.saved(1);
  await studio.step('Set');
  await studio.chooseFace('Face B');
  await studio.setByCode('b24');
  await studio.chooseFace('Face B');
  await studio.setByCode('cold36');
  await page.getByRole('textbox', { name: 'To the left' }).fill('30');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Case it in' }).click();
  await studio.saved(5);
  const cased = await studio.items();
  const one = (type: string) => cased.find((item) => item['type'] === type)!;
  expect(cased.filter(({ type }) => type === 'fridge-panel')).toHaveLength(2);
  const bridge = cased.find(({ type, up }) => type !== 'fridge-panel' && Number(up) > 0)!;
  expect(Number(bridge['up'])).toBeGreaterThan(Number(one('refrigerator')['height']));
  await studio.step('Reach');
  await expect(page.getByText('mm into each other').or(page.getByText(' into each other'))).toHaveCount(0);

  await studio.step('Set');
  await studio.chooseItem('B24');
  await page.getByRole('button', { name: 'Finish right end' }).click();
  await studio.saved(6);
  const end = (await studio.items()).find(({ type }) => type === 'end-panel')!;
  expect(studio.along(end, 120 * 25.4)).toBeCloseTo(
    studio.along(one('base-doors'), 120 * 25.4) + 24 * 25.4,
    3,
  );

  await studio.chooseFace('Face A');
  await studio.setByCode('ps48');
  await page.getByLabel('Hang over').selectOption({ label: 'W1' });
  await studio.saved(8);
  const shelf = (await studio.items()).find(({ type }) => type === 'shelf')!;
  const window = Object.values((await studio.design()).records).find(({ kind }) => kind === 'opening')!;
  const middle = (thing: Record<string, unknown>) =>
    studio.along(thing, 168 * 25.4) + Number(thing['width']) / 2;
  const { placement } = window as { placement?: Record<string, unknown> };
  expect(middle(shelf)).toBeCloseTo(middle({ ...window, placement: placement ?? window }), 3);
  expect(Number(shelf['up'])).toBeGreaterThanOrEqual(Number(window['sill']) + Number(window['height']));
});

test('an island gets a back in equal panels, seats at its back and end with the top over their knees', async ({
  page,
  studio,
}) => {
  await studio.newRoom('Millimetres', ['4600', '4200']);
  await studio.step('Set');
  await studio.dragToRoom('F1200', [1500, -2300]);
  await studio.saved(1);
  await page.getByText('Back and seats').click();
  await page.getByLabel('Panels').fill('2');
  await page.getByRole('button', { name: 'Finish the back' }).click();
  await expect(page.getByLabel('Knee space')).toHaveValue('380');
  await page.getByRole('combobox', { name: 'Which' }).selectOption({ label: 'STOOL380/650, Stool' });
  await page.getByRole('button', { name: /^Set seats/ }).click();
  await page.getByRole('spinbutton', { name: 'Seats' }).fill('1');
  await page.getByRole('combobox', { name: 'Where' }).selectOption({ label: 'at the left end' });
  await page.getByLabel('Knee space').fill('300');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: /^Set seats/ }).click();
  await page.getByText('How far the top stands out').click();
  await expect(page.getByLabel('Past its back')).toHaveValue('380');
  await expect(page.getByLabel('Past its left end')).toHaveValue('300');
  await expect(page.getByLabel('Past its right end')).toHaveValue('20');
  await studio.saved(4);
  const items = await studio.items();
  expect(items.filter(({ type }) => type === 'back-panel').map(({ width }) => width)).toEqual([600, 600]);
  expect(items.filter(({ type }) => type === 'stool')).toHaveLength(3);
  expect(items.find(({ type }) => type === 'base-doors')!['overhangs']).toEqual({ behind: 380, left: 300 });

  await studio.step('Reach');
  await page.getByText(/^Clear \(/).click();
  const findings = page.getByRole('button', { name: /Seats at a counter/ });
  await expect(findings.filter({ hasText: 'knee depth 380 mm.' })).toHaveCount(1);
  await expect(findings.filter({ hasText: 'knee depth 300 mm, at least 380 mm is asked for' })).toHaveCount(
    1,
  );
});

test('a half wall carries a bar that stands out over the knees of those who sit on its far side', async ({
  page,
  studio,
}) => {
  await studio.newRoom('Millimetres', ['3600', '2600']);
  await studio.chooseFace('Face C');
  await page.getByLabel('Half wall').fill('1050');
  await page.keyboard.press('Enter');
  await page.getByLabel('Set a bar on it').selectOption({ label: 'on the far side' });
  await studio.saved(2);
  const [bar, ...others] = await studio.items();
  expect(others).toEqual([]);
  const { off } = bar!['placement'] as { off: number };
  // 120 of wall; 25 past it into the room, the rest over knees.
  expect([bar!['up'], Number(bar!['depth']) + off]).toEqual([1050, 25]);
  expect(Number(bar!['depth'])).toBeGreaterThanOrEqual(25 + 120 + 300);
});
