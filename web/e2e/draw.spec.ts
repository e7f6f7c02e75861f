import { expect, test } from './studio';

test.describe('numbers on paper', () => {
  test('are typed: what they measure is that long, and what lies beyond goes along', async ({
    page,
    studio,
  }) => {
    await studio.enter();
    await studio.openRoom('Galley with bay');
    await studio.step('Draw');
    const number = (text: string) =>
      page.getByRole('button', { name: `${text}: change this length`, exact: true });
    await number('1050').click();
    const card = page.getByRole('group', { name: 'Type the dimension' });
    await expect(card.getByRole('textbox')).toBeFocused();
    await page.keyboard.press('Escape');
    await expect(card).toHaveCount(0);

    const before = await number('600').count();
    await number('600').nth(1).click();
    await card.getByRole('radio', { name: /the right end stays$/ }).check();
    await card.getByRole('textbox').fill('450');
    await page.keyboard.press('Enter');
    await expect(card).toHaveCount(0);
    await expect(number('450').first()).toBeVisible();
    await expect(page.getByRole('heading', { name: /^2\. F450/ })).toBeVisible();

    await page.getByRole('button', { name: 'Undo', exact: false }).first().click();
    await expect(page.getByRole('heading', { name: /^2\. F600/ })).toBeVisible();
    await expect(number('600')).toHaveCount(before);
  });

  test('say why they can’t be so long, and keep what was typed', async ({ page, studio }) => {
    await studio.enter();
    await studio.openRoom('Galley with bay');
    await studio.step('Draw');
    await page.getByRole('button', { name: '600: change this length' }).nth(1).focus();
    await page.keyboard.press('Enter');
    const card = page.getByRole('group', { name: 'Type the dimension' });
    await card.getByRole('textbox').fill('5');
    await page.keyboard.press('Enter');
    await expect(card.getByRole('alert')).toContainText('width');
    await expect(card.getByRole('textbox')).toHaveValue('5');
  });
});
