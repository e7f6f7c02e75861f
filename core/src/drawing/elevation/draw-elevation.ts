import { roomOf, styleOf, type Design } from '../../document/design';
import type { ItemBox } from '../../setting/item-box';
import { itemNumbers } from '../../setting/item-numbers';
import { runs } from '../../setting/runs';
import { solidsOf, type Solid } from '../../solids/solids';
import { placedOpenings } from '../../survey/openings';
import { projectOn, type PlacedFace } from '../../survey/placed-face';
import { placedServices, type PlacedService } from '../../survey/services';
import { formatLength } from '../../units/format-length';
import type { LengthStyle } from '../../units/units';
import { balloon } from '../balloon';
import { serviceSymbol } from '../draw-services';
import { BALLOON } from '../number-places';
import { DASH, line, outline, TEXT, WEIGHT, type Primitive } from '../primitives';
import { drawFaceOpening } from './face-openings';
import { drawLevels, levelsOn } from './levels';
import { drawPanel } from './draw-panel';
import { hidingOf, seenOf } from './hidden';
import { panelsOf, type Panel } from './panels';
import { BEHIND, faceFrame, rowFrame, type ViewFrame } from './view-frame';

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
  const numbered = solids.map(({ id }) => numbers.get(id) ?? 0);
  const key: unknown[] = [
    scale,
    ...[face.length, face.start.x, face.start.y, face.turn, face.wallHeight, ...face.ceiling, frame.cut],
    ...solids,
    ...numbered,
    ...openings.flatMap(({ record, left, name }) => [record, left, name]),
    ...services.map(({ record }) => record),
    roomOf(design).unit,
    roomOf(design).step,
  ];
  return remembered(face, key, () => {
    const panels = panelsOf(frame, solids).sort(furthestFirst);
    const hiding = hidingAmong(panels);
    return [
      ...drawWall(frame, face),
      ...openings.flatMap((opening) => drawFaceOpening(opening, panels)),
      ...drawPanels(panels, hiding, scale),
      ...drawHidden(panels),
      ...drawServicesOn(services, face, scale, styleOf(design)),
      ...drawFrontNumbers(
        panels.filter((panel) => faces(panel, face)),
        hiding,
        numbers,
        scale,
      ),
      ...drawCut(frame),
    ];
  });
}

/** The elevation of a face with its level markers and its letter, to stand alone. */
export function drawSingleElevation(design: Design, face: PlacedFace, scale: number): Primitive[] {
  return [...drawElevation(design, face, scale), ...drawLevels(design, levelsOn(design, [face]), 0, scale)];
}

/** How much of the wall's height is kept over an item that stands free, mm. */
const OVER = 150;

/** The elevation of an item that stands free, with the run it is in, from before its front. */
export function drawRowElevation(design: Design, box: ItemBox, scale: number): Primitive[] {
  const row = runs(design).find((run) => run.some(({ id }) => id === box.id)) ?? [box];
  const ids = new Set(row.map(({ id }) => id));
  const frame = rowFrame(row, Math.max(...row.map(({ high }) => high)) + OVER);
  const bodies = solidsOf(design).filter(({ id }) => ids.has(id));
  const panels = panelsOf(frame, bodies).sort(furthestFirst);
  const hiding = hidingAmong(panels);
  const floor = [
    { x: -OVER, y: 0 },
    { x: frame.length + OVER, y: 0 },
  ];
  return [
    ...drawPanels(panels, hiding, scale),
    ...drawHidden(panels),
    ...drawFrontNumbers(panels, hiding, itemNumbers(design), scale),
    line('walls', floor, WEIGHT.cut, 'drawing'),
  ];
}

const elevations = new WeakMap<object, { key: readonly unknown[]; marks: readonly Primitive[] }[]>();

/** How many states of a face are remembered: the committed one, and what a drag makes of it. */
const REMEMBERED = 3;

function remembered(
  face: PlacedFace,
  key: readonly unknown[],
  draw: () => Primitive[],
): readonly Primitive[] {
  const known = elevations.get(face.record) ?? [];
  const same = known.find(
    (one) => one.key.length === key.length && one.key.every((part, index) => part === key[index]),
  );
  if (same) return same.marks;
  const marks = draw();
  elevations.set(face.record, [{ key, marks }, ...known].slice(0, REMEMBERED));
  return marks;
}

/** The bodies that may show in a view; a top only where something that carries it does. */
function seenBefore(frame: ViewFrame, solids: readonly Solid[]): Solid[] {
  const before = solids.filter((solid) => isBefore(frame, solid));
  const shown = new Set(before.flatMap(({ id, of }) => (of === 'item' ? id : [])));
  return before.filter(({ carriers }) => !carriers || carriers.some((id) => shown.has(id)));
}

/** Whether a body may show in a view: between the face and the cut, within its length. */
function isBefore({ project, length, cut }: ViewFrame, { footprint }: Solid): boolean {
  let [left, right, near, far] = [Infinity, -Infinity, -Infinity, Infinity];
  for (const point of footprint) {
    const { along, out } = project(point);
    left = Math.min(left, along);
    right = Math.max(right, along);
    near = Math.max(near, out);
    far = Math.min(far, out);
  }
  return right > 0 && left < length && near > BEHIND && far < cut;
}

/** The furthest first, so that the grounds of what is nearer lie over it; what is let into something after it. */
function furthestFirst(a: Panel, b: Panel): number {
  const by = Math.max(a.outLeft, a.outRight) - Math.max(b.outLeft, b.outRight);
  return Math.abs(by) > 0.01 ? by : Number(isLetIn(a)) - Number(isLetIn(b));
}

function isLetIn({ solid }: Panel): boolean {
  return solid.box?.kind.within !== undefined;
}

function drawPanels(
  panels: readonly Panel[],
  hiding: (panel: Panel) => readonly Panel[],
  scale: number,
): Primitive[] {
  return panels.flatMap((panel) => (isSunk(panel) ? [] : drawPanel(panel, hiding(panel), scale)));
}

/** What hides what of some panels; what is sunk in others hides nothing. */
function hidingAmong(panels: readonly Panel[]): (panel: Panel) => readonly Panel[] {
  return hidingOf(panels.filter((panel) => !isSunk(panel)));
}

/** A bowl that lies in what it is let into, and is not seen from before it. */
function isSunk({ solid: { box } }: Panel): boolean {
  return box?.kind.symbol === 'sink-bowl';
}

/** Bowls behind the fronts, dashed: of their own, and those of sink bases. */
function drawHidden(panels: readonly Panel[]): Primitive[] {
  return panels.flatMap((panel) => {
    const { solid, left, right, low, high } = panel;
    const { box } = solid;
    const dashed = (from: number, to: number, bottom: number, top: number): Primitive => ({
      ...outline(
        'items',
        [
          { x: from, y: bottom },
          { x: to, y: bottom },
          { x: to, y: top },
          { x: from, y: top },
        ],
        WEIGHT.thin,
        'drawing',
      ),
      dash: DASH,
      source: solid.id,
    });
    if (isSunk(panel)) return [dashed(left, right, low, high)];
    if (box?.kind.symbol !== 'sink' || panel.parts.length === 0) return [];
    const margin = Math.min(80, (right - left) * 0.1);
    return [dashed(left + margin, right - margin, high - BOWL_DEPTH, high)];
  });
}

/** How deep a bowl hangs under its top, mm. */
const BOWL_DEPTH = 190;

function drawWall({ above, length }: ViewFrame, { id }: PlacedFace): Primitive[] {
  const ground = [{ x: 0, y: 0 }, { x: length, y: 0 }, ...[...above].reverse()];
  return [{ ...outline('walls', ground, 0, 'drawing', 'paper'), source: id }];
}

/** Floor, ceiling or the top of a half wall, and where the walls beside are cut. */
function drawCut({ above, length }: ViewFrame): Primitive[] {
  const [left, right] = [above[0]!, above.at(-1)!];
  const path = [left, { x: 0, y: 0 }, { x: length, y: 0 }, right];
  return [line('walls', path, WEIGHT.cut, 'drawing'), line('walls', above, WEIGHT.cut, 'drawing')];
}

/** Whether something has its back to a face, or stands free before it: there it is numbered, not where only its end is seen. */
function faces({ section, solid: { box } }: Panel, { id }: PlacedFace): boolean {
  return !section && box !== null && (box.against === null || box.against.face.id === id);
}

/** What was surveyed on the face, with its height: nothing hides it, for the fitter looks for it. */
function drawServicesOn(
  services: readonly PlacedService[],
  face: PlacedFace,
  scale: number,
  style: LengthStyle,
): Primitive[] {
  return services.flatMap(({ id, record, at }) => {
    const place = { x: projectOn(face, at).along, y: record.up };
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

/** The number of every item whose front is seen, in its circle: in its middle, or where of it is free. */
function drawFrontNumbers(
  fronts: readonly Panel[],
  hiding: (panel: Panel) => readonly Panel[],
  numbers: ReadonlyMap<string, number>,
  scale: number,
): Primitive[] {
  const taken: { x: number; y: number }[] = [];
  const seen = new Set<string>();
  const widest = [...fronts].sort((a, b) => b.right - b.left - (a.right - a.left));
  return widest.flatMap((panel): Primitive[] => {
    const { solid, left, right, low, high } = panel;
    const number = numbers.get(solid.id);
    if (number === undefined || solid.of !== 'item' || seen.has(solid.id)) return [];
    const radius = BALLOON * scale;
    if (right - left < 1.2 * radius) return [];
    const free = [0.5, 0.66, 0.34, 0.8, 0.2].map((share) => ({
      x: (left + right) / 2,
      y: low + (high - low) * share,
    }));
    const at = free.find(
      (place) =>
        !taken.some((other) => Math.hypot(other.x - place.x, other.y - place.y) < 2.2 * radius) &&
        isSeen(place, hiding(panel)),
    );
    if (!at) return [];
    seen.add(solid.id);
    taken.push(at);
    return balloon(solid.id, number, at, radius);
  });
}

function isSeen(place: { x: number; y: number }, hiding: readonly Panel[]): boolean {
  return seenOf(place, { x: place.x + 0.01, y: place.y }, hiding).length > 0;
}
