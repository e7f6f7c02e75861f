import { describe, expect, it } from 'vitest';
import { rectangle } from '../../../testing/rooms';
import { putZone } from '../../commands/put-zone';
import { setOutZone } from '../../commands/set-out-zone';
import { must } from '../../result';
import { cutPlan } from '../../tile/zones/cut-plan';
import { cutTypes } from '../../tile/zones/cut-types';
import { usualZone } from '../../tile/zones/usual-zone';
import { tiledZones } from '../../tile/zones/zone-laying';
import { zoneOrder } from '../../tile/zones/zone-order';
import { refusalText } from '../../wording/refusal-text';
import type { PathMark, Primitive, TextMark } from '../primitives';
import { drawSheets } from './sheet';
import { findPage, findScale } from './sheet-format';
import { fieldOf, type SheetOptions } from './sheet-frame';

const options = (page = 'A3', scale = '50'): SheetOptions => ({
  ...{ subject: 'tiles', page: must(findPage(page)), scale: must(findScale(scale)) },
  ...{ studio: 'Tidewrack', job: 'Job', date: '2026-11-28', revision: 1 },
});
const texts = (marks: readonly Primitive[]) =>
  marks.filter((mark): mark is TextMark => mark.type === 'text').map(({ text }) => text);

function tiled() {
  const room = rectangle(4000, 3000);
  room.set('F600', 'face-a', 300);
  const zone = { ...usualZone(room.design, { id: 'floor', face: null }), tile: { w: 600, h: 300 }, joint: 3 };
  room.run(putZone, { ...zone, pattern: { type: 'grid' }, origin: { x: 0, y: -3000 } });
  return room;
}

describe('the sheets of a setter', () => {
  it('have each zone on one of its own, with its table, cuts and numbered pieces', () => {
    const room = tiled();
    room.run(putZone, { ...usualZone(room.design, { id: 'wall', face: 'face-b' }), name: 'By the window' });
    const sheets = must(drawSheets(room.design, options()));
    expect(sheets.map(({ title }) => title)).toEqual([
      'Tiles T1, floor',
      'Cutting plan of T1',
      'Tiles T2, By the window',
      'Cutting plan of T2',
    ]);
    const { laid, edges } = must(tiledZones(room.design)[0]!.tiled);
    const types = cutTypes(laid.pieces);
    const said = texts(sheets[0]!.marks);
    expect(said).toEqual(
      expect.arrayContaining(['Marram', '600 × 300', 'Straight', '0 from the left, 0 up', `Sheet 1 of 4`]),
    );
    // Right: 4000 - 6 · 603; top: 3000 - 9 · 303.
    expect(edges).toContainEqual(expect.objectContaining({ size: 382 }));
    expect(said.filter((one) => one === '382').length).toBeGreaterThan(1);
    expect(said).toContain('273');
    // Every cut is in the list by its number, with as many as there are.
    for (const { number, w, h } of types) {
      expect(said).toContain(String(number));
      expect(said).toEqual(expect.arrayContaining([w, h].map((mm) => String(Math.round(mm)))));
    }
  });

  it('tell how the floor falls and where it makes a step', () => {
    const room = tiled();
    room.open('face-c', 'door', 500);
    const { record } = tiledZones(room.design)[0]!;
    room.run(putZone, { ...record, fall: 0.01, channel: { x: 0, y: -1500 } });
    const said = texts(must(drawSheets(room.design, options()))[0]!.marks);
    // 4000 from the drain along the left wall: 40 mm; its own corners are not told.
    expect(said).toContain('up to 40 over the drain along its edge');
    expect(said.filter((one) => one === '+40')).toHaveLength(2);
    expect(said).not.toContain('+0');
    expect(said).toContain('At D1');
    expect(said.some((one) => one.endsWith(' over bare floor'))).toBe(true);
  });

  it('have pieces true to scale, at the scale that is said', () => {
    const room = tiled();
    const [sheet] = must(drawSheets(room.design, options()));
    const path = sheet!.marks.find(
      (mark): mark is PathMark => mark.type === 'path' && mark.layer === 'tiles',
    )!;
    const [first] = path.rings;
    expect(Math.max(...first!.map(({ x }) => x)) - Math.min(...first!.map(({ x }) => x))).toBeCloseTo(
      600 / 50,
      9,
    );
  });

  it('go on with a long cut list on a further page', () => {
    const room = tiled();
    const turned = { id: 'floor', origin: { x: 5, y: 3 }, angle: 0.2 };
    room.run(setOutZone, turned);
    const types = cutTypes(must(tiledZones(room.design)[0]!.tiled).laid.pieces);
    expect(types.length).toBeGreaterThan(30);
    const sheets = must(drawSheets(room.design, options()));
    expect(sheets.map(({ title }) => title)).toEqual([
      'Tiles T1, floor',
      'Cut list of T1, continued',
      'Cutting plan of T1',
      'Cutting plan of T1, page 2',
    ]);
    const listed = sheets.flatMap(({ marks }) => texts(marks.filter(({ layer }) => layer === 'sheet')));
    for (const { number } of types) expect(listed).toContain(String(number));
    expect(listed.join()).toContain('cut on a slant');
  });

  it('show how tiles are cut: each in a sketch with its numbers, within the page and over no other', () => {
    const room = tiled();
    room.run(setOutZone, { id: 'floor', origin: { x: 5, y: 3 }, angle: 0.2 });
    const sheets = must(drawSheets(room.design, options()));
    // Each is known by its title.
    expect(new Set(sheets.map(({ title }) => title)).size).toBe(sheets.length);
    const plans = sheets.filter(({ title }) => title.startsWith('Cutting'));
    const [zone] = tiledZones(room.design);
    const laid = must(zone!.tiled);
    const tiles = cutPlan(must(zoneOrder(zone!.record, laid)), cutTypes(laid.laid.pieces));
    const said = plans.flatMap(({ marks }) => texts(marks));
    const counted = said.flatMap((one) => /^(\d+) × 600 × 300$/.exec(one)?.[1] ?? []).map(Number);
    expect(counted.reduce((sum, count) => sum + count, 0)).toBe(
      tiles.reduce((sum, { alike }) => sum + alike.length, 0),
    );
    for (const { number } of cutTypes(laid.laid.pieces))
      expect(said.some((one) => one.startsWith(`No. ${number}: `))).toBe(true);
    for (const { marks, page } of plans) {
      const field = fieldOf(page);
      const words = marks.flatMap((mark) =>
        mark.type === 'text' && /^No\. |% offcut$/.test(mark.text) ? mark : [],
      );
      expect(words.every(({ at }) => at.y >= field.bottom && at.x < field.right)).toBe(true);
      const places = words.map(({ at }) => `${at.x.toFixed(1)} ${at.y.toFixed(1)}`);
      expect(new Set(places).size).toBe(places.length);
    }
  });

  it('are refused where nothing is tiled, or a zone is too large for its page, naming the scales at which it fits', () => {
    const refused = (result: ReturnType<typeof drawSheets>) => (result.ok ? '' : refusalText(result.refusal));
    expect(refused(drawSheets(rectangle().design, options()))).toContain('Nothing is tiled in this room');
    const room = rectangle(14_000, 9_000);
    room.run(putZone, usualZone(room.design, { id: 'floor', face: null }));
    expect(refused(drawSheets(room.design, options('A3', '20')))).toContain('1:50');
  });
});

describe('cut pieces of a zone', () => {
  it('are of one kind where they are cut alike at the same side', () => {
    const room = tiled();
    const { laid, count } = must(tiledZones(room.design)[0]!.tiled);
    const types = cutTypes(laid.pieces);
    expect(types.reduce((sum, { pieces }) => sum + pieces.length, 0)).toBe(count.cut);
    // At the right nine of 382 × 300, and one in the corner.
    const right = types.filter(({ w }) => Math.round(w) === 382);
    expect(right.map(({ h, pieces }) => [Math.round(h), pieces.length])).toEqual([
      [300, 9],
      [273, 1],
    ]);
    expect(types.map(({ number }) => number)).toEqual(types.map((_, index) => index + 1));
    expect(types.some(({ shaped }) => shaped)).toBe(true);
  });
});
