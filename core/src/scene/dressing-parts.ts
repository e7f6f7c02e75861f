import { ellipse } from '../geometry/ellipse';
import type { Point } from '../geometry/point';
import type { ItemBox } from '../setting/item-box';
import { CURTAIN, FOLD } from '../solids/curtain';
import type { Solid } from '../solids/solids';
import { addFace, box, emptyMesh, joined, loft, prism, slab, type Mesh, type Place } from './mesh';
import type { ScenePart, Substance } from './scene-part';
import { plan, rectangle } from './shapes';

/** How thick the frame of a picture is before its sheet, and wide; the tube of a blind, its cloth and its hem, mm. */
const FRAME = { wide: 22, before: 6 };
const TUBE = 44;
const CLOTH = 3;
const HEM = 18;

const one = (substance: Substance, ...meshes: Mesh[]): ScenePart => ({ substance, mesh: joined(...meshes) });

/** What dresses a room, simply shaped; its cloth, sheet or shade is of its own finish. */
export function dressingParts({ footprint, round, low, high, box: item }: Solid): ScenePart[] {
  const own = item!;
  switch (own.kind.id) {
    case 'blind':
      return blind(own);
    case 'curtain':
      return curtains(own);
    case 'picture':
      return picture(own);
    case 'lamp-pendant':
      return pendant(own);
    case 'lamp-floor':
      return standingLamp(own, { foot: 'metal', stem: 0.8 });
    case 'lamp-table':
      return standingLamp(own, { foot: 'ceramic', stem: 0.55 });
    case 'plant':
      return plant(own);
    default:
      return [one('fabric', prism(footprint, low, high, { round }))];
  }
}

function blind(own: ItemBox): ScenePart[] {
  const { low, high, record } = own;
  const { width, depth } = record;
  const middle = depth / 2;
  const tube = ellipse(TUBE / 2, TUBE / 2).map(({ x, y }) => ({ x: middle + x, y: high - TUBE / 2 + y }));
  return [
    one(
      'fabric',
      acrossFrom(own, tube, 8, width - 8),
      box(own, [10, width - 10], [middle - CLOTH / 2, middle + CLOTH / 2], [low + HEM, high - TUBE / 2]),
    ),
    one('metal', box(own, [10, width - 10], [middle - 6, middle + 6], [low, low + HEM])),
  ];
}

/** A cross section (out and up) drawn along the width of an item. */
function acrossFrom(own: ItemBox, section: readonly Point[], left: number, right: number): Mesh {
  const mesh = emptyMesh();
  const place = (across: number, { x, y }: Point): Place => {
    const at = plan(own, across, x);
    return [at.x, at.y, y];
  };
  section.forEach((a, index) => {
    const b = section[(index + 1) % section.length]!;
    addFace(mesh, [place(left, a), place(right, a), place(right, b), place(left, b)]);
  });
  addFace(
    mesh,
    section.map((at) => place(left, at)),
  );
  addFace(
    mesh,
    [...section].reverse().map((at) => place(right, at)),
  );
  return mesh;
}

function curtains(own: ItemBox): ScenePart[] {
  const { low, high, record } = own;
  const { width, depth } = record;
  const wide = width * CURTAIN;
  const count = Math.max(2, Math.round(wide / FOLD));
  const [middle, deep] = [depth / 2, Math.min(depth * 0.36, 45)];
  const wave = (from: number, off: number) =>
    Array.from({ length: count * 6 + 1 }, (_, index) => {
      const share = index / (count * 6);
      return plan(own, from + share * wide, middle + off + deep * Math.sin(share * count * 2 * Math.PI));
    });
  const leaf = (from: number) =>
    prism([...wave(from, -CLOTH), ...wave(from, CLOTH).reverse()], low, high - 30, { round: true });
  return [
    one('fabric', leaf(0), leaf(width - wide)),
    one('metal', box(own, [0, width], [middle - 12, middle + 12], [high - 30, high])),
  ];
}

function picture(own: ItemBox): ScenePart[] {
  const { low, high, record } = own;
  const { width, depth } = record;
  const edge = Math.min(FRAME.wide, width / 5, (high - low) / 5);
  const inner = rectangle(edge, width - edge, low + edge, high - edge);
  const face = Math.max(depth - FRAME.before, depth / 2);
  return [
    one('timber', slab(own, rectangle(0, width, low, high), [0, depth], { holes: [inner] })),
    one('fabric', slab(own, inner, [face / 2, face])),
  ];
}

/** A ring about the middle of an item. */
function ring({ record: { width, depth }, ...own }: ItemBox, share: number): Point[] {
  return ellipse((width / 2) * share, (depth / 2) * share).map(({ x, y }) =>
    plan(own, width / 2 + x, depth / 2 + y),
  );
}

/** A shade open below, with what shines in it. */
function shade(own: ItemBox, low: number, high: number): ScenePart[] {
  return [
    one('fabric', loft(ring(own, 0.97), low, ring(own, 0.62), high)),
    one('light', prism(ring(own, 0.9), low - 4, low - 1, { round: true })),
  ];
}

function pendant(own: ItemBox): ScenePart[] {
  const { low, high } = own;
  const top = low + (high - low) * 0.3;
  return [
    ...shade(own, low + 6, top),
    one(
      'metal',
      prism(ring(own, 0.02), top, high, { round: true }),
      prism(ring(own, 0.25), high - 20, high, { round: true }),
    ),
  ];
}

/** A lamp on a foot: its shade begins at a share of its height. */
function standingLamp(
  own: ItemBox,
  { foot, stem }: { foot: 'ceramic' | 'metal'; stem: number },
): ScenePart[] {
  const { low, high } = own;
  const at = (share: number) => low + (high - low) * share;
  const base =
    foot === 'metal'
      ? prism(ring(own, 0.7), low, at(0.015), { round: true })
      : loft(ring(own, 0.3), low, ring(own, 0.46), at(0.4));
  return [
    ...shade(own, at(stem), high),
    one(foot, base),
    one(
      'metal',
      prism(ring(own, foot === 'metal' ? 0.05 : 0.08), at(foot === 'metal' ? 0.015 : 0.4), at(stem), {
        round: true,
      }),
    ),
  ];
}

/** How many leaves a plant has; each turned on from the one before by the golden angle, so that none covers another. */
const LEAVES = 26;
const GOLDEN = Math.PI * (3 - Math.sqrt(5));

function plant(own: ItemBox): ScenePart[] {
  const { low, high, record } = own;
  const rim = low + (high - low) * 0.3;
  const [half, middle] = [
    Math.min(record.width, record.depth) / 2,
    plan(own, record.width / 2, record.depth / 2),
  ];
  const leaf = emptyMesh();
  for (let index = 0; index < LEAVES; index++) {
    const share = index / (LEAVES - 1);
    const angle = index * GOLDEN;
    // The upper ones stand, the lower ones lie out.
    const reach = half * (1 - 0.55 * share);
    const tip = rim + (high - rim) * (0.25 + 0.75 * share);
    const place = (out: number, aside: number, up: number): Place => [
      middle.x + Math.cos(angle) * out - Math.sin(angle) * aside,
      middle.y + Math.sin(angle) * out + Math.cos(angle) * aside,
      up,
    ];
    const broad = half * 0.17;
    const bend = rim + (tip - rim) * 0.75;
    const [root, left, right, end] = [
      place(0, 0, rim - 10),
      place(reach * 0.6, -broad, bend),
      place(reach * 0.6, broad, bend),
      place(reach, 0, tip),
    ];
    addBlade(leaf, [root, left, right]);
    addBlade(leaf, [left, end, right]);
  }
  return [one('ceramic', loft(ring(own, 0.42), low, ring(own, 0.6), rim)), one('leaf', leaf)];
}

/** How thick a leaf is, mm. */
const BLADE = 1.5;

/** A thin closed triangle, its corners counter-clockwise as seen from above. */
function addBlade(mesh: Mesh, corners: readonly [Place, Place, Place]): void {
  const under = corners.map(([x, y, z]): Place => [x, y, z - BLADE]) as [Place, Place, Place];
  addFace(mesh, corners);
  addFace(mesh, [...under].reverse());
  corners.forEach((a, index) => {
    const next = (index + 1) % 3;
    addFace(mesh, [under[index]!, under[next]!, corners[next]!, a]);
  });
}
