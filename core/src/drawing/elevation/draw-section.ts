import { styleOf, type Design } from '../../document/design';
import type { SectionRecord } from '../../document/records';
import { remember } from '../../document/remember';
import { dot, place, subtract, type Point } from '../../geometry/point';
import { itemNumbers } from '../../setting/item-numbers';
import { solidsOf, type Solid } from '../../solids/solids';
import { wallSolids } from '../../solids/walls';
import { holeDepth } from '../../survey/hole-depth';
import { placedOpenings, type PlacedOpening } from '../../survey/openings';
import { facePoint, projectOn, wallHeightAt, type PlacedFace } from '../../survey/placed-face';
import { roomShape } from '../../survey/room-shape';
import type { PlacedSection } from '../../survey/sections';
import { placedServices, type PlacedService } from '../../survey/services';
import type { LengthStyle } from '../../units/units';
import { line, outline, WEIGHT, type Medium, type Primitive } from '../primitives';
import { bodiesIn, drawHidden, isSunk, numbersOf, seenBefore } from './draw-bodies';
import { beforeOpening, drawFaceOpening } from './face-openings';
import {
  frontNumbers,
  labelledView,
  openingName,
  serviceLabelsOn,
  NOTHING,
  type PutByHand,
} from './view-labels';
import type { Label } from '../labels/place-labels';
import type { Panel } from './panels';
import { panelMarks } from './panel-marks';
import { sectionFrame, type SectionFrame } from './section-frame';
import { SQUARE, VIEWS_KEPT } from './view-frame';

/** A pane of glass where its window is cut, mm. */
const PANE = 24;

/**
 * The section of a room along a line, mm: x along it from the outside of the left wall as one looks, y up from the floor. Walls, items and tops that the line
 * runs through are cut, what lies beyond is seen, and the floor and the ceiling are cut along it. The same marks, as long as nothing of the room has changed.
 */
export function drawSection(
  design: Design,
  section: PlacedSection,
  scale: number,
  medium: Medium = 'paper',
  put: PutByHand = NOTHING,
): readonly Primitive[] {
  const frame = sectionFrame(design, section);
  const solids = seenBefore(frame, [...wallSolids(design), ...solidsOf(design)]);
  const { faces } = roomShape(design);
  const openings = placedOpenings(design);
  const services = placedServices(design).filter(
    ({ against, at }) =>
      against && dot(against.face.n, section.n) > SQUARE && isWithin(frame, frame.project(at)),
  );
  const numbers = itemNumbers(design);
  const numbered = solids.map(({ id }) => numbers.get(id));
  const style = styleOf(design);
  const { record, left, u, n } = section;
  return sectionMarks(record, {
    ...{ left, u, n, frame, solids, faces, openings, services, numbered, style, scale, medium, put },
  });
}

interface Shown extends Pick<PlacedSection, 'left' | 'n' | 'u'> {
  frame: SectionFrame;
  solids: readonly Solid[];
  faces: readonly PlacedFace[];
  openings: readonly PlacedOpening[];
  services: readonly PlacedService[];
  numbered: readonly (number | undefined)[];
  style: LengthStyle;
  scale: number;
  medium: Medium;
  put: PutByHand;
}

const sectionMarks = remember(
  (_: SectionRecord, shown: Shown) => {
    const { frame, solids, openings, services, scale, n } = shown;
    const bodies = bodiesIn(frame, solids);
    const seen = openings.flatMap((opening) => seenOpening(frame, opening) ?? []);
    // An opening lies over the last, and so the nearest, panel of its wall.
    const nearest = new Map<string, Panel>();
    for (const panel of bodies.panels) if (panel.solid.of === 'wall') nearest.set(panel.solid.id, panel);
    const outside = blinds(frame);
    const names: Label[] = [];
    const around = { frame, panels: bodies.panels, scale, medium: shown.medium, put: shown.put };
    const things = [
      ground(frame),
      ...bodies.panels.flatMap((panel): readonly Primitive[] => {
        if (isSunk(panel)) return [];
        if (panel.section && panel.solid.of === 'wall') return cutWall(shown, panel);
        const hiding = bodies.hiding(panel);
        const marks = panelMarks(panel, hiding, scale);
        if (nearest.get(panel.solid.id) !== panel) return marks;
        const own = seen.filter(({ face }) => face.id === panel.solid.id);
        return [
          ...marks,
          ...own.flatMap(({ opening, out }) => {
            const before = beforeOpening(opening, [...bodies.panels, ...outside], out);
            names.push(...openingName(opening, before, around));
            return drawFaceOpening(opening, before);
          }),
        ];
      }),
      ...drawHidden(bodies),
      ...edges(frame),
    ];
    const labels = [
      ...serviceLabelsOn(services, around, shown.style),
      ...frontNumbers(bodies, (panel) => isFront(panel, n), numbersOf(solids, shown.numbered), around),
      ...names,
    ];
    return [...things, ...labelledView(labels, things, around)];
  },
  { kept: VIEWS_KEPT },
);

function isWithin({ length, cut }: SectionFrame, { along, out }: { along: number; out: number }): boolean {
  return along > 0 && along < length && out < cut;
}

/** The front of an item that looks at the viewer, and is not cut. */
function isFront({ section, solid: { box } }: Panel, n: Point): boolean {
  return !section && box !== null && dot(box.n, n) > SQUARE;
}

/** An opening as it shows on its face, seen at whatever angle; null where that is not seen. */
function seenOpening(
  frame: SectionFrame,
  opening: PlacedOpening,
): { opening: PlacedOpening; face: PlacedFace; out: [number, number] } | null {
  const { face, record, left, right } = opening;
  const [a, b] = [frame.project(facePoint(face, left)), frame.project(facePoint(face, right))];
  const shrink = (b.along - a.along) / (right - left);
  const isSeen = shrink > 0.01 && b.along > 0 && a.along < frame.length && Math.min(a.out, b.out) < frame.cut;
  if (!isSeen) return null;
  const seen = { ...record, casing: record.casing * shrink };
  return {
    opening: { ...opening, record: seen, left: a.along, right: b.along },
    face,
    out: [a.out, b.out],
  };
}

/** What lies beside the view, left and right of it, hides everything. */
function blinds({ length, cut }: SectionFrame): Panel[] {
  const FAR = 1e6;
  const blind = (left: number, right: number): Panel => ({
    solid: { id: '', of: 'fixed', box: null, footprint: [], low: -FAR, high: FAR, sides: [], round: false },
    ...{ left, right, low: -FAR, high: FAR, outLeft: cut + FAR, outRight: cut + FAR },
    ...{ edgeLeft: false, edgeRight: false, parts: [], from: left, shrink: 1, section: false },
  });
  return [blind(-FAR, 0), blind(length, FAR)];
}

/** A wall where it is cut: its whole height, or what an opening leaves of it, with the pane of a window between. */
function cutWall({ left: end, u, frame, faces, openings }: Shown, panel: Panel): Primitive[] {
  const { solid, left, right } = panel;
  const face = faces.find(({ id }) => id === solid.id)!;
  const [first, last] = frame.inside;
  const at = place(end, u, (left + right) / 2 - first, u, 0);
  const { along } = projectOn(face, at);
  const high = wallHeightAt(face, along);
  const solidPart = (from: number, to: number, low: number, top: number): Primitive[] =>
    top - low < 1 || to - from < 1
      ? []
      : [{ ...outline('walls', box(from, to, low, top), WEIGHT.cut, 'drawing', 'poche'), source: solid.id }];
  const opening = openings.find((one) => one.face.id === face.id && one.left < along && one.right > along);
  if (!opening) return solidPart(left, right, 0, high);
  const { sill, height, type } = opening.record;
  const top = Math.min(high, sill + height);
  const voided = (from: number, to: number): Primitive => ({
    ...outline('openings', box(from, to, sill, top), WEIGHT.thin, 'drawing', 'paper'),
    source: opening.record.id,
  });
  const aboveAndBelow = [...solidPart(left, right, 0, sill), ...solidPart(left, right, top, high)];
  if (type === 'niche') {
    // The room is right of a wall that is cut at the left, and left of one at the right.
    const deep = holeDepth(opening) + dot(subtract(facePoint(face, along), opening.at), opening.n);
    const share = Math.min(1, deep / face.thickness) * (right - left);
    const atLeft = (left + right) / 2 < (first + last) / 2;
    const [from, to] = atLeft ? [right - share, right] : [left, left + share];
    return [
      ...aboveAndBelow,
      ...(atLeft ? solidPart(left, from, sill, top) : solidPart(to, right, sill, top)),
      voided(from, to),
    ];
  }
  const middle = (left + right) / 2;
  const pane = outline(
    'openings',
    box(middle - PANE / 2, middle + PANE / 2, sill, top),
    WEIGHT.thin,
    'drawing',
  );
  return [
    ...aboveAndBelow,
    voided(left, right),
    ...(type === 'window' ? [{ ...pane, source: opening.record.id }] : []),
  ];
}

function box(left: number, right: number, low: number, high: number): Point[] {
  return [
    { x: left, y: low },
    { x: right, y: low },
    { x: right, y: high },
    { x: left, y: high },
  ];
}

function ground({ above, inside: [left, right] }: SectionFrame): Primitive {
  const ring = [{ x: left, y: 0 }, { x: right, y: 0 }, ...[...above].reverse()];
  return outline('walls', ring, 0, 'drawing', 'paper');
}

/** The floor, under the walls as well, and the ceiling. */
function edges({ above, length }: SectionFrame): Primitive[] {
  const floor = [
    { x: 0, y: 0 },
    { x: length, y: 0 },
  ];
  return [line('walls', floor, WEIGHT.cut, 'drawing'), line('walls', above, WEIGHT.cut, 'drawing')];
}
