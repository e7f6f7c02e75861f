import type { Page } from '@playwright/test';
import { expect, test, type Studio } from './studio';

test('how cabinets are built is set for a range, for one or for some, kept for the job and taken by its new rooms', async ({
  studio,
  page,
}) => {
  await studio.enter();
  await studio.newRoom('Millimetres', ['4000', '3000']);
  await studio.step('Set');
  await studio.setByCode('F600');
  await studio.setByCode('F450');
  await studio.step('Build');
  await page.getByLabel('Shelf').getByRole('button', { name: /F600/ }).click();
  const list = page.getByRole('group', { name: 'Parts of F600' });
  await expect(list.getByRole('button', { name: /Left side/ })).toContainText('18 Faced board');
  await page.getByText('How it is built').click();
  await page.getByText('Box and back').click();
  const board = page.getByLabel('Boards of the box', { exact: true });
  await board.fill('19');
  await board.press('Enter');
  await expect(list.getByRole('button', { name: /Left side/ })).toContainText('19 Faced board');
  await expect(list.getByRole('button', { name: /Bottom/ })).toContainText('562');
  await expect(page.getByText('Usually 18.')).toBeVisible();
  // One by itself goes before its range.
  await page.getByLabel('Set for').selectOption({ label: 'F600 alone' });
  await board.fill('16');
  await board.press('Enter');
  await expect(list.getByRole('button', { name: /Left side/ })).toContainText('16 Faced board');
  // What can't be is told, with what to do; nothing is lost.
  await page.getByLabel('Back let in by', { exact: true }).fill('15');
  await page.getByLabel('Back let in by', { exact: true }).press('Enter');
  await expect(page.getByLabel('Shelf').getByRole('alert')).toContainText('can be no other than 13');
  await page.getByLabel('Back let in by', { exact: true }).press('Escape');
  await page.getByRole('button', { name: 'Boards of the box as usual' }).click();
  await expect(list.getByRole('button', { name: /Left side/ })).toContainText('19 Faced board');
  // All that are chosen at once.
  await studio.step('Set');
  await page.locator('.plan').press('Control+a');
  await studio.step('Build');
  await page.getByText('How it is built').click();
  await page.getByText(/^Box and back/).click();
  await page.getByLabel('Set for').selectOption({ label: 'the 2 that are chosen' });
  await board.fill('22');
  await board.press('Enter');
  await studio.saved(6);
  const built = Object.values((await studio.design()).records).filter((one) => one.kind === 'item');
  expect(built.map((one) => one.built)).toEqual([{ board: 22 }, { board: 22 }]);
  await page.getByLabel('Set for').selectOption({ label: 'all of Fathom' });
  await page.getByRole('button', { name: 'For new rooms of the job' }).click();
  await expect(page.getByRole('button', { name: 'For new rooms of the job' })).toBeHidden();
  await studio.saved(6);
});

test('a cabinet’s front and inside are changed on its own elevation and section', async ({
  studio,
  page,
}) => {
  await studio.enter();
  await studio.newRoom('Millimetres', ['4000', '3000']);
  await studio.step('Set');
  await studio.setByCode('F900');
  await studio.step('Build');
  await page.getByRole('button', { name: 'Inside', exact: true }).click();
  const front = page.getByRole('region', { name: 'Front and inside' });
  await expect(front.getByRole('button', { name: 'Doors shared' })).toBeVisible();
  await front.getByRole('button', { name: 'Split this row' }).click();
  await front
    .getByRole('button', { name: /^Doors/ })
    .first()
    .click();
  await page.getByLabel('Shows').selectOption('drawer');
  const high = page.getByLabel('Front, high');
  await high.fill('140');
  await high.press('Enter');
  const across = page.getByLabel('Side by side');
  await across.fill('2');
  await across.press('Enter');
  await expect(front.getByRole('button', { name: 'Drawer, 2 side by side 140' })).toBeVisible();
  const drawing = page.getByRole('group', { name: 'Front and inside of F900' });
  await expect(drawing.getByText('447')).toHaveCount(2);
  // The drawing is walked by keys, and a row's height typed from it.
  await drawing.focus();
  await drawing.press('ArrowDown');
  await expect(page.getByLabel('Shows')).toHaveValue('doors');
  await page.getByLabel('Clear under them, from below').fill('250');
  await page.getByLabel('Clear under them, from below').press('Enter');
  await expect(drawing.getByText('250', { exact: true })).toBeVisible();
  await drawing.focus();
  await drawing.press('Enter');
  await expect(high).toBeFocused();
  await high.fill('600');
  await high.press('Enter');
  await expect(front.getByRole('alert')).toContainText('The rows of F900 come to 740');
  await high.press('Escape');
  // What the shop makes follows: two drawers, an upright, a fixed shelf.
  await page.getByRole('button', { name: 'Parts', exact: true }).click();
  const parts = page.getByRole('group', { name: 'Parts of F900' });
  await expect(parts.getByRole('button', { name: /Upright divider/ })).toHaveCount(1);
  await expect(parts.getByRole('button', { name: /Fixed shelf/ })).toHaveCount(1);
  await page.getByRole('button', { name: 'Inside', exact: true }).click();
  await front.getByRole('button', { name: 'As its kind is' }).click();
  await expect(front.getByRole('button', { name: 'Doors shared' })).toBeVisible();
});

/** The room that is open once more, in a job of its own, with some records as they are given. */
async function reopened(studio: Studio, page: Page, records: Record<string, object>): Promise<void> {
  const design = await studio.design();
  await page.goto(`${studio.address}/studio`);
  await page.getByRole('button', { name: 'New job' }).click();
  await page.getByLabel('Job name').fill(`Cut ${Math.random()}`);
  await page.getByRole('button', { name: 'Add job' }).click();
  await page.waitForURL('**/new-room');
  const job = page.url().split('/').at(-2)!;
  const made = await page.request.post(`${studio.address}/api/jobs/${job}/rooms`, {
    data: { design: { ...design, records: { ...design.records, ...records } } },
    headers: { origin: studio.address },
  });
  const { id } = (await made.json()) as { id: string };
  await page.goto(`${studio.address}/rooms/${id}`);
  await studio.ready();
  await studio.step('Set');
}

/** The faces of a room under ceilings so high over where each begins. */
const under = (records: Record<string, object>, heights: readonly number[]) =>
  Object.fromEntries(
    ['face-a', 'face-b', 'face-c', 'face-d'].map((id, at) => [
      id,
      { ...records[id], ceilingHeight: heights[at] },
    ]),
  );

test('cabinets are cut round a pipe box, and to a ceiling that slopes over their back', async ({
  studio,
  page,
}) => {
  await studio.enter();
  await studio.roomWith('F600', 'T600/2150');
  const { records } = await studio.design();
  const item = (await studio.items()).find(({ code }) => code === 'F600');
  const pipes = {
    ...{ kind: 'fixed', id: 'pipes', type: 'pipe-box', width: 120, depth: 100, height: 2400, up: 0 },
    placement: item!['placement'],
  };
  await reopened(studio, page, { ...under(records, [1850, 1850, 4850, 4850]), pipes });
  await studio.chooseItem('F600');
  await page.getByLabel('Cut it round the pipe box').check();
  await studio.saved(1);
  await studio.chooseItem('T600/2150');
  await page.getByLabel('Cut it to the sloped ceiling').check();
  await studio.saved(2);
  await studio.step('Build');
  // Rising 1 in 1, 5 off the ceiling, from the wall at 1850 to the top at 2150.
  await expect(
    page.getByRole('group', { name: 'Parts of T600/2150' }).getByRole('button', { name: /Sloping top/ }),
  ).toContainText('600 × 434');
  await page.getByRole('button', { name: /Base cabinet F600/ }).click();
  const parts = page.getByRole('group', { name: 'Parts of F600' });
  // 5 off a box of 100 by 120: the side beside it is as much less deep.
  await expect(parts.getByRole('button', { name: /Left side/ })).toContainText('720 × 455');
  await expect(parts.getByRole('button', { name: /Right side/ })).toContainText('720 × 560');
});

test('a cabinet is cut to a ceiling that falls along it, with its door, which then turns at its higher side', async ({
  studio,
  page,
}) => {
  await studio.enter();
  await studio.roomWith('T600/2150');
  const { records } = await studio.design();
  const at = studio.along((await studio.items())[0]!, 4000);
  // Rising 3 in 4 and 2150 high at 200 of its 600.
  const left = 2150 - 0.75 * (at + 200);
  await reopened(studio, page, under(records, [left, left + 3000, left + 3000, left]));
  await studio.chooseItem('T600/2150');
  await page.getByRole('combobox', { name: 'Hinges' }).selectOption('left');
  await expect(page.getByText('Hung on its right, it can be cut to that.')).toBeVisible();
  await page.getByRole('combobox', { name: 'Hinges' }).selectOption('right');
  await page.getByLabel('Cut it to the sloped ceiling').check();
  await studio.saved();
  await studio.step('Build');
  const parts = page.getByRole('group', { name: 'Parts of T600/2150' });
  // As reckoned by hand: from 6.25 under the ceiling at its left end up to its top, and 28.75 under it.
  await expect(parts.getByRole('button', { name: /Sloping top/ })).toContainText('260.4 × 560');
  await expect(parts.getByRole('button', { name: /Left side/ })).toContainText('1821.3 × 560');
});
