import type { Design } from '../../document/design';
import type { Point } from '../../geometry/point';
import { roomShape } from '../../survey/room-shape';
import { placedOpenings } from '../../survey/openings';
import { projectOn, type PlacedFace } from '../../survey/placed-face';
import { placedServices } from '../../survey/services';
import { solidsOf } from '../../solids/solids';
import { circle } from '../item-symbols';
import { TEXT, WEIGHT, type Primitive } from '../primitives';
import { drawElevation } from './draw-elevation';
import { drawLevels, levelsOn } from './levels';
import { panelsOf } from './panels';
import { faceFrame } from './view-frame';

/** A face of the unfolded room: where its left end lies in the strip, mm. */
export interface UnfoldedFace {
  face: PlacedFace;
  x: number;
}

/** Where every face lies in the strip: side by side in walking order. */
export function unfoldedFaces(design: Design): UnfoldedFace[] {
  let x = 0;
  return roomShape(design).faces.map((face) => {
    const at = { face, x };
    x += face.length;
    return at;
  });
}

/** How far under the floor the letters of the faces stand, paper mm. */
const LETTER = 5;

/** All faces of the room side by side in walking order, each as its elevation, its letter under it, the levels left of them. */
export function drawUnfold(design: Design, scale: number): Primitive[] {
  const { faces } = roomShape(design);
  return [
    ...drawLevels(design, levelsOn(design, faces), 0, scale),
    ...unfoldedFaces(design).flatMap(({ face, x }) => [
      ...moved(drawElevation(design, face, scale), x),
      ...drawLetter(face, x, scale),
    ]),
  ];
}

function drawLetter({ letter, id, length }: PlacedFace, x: number, scale: number): Primitive[] {
  const at = { x: x + length / 2, y: -LETTER * scale };
  return [
    { ...circle(at, 2.9 * scale, WEIGHT.thin), layer: 'labels', fill: 'paper', source: id },
    {
      type: 'text',
      layer: 'labels',
      at,
      text: letter,
      size: TEXT.normal,
      anchor: 'middle',
      turn: 0,
      ink: 'drawing',
      bold: true,
      source: id,
    },
  ];
}

/** Where something shows in the strip, mm: along it and above the floor. */
export interface UnfoldedPlace {
  face: PlacedFace;
  left: number;
  right: number;
  low: number;
  high: number;
}

/** Where an item, opening, fixed thing, service or face shows in the strip: on every face that it is seen on. */
export function unfoldedPlaces(design: Design, id: string): UnfoldedPlace[] {
  const record = design.records[id];
  return unfoldedFaces(design).flatMap(({ face, x }): UnfoldedPlace[] => {
    const at = (left: number, right: number, low: number, high: number) => [
      { face, left: x + left, right: x + right, low, high },
    ];
    switch (record?.kind) {
      case 'face':
        return face.id === id
          ? at(0, face.length, 0, Math.max(...faceFrame(design, face).above.map(({ y }) => y)))
          : [];
      case 'opening': {
        const opening = placedOpenings(design).find((one) => one.record.id === id && one.face.id === face.id);
        return opening ? at(opening.left, opening.right, record.sill, record.sill + record.height) : [];
      }
      case 'service': {
        const service = placedServices(design).find(
          (one) => one.id === id && one.against?.face.id === face.id,
        );
        if (!service) return [];
        const { along } = projectOn(face, service.at);
        return at(along - SERVICE, along + SERVICE, record.up - SERVICE, record.up + SERVICE);
      }
      case 'fixed':
      case 'item': {
        const solids = solidsOf(design).filter((solid) => solid.id === id && solid.of !== 'top');
        const panels = panelsOf(faceFrame(design, face), solids);
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

/** Marks moved along, the same ones for the same marks and place: most of a strip stays while one face changes. */
export function moved(marks: readonly Primitive[], x: number): readonly Primitive[] {
  if (x === 0) return marks;
  const known = shifted.get(marks);
  if (known?.x === x) return known.marks;
  const by = (point: Point): Point => ({ x: point.x + x, y: point.y });
  const after = marks.map((mark): Primitive => {
    switch (mark.type) {
      case 'path':
        return { ...mark, rings: mark.rings.map((ring) => ring.map(by)) };
      case 'arc':
        return { ...mark, centre: by(mark.centre) };
      case 'text':
        return { ...mark, at: by(mark.at) };
    }
  });
  shifted.set(marks, { x, marks: after });
  return after;
}

const shifted = new WeakMap<readonly Primitive[], { x: number; marks: readonly Primitive[] }>();
