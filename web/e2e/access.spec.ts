import AxeBuilder from '@axe-core/playwright';
import { expect, test } from './studio';

const rules = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'];

for (const light of ['light', 'dark'] as const) {
  test(`no page breaks an automatic WCAG 2.2 AA rule, by ${light} paper`, async ({ page, studio }) => {
    test.slow();
    const faults = async (place: string) => {
      const { violations } = await new AxeBuilder({ page }).withTags(rules).analyze();
      return violations.map(
        ({ id, nodes }) => `${place}: ${id} at ${nodes.map(({ target }) => target.join(' ')).join(', ')}`,
      );
    };
    await page.emulateMedia({ colorScheme: light });
    await page.goto(studio.address);
    const found = await faults('sign-in');
    await studio.newRoom('Millimetres', ['4000', '3000']);
    await studio.tab('Openings');
    await page.getByRole('button', { name: 'Add door' }).click();
    found.push(...(await faults('survey, an opening chosen')));
    await studio.tab('Checks');
    found.push(...(await faults('survey, checks')));
    await studio.tab('Things');
    await page.getByRole('button', { name: 'Radiator' }).first().click();
    found.push(...(await faults('survey, a thing chosen')));
    await studio.tab('Faces');
    await page.getByLabel('Face A', { exact: true }).focus();
    found.push(...(await faults('survey, a face chosen')));
    await studio.step('Set');
    await studio.dragFromShelf('F600', 0.5, 0.3);
    found.push(...(await faults('set, an item chosen')));
    await page
      .getByRole('button', { name: /^Open length/ })
      .first()
      .click();
    found.push(...(await faults('set, a gap shown')));
    await studio.step('Reach');
    found.push(...(await faults('reach')));
    await studio.step('Draw');
    found.push(...(await faults('draw')));
    await page.keyboard.press('Shift+?');
    found.push(...(await faults('shortcuts')));
    await page.goto(`${studio.address}/studio`);
    found.push(...(await faults('jobs')));
    await page.getByRole('link', { name: 'New room' }).first().click();
    await page.getByRole('radio', { name: 'Splayed bay' }).click();
    found.push(...(await faults('new room, an outline')));
    await page.getByRole('radio', { name: 'Walk it face by face' }).click();
    found.push(...(await faults('new room, walked')));
    expect(found).toEqual([]);
  });
}
