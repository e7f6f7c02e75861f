import type { FillProblem } from '../src/proposals/fill-problem';

const pieces = [300, 400, 450, 500, 600, 800, 900, 1000, 1200].map((width) => ({
  code: `F${width}`,
  width,
  price: 95 + Math.round(0.22 * width),
}));

/** A face of so many mm with 600 wide things that stay at some places, a centre line and wall cabinets above. */
export function faceOf(length: number, stay: readonly number[], centre: number | null): FillProblem {
  const joints = stay.flatMap((place) => [place, place + 600]);
  const edges = [0, ...joints, length];
  return {
    pieces,
    segments: Array.from({ length: edges.length / 2 }, (_, i) => ({
      from: edges[2 * i]!,
      to: edges[2 * i + 1]!,
      left: { least: i === 0 ? 50 : 0, most: Infinity, optional: false },
      right: { least: i === edges.length / 2 - 1 ? 50 : 0, most: Infinity, optional: false },
      slackAt: i === 0 ? ['left'] : i === edges.length / 2 - 1 ? ['right'] : ['left', 'right'],
    })),
    joints,
    centre: centre === null ? null : { at: centre, from: 0, to: length },
    aligned: [0, 600, 1200, 3600, 4200, 4800].filter((place) => place < length),
    loose: [],
    filler: { least: 6, most: 150, scribed: false },
    decided: { filler: 0, widths: [], price: 0 },
  };
}
