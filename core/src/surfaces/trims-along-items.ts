import { roomOf, type Design } from '../document/design';
import type { ItemTrim, TrimProfile } from '../document/limits';
import { remember } from '../document/remember';
import { distance, place, scale, subtract, unit, type Point } from '../geometry/point';
import { boundsMeet, boundsOf, signedArea } from '../geometry/polygon';
import { intersect } from '../geometry/region';
import { SAME_PLACE, TOUCH } from '../geometry/tolerance';
import { constructionOfItem } from '../ranges/construction';
import type { ItemKind } from '../ranges/item-kind';
import { rangesOf } from '../ranges/shelf';
import { findBox, HUNG, itemBoxes, type ItemBox } from '../setting/item-box';
import { fixedThings } from '../survey/fixed-things';
import { headroom } from '../survey/ceiling';
import { roomShape } from '../survey/room-shape';
import type { Bearing } from './board-rings';
import { boardsAlong, type BoardRow, type EdgeBoard } from './edge-boards';
import { edgeStretches, sameStretches } from './edge-stretches';
import { standsBefore } from './plinths';
import { profileShape } from './own-profiles';
import { shapeReach, type TrimShape } from './trim-profiles';
import { samePiece, squareOut, type TrimPiece, type TrimPlace } from './trim-piece';

/** Whether an item of a kind, its underside so high, can have a trim along it: wall units and talls a cornice, wall units a light rail. */
export function carriesTrim(use: ItemTrim, { group, flat }: ItemKind, low: number): boolean {
  if (flat) return false;
  return use === 'cornice' ? group === 'wall' || group === 'tall' : group === 'wall' && low >= HUNG;
}

/** The kinds that are a trim by themselves. */
const setAs: Record<ItemTrim, string> = { cornice: 'cornice', lightRail: 'light-rail' };

/** A trim is taken to be so thick where boards run round what is thinner, mm. */
const THICK = 18;

/** The profile of a trim along the side of an item: its own, or the room's. */
export function trimProfileOf(
  design: Design,
  use: ItemTrim,
  { id, side }: { id: string; side: 'front' | 'left' | 'right' | 'behind' },
): { profile: TrimProfile; own: boolean } {
  const own = findBox(design, id)?.record.trims?.[use]?.[side];
  return { profile: own ?? roomOf(design)[use] ?? 'none', own: own !== undefined };
}

/** The trims along the cabinets of a room. */
export const trimsAlongItems = (design: Design): TrimPiece[] =>
  (['cornice', 'lightRail'] as const).flatMap((use) =>
    trimRows(design, use).flatMap((row) => piecesOf(design, use, row)),
  );

/** The rows along which a trim of this use goes, or could go where it is left out. Nothing where neither the room nor an item asks for one. */
export function trimRows(design: Design, use: ItemTrim): readonly BoardRow[] {
  const usual = roomOf(design)[use] ?? 'none';
  const boxes = itemBoxes(design).filter(({ kind, low }) => carriesTrim(use, kind, low));
  const asked = boxes.some(({ record }) =>
    Object.values(record.trims?.[use] ?? {}).some((profile) => profile !== 'none'),
  );
  if (usual === 'none' && !asked) return [];
  const set = itemBoxes(design).filter(({ kind }) => kind.id === setAs[use]);
  const bearings = new Map(
    boxes
      .filter((box) => !set.some((one) => standsBefore(box, one)) && hasRoom(design, use, box))
      .map((box) => [box.id, bearingOf(design, use, box)] as const),
  );
  return boardsAlong(design, { bearings, beside: [], ignored: ({ kind }) => kind.id === setAs[use] });
}

/** How high a cornice over an item is, or a light rail under it deep, mm: the largest of what its sides have. */
function tallOf(design: Design, use: ItemTrim, { id }: ItemBox): number {
  const sides = ['front', 'left', 'right', 'behind'] as const;
  const heights = sides.map((side) => {
    const shape = profileShape(design, use, trimProfileOf(design, use, { id, side }).profile);
    return shape ? Math.max(shapeReach(shape).high, -shapeReach(shape).low) : 0;
  });
  return Math.max(...heights);
}

/** What is built over more of a box than this share leaves no room for a cornice on it. */
const BUILT_OVER = 0.5;

/** Whether there is room for it under the ceiling, and under what is built there. */
function hasRoom(design: Design, use: ItemTrim, box: ItemBox): boolean {
  if (use !== 'cornice') return true;
  const top = box.high + tallOf(design, use, box);
  if (headroom(roomShape(design).ceiling, box.rectangle) < top - TOUCH) return false;
  return !fixedThings(design).some(({ low, high, footprint }) => {
    if (low >= top - TOUCH || high <= box.high || !boundsMeet(boundsOf(footprint), boundsOf(box.rectangle)))
      return false;
    const over = intersect([footprint], [box.rectangle]).reduce((sum, ring) => sum + signedArea(ring), 0);
    return Math.abs(over) > BUILT_OVER * Math.abs(signedArea(box.rectangle));
  });
}

/** The items that would carry a cornice but have no room for one. */
export function withoutRoom(design: Design): string[] {
  return itemBoxes(design)
    .filter((box) => carriesTrim('cornice', box.kind, box.low) && tallOf(design, 'cornice', box) > 0)
    .filter((box) => !hasRoom(design, 'cornice', box))
    .map(({ id }) => id);
}

function bearingOf(design: Design, use: ItemTrim, box: ItemBox): Bearing {
  const made = constructionOfItem(box.record, rangesOf(design));
  // Over and under fronts that lie on the box it is in line with those.
  const back = -Math.max(0, made?.proud ?? 0);
  const tall = 1;
  const [low, high] = use === 'cornice' ? [box.high, box.high + tall] : [box.low - tall, box.low];
  return { low, high, back, thick: THICK };
}

/** A stretch of a board along which the same profile is asked for, none too; mm from where its edge begins. */
interface Asked {
  at: EdgeBoard['at'];
  from: number;
  to: number;
  made: TrimProfile;
}

const askedOf = (design: Design, use: ItemTrim, boards: readonly EdgeBoard[]): Asked[][] =>
  boards.map(({ edge, step, at, a, b }) => {
    // A step between neighbours follows the front of the one that stands further out.
    if (step)
      return [
        {
          ...{ at, from: distance(edge.a, a), to: distance(edge.a, b) },
          made: trimProfileOf(design, use, { id: at[0].item, side: 'front' }).profile,
        },
      ];
    return sameStretches(
      edgeStretches(
        edge,
        edge.items.map((id) => findBox(design, id)!),
      ),
      ({ box: { id }, side }) => trimProfileOf(design, use, { id, side }).profile,
      (one, other) => one === other,
    );
  });

/** The lengths of a row: where the profile changes one ends and the next begins. */
function piecesOf(design: Design, use: ItemTrim, { boards, high, low }: BoardRow): TrimPiece[] {
  const level = use === 'cornice' ? low : high;
  const asked = askedOf(design, use, boards);
  const profiles = new Set(asked.flat().map(({ made }) => made));
  const shapes = Object.fromEntries([...profiles].map((made) => [made, profileShape(design, use, made)]));
  return lengthsOf(boards[0]?.edge ?? NO_BOARD, { boards, asked, shapes, use, level });
}

const NO_BOARD = {};

interface Row {
  boards: readonly EdgeBoard[];
  /** The profile along each board, stretch by stretch of its edge. */
  asked: readonly (readonly Asked[])[];
  /** The cross section of each profile. */
  shapes: Readonly<Record<string, TrimShape | null>>;
  use: ItemTrim;
  level: number;
}

const lengthsOf = remember(
  (_row: object, { boards, asked, shapes, use, level }: Row): TrimPiece[] => {
    const found = boards.flatMap((board, index) =>
      asked[index]!.flatMap(({ at, from, to, made }) => {
        const { edge, a, b, inner } = board;
        const u = unit(subtract(edge.b, edge.a));
        const [starts, ends] = [distance(edge.a, a), distance(edge.a, b)];
        const [first, last] = [Math.max(from, starts), Math.min(to, ends)];
        const shape = shapes[made];
        if (made === 'none' || !shape || last - first < TOUCH) return [];
        const square = squareOut(a, b, 'right');
        // The other way from the inner end of the board, for what comes out of it.
        const mitre = (inner: Point, end: Point) => scale(subtract(inner, end), -1 / THICK);
        const onto = (along: number) => place(edge.a, u, along, u, 0);
        const piece: TrimPiece = {
          ...{ use, profile: made, shape, along: { items: at }, level },
          path: [first === starts ? a : onto(first), last === ends ? b : onto(last)],
          out: [first === starts ? mitre(inner[0], a) : square, last === ends ? mitre(inner[1], b) : square],
        };
        return [{ piece, board }];
      }),
    );
    // A mitre wants something to meet: square where what would is left out, or begins at a wall.
    const pieces = found.map(({ piece }) => piece);
    return found.map(({ piece, board }) =>
      samePiece(board.edge, {
        piece: {
          ...piece,
          out: [0, 1].map((end) => {
            const own = piece.out[end]!;
            const corner = end === 0 ? board.a : board.b;
            const met = boards.some((other) =>
              other === board ? false : distance(end === 0 ? other.b : other.a, corner) < SAME_PLACE,
            );
            const there = pieces.some(
              (other) =>
                other !== piece &&
                distance(end === 0 ? other.path[1]! : other.path[0]!, piece.path[end]!) < TOUCH,
            );
            const isCorner = distance(piece.path[end]!, corner) < SAME_PLACE;
            return isCorner && met && !there ? squareOut(piece.path[0]!, piece.path[1]!, 'right') : own;
          }),
        },
      }),
    );
  },
  { kept: 2 },
);

/** The sides of items along which a trim of this use goes, or is left out. */
export const itemTrimPlaces = (design: Design, use: ItemTrim): TrimPlace[] =>
  trimRows(design, use).flatMap(({ boards }) => {
    const asked = askedOf(design, use, boards);
    return boards.flatMap(({ edge, step }, index) => {
      const u = unit(subtract(edge.b, edge.a));
      return asked[index]!.flatMap(({ at, from, to, made }): TrimPlace[] => {
        const [first] = at;
        const own = trimProfileOf(design, use, { id: first.item, side: first.side }).own;
        const [a, b] = [place(edge.a, u, from, u, 0), place(edge.a, u, to, u, 0)];
        return step ? [] : [{ use, profile: made, along: { items: at }, own, a, b }];
      });
    });
  });
