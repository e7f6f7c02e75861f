import { readFile } from 'node:fs/promises';
import type { Locator } from '@playwright/test';
import { expect, test, type Studio } from './studio';

/** The pictures drawn so far, and the draw calls of the last. */
async function drawn({ page }: Studio): Promise<{ frames: number; calls: number }> {
  const data = await page.locator('.room canvas').evaluate((canvas) => ({ ...canvas.dataset }));
  return { frames: Number(data['frames'] ?? 0), calls: Number(data['calls'] ?? 0) };
}

async function firstPicture(studio: Studio, view: 'Model' | 'Stand'): Promise<void> {
  await studio.page.getByRole('button', { name: view, exact: true }).click();
  await expect.poll(async () => (await drawn(studio)).frames).toBeGreaterThan(0);
}

/** Waits until a progress is over; a fault where it stands still for a minute. */
async function goesOn(progress: Locator): Promise<void> {
  const read = () => progress.evaluate((bar) => (bar as HTMLProgressElement).value, null, { timeout: 1_000 });
  for (let last = -1, still = 0; still < 60; still += 1) {
    const now = await read().catch(() => null);
    if (now === null && !(await progress.isVisible())) return;
    if (now !== last) [last, still] = [now ?? last, 0];
    await progress.page().waitForTimeout(1_000);
  }
  throw new Error('It does not go on.');
}

/** Takes the graphics from the page for a moment, as a browser short of memory does. */
async function loseGraphics({ page }: Studio): Promise<void> {
  await page.locator('.room canvas').evaluate(async (canvas) => {
    const graphics = (canvas as HTMLCanvasElement).getContext('webgl2')!.getExtension('WEBGL_lose_context')!;
    graphics.loseContext();
    await new Promise((done) => setTimeout(done, 300));
    graphics.restoreContext();
  });
}

test('the model shows the room when something changes, and what is chosen and moved in it is moved everywhere', async ({
  page,
  studio,
}) => {
  await studio.newRoom('Millimetres', ['4000', '3000']);
  await studio.step('Set');
  await studio.setByCode('f600', 'f900-3');
  await studio.saved(2);
  await firstPicture(studio, 'Model');
  // Nothing is drawn while nothing changes: once the last texture has come, no frame in a second.
  const inASecond = async () => {
    const before = (await drawn(studio)).frames;
    await page.waitForTimeout(1_000);
    return (await drawn(studio)).frames - before;
  };
  await expect.poll(inASecond).toBe(0);
  const { frames, calls } = await drawn(studio);
  expect(calls).toBeLessThanOrEqual(200);
  // But where the graphics were taken from the page: it is the same again when they are back.
  const shot = () =>
    page.locator('.room canvas').evaluate((canvas) => (canvas as HTMLCanvasElement).toDataURL());
  const whole = await shot();
  await loseGraphics(studio);
  await expect.poll(shot).toBe(whole);

  // From the keyboard: chosen by number, nudged as in the plan, opened, which changes nothing of the design.
  const model = page.locator('.room');
  await model.press('n');
  await expect(page.locator('.right h2').first()).toHaveText('1. F600');
  await expect.poll(async () => (await drawn(studio)).frames).toBeGreaterThan(frames);
  await model.press('Shift+ArrowRight');
  await studio.saved(3);
  const along = async () =>
    studio.along(
      (await studio.items()).find(({ code }) => code === 'F600')!,
      4000,
    );
  const start = await along();
  expect(start).toBe(10);
  const closed = (await drawn(studio)).frames;
  await model.press('o');
  await expect.poll(async () => (await drawn(studio)).frames).toBeGreaterThan(closed);
  await studio.saved(3);

  // With the pointer: what is in the middle of the picture is chosen by a click and carried off by a drag.
  await model.press('Escape');
  const frame = (await model.boundingBox())!;
  const title = page.locator('.right h2').first();
  let hit: { x: number; y: number } | null = null;
  for (let down = 0.25; down < 0.8 && !hit; down += 0.05)
    for (let across = 0.2; across < 0.8 && !hit; across += 0.06) {
      const at = { x: frame.x + frame.width * across, y: frame.y + frame.height * down };
      await page.mouse.click(at.x, at.y);
      // The facts of what was clicked are there with the next frame.
      await page.evaluate(() => new Promise((done) => requestAnimationFrame(() => setTimeout(done))));
      if ((await title.textContent())?.endsWith('F900-3')) hit = at;
    }
  expect(hit).not.toBeNull();
  const before = (await studio.items()).find(({ code }) => code === 'F900-3')!['placement'];
  await page.mouse.move(hit!.x, hit!.y);
  await page.mouse.down();
  // Nothing catches it, so that it ends where the pointer does.
  await page.keyboard.down('Alt');
  await page.mouse.move(hit!.x + 30, hit!.y + 20, { steps: 4 });
  await page.mouse.move(hit!.x + 60, hit!.y + 40, { steps: 4 });
  await page.mouse.up();
  await page.keyboard.up('Alt');
  await studio.saved(4);
  expect((await studio.items()).find(({ code }) => code === 'F900-3')!['placement']).not.toEqual(before);
});

test('one stands in the room, walks it, takes a picture for print and the room as a file', async ({
  page,
  studio,
}) => {
  await studio.enter();
  await studio.openRoom('Kitchen');
  await studio.step('Set');
  await firstPicture(studio, 'Stand');
  const stand = page.locator('.room');
  await stand.focus();
  for (const key of ['ArrowUp', 'ArrowLeft', 'Shift+ArrowRight', 'ArrowDown']) {
    const { frames } = await drawn(studio);
    await page.keyboard.press(key);
    await expect.poll(async () => (await drawn(studio)).frames).toBeGreaterThan(frames);
  }
  // A double click on the floor walks there: the pictures on the way follow one another.
  const view = (await stand.boundingBox())!;
  const { frames: before } = await drawn(studio);
  await page.mouse.dblclick(view.x + view.width * 0.35, view.y + view.height * 0.93);
  await expect.poll(async () => (await drawn(studio)).frames).toBeGreaterThan(before + 3);
  await page.getByLabel('Eye', { exact: true }).fill('4 ft');
  await page.keyboard.press('Enter');

  await page.getByLabel('Width of the picture').selectOption('3000 px');
  const download = page.waitForEvent('download', { timeout: 120_000 });
  await page.getByRole('button', { name: 'Picture' }).click();
  const picture = await readFile(await (await download).path());
  // A PNG begins with its signature; its width stands in the first chunk.
  expect(picture.subarray(1, 4).toString()).toBe('PNG');
  expect(picture.readUInt32BE(16)).toBe(3_000);
  await expect(page.getByRole('button', { name: 'Picture' })).toBeVisible();

  const file = await page.request.get(`${studio.roomUrl()}/room.glb`);
  expect(file.headers()['content-type']).toBe('model/gltf-binary');
  expect((await file.body()).subarray(0, 4).toString()).toBe('glTF');
});

test('a room has its finishes, and at rest is seen in soft light where that is asked for', async ({
  page,
  studio,
}) => {
  await page.setViewportSize({ width: 910, height: 560 });
  await studio.newRoom('Millimetres', ['3000', '2400']);
  await studio.step('Set');
  await studio.setByCode('f600', 'f600-3');
  await studio.saved(2);
  await page.locator('.plan').press('Escape');
  for (const [label, finish] of [
    ['Front finish', 'kelp'],
    ['Floor finish', 'Marram'],
  ] as const) {
    await page.getByLabel(label, { exact: true }).fill(finish);
    await page.keyboard.press('Enter');
  }
  await studio.saved(4);
  await firstPicture(studio, 'Stand');
  const canvas = page.locator('.room canvas');
  /** How light the picture is on average, 0 to 255. */
  const light = () =>
    canvas.evaluate((own: HTMLCanvasElement) => {
      const paper = document.createElement('canvas').getContext('2d')!;
      paper.drawImage(own, 0, 0, 40, 40);
      const { data } = paper.getImageData(0, 0, 40, 40);
      let sum = 0;
      for (let i = 0; i < data.length; i += 4) sum += (data[i]! + data[i + 1]! + data[i + 2]!) / 3;
      return sum / (data.length / 4);
    });
  const quick = await light();
  await page.getByLabel('Soft light').check();
  await expect.poll(() => canvas.getAttribute('data-settled'), { timeout: 150_000 }).toBe('true');
  const soft = await light();
  expect(Math.min(quick, soft)).toBeGreaterThan(50);
  expect(Math.max(quick, soft)).toBeLessThan(235);
  expect(soft).not.toBe(quick);
  const { frames, calls } = await drawn(studio);
  expect(calls).toBeLessThanOrEqual(200);
  await page.waitForTimeout(800);
  expect((await drawn(studio)).frames).toBe(frames);
  // Whatever changes is seen at once again.
  await page.getByLabel('Sun', { exact: true }).selectOption('Night');
  await expect.poll(() => canvas.getAttribute('data-settled')).toBe('false');
  await page.getByLabel('Soft light').uncheck();
});

test('standpoints are kept and gone back to, and a walk between them is a film that plays', async ({
  page,
  studio,
}) => {
  await studio.newRoom('Millimetres', ['3600', '3000']);
  await studio.step('Set');
  await studio.setByCode('f900', 'cook900');
  await studio.saved(2);
  await firstPicture(studio, 'Stand');
  await page.getByRole('button', { name: 'Keep' }).click();
  await studio.saved(3);
  const name = page.locator('.right').getByLabel('Name');
  await name.fill('From the door');
  await page.keyboard.press('Enter');
  await studio.saved(4);
  const stand = page.locator('.room');
  await stand.focus();
  await page.keyboard.press('Escape');
  for (let i = 0; i < 3; i++) await page.keyboard.press('ArrowUp');
  for (let i = 0; i < 3; i++) await page.keyboard.press('ArrowLeft');
  await page.getByRole('button', { name: 'Keep' }).click();
  await studio.saved(5);
  await page.getByLabel('Standpoint', { exact: true }).selectOption('From the door');
  await expect(page.locator('.right h2').first()).toHaveText('From the door');

  // Stopped it is over at once, however much is still being drawn; and it can be begun again.
  await page.getByRole('button', { name: 'Film' }).click();
  const progress = page.getByLabel('The walk is being filmed');
  await expect(progress).toBeVisible();
  await page.getByRole('button', { name: 'Stop' }).click();
  await expect(progress).toBeHidden({ timeout: 2_000 });

  // However long it takes, as long as it goes on.
  test.setTimeout(0);
  const download = page.waitForEvent('download', { timeout: 0 });
  await page.getByRole('button', { name: 'Film' }).click();
  // Graphics taken from the page meanwhile leave no blank pictures in it.
  await expect
    .poll(() => progress.evaluate((bar) => (bar as HTMLProgressElement).value), { timeout: 120_000 })
    .toBeGreaterThan(0.1);
  await loseGraphics(studio);
  await goesOn(progress);
  const bytes = await readFile(await (await download).path());
  const played = await page.evaluate(async (film) => {
    const video = document.createElement('video');
    video.muted = true;
    const file = Uint8Array.from(atob(film), (letter) => letter.charCodeAt(0));
    video.src = URL.createObjectURL(new Blob([file], { type: 'video/webm' }));
    await new Promise((done, failed) => {
      video.onloadeddata = done;
      video.onerror = () => failed(new Error(video.error?.message ?? 'The film does not load.'));
    });
    const paper = document.createElement('canvas').getContext('2d')!;
    // The picture of that time, once it is shown: having sought alone does not say so.
    const look = async (time: number) => {
      await new Promise<void>((done) => {
        const shown = (_: number, { mediaTime }: VideoFrameCallbackMetadata) =>
          Math.abs(mediaTime - time) < 0.2 ? done() : video.requestVideoFrameCallback(shown);
        video.requestVideoFrameCallback(shown);
        video.currentTime = time;
      });
      paper.drawImage(video, 0, 0, 64, 36);
      return [...paper.getImageData(0, 0, 64, 36).data];
    };
    const { videoWidth: wide, videoHeight: high, duration: seconds } = video;
    const seen: number[][] = [];
    for (let time = 0.1; time < seconds; time += 0.25) seen.push(await look(time));
    const apart = (one: number[], other: number[]) =>
      one.reduce((sum, value, index) => sum + Math.abs(value - other[index]!), 0) / one.length;
    return {
      wide,
      high,
      seconds,
      differ: apart(seen[0]!, seen.at(-1)!),
      shades: Math.min(...seen.map((one) => new Set(one).size)),
    };
  }, bytes.toString('base64'));
  expect([played.wide, played.high]).toEqual([1_280, 720]);
  // At the least both rests; and one has come somewhere else.
  expect(played.seconds).toBeGreaterThan(2);
  expect(played.differ).toBeGreaterThan(4);
  expect(played.shades).toBeGreaterThan(6);
});

test('without WebGL the model says so, and everything else goes on', async ({ page, studio }) => {
  await page.addInitScript(() => {
    const get = HTMLCanvasElement.prototype.getContext;
    HTMLCanvasElement.prototype.getContext = function (
      this: HTMLCanvasElement,
      kind: string,
      ...rest: unknown[]
    ) {
      return kind.startsWith('webgl')
        ? null
        : (get as (...args: unknown[]) => unknown).call(this, kind, ...rest);
    } as typeof get;
  });
  await studio.enter();
  await studio.openRoom('Kitchen');
  await studio.step('Set');
  await page.getByRole('button', { name: 'Model', exact: true }).click();
  await expect(page.getByRole('alert')).toContainText('WebGL');
  await page.getByRole('button', { name: 'Both', exact: true }).click();
  await expect(page.locator('.unfold')).toBeVisible();
});
