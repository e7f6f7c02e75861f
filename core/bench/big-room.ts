import { diagonal, measuredFaces, trueRoom } from '../testing/surveys';
import { designOf, type Design } from '../src/document/design';
import type {
  DesignRecord,
  FaceRecord,
  ItemRecord,
  MeasurementRecord,
  RoomRecord,
} from '../src/document/records';
import { roomStandards } from '../src/survey/make-room';

/** A room of 40 corners and 120 measurements with 100 items along its faces and on its floor. */
export function bigRoom(): Design {
  const corners = trueRoom(40, 1);
  const room: RoomRecord = {
    kind: 'room',
    id: 'room',
    name: 'Big',
    unit: 'mm',
    step: 1,
    ceilingHeight: 2400,
    ...roomStandards('mm'),
  };
  const faces = measuredFaces(corners).map(({ id, length, corner }): FaceRecord => ({
    kind: 'face',
    id,
    length,
    lengthFrom: 'measured',
    corner,
    cornerFrom: 'measured',
  }));
  const taped = Array.from({ length: 40 }, (_, from): MeasurementRecord => {
    const { id, length } = diagonal(corners, from, (from + 13) % 40);
    const at = (index: number) => ({ face: `face-${index}`, from: 'left' as const, distance: 0 });
    return {
      kind: 'measurement',
      id,
      from: at(from),
      to: at((from + 13) % 40),
      length,
      standing: 'measured',
    };
  });
  const items = Array.from({ length: 100 }, (_, index): ItemRecord => ({
    kind: 'item',
    id: `item-${index}`,
    range: 'fathom',
    code: 'F600',
    type: 'base-doors',
    width: 600,
    depth: 560,
    height: 870,
    up: 0,
    hand: 'left',
    placement:
      index < 40
        ? { on: 'face', face: `face-${index}`, from: 'left', distance: 20, off: 0 }
        : {
            on: 'floor',
            x: -3000 + ((index % 8) - 4) * 700,
            y: -4800 + (Math.floor(index / 8) - 6) * 700,
            turn: 0,
          },
  }));
  const records: DesignRecord[] = [
    room,
    { kind: 'loop', id: 'loop', faces: faces.map(({ id }) => id) },
    ...faces,
    ...taped,
    ...items,
  ];
  return designOf(records);
}
