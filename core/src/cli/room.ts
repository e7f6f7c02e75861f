import type { Design } from '../document/design';
import { placedOpenings } from '../survey/openings';
import { roomShape } from '../survey/room-shape';
import { toDegrees } from '../units/angles';

/** Corners (mm), faces, areas (mm²), volume (mm³), misclosure and the residual of every measurement used. */
export function roomCommand(design: Design) {
  const { faces, outline, area, perimeter, wallArea, volume, misclosure, residuals } = roomShape(design);
  return {
    corners: outline,
    faces: faces.map(({ letter, id, length, corner }) => ({
      face: letter,
      id,
      length,
      corner: toDegrees(corner),
    })),
    openings: placedOpenings(design).map(({ name, face, left, right, record }) => ({
      name,
      type: record.type,
      face: face.letter,
      left,
      right,
    })),
    area,
    perimeter,
    wallArea,
    volume,
    misclosure,
    residuals,
  };
}
