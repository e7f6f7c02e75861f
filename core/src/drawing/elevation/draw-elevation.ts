import { roomOf, styleOf, type Design } from '../../document/design';
import { itemNumbers } from '../../setting/item-numbers';
import { solidsOf } from '../../solids/solids';
import { placedOpenings } from '../../survey/openings';
import type { PlacedFace } from '../../survey/placed-face';
import { placedServices, type PlacedService } from '../../survey/services';
import { formatLength } from '../../units/format-length';
import type { LengthStyle } from '../../units/units';
import { serviceSymbol } from '../draw-services';
import { line, outline, TEXT, WEIGHT, type Primitive } from '../primitives';
import { bodiesIn, drawFrontNumbers, drawHidden, drawPanels, seenBefore } from './draw-bodies';
import { drawFaceOpening } from './face-openings';
import type { Panel } from './panels';
import { rememberedView } from './remembered-view';
import { faceFrame, type ViewFrame } from './view-frame';

/**
 * The elevation of a face as drawing primitives, mm: x along it from its left end as standing before it, y up from the floor. What stands before
 * something hides it, stroke by stroke; what comes forward past the cut is cut. The same marks, as long as nothing it shows has changed.
 */
export function drawElevation(design: Design, face: PlacedFace, scale: number): readonly Primitive[] {
  const frame = faceFrame(design, face);
  const solids = seenBefore(frame, solidsOf(design));
  const openings = placedOpenings(design).filter((one) => one.face.id === face.id);
  const services = placedServices(design).filter(({ against }) => against?.face.id === face.id);
  const numbers = itemNumbers(design);
  const key: unknown[] = [
    scale,
    ...[face.length, face.start.x, face.start.y, face.turn, face.wallHeight, ...face.ceiling, frame.cut],
    ...solids,
    ...solids.map(({ id }) => numbers.get(id) ?? 0),
    ...openings.flatMap(({ record, left, name }) => [record, left, name]),
    ...services.map(({ record }) => record),
    roomOf(design).unit,
    roomOf(design).step,
  ];
  return rememberedView(face.record, key, () => {
    const bodies = bodiesIn(frame, solids);
    return [
      drawWall(frame, face.id),
      ...openings.flatMap((opening) => drawFaceOpening(opening, bodies.panels)),
      ...drawPanels(bodies, scale),
      ...drawHidden(bodies),
      ...drawServicesOn(services, frame, scale, styleOf(design)),
      ...drawFrontNumbers(bodies, (panel) => faces(panel, face), numbers, scale),
      ...drawCut(frame),
    ];
  });
}

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

/** What was surveyed on the face, with its height: nothing hides it, for the fitter looks for it. */
export function drawServicesOn(
  services: readonly PlacedService[],
  { project }: ViewFrame,
  scale: number,
  style: LengthStyle,
): Primitive[] {
  return services.flatMap(({ id, record, at }) => {
    const place = { x: project(at).along, y: record.up };
    const words: Primitive = {
      type: 'text',
      layer: 'services',
      at: { x: place.x + 2.4 * scale, y: place.y },
      text: formatLength(record.up, style),
      size: TEXT.small,
      anchor: 'start',
      turn: 0,
      ink: 'measure',
      ground: true,
    };
    return [...serviceSymbol(record.type, place, { x: 1, y: 0 }, { x: 0, y: 1 }, scale), words].map(
      (mark) => ({
        ...mark,
        source: id,
      }),
    );
  });
}
