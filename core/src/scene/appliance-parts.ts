import { ellipse } from '../geometry/ellipse';
import type { ItemBox } from '../setting/item-box';
import type { FrontPart } from '../solids/front-parts';
import type { Solid } from '../solids/solids';
import { box, joined, loft, prism, slab, type Frame, type Mesh } from './mesh';
import type { ScenePart } from './scene-part';
import { bar, circle, frameOfSide, motionOf, plan, rectangle } from './shapes';

/** Thickness of a door of an appliance, and of glass on it, mm. */
const DOOR = 40;
const GLASS = 4;
/** A hob's plate, and a ring on it, above the top it lies on. */
const PLATE = 6;
const RING = 2;

/** The parts of an appliance: its body, its fronts, and what shows what it is on top. */
export function applianceParts(solid: Solid, proud: number): ScenePart[] {
  const own = solid.box!;
  const { record, kind, low, high } = own;
  const { width, depth } = record;
  switch (kind.id) {
    case 'hood':
      return hood(own);
    case 'hob':
      return hobPlate(own, low, width, depth);
  }
  const face = kind.top === 'under' ? proud : 0;
  const front = depth + face - DOOR;
  const body =
    kind.id === 'refrigerator' || kind.id === 'oven' || kind.id === 'microwave' ? 'steel' : 'enamel';
  const parts: ScenePart[] = [
    {
      substance: kind.top === 'under' ? 'carcass' : body,
      mesh: box(own, [0, width], [0, front], [low + (solid.foot ?? 0), high]),
    },
    ...solid.sides.flatMap((side) =>
      side.front
        ? side.parts.flatMap((part) => applianceFront(part, frameOfSide(side), low, face, kind.id))
        : [],
    ),
  ];
  if (kind.id === 'cooker') parts.push(...hobPlate(own, high, width, depth));
  return parts;
}

/** A part of the front of an appliance. */
export function applianceFront(
  part: FrontPart,
  frame: Frame,
  up: number,
  face: number,
  kind: string,
): ScenePart[] {
  const { shows, left, right, low, high } = part;
  const [bottom, top] = [up + low, up + high];
  const ring = rectangle(left, right, bottom, top);
  const depth = 500;
  const moves = motionOf(part, frame, up, face, depth);
  const moving = moves ? { moves } : {};
  const door = (substance: ScenePart['substance']): ScenePart => ({
    substance,
    mesh: slab(frame, ring, [face - DOOR, face]),
    ...moving,
  });
  const handle = (across: number, at: number, half: number, upright: boolean): ScenePart => ({
    substance: 'metal',
    mesh: bar(frame, across, at, half, upright, face, 45),
    ...moving,
  });
  const [wide, middle] = [right - left, (left + right) / 2];
  const isWhite = kind === 'washer' || kind === 'dryer';
  switch (shows) {
    case 'controls': {
      const knob = (share: number) =>
        slab(
          frame,
          circle(left + wide * share, (bottom + top) / 2, Math.min(22, (high - low) * 0.24)),
          [face, face + 18],
          { round: true },
        );
      const knobs = isWhite ? [knob(0.5)] : [0.2, 0.35, 0.65, 0.8].map(knob);
      return [door(isWhite ? 'enamel' : 'steel'), { substance: 'metal', mesh: joined(...knobs) }];
    }
    case 'port': {
      const radius = 0.33 * Math.min(wide, high - low);
      const disc = circle(middle, (bottom + top) / 2, radius);
      const hole = circle(middle, (bottom + top) / 2, radius * 0.78);
      return [
        door('enamel'),
        {
          substance: 'steel',
          mesh: slab(frame, disc, [face, face + 22], { holes: [hole], round: true }),
          ...moving,
        },
        { substance: 'black-glass', mesh: slab(frame, hole, [face, face + 12], { round: true }), ...moving },
      ];
    }
    case 'drop': {
      if (kind === 'dishwasher') return [door('steel'), handle(middle, top - 60, wide * 0.38, false)];
      const window = rectangle(
        left + wide * 0.12,
        right - wide * 0.12,
        bottom + (high - low) * 0.16,
        bottom + (high - low) * 0.74,
      );
      return [
        door('steel'),
        { substance: 'black-glass', mesh: slab(frame, window, [face, face + GLASS]), ...moving },
        handle(middle, top - 50, wide * 0.38, false),
      ];
    }
    default: {
      if (kind === 'microwave')
        return [door('black-glass'), handle(right - 60, (bottom + top) / 2, (high - low) * 0.32, true)];
      const pull = part.pull;
      const tall = Math.min(300, (high - low) * 0.3);
      return pull
        ? [
            door('steel'),
            handle(
              pull.across,
              pull.upright ? Math.max(bottom + tall, Math.min(top - tall, up + pull.up)) : up + pull.up,
              pull.upright ? tall : wide * 0.38,
              pull.upright,
            ),
          ]
        : [door('steel')];
    }
  }
}

/** A plate of dark glass with its rings, on something as high as given. */
export function hobPlate(own: ItemBox, up: number, width: number, depth: number): ScenePart[] {
  const columns = width > 780 ? 3 : 2;
  const radius = Math.min(95, width / columns / 2.7);
  const rings: Mesh[] = Array.from({ length: columns * 2 }, (_, index) => {
    const across = (width * ((index % columns) + 0.5)) / columns;
    const out = 30 + (depth - 60) * (index < columns ? 0.27 : 0.73);
    const size = radius * (index % 2 === 0 ? 1 : 0.8);
    const ringAt = (r: number) => ellipse(r, r).map(({ x, y }) => plan(own, across + x, out + y));
    return prism(ringAt(size), up + PLATE, up + PLATE + RING, { holes: [ringAt(size - 5)], round: true });
  });
  return [
    { substance: 'black-glass', mesh: box(own, [8, width - 8], [30, depth - 30], [up, up + PLATE]) },
    { substance: 'metal', mesh: joined(...rings) },
  ];
}

/** A canopy, and the duct up from it. */
function hood(own: ItemBox): ScenePart[] {
  const { low, high, record } = own;
  const { width, depth } = record;
  const rim = low + (high - low) * 0.1;
  const neck = low + (high - low) * 0.3;
  const ring = (left: number, right: number, front: number) =>
    [
      [left, 0],
      [right, 0],
      [right, front],
      [left, front],
    ].map(([across, out]) => plan(own, across!, out!));
  const duct = ring(width * 0.32, width * 0.68, depth * 0.6);
  return [
    { substance: 'steel', mesh: prism(ring(0, width, depth), low, rim) },
    { substance: 'steel', mesh: loft(ring(0, width, depth), rim, duct, neck) },
    { substance: 'steel', mesh: prism(duct, neck, high) },
  ];
}
