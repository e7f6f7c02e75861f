import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { expect, test } from './studio';

test.use({ stage: 'both' });

const rules = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'];

/** The automatic faults of a page, as it stands, by the rules above. */
async function faultsOf(page: Page, place: string): Promise<string[]> {
  const { violations } = await new AxeBuilder({ page }).withTags(rules).analyze();
  return violations.map(
    ({ id, nodes }) => `${place}: ${id} at ${nodes.map(({ target }) => target.join(' ')).join(', ')}`,
  );
}

for (const light of ['light', 'dark'] as const) {
  test(`no page of the survey breaks an automatic WCAG 2.2 AA rule, by ${light} paper`, async ({
    page,
    studio,
  }) => {
    test.setTimeout(300_000);
    const faults = (place: string) => faultsOf(page, place);
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
    await page.goto(`${studio.address}/studio`);
    found.push(...(await faults('jobs')));
    await studio.listDemoJob('mm');
    await page.getByRole('link', { name: 'New room' }).first().click();
    await page.getByRole('radio', { name: 'Splayed bay' }).click();
    found.push(...(await faults('new room, an outline')));
    await page.getByRole('radio', { name: 'Walk it face by face' }).click();
    found.push(...(await faults('new room, walked')));
    expect(found).toEqual([]);
  });

  test(`no page of the steps after it breaks one, by ${light} paper`, async ({ page, studio }) => {
    test.setTimeout(300_000);
    const faults = (place: string) => faultsOf(page, place);
    await page.emulateMedia({ colorScheme: light });
    await studio.newRoom('Millimetres', ['4000', '3000']);
    const found: string[] = [];
    await studio.step('Set');
    await studio.dragFromShelf('F600', 0.5, 0.3);
    found.push(...(await faults('set, an item chosen')));
    await page
      .getByRole('button', { name: /^Open length/ })
      .first()
      .click();
    found.push(...(await faults('set, a gap shown')));
    await studio.setByCode('f400', 'stool');
    await page.locator('.plan').press('Control+a');
    await page.getByText('Turn, mirror, centre').click();
    await page.getByText('Repeat', { exact: true }).first().click();
    found.push(...(await faults('set, several items chosen')));
    await page.locator('.plan').press('ContextMenu');
    found.push(...(await faults('set, the menu of items')));
    await page.keyboard.press('Escape');
    await page.getByRole('combobox', { name: 'Range' }).selectOption({ index: 1 });
    found.push(...(await faults('set, another range')));
    await page.getByRole('button', { name: /^option/ }).click();
    found.push(...(await faults('the options of a room')));
    await page.getByRole('button', { name: 'New option from this' }).click();
    await page.getByRole('button', { name: 'option B' }).waitFor();
    await studio.ready();
    await page.getByRole('button', { name: 'option B' }).click();
    await page.getByRole('link', { name: 'Compare with A' }).click();
    await page.getByRole('heading', { name: 'Option A' }).waitFor();
    found.push(...(await faults('options compared')));
    await page.goto(`${studio.address}/studio/ranges`);
    await page
      .getByLabel('Import a table')
      .setInputFiles({ name: 'x.csv', mimeType: 'text/csv', buffer: Buffer.from('range,unit\n') });
    await page.getByRole('alert').waitFor();
    found.push(...(await faults('ranges, with faults')));
    await page.goBack();
    await page.getByRole('link', { name: 'Open', exact: true }).first().click();
    await studio.ready();
    await page.getByRole('button', { name: 'Section line' }).click();
    found.push(...(await faults('a section')));
    for (const view of ['Model', 'Stand'] as const) {
      await page.getByRole('button', { name: view, exact: true }).click();
      await page.getByRole('button', { name: 'Picture' }).waitFor();
      if (view === 'Stand') await page.getByRole('button', { name: 'Keep' }).click();
      found.push(...(await faults(view)));
    }
    await page.getByRole('button', { name: 'Both', exact: true }).click();
    await studio.step('Tile');
    await page.getByRole('button', { name: 'Tile the floor' }).click();
    await page.getByRole('button', { name: 'Best set-outs' }).click();
    await page.getByRole('region', { name: 'Set-out' }).getByRole('listitem').first().waitFor();
    found.push(...(await faults('tile, a zone in hand')));
    await studio.step('Reach');
    found.push(...(await faults('reach')));
    await studio.step('Draw');
    found.push(...(await faults('draw')));
    await studio.step('Build');
    await page.getByRole('heading', { name: '1 Left side' }).waitFor();
    found.push(...(await faults('build, a cabinet taken apart')));
    await page.getByRole('tab', { name: 'Sheets' }).click();
    await page.getByRole('button', { name: 'Nest', exact: true }).click();
    await page.getByRole('button', { name: 'Next cut' }).waitFor();
    await page.getByText('Sheets and offcuts').click();
    found.push(...(await faults('build, sheets on the saw')));
    await page.getByLabel('Cut on').selectOption('a router');
    await page.getByRole('button', { name: 'Nest again' }).click();
    await page.getByText('Nothing is refused.').waitFor();
    await page.getByText('Clamps on this sheet').click();
    await page.getByRole('button', { name: 'Add a clamp' }).click();
    await page.getByText('goes into a clamp').first().waitFor();
    found.push(...(await faults('build, a sheet on the router')));
    await page.getByRole('tab', { name: 'Tops' }).click();
    await page.getByRole('img', { name: /seen from above/ }).waitFor();
    found.push(...(await faults('build, a top')));
    await page.getByRole('tab', { name: 'Cost' }).click();
    await page.getByText('Allowances', { exact: true }).click();
    await page.getByRole('button', { name: 'Add an allowance' }).click();
    found.push(...(await faults('build, cost and quotes')));
    await page.getByRole('tab', { name: 'Lists' }).click();
    await page.getByRole('table', { name: 'Cut list' }).waitFor();
    found.push(...(await faults('build, a list')));
    await page.keyboard.press('Shift+?');
    found.push(...(await faults('shortcuts')));
    expect(found).toEqual([]);
  });
}
