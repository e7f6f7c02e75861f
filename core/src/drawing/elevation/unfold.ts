import { perDesign, type Design } from '../../document/design';
import { remember } from '../../document/remember';
import type { Point } from '../../geometry/point';
import { roomShape } from '../../survey/room-shape';
import { openingsOn } from '../../survey/openings';
import { projectOn } from '../../survey/placed-face';
import { placedServices } from '../../survey/services';
import { solidsOf } from '../../solids/solids';
import { circle } from '../item-symbols';
import { TEXT, WEIGHT, type Primitive } from '../primitives';
import { textWidth } from '../text-layout';
import { drawLevels, levelsOn } from './levels';
import { panelsOf } from './panels';
import { drawView, frameOf, roomViews, type RoomView } from './views';

/** A view in the strip: where its left end lies, and how long it is, mm. */
export interface UnfoldedView {
  view: RoomView;
  x: number;
  length: number;
}

/** What lies between the last face and the views after it, and between those, mm. */
const APART = 900;

/** Where every view lies in the strip: the faces side by side in walking order, then apart from one another the sides of what stands free, and the sections. */
export const unfoldedViews: (design: Design) => readonly UnfoldedView[] = perDesign((design) => {
  let x = 0;
  return roomViews(design).map((view) => {
    const { length } = frameOf(design, view);
    if (view.of !== 'face') x += APART;
    const at = { view, x, length };
    x += length;
    return at;
  });
});

/** How far under the floor the letters of the faces stand, paper mm. */
const LETTER = 5;

/** A piece of the strip: marks that lie so far along it, mm. */
export interface StripPiece {
  /** The same for the same view of the next strip. */
  key: string;
  x: number;
  marks: readonly Primitive[];
}

/** All faces of the room side by side in walking order, then the other upright views, each with its name under it; the levels left of them. */
export function drawUnfold(design: Design, scale: number): Primitive[] {
  const marks: Primitive[] = [];
  for (const { x, marks: piece } of drawStrip(design, scale))
    // Thousands of marks in every edit: put one after the other, not copied from list to list.
    for (const mark of moved(piece, x)) marks.push(mark);
  return marks;
}

/** A part of the strip, mm along it. */
export interface StripPart {
  from: number;
  to: number;
}

/**
 * The unfolded room in pieces, one for each view that lies at least partly in a part of the strip, and the levels: an edit leaves the very same
 * marks in most of them, and moves others along.
 */
export function drawStrip(
  design: Design,
  scale: number,
  { from, to }: StripPart = { from: -Infinity, to: Infinity },
): StripPiece[] {
  const { faces } = roomShape(design);
  return [
    { key: 'levels', x: 0, marks: drawLevels(design, levelsOn(design, faces), 0, scale) },
    ...unfoldedViews(design).flatMap(({ view, x, length }) => {
      // What a view shows and its name stay within the room there is beside it.
      if (x + length + APART < from || x - APART > to) return [];
      return {
        key: view.id,
        x,
        marks: withName(drawView(design, view, scale, 'screen'), { under: nameUnder(view, length, scale) }),
      };
    }),
  ];
}

/** Radius of the circle about the letter of a face, paper mm. */
const RING = 2.9;

/** What stands under a view. */
interface ViewName {
  /** What it is of. */
  source: string;
  name: string;
  /** Of a face: its letter has a circle. */
  ringed: boolean;
  x: number;
  scale: number;
}

function nameUnder(view: RoomView, length: number, scale: number): ViewName | null {
  const { name } = view;
  const ringed = view.of === 'face';
  // A name with no room between its neighbours is left away.
  const wide = ringed ? 2 * RING : textWidth(name, TEXT.normal, true);
  // Faces stand side by side without space between them.
  if (wide * scale >= length + (ringed ? 0 : APART)) return null;
  const source = view.of === 'side' ? view.side.record.id : view.id;
  return { source, name, ringed, x: length / 2, scale };
}

const withName = remember(
  (marks: readonly Primitive[], { under }: { under: ViewName | null }): readonly Primitive[] =>
    under ? [...marks, ...drawName(under)] : marks,
);

function drawName({ source, name, ringed, x, scale }: ViewName): Primitive[] {
  const at = { x, y: -LETTER * scale };
  const words: Primitive = {
    type: 'text',
    layer: 'labels',
    at,
    text: name,
    size: TEXT.normal,
    anchor: 'middle',
    turn: 0,
    ink: 'drawing',
    bold: true,
    source,
  };
  if (!ringed) return [words];
  const ring = circle(at, RING * scale, WEIGHT.thin);
  return [{ ...ring, layer: 'labels', fill: 'paper', source }, words];
}

/** Where something shows in the strip, mm: along it and above the floor. */
export interface UnfoldedPlace {
  view: RoomView;
  left: number;
  right: number;
  low: number;
  high: number;
}

/** Where an item, opening, fixed thing, service, face or section shows in the strip: in every view that it is seen in. */
export function unfoldedPlaces(design: Design, id: string): UnfoldedPlace[] {
  const record = design.records[id];
  const solids =
    record?.kind === 'fixed' || record?.kind === 'item'
      ? solidsOf(design).filter((solid) => solid.id === id && solid.of === 'item')
      : [];
  return unfoldedViews(design).flatMap(({ view, x, length }): UnfoldedPlace[] => {
    const at = (left: number, right: number, low: number, high: number) => [
      { view, left: x + left, right: x + right, low, high },
    ];
    switch (record?.kind) {
      case 'face':
      case 'section':
        if (view.id !== id) return [];
        return at(0, length, 0, Math.max(...frameOf(design, view).above.map(({ y }) => y)));
      case 'opening': {
        if (view.of !== 'face') return [];
        const opening = openingsOn(design, view.face.id).find((one) => one.record.id === id);
        return opening ? at(opening.left, opening.right, record.sill, record.sill + record.height) : [];
      }
      case 'service': {
        if (view.of !== 'face') return [];
        const service = placedServices(design).find(
          (one) => one.id === id && one.against?.face.id === view.face.id,
        );
        if (!service) return [];
        const { along } = projectOn(view.face, service.at);
        return at(along - SERVICE, along + SERVICE, record.up - SERVICE, record.up + SERVICE);
      }
      case 'fixed':
      case 'item': {
        if (
          view.of === 'side' &&
          (view.side.only?.has(id) === false || (view.side.record.id === id && !view.side.only))
        )
          return [];
        const panels = panelsOf(frameOf(design, view), solids);
        if (panels.length === 0) return [];
        return at(
          Math.min(...panels.map(({ left }) => left)),
          Math.max(...panels.map(({ right }) => right)),
          Math.min(...panels.map(({ low }) => low)),
          Math.max(...panels.map(({ high }) => high)),
        );
      }
      default:
        return [];
    }
  });
}

/** Half the size a service is marked with when it is chosen, mm. */
const SERVICE = 60;

/** Marks moved along, the same ones for the same marks and place: most of a strip stays while one thing changes. */
export function moved(marks: readonly Primitive[], x: number): readonly Primitive[] {
  if (x === 0) return marks;
  const all = shiftedLists.get(marks);
  if (all?.x === x) return all.marks;
  const by = (point: Point): Point => ({ x: point.x + x, y: point.y });
  const after = marks.map((mark) => {
    const known = shifted.get(mark);
    if (known?.x === x) return known.mark;
    const one = movedMark(mark, by);
    shifted.set(mark, { x, mark: one });
    return one;
  });
  shiftedLists.set(marks, { x, marks: after });
  return after;
}

const shiftedLists = new WeakMap<readonly Primitive[], { x: number; marks: readonly Primitive[] }>();
const shifted = new WeakMap<Primitive, { x: number; mark: Primitive }>();

function movedMark(mark: Primitive, by: (point: Point) => Point): Primitive {
  switch (mark.type) {
    case 'path':
      return { ...mark, rings: mark.rings.map((ring) => ring.map(by)) };
    case 'arc':
      return { ...mark, centre: by(mark.centre) };
    case 'text':
      return { ...mark, at: by(mark.at) };
  }
}
