import { roomOf, styleOf, type Design } from '../../document/design';
import type { FaceRecord } from '../../document/records';
import { remember } from '../../document/remember';
import { itemNumbers } from '../../setting/item-numbers';
import { solidsOf, type Solid } from '../../solids/solids';
import { openingsOn, type PlacedOpening } from '../../survey/openings';
import type { PlacedFace } from '../../survey/placed-face';
import { placedServices, type PlacedService } from '../../survey/services';
import type { LengthStyle } from '../../units/units';
import { line, outline, WEIGHT, type Medium, type Primitive } from '../primitives';
import { drawFaceTiles } from '../draw-tiles';
import { bodiesIn, drawHidden, drawPanels, numbersOf, seenBefore } from './draw-bodies';
import { finishNamed } from '../../surfaces/finishes';
import { codeOf, finishCodes } from './finish-codes';
import { beforeOpening, drawFaceOpening } from './face-openings';
import type { Panel } from './panels';
import {
  frontNumbers,
  labelledView,
  openingName,
  serviceLabelsOn,
  NOTHING,
  type PutByHand,
} from './view-labels';
import { drawThingTiles, tiledSides, type TiledSide } from './thing-tiles';
import { faceFrame, VIEWS_KEPT, type ViewFrame } from './view-frame';

/**
 * The elevation of a face as drawing primitives, mm: x along it from its left end as standing before it, y up from the floor. What stands before
 * something hides it, stroke by stroke; what comes forward past the cut is cut. The same marks, as long as nothing it shows has changed.
 */
export function drawElevation(
  design: Design,
  face: PlacedFace,
  scale: number,
  medium: Medium = 'paper',
  put: PutByHand = NOTHING,
): readonly Primitive[] {
  const frame = faceFrame(design, face);
  const solids = seenBefore(frame, solidsOf(design));
  const openings = openingsOn(design, face.id);
  const services = placedServices(design).filter(({ against }) => against?.face.id === face.id);
  const numbers = itemNumbers(design);
  const numbered = solids.map(({ id }) => numbers.get(id));
  const style = styleOf(design);
  const codes = solids.map((solid) => codeOf(design, solid));
  const tiles = drawFaceTiles(design, face.id);
  const sides = tiledSides(design);
  const wall = finishNamed(design, face.record.finish ?? roomOf(design).wallFinish)?.code;
  return elevationMarks(face.record, {
    ...{ face, frame, solids, openings, services, numbered, style, scale },
    ...{ codes, wall, tiles, sides, medium, put },
  });
}

interface Shown {
  face: PlacedFace;
  frame: ViewFrame;
  solids: readonly Solid[];
  openings: readonly PlacedOpening[];
  services: readonly PlacedService[];
  /** The number of each solid, where it has one. */
  numbered: readonly (number | undefined)[];
  style: LengthStyle;
  scale: number;
  medium: Medium;
  put: PutByHand;
  /** The finish code of each solid, and of the wall, where they have one. */
  codes: readonly (string | undefined)[];
  wall: string | undefined;
  /** What its tiles are drawn as. */
  tiles: readonly Primitive[];
  /** The sides of things that are tiled. */
  sides: readonly TiledSide[];
}

const elevationMarks = remember(
  (
    { id }: FaceRecord,
    {
      face,
      frame,
      solids,
      openings,
      services,
      numbered,
      style,
      scale,
      codes,
      wall,
      tiles,
      sides,
      medium,
      put,
    }: Shown,
  ) => {
    const bodies = bodiesIn(frame, solids);
    const coded = new Map(solids.flatMap((solid, index) => (codes[index] ? [[solid, codes[index]]] : [])));
    const high = Math.min(...frame.above.map(({ y }) => y));
    const shown = { frame, panels: bodies.panels, scale, medium, put };
    const closed = openings.map((opening) => ({ opening, hiding: beforeOpening(opening, bodies.panels) }));
    const things = [
      drawWall(frame, id),
      ...tiles,
      ...closed.flatMap(({ opening, hiding }) => drawFaceOpening(opening, hiding)),
      ...drawPanels(bodies, scale),
      ...drawThingTiles(frame, bodies, sides),
      ...drawHidden(bodies),
      ...drawCut(frame),
    ];
    const labels = [
      ...serviceLabelsOn(services, shown, style),
      ...frontNumbers(bodies, (panel) => faces(panel, face), numbersOf(solids, numbered), shown),
      ...closed.flatMap(({ opening, hiding }) => openingName(opening, hiding, shown)),
      ...finishCodes(bodies, coded, { wall: { code: wall, length: frame.length, high }, shown }),
    ];
    return [...things, ...labelledView(labels, things, shown)];
  },
  { kept: VIEWS_KEPT },
);

/** The ground of what a view looks at. */
export function drawWall({ above, length }: ViewFrame, source: string): Primitive {
  const ground = [{ x: 0, y: 0 }, { x: length, y: 0 }, ...[...above].reverse()];
  return { ...outline('walls', ground, 0, 'drawing', 'paper'), source };
}

/** Floor, ceiling or the top of a half wall, and where the walls beside are cut. */
export function drawCut({ above, length }: ViewFrame): Primitive[] {
  const [left, right] = [above[0]!, above.at(-1)!];
  const path = [left, { x: 0, y: 0 }, { x: length, y: 0 }, right];
  return [line('walls', path, WEIGHT.cut, 'drawing'), line('walls', above, WEIGHT.cut, 'drawing')];
}

/** Whether something has its back to a face, or stands free before it: there it is numbered, not where only its end is seen. */
function faces({ section, solid: { box } }: Panel, { id }: PlacedFace): boolean {
  return !section && box !== null && (box.against === null || box.against.face.id === id);
}
