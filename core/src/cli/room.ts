import type { Design } from '../document/design';
import { placedOpenings } from '../survey/openings';
import { roomShape } from '../survey/room-shape';
import { surveyReport } from '../survey/survey-report';
import { toDegrees } from '../units/angles';

/**
 * Corners (mm) with their uncertainty, faces, areas (mm²), volume (mm³), misclosure, and how every measurement fares:
 * lengths in mm, corners in degrees.
 */
export function roomCommand(design: Design) {
  const { faces, corners: at, area, perimeter, wallArea, volume } = roomShape(design);
  const report = surveyReport(design);
  const { misclosure, measurements, corners, suspects, next } = report;
  return {
    survey: report.open ? 'open: some corners are only assumed' : 'determined',
    corners: at,
    faces: faces.map(({ letter, id, chord, length, corner, arc }, index) => ({
      face: letter,
      id,
      length: chord,
      lengthSigma: report.lengthSigmas[index],
      corner: toDegrees(corner),
      cornerSigma: toDegrees(corners[index]!.sigma),
      ...(arc ? { alongArc: length, radius: arc.radius, centre: arc.centre } : {}),
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
    misclosure: { ...misclosure, angle: toDegrees(misclosure.angle) },
    redundancy: report.redundancy,
    sigma0: report.sigma0,
    measurements: measurements.map(({ observation, residual, redundancy, standardised }) => {
      const shown = observation.of === 'corner' ? toDegrees : (mm: number) => mm;
      return {
        name: observation.name,
        of: observation.of,
        standing: observation.standing,
        given: shown(observation.given),
        residual: shown(residual),
        redundancy,
        standardised,
      };
    }),
    suspects: suspects.map(({ observation }) => observation.name),
    next,
    cornerReports: corners.map(({ name, ellipse, offSquare }) => ({
      corner: name,
      major: ellipse.major,
      minor: ellipse.minor,
      turn: toDegrees(ellipse.turn),
      offSquare: toDegrees(offSquare),
    })),
  };
}
