import { expect, test } from './studio';
import { stageOf, type Zone } from './tiles';

test('a wet floor falls to a linear drain along an edge', async ({ page, studio }) => {
  const floor = async () =>
    (await studio.records('zone')).find(({ name }) => name === 'Wet floor') as unknown as Zone & {
      fall?: number;
      channel?: object;
    };
  await studio.enter();
  await studio.openRoom('Wet room');
  await studio.step('Tile');
  await page.getByRole('button', { name: /^T1 / }).click();
  await page.getByText('Laid in, and filled with').click();
  await page.getByLabel('Falls to drain').fill('1.5');
  await page.keyboard.press('Enter');
  const facts = page.getByRole('complementary').last();
  await expect(facts).toContainText('out of the drain’s sight');
  await page.getByLabel(/^Drain/).selectOption({ label: 'Along face B, 1940' });
  // 2310 from it at 1.5 percent.
  await expect(facts).toContainText('up to 35 over the drain');
  await expect(facts).toContainText('over bare floor');
  await expect(stageOf(page)).toContainText('+35');
  await expect.poll(async () => (await floor()).channel).toBeDefined();
  await page.getByLabel(/^Drain/).selectOption({ label: 'In the floor' });
  await expect(facts).toContainText('out of the drain’s sight');
  await expect.poll(async () => (await floor()).channel).toBeUndefined();
});

test('a countertop is tiled, stays tiled without one of its cabinets, and goes with the last', async ({
  page,
  studio,
}) => {
  type On = Zone & { upon?: { thing: string } };
  const zones = async () => (await studio.records('zone')) as unknown as On[];
  await studio.newRoom('Millimetres', ['4000', '3000']);
  await studio.step('Set');
  await studio.setByCode('F600', 'F900');
  await studio.saved(2);
  const [first, second] = (await studio.records('item')) as unknown as { id: string; number: number }[];
  await studio.step('Tile');
  await page.getByLabel('Surface').selectOption({ label: 'Countertop over 1' });
  await page.getByRole('button', { name: 'Tile it' }).click();
  await studio.saved(3);
  const [made] = await zones();
  expect(made!.upon).toBeDefined();
  await expect(page.getByRole('button', { name: /^T1 Countertop over 1/ })).toBeVisible();
  await expect(stageOf(page, /^Tiles of countertop over 1/)).toContainText('whole');

  await studio.step('Set');
  const remove = async (id: string) => {
    await page.locator(`.plan [data-source="${id}"]`).last().click();
    await page.keyboard.press('Delete');
  };
  await remove(made!.upon!.thing);
  await studio.saved(4);
  const other = [first!, second!].find(({ id }) => id !== made!.upon!.thing)!;
  expect((await zones())[0]!.upon!.thing).toBe(other.id);
  await remove(other.id);
  await studio.saved(5);
  expect(await zones()).toEqual([]);
  await page.getByRole('button', { name: /^Undo/ }).click();
  await studio.saved(6);
  expect((await zones())[0]!.upon!.thing).toBe(other.id);
});

test('the sides of a window are tiled in one edit, going on from their wall', async ({ page, studio }) => {
  const zones = async () =>
    (await studio.records('zone')) as unknown as (Zone & {
      inside?: { opening: string; side: string };
      finish: string;
    })[];
  await studio.enter();
  await studio.openRoom('Wet room');
  await studio.step('Tile');
  const before = (await zones()).length;
  const opening = (await studio.records('opening')).find(({ type }) => type === 'window')!.id;
  await page.getByLabel('Surface').selectOption({ label: 'W1, sill' });
  await expect(stageOf(page, /^Tiles of W1, sill/)).toContainText('Nothing is tiled here yet');
  await page.getByRole('button', { name: 'Tile all of W1' }).click();
  await expect.poll(async () => (await zones()).length).toBe(before + 4);
  const wall = (await zones()).find(({ finish, inside }) => finish === 'Groyne' && !inside)!;
  const sides = (await zones()).filter(({ inside }) => inside?.opening === opening);
  expect(sides.map(({ inside }) => inside!.side).sort()).toEqual(['head', 'left', 'right', 'sill']);
  for (const side of sides) expect([side.finish, side.tile]).toEqual([wall.finish, wall.tile]);
  await expect(page.getByRole('complementary').last()).toContainText('W1, sill');
  await page.getByLabel('Surface').selectOption({ label: 'W1, left side' });
  await expect(page.getByRole('complementary').last()).toContainText('Trim');
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect.poll(async () => (await zones()).length).toBe(before);
});
