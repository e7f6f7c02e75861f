import { expect, test } from './studio';

test('sheets are there again as they were laid out, and nobody’s are lost where two lay them out', async ({
  page,
  context,
  studio,
}) => {
  await studio.enter();
  await studio.newRoom('Millimetres', ['4000', '3000']);
  await studio.step('Set');
  await studio.setByCode('F600-D');
  await studio.setByCode('F450');
  await studio.saved(2);
  await studio.step('Build');
  const panel = page.getByLabel('Shelf');
  await page.getByRole('tab', { name: 'Sheets' }).click();
  await page.getByRole('button', { name: 'Nest', exact: true }).click();
  const told = /Laid out by .+, at revision 2\./;
  await expect(panel.getByText(told)).toBeVisible();
  const kept = page.waitForResponse((one) => one.request().method() === 'PUT');
  await page.getByRole('button', { name: 'Keep this sheet' }).click();
  expect((await kept).status()).toBe(200);

  await page.reload();
  await studio.step('Build');
  await page.getByRole('tab', { name: 'Sheets' }).click();
  await expect(panel.getByText(told)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Kept as it is' })).toHaveAttribute('aria-pressed', 'true');
  await expect(panel.getByRole('button', { name: 'Nest again' })).toBeVisible();

  // In another window they are laid out for a router meanwhile.
  const other = await context.newPage();
  await other.goto(page.url());
  await other.locator('[data-ready=true]').waitFor();
  await other.getByRole('button', { name: 'Build', exact: true }).click();
  await other.getByRole('tab', { name: 'Sheets' }).click();
  const shelf = other.getByLabel('Shelf');
  await expect(shelf.getByText(told)).toBeVisible();
  await other.getByLabel('Cut on').selectOption('a router');
  const theirs = other.waitForResponse((one) => one.request().method() === 'PUT');
  await other.getByRole('button', { name: 'Nest again' }).click();
  expect((await theirs).status()).toBe(200);

  await page.getByRole('button', { name: 'Kept as it is' }).click();
  await expect(panel.getByText(/has laid out the sheets of this room since\./)).toBeVisible();
  await panel.getByRole('button', { name: 'Take theirs' }).click();
  await expect(page.getByLabel('Cut on')).toHaveValue('router');
  await expect(panel.getByText(told)).toBeVisible();
  await expect(page.getByText('Nothing is refused.')).toBeVisible();
});
