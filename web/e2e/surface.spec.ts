import { expect, test } from './studio';

interface OwnTop {
  overhangs?: Record<string, number>;
  topCorners?: Record<string, object>;
}

test('edges of tops are typed where they are, corners made round, and all of it stands when a cabinet is widened', async ({
  page,
  studio,
}) => {
  await studio.newRoom('Millimetres', ['4000', '3000']);
  await studio.step('Set');
  await studio.setByCode('F600', 'F800-S', 'COOK600', 'F450');
  await studio.saved(4);
  await studio.step('Surface');
  const tops = page.getByRole('region', { name: /^Top \d/ });
  await expect(tops).toHaveCount(2);
  await expect(tops.first()).toContainText('Less its cut-outs');
  await expect(page.getByText('Nothing. Click a number beside an edge')).toBeVisible();

  // The free end stands out for a seat; the end at the range has no number to type.
  const end = page.getByRole('button', { name: /^Right end of F450 \(4\) stands out 20/ });
  await end.click();
  await page.keyboard.type('265');
  await page.keyboard.press('Enter');
  await expect(
    page.getByRole('button', { name: /^Right end of F450 \(4\) stands out 265, set by hand/ }),
  ).toBeVisible();
  await expect(page.getByRole('button', { name: /^Left end of F450/ })).toHaveCount(0);
  await page.getByRole('button', { name: /^Corner of Front of F450 \(4\) and Right end of F450/ }).click();
  await page.getByRole('button', { name: 'Round' }).click();
  await page.getByLabel('Radius').fill('120');
  await page.keyboard.press('Enter');
  await page.keyboard.press('Escape');
  await studio.saved(7);
  const own = (await studio.items()).find(({ code }) => code === 'F450') as OwnTop;
  expect([own.overhangs, own.topCorners]).toEqual([{ right: 265 }, { frontRight: { radius: 120 } }]);

  // One front edge over two cabinets is one number; over 12 in it says that brackets are needed.
  await page.getByRole('button', { name: /^Front of F600 \(1\) to F800-S \(2\)/ }).click();
  await page.keyboard.type('310');
  await page.keyboard.press('Enter');
  await expect(tops.first()).toContainText('over 305 mm it needs brackets');
  await expect(page.getByText('F600 (1) to F800-S (2): front stands out 310')).toBeVisible();
  await page.getByRole('button', { name: /^Front of F600/ }).click();
  await page.keyboard.type('601');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toContainText('0 mm to 600 mm');
  await page.keyboard.press('Escape');

  // Widened, everything that was set still stands; one by one it goes back to automatic.
  await studio.clickItem(4);
  await page.getByRole('textbox', { name: 'Width', exact: true }).fill('600');
  await page.keyboard.press('Enter');
  await expect(
    page.getByRole('button', { name: /^Right end of F600 \(4\) stands out 265, set by hand/ }),
  ).toBeVisible();
  const back = page.getByRole('button', { name: 'Back to automatic' });
  await expect(back).toHaveCount(3);
  for (const left of [2, 1, 0]) {
    await back.first().click();
    await expect(back).toHaveCount(left);
  }
  await page.keyboard.press('Control+z');
  await expect(back).toHaveCount(1);
});

test('a top round a corner is joined as the designer wants, and what is gone with a cabinet is named', async ({
  page,
  studio,
}) => {
  await studio.enter();
  await studio.openRoom('Kitchen');
  await studio.step('Surface');
  const joint = page.getByRole('button', { name: /^Joint at the inside corner/ });
  const top = page.getByRole('region', { name: 'Top 1' });
  await expect(top).toContainText('Made in 2');
  const before = await top.textContent();
  await joint.click();
  await expect(page.getByRole('button', { name: 'Left run through' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await page.getByRole('button', { name: 'Mitred' }).click();
  await expect(page.getByText(/front right corner mitred/)).toBeVisible();
  expect(await top.textContent()).not.toBe(before);
  await page.getByRole('button', { name: 'Not joined' }).click();
  await expect(joint).toHaveCount(0);
  await page.getByRole('button', { name: 'Back to automatic' }).click();
  await expect(joint).toHaveCount(1);
  await expect(top).toHaveText(before!);

  // Straight across what is chosen, and moved by typing.
  await studio.clickItem(4);
  await page.getByRole('button', { name: /^Join the top over DISH24/ }).click();
  await expect(top).toContainText(/Dishwasher \d+ has a joint of the top over it/);
  await page.getByRole('button', { name: /^Joint over DISH24 \(4\), 1'-0" from its left end/ }).click();
  await page.getByLabel(/From the left end of DISH24/).fill('0');
  await page.keyboard.press('Enter');
  await expect(top).not.toContainText('has a joint of the top over it');
  await page.keyboard.press('Escape');

  await studio.clickItem(4);
  await page.keyboard.press('Delete');
  await expect(page.getByText('gone with DISH24: what was set by hand at its top')).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.getByText('gone with DISH24')).toHaveCount(0);
  await expect(page.getByText(/DISH24 \(4\): joined/)).toBeVisible();
  await page.getByRole('button', { name: 'Back to automatic' }).click();
  await expect(page.getByText('Nothing. Click a number beside an edge')).toBeVisible();
});

test('the galley with its seats, an end down to the floor, splashes and a plinth set by hand stands when a cabinet is widened', async ({
  page,
  studio,
}) => {
  await studio.enter();
  await studio.openRoom('Galley with bay');
  await studio.step('Surface');
  const chip = (name: RegExp) => page.getByRole('button', { name });
  const type = async (name: RegExp, text: string) => {
    await chip(name).click();
    await page.keyboard.type(text);
    await page.keyboard.press('Enter');
  };

  // The range parts the tops; the sink is cut out of the third.
  const tops = page.getByRole('region', { name: /^Top \d/ });
  await expect(tops).toHaveCount(3);
  await expect(tops.nth(2)).toContainText('Less its cut-outs');

  // Seats behind the peninsula only; its end goes down to the floor, and so comes out as far as it is thick.
  await type(/^Back of F800 \(19\) stands out/, '265');
  await expect(chip(/^Back of F800 \(19\) stands out 265, set by hand/)).toBeVisible();
  await chip(/^Right end of F800 \(19\) stands out 20/).click();
  await page.getByRole('button', { name: 'Goes down to the floor' }).click();
  await page.keyboard.press('Escape');
  await expect(chip(/^Right end of F800 \(19\) stands out 30/)).toBeVisible();
  await expect(tops.nth(1)).toContainText('Down to the floor');
  await chip(/^Joint at the inside corner by F1200-C/).click();
  await page.getByRole('button', { name: 'Mitred' }).click();
  await page.keyboard.press('Escape');

  // Splashes all round, up to the hood behind the range, none beside the refrigerator.
  await page.getByRole('textbox', { name: 'Splash', exact: true }).fill('100');
  await page.keyboard.press('Enter');
  await page.getByRole('checkbox', { name: /behind cooking/ }).check();
  await expect(chip(/^Splash behind COOK900 \(3\): 820 high, up to what hangs there/)).toBeVisible();
  await chip(/^Splash behind FL100 \(27\) to F450 \(7\): 100 high/).click();
  await page.getByRole('button', { name: 'No splash' }).click();
  await page.keyboard.press('Escape');
  await expect(chip(/^Splash behind FL100 \(27\) to F450 \(7\): none/)).toBeVisible();

  // Deeper under the dishwasher by itself, deeper still by hand, then cut there.
  await page.getByRole('tab', { name: 'Plinths' }).click();
  await type(/^Plinth of the front of DISH600 \(9\) stands back 100/, '120');
  const dish = chip(/^Plinth of the front of DISH600 \(9\) stands back 120, set by hand/);
  await expect(dish).toBeVisible();
  const second = page.getByRole('region', { name: 'Plinth 2' });
  await expect(second).toContainText('1250, 70, 600, 70,');
  await dish.click();
  await page.getByRole('button', { name: 'No plinth here' }).click();
  // It ends at either side of it: two plinths for one.
  await expect(page.getByRole('region', { name: /^Plinth \d/ })).toHaveCount(4);
  await expect(second).not.toContainText('1250');
  await chip(/^No plinth before DISH600 \(9\)/).click();
  await expect(dish).toBeVisible();

  // Widened, all of it still stands.
  const told = page.locator('li', { has: page.getByRole('button', { name: 'Back to automatic' }) });
  const before = (await told.allTextContents()).map((text) => text.replaceAll('F800', 'F900'));
  expect(before).toHaveLength(5);
  await studio.clickItem(19);
  await page.getByRole('textbox', { name: 'Width', exact: true }).fill('900');
  await page.keyboard.press('Enter');
  await expect(page.getByText('F900 (19): back stands out 265')).toBeVisible();
  expect(await told.allTextContents()).toEqual(before);
  await page.getByRole('tab', { name: 'Tops' }).click();
  await expect(chip(/^Back of F900 \(19\) stands out 265, set by hand/)).toBeVisible();
  await expect(chip(/^Splash behind FL100 \(27\) to F450 \(7\): none/)).toBeVisible();
  await studio.saved();
  const own = (await studio.items()).find(({ code }) => code === 'F900') as Record<string, unknown>;
  expect([own['overhangs'], own['topEdges']]).toEqual([{ behind: 265 }, { right: { waterfall: true } }]);
});

test('trims are chosen all over and left out along one side; what is to be cut is told', async ({
  page,
  studio,
}) => {
  await studio.newRoom('Millimetres', ['4000', '3000']);
  await studio.step('Set');
  await studio.setByCode('U600/720', 'U800/720');
  await studio.saved(2);
  await studio.step('Surface');
  await page.getByRole('tab', { name: 'Trims' }).click();
  const cornice = page.getByRole('region', { name: 'Cornice' });
  await expect(cornice).toContainText('none');
  await cornice.getByRole('button', { name: 'Ogee' }).click();
  await expect(cornice.getByRole('row').nth(1)).toContainText('1452');
  await expect(cornice.getByRole('row').nth(1)).toContainText('square · 45° out');

  // Left out at its free end the front is cut square; it goes back by itself.
  await page.getByRole('button', { name: /^Cornice along the right end of U800\/720 \(2\): ogee/ }).click();
  const card = page.getByRole('group', { name: /^Cornice along the right end/ });
  await card.getByRole('button', { name: 'None' }).click();
  await expect(cornice.getByRole('row').nth(1)).toContainText('1400');
  await expect(cornice.getByRole('row').nth(1)).toContainText('both square');
  await expect(page.getByText('U800/720 (2): no cornice at the right end')).toBeVisible();
  await page.getByRole('button', { name: 'Back to automatic' }).click();
  await expect(cornice.getByRole('row').nth(1)).toContainText('1452');

  // A skirting is the wall's own where it says so.
  await page.getByRole('button', { name: 'Skirting', exact: true }).click();
  await page.getByRole('button', { name: /^Skirting along face C: square/ }).click();
  await page
    .getByRole('group', { name: 'Skirting along face C' })
    .getByRole('button', { name: 'None' })
    .click();
  await expect(page.getByText('Face C: no skirting')).toBeVisible();
  await studio.saved();
  const faces = Object.values((await studio.design()).records).filter(({ kind }) => kind === 'face');
  expect(faces.map(({ skirting }) => skirting ?? '')).toEqual(['', '', 'none', '']);
});

test('finishes are tried in the room, taken as far as is asked, and go back in one step', async ({
  page,
  studio,
}) => {
  await studio.finishing('F600', 'F800-S', 'F450');
  const parts = page.getByRole('group', { name: 'What is finished' });
  const reach = page.getByRole('group', { name: 'How far it reaches' });
  const finishesOf = async () => (await studio.items()).map(({ finish }) => finish ?? '');
  const roomOf = async () =>
    Object.values((await studio.design()).records).find(({ kind }) => kind === 'room')!;

  // Nothing is chosen: for the room. What is only tried is not saved.
  await page.getByRole('button', { name: 'P9 Harbour' }).hover();
  await expect(page.locator('.plan svg path[d]').first()).toBeAttached();
  await page.getByRole('button', { name: 'P2 Kelp' }).click();
  await expect(page.getByText('P2 Kelp, by the room')).toBeVisible();
  await studio.saved(4);
  expect([(await roomOf())['frontFinish'], await finishesOf()]).toEqual(['Kelp', ['', '', '']]);

  // One cabinet, then with the same press widened its whole run; one undo takes all of it back.
  await studio.clickItem(1);
  await expect(reach.getByRole('button', { name: 'This one' })).toHaveAttribute('aria-pressed', 'true');
  const buoy = page.getByRole('button', { name: 'P16 Buoy' });
  await buoy.focus();
  await page.keyboard.press('ArrowUp');
  await expect(reach.getByRole('button', { name: 'Its run' })).toHaveAttribute('aria-pressed', 'true');
  await page.keyboard.press('Enter');
  await studio.saved(5);
  expect(await finishesOf()).toEqual(['Buoy', 'Buoy', 'Buoy']);
  await expect(page.getByText('P16 Buoy, set for F600 (1)')).toBeVisible();
  await page.keyboard.press('Control+z');
  await studio.saved(6);
  expect(await finishesOf()).toEqual(['', '', '']);

  // Doors of another make for the kind, and handles for the room.
  await reach.getByRole('button', { name: 'This one' }).click();
  await page.getByRole('button', { name: 'Raised panel' }).click();
  await parts.getByRole('button', { name: 'Handles' }).click();
  await reach.getByRole('button', { name: 'The room' }).click();
  await page.getByRole('button', { name: 'Knob', exact: true }).click();
  await page.getByRole('button', { name: 'M4 Pewter' }).click();
  await studio.saved(9);
  const own = async () => (await studio.items()).find(({ code }) => code === 'F600')!['doorStyle'];
  expect([await own(), (await roomOf())['handleStyle'], (await roomOf())['handleFinish']]).toEqual([
    ...['raised', 'knob', 'Pewter'],
  ]);
  await parts.getByRole('button', { name: 'Fronts' }).click();
  await reach.getByRole('button', { name: 'This one' }).click();
  await page.getByRole('button', { name: 'As the room' }).click();
  await studio.saved(10);
  expect(await own()).toBeUndefined();
});

test('a wall is lined, what stands there comes forward, and goes back with it', async ({ page, studio }) => {
  await studio.newRoom('Millimetres', ['4000', '3000']);
  await studio.step('Set');
  await studio.setByCode('F600');
  await studio.saved(1);
  const offOf = async () => {
    const [item] = await studio.items();
    return (item!['placement'] as { off: number }).off;
  };
  const linings = async () =>
    Object.values((await studio.design()).records).filter(({ type }) => type === 'lining');
  await studio.step('Surface');
  await page.getByRole('tab', { name: 'Trims' }).click();
  const section = page.getByRole('region', { name: 'Linings' });
  await section.getByRole('button', { name: 'Framed panels' }).click();
  await studio.saved(2);
  expect([await offOf(), (await linings()).length]).toEqual([20, 1]);
  await expect(page.getByText('2980 mm clear before it')).toBeVisible();

  // Thicker, it shines from a recess; too thin for that it says so and stays.
  await page.getByLabel('Light from a recess at its top').click();
  await expect(page.getByRole('alert')).toContainText('40 mm');
  await expect(page.getByLabel('Light from a recess at its top')).not.toBeChecked();
  await page.getByLabel('Thickness').fill('60');
  await page.keyboard.press('Enter');
  await studio.saved(3);
  expect(await offOf()).toBe(60);
  await page.getByLabel('Light from a recess at its top').check();
  await studio.saved(4);

  // Finished by itself, and taken out again with what stood before it going back.
  await page.getByRole('button', { name: 'Finishes', exact: true }).click();
  await page.getByRole('button', { name: 'P2 Kelp' }).click();
  await studio.saved(5);
  expect(await linings()).toMatchObject([{ finish: 'Kelp', lit: true, style: 'panelled', depth: 60 }]);
  await page.getByRole('button', { name: 'Remove' }).click();
  await studio.saved(6);
  expect([await offOf(), (await linings()).length]).toEqual([0, 0]);
});

test('a lining that ends below the ceiling is capped, two in a corner mitred, one of them without', async ({
  page,
  studio,
}) => {
  await studio.newRoom('Millimetres', ['4000', '3000']);
  await studio.step('Surface');
  await page.getByRole('tab', { name: 'Trims' }).click();
  const capping = page.getByRole('region', { name: 'Capping' });
  await capping.getByRole('button', { name: /^Capping/ }).click();
  await expect(capping).toContainText('Line a wall part of its height');
  const section = page.getByRole('region', { name: 'Linings' });
  for (const [index, letter] of ['A', 'B'].entries()) {
    await page.locator('.plan').focus();
    for (let press = 0; press <= index; press++) await page.keyboard.press('f');
    await expect(section).toContainText(`Face ${letter}`);
    await section.getByRole('button', { name: 'Boards upright', exact: true }).click();
    await studio.saved(index + 1);
  }
  await capping.getByRole('button', { name: 'Rounded' }).click();
  await studio.saved(3);
  await expect(capping.getByRole('row').nth(1)).toContainText('4000square · 45° in');
  await expect(capping.getByRole('row').nth(2)).toContainText('300045° in · square');
  await page.getByRole('button', { name: /^Capping along the lining on face B: rounded/ }).click();
  await page
    .getByRole('group', { name: 'Capping along the lining on face B' })
    .getByRole('button', { name: 'None' })
    .click();
  await studio.saved(4);
  await expect(capping.getByRole('row')).toHaveCount(2);
  await expect(page.getByText('The lining on face B: no capping')).toBeVisible();
  await page.getByRole('button', { name: 'Back to automatic' }).click();
  await expect(capping.getByRole('row')).toHaveCount(3);
});
