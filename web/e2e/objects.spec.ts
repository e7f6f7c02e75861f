import { expect, test } from './studio';

/** A chair as modelling programs write it: inches, z up, its back to +y, 18 x 20 x 34. */
function chair(): Buffer {
  const lines: string[] = ['mtllib chair.mtl'];
  let count = 0;
  const box = (material: string, [x, y, z]: number[], [w, d, h]: number[]) => {
    for (const [dx, dy, dz] of [
      [0, 0, 0],
      [1, 0, 0],
      [1, 1, 0],
      [0, 1, 0],
      [0, 0, 1],
      [1, 0, 1],
      [1, 1, 1],
      [0, 1, 1],
    ] as const)
      lines.push(`v ${x! + dx * w!} ${y! + dy * d!} ${z! + dz * h!}`);
    lines.push(`usemtl ${material}`);
    for (const face of ['1 4 3 2', '5 6 7 8', '1 2 6 5', '4 8 7 3', '1 5 8 4', '2 3 7 6'])
      lines.push(
        `f ${face
          .split(' ')
          .map((corner) => Number(corner) + count)
          .join(' ')}`,
      );
    count += 8;
  };
  for (const [x, y] of [
    [0, 0],
    [16, 0],
    [0, 18],
    [16, 18],
  ] as const)
    box('wood', [x, y, 0], [2, 2, 17]);
  box('cloth', [0, 0, 17], [18, 20, 2]);
  box('wood', [0, 18, 19], [18, 2, 15]);
  return Buffer.from(lines.join('\n'));
}
const library = Buffer.from('newmtl wood\nKd 0.45 0.3 0.18\nnewmtl cloth\nKd 0.2 0.4 0.42\n');
const files = [
  { name: 'side_chair.obj', mimeType: 'text/plain', buffer: chair() },
  { name: 'chair.mtl', mimeType: 'text/plain', buffer: library },
];

test.use({ stage: 'plan' });

test('an object is brought in from a file, stood up, kept, and set into a room, where it is seen as it is', async ({
  page,
  studio,
}) => {
  await studio.enter();
  await studio.openRoom('Galley with bay');
  await studio.step('Set');
  await page.getByRole('button', { name: 'Objects', exact: true }).click();
  await page.getByRole('button', { name: 'Bring in an object…' }).click();
  const dialog = page.getByRole('dialog', { name: 'An object from outside' });

  // What is no object is told, and nothing is lost by it.
  await dialog
    .locator('input[type=file]')
    .setInputFiles([{ name: 'notes.obj', mimeType: 'text/plain', buffer: Buffer.from('nothing') }]);
  await expect(dialog.getByRole('alert')).toContainText('it has no faces to be seen');

  await dialog.locator('input[type=file]').setInputFiles(files);
  await expect(dialog.getByText('72 triangles')).toBeVisible();
  await expect(dialog.getByLabel('Name')).toHaveValue('side chair');
  // 34 units can be neither mm nor cm of a chair; in a room in mm metres and centimetres are tried first.
  await dialog.getByLabel('Its unit').selectOption('inches');
  await expect(dialog.getByLabel('Width')).toHaveValue('457');
  await expect(dialog.getByLabel('Height')).toHaveValue('508');
  await dialog.getByRole('button', { name: 'Tip back' }).click();
  await expect(dialog.getByLabel('Height')).toHaveValue('864');
  await expect(dialog.getByLabel('Depth')).toHaveValue('508');
  // Drawn to a size it keeps its proportions.
  await dialog.getByLabel('Height').fill('900');
  await dialog.getByLabel('Height').press('Enter');
  await expect(dialog.getByLabel('Width')).toHaveValue('476');
  await dialog.getByLabel('Name').fill('Strand chair');
  await dialog.getByLabel('Price').fill('180');
  await dialog.getByLabel('Price').press('Tab');
  await dialog.getByRole('button', { name: 'Keep it' }).click();
  await expect(dialog).toBeHidden();
  await expect(page.getByText('Strand chair is kept as OB1.')).toBeVisible();

  const entry = page.getByTitle(/^Drag onto the plan/).filter({ hasText: 'OB1' });
  await entry.press('Enter');
  await expect(page.getByText('OB1 is set.')).toBeVisible();
  await studio.saved();

  // It is as it was after a reload, and seen in three dimensions: its cloth, its wood, not a block.
  await page.reload();
  await studio.ready();
  await page.getByRole('button', { name: 'Model', exact: true }).click();
  const parts = () =>
    page.evaluate(
      () =>
        performance.getEntriesByType('resource').filter(({ name }) => name.includes('/api/models/')).length,
    );
  await expect.poll(parts).toBe(1);

  // Forgotten by the studio, the room keeps it.
  await studio.step('Set');
  await page.getByRole('button', { name: 'Objects', exact: true }).click();
  await page.getByRole('button', { name: 'Bring in an object…' }).click();
  await dialog.getByRole('button', { name: 'Forget OB1' }).click();
  await expect(dialog.getByText('Strand chair is forgotten.')).toBeVisible();
  await dialog.getByRole('button', { name: 'Close' }).click();
  await expect(entry).toBeVisible();
});
