import { bench, describe } from 'vitest';
import { diagonal, measuredFaces, normalFrom, trueRoom } from '../testing/surveys';
import { must } from '../src/result';
import { solveLoop } from '../src/survey/solve-loop';
import { measurementReports } from '../src/survey/survey-report';

describe('a survey of 40 corners and 120 measurements', () => {
  const corners = trueRoom(40, 1);
  const error = normalFrom(2);
  const faces = measuredFaces(corners, error);
  const distances = Array.from({ length: 40 }, (_, from) =>
    diagonal(corners, from, (from + 13) % 40, 2 * error()),
  );
  const solved = must(solveLoop(faces, distances));
  bench('adjusting', () => {
    solveLoop(faces, distances);
  });
  bench('statistics of every measurement', () => {
    measurementReports(solved.corners, solved.observations);
  });
});
