import { expect, test } from './studio';

const header = 'range,unit,construction,type,name,code,widths,heights,depths,price\n';
const table = (name: string, height: string) =>
  Buffer.from(`${header}${name},mm,frameless,base-doors,Shed base,Q*,450; 600,${height},560,80\n`);

test('a range is imported from a table with its faults told, taken from with a word on the difference, and marked in the run', async ({
  page,
  studio,
}) => {
  await studio.enter();
  const name = `Shed ${Date.now() % 100_000}`;
  await page.getByRole('link', { name: 'Ranges' }).click();
  const file = page.getByLabel('Import a table');
  await file.setInputFiles({ name: 'shed.csv', mimeType: 'text/csv', buffer: table(name, 'high') });
  await expect(page.getByRole('alert')).toContainText('shed.csv has a fault. Nothing was kept');
  await expect(page.getByRole('row').nth(1)).toContainText('heights');
  await file.setInputFiles({ name: 'shed.csv', mimeType: 'text/csv', buffer: table(name, '850') });
  await expect(page.getByRole('status')).toContainText(`${name}, 1 family, 2 items. No faults.`);
  await page.getByRole('button', { name: `Keep ${name}` }).click();
  await expect(page.getByRole('status')).toContainText(`${name} is kept: 2 items`);
  const saved = page.waitForEvent('download');
  await page
    .locator('.line')
    .filter({ hasText: name })
    .getByRole('link', { name: 'Save as a table' })
    .click();
  expect((await saved).suggestedFilename()).toMatch(/^shed-\d+\.csv$/);

  await studio.newRoom('Millimetres', ['4000', '3000']);
  await studio.step('Set');
  await studio.setByCode('f600');
  const range = page.getByRole('combobox', { name: 'Range' });
  await range.selectOption({ label: `${name}, frameless (not the room’s)` });
  await expect(page.locator('.told')).toContainText('bases stand 20 lower than its own');
  await page.getByRole('button', { name: 'Understood' }).click();
  await studio.setByCode('q600');
  await expect(page.locator('.right .about').first()).toContainText('not the room’s range');
  await studio.step('Reach');
  await expect(
    page
      .locator('.left [role=listitem]')
      .filter({ hasText: `${name} stands in a run of Fathom: its bases are 20 mm lower.` }),
  ).toHaveCount(1);
  await studio.step('Set');
  await range.selectOption({ label: 'Fathom, frameless' });
  await range.selectOption({ label: `${name}, frameless (not the room’s)` });
  await expect(page.locator('.told')).toHaveCount(0);
  await studio.saved(2);
  expect(Object.values((await studio.design()).records).filter(({ kind }) => kind === 'range')).toMatchObject(
    [{ name }],
  );
});

test('what was taken is found again under Recent, and what is starred under Favourites, also after a reload', async ({
  page,
  studio,
}) => {
  await studio.newRoom('Millimetres', ['4000', '3000']);
  await studio.step('Set');
  await studio.setByCode('corner drawer 900', 'wc360');
  await page.getByRole('button', { name: 'Recent' }).click();
  const codes = page.locator('button.item .code');
  await expect(codes).toHaveText(['WC360', 'F900-LD']);
  await page.getByRole('button', { name: 'WC360 is a favourite' }).click();
  await studio.saved(2);
  await page.reload();
  await studio.ready();
  await studio.step('Set');
  await page.getByRole('button', { name: 'Favourites' }).click();
  await expect(codes).toHaveText(['WC360']);
  await codes.first().click();
  await page.keyboard.press('Enter');
  await studio.saved(3);
});

test('a studio allows special widths in its new rooms; those there are keep what they have', async ({
  page,
  studio,
}) => {
  await studio.newRoom('Millimetres', ['4000', '3000']);
  await studio.step('Set');
  await expect(page.getByLabel('Special widths allowed')).not.toBeChecked();
  const before = page.url();
  const decide = async (allowed: boolean) => {
    await page.goto(`${studio.address}/studio/ranges`);
    const box = page.getByLabel('New rooms may have cabinets in widths their range does not list');
    const answered = page.waitForResponse((answer) => answer.url().endsWith('/api/studio'));
    await box.setChecked(allowed);
    expect((await answered).ok()).toBe(true);
    await expect(box).toBeChecked({ checked: allowed });
  };
  await decide(true);
  await studio.newRoom('Millimetres', ['4000', '3000']);
  await studio.step('Set');
  await expect(page.getByLabel('Special widths allowed')).toBeChecked();
  await page.goto(before);
  await studio.ready();
  await studio.step('Set');
  await expect(page.getByLabel('Special widths allowed')).not.toBeChecked();
  await decide(false);
});
