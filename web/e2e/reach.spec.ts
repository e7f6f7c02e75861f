import { expect, test } from './studio';

test('what checks lack is noted on the thing itself, and is judged at once', async ({ page, studio }) => {
  await studio.newRoom('Millimetres', ['4000', '3000']);
  await studio.step('Set');
  await studio.setByCode('COOK600', 'HOOD600');
  await studio.saved(2);
  await studio.step('Reach');
  await page.getByText(/^Checked by/).click();
  await page.getByRole('checkbox', { name: /^Kitchen/ }).check();
  const findings = page.getByRole('list', { name: 'Findings' }).getByRole('listitem');
  const ventilation = findings.filter({ hasText: 'Ventilation' });
  await expect(ventilation).toContainText('the airflow is missing');
  await expect(ventilation.getByRole('img', { name: 'cannot be judged' })).toBeVisible();
  await ventilation.getByRole('button').click();
  await expect(page.getByRole('row', { name: /^ventilation not known/ })).toBeVisible();
  await studio.chooseItem('HOOD600');
  await page.getByText('What checks ask for').click();
  await page.getByLabel('Airflow').fill('140');
  await page.keyboard.press('Enter');
  await expect(ventilation).toContainText('ventilation 140 cfm, at least 150 cfm is asked for');
  await page.getByLabel('Airflow').fill('300');
  await page.keyboard.press('Enter');
  await expect(ventilation).toHaveCount(0);
  await page.getByText(/^Clear \(/).click();
  await expect(page.getByRole('list', { name: 'Clear' })).toContainText('ventilation 300 cfm');
  // What is no airflow is refused, and nothing is lost.
  await page.getByLabel('Airflow').fill('5001');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert').first()).toContainText('5000');
  await page.keyboard.press('Escape');
  await expect
    .poll(async () => (await studio.items()).find(({ type }) => type === 'hood')?.['facts'])
    .toEqual({ airflow: 300 });
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(ventilation).toContainText('140 cfm');
});
