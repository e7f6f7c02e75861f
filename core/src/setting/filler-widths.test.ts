import { describe, expect, it } from 'vitest';
import { makeRoom, must, outlineFaces, roomShape, setRoom } from '..';
import { after, RoomBuilder } from '../demo/build-room';
import { editFaces } from '../commands/edit-faces';
import { fathom } from '../ranges/data/fathom';
import { saltbox } from '../ranges/data/saltbox';
import { constructionOf } from '../ranges/construction';
import { toRadians } from '../units/angles';
import { fillerFor, fillerWidths, type FillerSide } from './filler-widths';
import { openLengths } from './open-lengths';

const mm = constructionOf(fathom)!;
const full = constructionOf(saltbox)!;
const partial = constructionOf({ ...saltbox, fronts: 'partial overlay' })!;
const inset = constructionOf({ ...saltbox, fronts: 'inset' })!;
const inch = (length: number) => length * 25.4;

const wall: FillerSide = { meets: 'built' };
const side: FillerSide = { meets: 'side' };
const front = ({ frontShort }: { frontShort: number }): FillerSide => ({ meets: 'front', short: frontShort });
const corner = ({ proud }: { proud: number }): FillerSide => ({ meets: 'corner', proud });
const panel = ({ panel: thickness }: { panel: number }): FillerSide => ({ meets: 'panel', thickness });

/** Where, the gap at the back and at the front, what is on its left and right, how it is built; the box gap, the visible width and the cut width, worked by hand. */
const cases: [string, number, number, FillerSide, FillerSide, { scribe: number }, number, number, number][] =
  [
    // Frameless: fronts stop 1.5 short, 10 to scribe, panels 18, fronts 20 proud.
    ['frameless, cabinet to wall', 50, 50, front(mm), wall, mm, 50, 51.5, 60],
    ['frameless, wall to cabinet', 75, 75, wall, front(mm), mm, 75, 76.5, 85],
    ['frameless, between two cabinets', 40, 40, front(mm), front(mm), mm, 40, 43, 40],
    ['frameless, cabinet to the side of a tall one', 30, 30, front(mm), side, mm, 30, 31.5, 30],
    ['frameless, tall side to wall', 65, 65, side, wall, mm, 65, 65, 75],
    ['frameless, between two tall sides', 22, 22, side, side, mm, 22, 22, 22],
    ['frameless, wall to wall', 140, 140, wall, wall, mm, 140, 140, 160],
    ['frameless, cabinet to corner', 70, 70, front(mm), corner(mm), mm, 50, 51.5, 50],
    ['frameless, corner to cabinet', 95, 95, corner(mm), front(mm), mm, 75, 76.5, 75],
    ['frameless, tall side to corner', 80, 80, side, corner(mm), mm, 60, 60, 60],
    ['frameless, a panel set with it at the cabinet', 68, 68, panel(mm), wall, mm, 50, 50, 60],
    ['frameless, a panel set with it at the wall', 68, 68, front(mm), panel(mm), mm, 50, 51.5, 50],
    ['frameless, panels on both sides', 86, 86, panel(mm), panel(mm), mm, 50, 50, 50],
    ['frameless, wall leans away: wider at the front', 50, 62.7, front(mm), wall, mm, 50, 64.2, 72.7],
    ['frameless, wall leans in: narrower at the front', 62.7, 50, front(mm), wall, mm, 50, 51.5, 60],
    ['frameless, walls lean in on both sides', 120, 95, wall, wall, mm, 95, 95, 115],
    ['frameless, wall leans away, panel set with it', 68, 80.7, panel(mm), wall, mm, 50, 62.7, 72.7],
    // Face frame, full overlay: 1/4 in of the stile shows, 1/2 in to scribe, panels 3/4 in, fronts 3/4 in proud.
    [
      'full overlay, cabinet to wall',
      inch(3),
      inch(3),
      front(full),
      wall,
      full,
      inch(3),
      inch(3.25),
      inch(3.5),
    ],
    [
      'full overlay, wall to cabinet',
      inch(1.5),
      inch(1.5),
      wall,
      front(full),
      full,
      inch(1.5),
      inch(1.75),
      inch(2),
    ],
    [
      'full overlay, between two',
      inch(2),
      inch(2),
      front(full),
      front(full),
      full,
      inch(2),
      inch(2.5),
      inch(2),
    ],
    ['full overlay, to a tall side', inch(1), inch(1), front(full), side, full, inch(1), inch(1.25), inch(1)],
    [
      'full overlay, to corner',
      inch(3.75),
      inch(3.75),
      front(full),
      corner(full),
      full,
      inch(3),
      inch(3.25),
      inch(3),
    ],
    [
      'full overlay, a panel set with it',
      inch(2.25),
      inch(2.25),
      panel(full),
      wall,
      full,
      inch(1.5),
      inch(1.5),
      inch(2),
    ],
    [
      'full overlay, wall leans away by 3/8 in',
      inch(3),
      inch(3.375),
      front(full),
      wall,
      full,
      inch(3),
      inch(3.625),
      inch(3.875),
    ],
    [
      'full overlay, wall leans in by 3/8 in',
      inch(3),
      inch(2.625),
      front(full),
      wall,
      full,
      inch(2.625),
      inch(2.875),
      inch(3.125),
    ],
    // Partial overlay: 1 in of the stile shows.
    [
      'partial overlay, cabinet to wall',
      inch(3),
      inch(3),
      front(partial),
      wall,
      partial,
      inch(3),
      inch(4),
      inch(3.5),
    ],
    [
      'partial overlay, between two',
      inch(2),
      inch(2),
      front(partial),
      front(partial),
      partial,
      inch(2),
      inch(4),
      inch(2),
    ],
    [
      'partial overlay, to a tall side',
      inch(1),
      inch(1),
      front(partial),
      side,
      partial,
      inch(1),
      inch(2),
      inch(1),
    ],
    [
      'partial overlay, to corner',
      inch(2.75),
      inch(2.75),
      corner(partial),
      front(partial),
      partial,
      inch(2),
      inch(3),
      inch(2),
    ],
    // Inset: the whole stile shows and the gap about the front; fronts do not stand proud.
    ['inset, cabinet to wall', inch(1), inch(1), front(inset), wall, inset, inch(1), inch(2.625), inch(1.5)],
    [
      'inset, between two',
      inch(0.5),
      inch(0.5),
      front(inset),
      front(inset),
      inset,
      inch(0.5),
      inch(3.75),
      inch(0.5),
    ],
    ['inset, to corner', inch(2), inch(2), front(inset), corner(inset), inset, inch(2), inch(3.625), inch(2)],
    ['inset, wall to wall', inch(4), inch(4), wall, wall, inset, inch(4), inch(4), inch(5)],
  ];

describe('the widths of a filler', () => {
  it.each(cases)('%s', (_, back, atFront, left, right, method, gap, visible, cut) => {
    const widths = fillerWidths({ back, front: atFront }, [left, right], method);
    expect(widths.gap).toBeCloseTo(gap, 6);
    expect(widths.visible).toBeCloseTo(visible, 6);
    expect(widths.cut).toBeCloseTo(cut, 6);
  });

  function room(corner = 90) {
    const faces = outlineFaces({ id: 'rectangle', turns: 0, mirrored: false }, [3000, 2600], 'mm');
    const made = must(makeRoom({ name: 'K', unit: 'mm', step: 1, ceilingHeight: 2500, faces }));
    const [, second] = Object.values(made.records).filter(({ kind }) => kind === 'face');
    const bent =
      corner === 90
        ? made
        : after(made, editFaces, {
            faces: [second!.id],
            change: { corner: toRadians(corner), cornerFrom: 'measured' },
          });
    return new RoomBuilder(after(bent, setRoom, { range: 'fathom' }));
  }
  const widthsOn = ({ design }: RoomBuilder, letter: string, index = 0) => {
    const open = openLengths(design).filter(({ face }) => face.letter === letter)[index]!;
    return { band: open.band, ...fillerFor(design, open) };
  };

  it('knows what stands beside an open length, and whether its front is in line', () => {
    const beside = room();
    beside.set('F600', 'face-a', 50);
    beside.set('F600', 'face-a', 680);
    beside.set('T600/1950', 'face-a', 1310);
    const names = [0, 1, 2].map((index) => widthsOn(beside, 'A', index).sides.map(({ meets }) => meets));
    expect(names).toEqual([
      ['built', 'front'],
      ['front', 'front'],
      ['front', 'side'],
    ]);
    expect(widthsOn(beside, 'A', 1)).toMatchObject({ gap: 30, visible: 33, cut: 30 });
    expect(widthsOn(beside, 'A', 2)).toMatchObject({ gap: 30, visible: 31.5, cut: 30 });
  });

  it('measures a corner to the fronts of the run round it', () => {
    const around = room();
    around.set('F600', 'face-b', 0);
    around.set('F900', 'face-a', 3000 - 560 - 75 - 900);
    const open = openLengths(around.design).find(
      ({ face, left, right }) => face.letter === 'A' && left?.kind === 'item' && right?.kind === 'item',
    )!;
    expect(open.length).toBeCloseTo(75, 6);
    expect(fillerFor(around.design, open)).toMatchObject({
      gap: 55,
      visible: 56.5,
      cut: 55,
      sides: [{ meets: 'front' }, { meets: 'corner', proud: 20 }],
    });
  });

  it('measures at the front against a wall that is out of square, worked by hand', () => {
    for (const corner of [91.5, 88.5]) {
      const leaning = room(corner);
      // So far does the right wall lean out of the room, or into it, 560 mm off face A.
      const angle = roomShape(leaning.design).faces[1]!.corner;
      const atFront = 100 + 560 * Math.tan(angle - Math.PI / 2);
      expect(Math.abs(atFront - 100)).toBeGreaterThan(10);
      leaning.set('F1000', 'face-a', 3000 - 100 - 1000);
      const open = openLengths(leaning.design).find(({ face, from }) => face.letter === 'A' && from > 100)!;
      const { gap, visible, cut } = fillerFor(leaning.design, open);
      expect(gap).toBeCloseTo(Math.min(100, atFront), 4);
      expect(visible).toBeCloseTo(atFront + 1.5, 4);
      expect(cut).toBeCloseTo(atFront + 10, 4);
    }
  });
});
