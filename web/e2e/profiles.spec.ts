import { expect, test } from './studio';

test.use({ stage: 'plan' });

/** A skirting of 18 by 120 with a hollow of 6, as lines and an arc, far from the origin and facing left. */
const drawing = (() => {
  const line = (x1: number, y1: number, x2: number, y2: number) =>
    ['0', 'LINE', '8', '0', '10', x1, '20', y1, '11', x2, '21', y2].join('\n');
  const [x, y] = [500, 300];
  return [
    ...['0', 'SECTION', '2', 'HEADER', '9', '$INSUNITS', '70', '4', '0', 'ENDSEC'],
    ...['0', 'SECTION', '2', 'ENTITIES'],
    line(x, y, x - 18, y),
    line(x - 18, y, x - 18, y + 114),
    ['0', 'ARC', '8', '0', '10', x - 18, '20', y + 120, '40', 6, '50', 270, '51', 360].join('\n'),
    line(x - 12, y + 120, x, y + 120),
    line(x, y + 120, x, y),
    ...['0', 'ENDSEC', '0', 'EOF'],
  ].join('\n');
})();

test('a profile of one’s own is drawn or read from a drawing, runs round the room, and is cut', async ({
  page,
  studio,
}) => {
  await studio.enter();
  await studio.openRoom('Galley with bay');
  await studio.step('Surface');
  await page.getByRole('tab', { name: 'Trims' }).click();
  await page.getByRole('button', { name: /^Skirting/ }).click();
  await page.getByRole('button', { name: 'Profiles of your own…' }).click();
  const dialog = page.getByRole('dialog', { name: 'Skirting: a profile of your own' });
  await expect(dialog.getByText('15 × 90')).toBeVisible();

  // Drawn by its corners: out by the keyboard, rounded by a number.
  const corner = dialog.getByRole('button', { name: /^Corner 3:/ });
  await corner.press('Shift+ArrowUp');
  await expect(dialog.getByText('15 × 100')).toBeVisible();
  await dialog.getByLabel('Corner 3 rounded by').fill('8');
  await dialog.getByLabel('Corner 3 rounded by').press('Tab');
  await dialog.getByLabel('Name').fill('Tideline');
  await dialog.getByLabel('Name').press('Tab');
  await dialog.getByRole('button', { name: 'Keep it' }).click();
  await expect(dialog.getByText('Tideline is kept, and is the skirting of the room.')).toBeVisible();

  // What is drawn so that its sides cross is told, and can't be kept.
  await dialog.getByLabel('Corner 1 up').fill('200');
  await dialog.getByLabel('Corner 1 up').press('Tab');
  await expect(dialog.getByText('These corners make no outline')).toBeVisible();
  await expect(dialog.getByRole('button', { name: 'Keep it' })).toBeDisabled();

  await dialog.getByRole('button', { name: '+ New' }).click();
  await dialog.locator('input[type=file]').setInputFiles({
    ...{ name: 'old house skirting.dxf', mimeType: 'application/dxf', buffer: Buffer.from(drawing) },
  });
  await expect(dialog.getByText('18 × 120')).toBeVisible();
  await dialog.getByRole('button', { name: 'Mirror' }).click();
  await dialog.getByRole('button', { name: 'Keep it' }).click();
  await expect(dialog.getByText('old house skirting is kept')).toBeVisible();

  // The one that nothing has any more can be forgotten.
  await dialog.getByRole('button', { name: 'Tideline' }).click();
  await dialog.getByRole('button', { name: 'Forget it' }).click();
  await expect(dialog.getByText('Tideline is forgotten.')).toBeVisible();
  await dialog.getByRole('button', { name: 'Close' }).click();

  await expect(page.getByRole('button', { name: 'old house skirting', exact: true })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await expect(page.getByRole('cell').first()).toBeVisible();
  await studio.saved();
  await page.reload();
  await studio.ready();

  // It is saved with the room: its section as it is fixed, the back to the wall.
  const { origin, pathname } = new URL(page.url());
  const answer = await page.request.get(`${origin}/api${pathname}/design.json`);
  const design = await answer.json();
  const own = Object.values<{ kind: string; shape: { out: number; up: number }[] }>(design.records).filter(
    ({ kind }) => kind === 'profile',
  );
  expect(own).toHaveLength(1);
  const outs = own[0]!.shape.map(({ out }) => out);
  expect([Math.min(...outs), Math.max(...outs)]).toEqual([0, 18]);
  // At the foot it is as thick as it is, at the top less by the hollow.
  const top = own[0]!.shape.filter(({ up }) => up > 119.9).map(({ out }) => out);
  expect(Math.max(...top)).toBeCloseTo(12, 3);
});
