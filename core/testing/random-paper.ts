import { placeFrames } from '../src/commands/place-frames';
import { putDimension } from '../src/commands/put-dimension';
import { setFrame } from '../src/commands/set-frame';
import { setRowWay } from '../src/commands/set-row-way';
import { recordsOf, type Design } from '../src/document/design';
import { dimensionTypes, dimensionWays, viewLayers } from '../src/document/limits';
import type { Patch } from '../src/document/patch';
import { drawingIds } from '../src/drawing/sheet/frame-ways';
import type { Result } from '../src/result';

/** Three numbers from 0 to 1,000. */
interface Chance {
  a: number;
  b: number;
  c: number;
}

/** Puts a dimension or a note on the plan or an elevation, of whatever there is, or what is not. */
export function dimensionEdit(design: Design, { a, b, c }: Chance): Result<Patch> {
  const faces = recordsOf(design, 'face').map(({ id }) => id);
  const all = [...faces, ...recordsOf(design, 'item').map(({ id }) => id), 'room', 'gone'];
  const share = (value: number) => (value % 5) / 4;
  const ends = Array.from({ length: 1 + (c % 4) }, (_, index) => {
    const from = a + index * 7 + b;
    return { of: all[from % all.length]!, along: share(from), out: share(from + c), up: share(from + b) };
  });
  const view = c % 3 ? 'plan' : faces[a % faces.length]!;
  return putDimension.run(design, {
    ...{ kind: 'dimension', id: `d-${b % 3}`, view, off: (c - 500) / 9, ends },
    ...{ type: dimensionTypes[b % dimensionTypes.length]!, way: dimensionWays[a % 3]! },
    ...(a % 2 && { text: 'by hand' }),
  });
}

/** Leaves a row of dimensions or a label away, or moves it. */
export function rowEdit(design: Design, { a, b, c }: Chance): Result<Patch> {
  const faces = recordsOf(design, 'face').map(({ id }) => id);
  const items = recordsOf(design, 'item').map(({ id }) => id);
  const face = faces[a % faces.length]!;
  const rows = [`${face} overall`, 'standing', `label numbers ${items[b % items.length]}`];
  return setRowWay.run(design, {
    ...{ id: `w-${b % 3}`, view: c % 2 ? 'plan' : face, row: rows[c % rows.length]! },
    ...{ hidden: a % 3 === 0, off: (b % 7) - 3, over: (c % 9) - 4 },
  });
}

/** Places a drawing of the room on its sheet, or says how it lies there. */
export function frameEdit(design: Design, { a, b, c }: Chance): Result<Patch> {
  const all = [...drawingIds(design), 'gone'];
  const drawing = all[a % all.length]!;
  const id = `f-${b % 5}`;
  if (c % 3 === 0) {
    const place = { sheet: 1 + (b % 4), x: b, y: c / 3 };
    return placeFrames.run(design, {
      page: 'A3',
      frames: [{ id, drawing, ...place }],
      free: [all[b % all.length]!],
    });
  }
  return setFrame.run(design, {
    ...{ id, drawing, ratio: [null, 5, 20, 25, 50][b % 5]!, hidden: c % 7 === 0, plain: c % 2 === 0 },
    crop: c % 5 < 2 ? { left: b - 500, top: c * 3 } : null,
    without: viewLayers.filter((_, index) => (a + index) % 9 === 0),
  });
}
