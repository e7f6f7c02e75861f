import type { Design } from '../document/design';
import { place, scale, type Point } from '../geometry/point';
import { placedSections, type PlacedSection } from '../survey/sections';
import { sectionFrame } from './elevation/section-frame';
import { circle } from './item-symbols';
import { line, outline, TEXT, WEIGHT, type Primitive } from './primitives';

/** Long and short strokes of the line a room is cut along, paper mm. */
const CUT_DASH = [3.6, 0.9, 0.7, 0.9] as const;
/** The ring with its name: how big, how far outside the wall its middle stands, and how far its pointer reaches past it, paper mm. */
const RING = 2.3;
const OFF = 3.6;
const POINTER = 1.7;

/** The lines the room is cut along, at both ends a ring with the name and a pointer the way the section looks. */
export function drawSectionLines(design: Design, scaleBy: number): Primitive[] {
  return placedSections(design).flatMap((section): Primitive[] => {
    const { left, right, u, n, record } = section;
    const { inside, length } = sectionFrame(design, section);
    const [before, after] = [inside[0], length - inside[1]];
    const marks = [
      line('sections', [left, right], WEIGHT.thin, 'drawing', CUT_DASH),
      ...end(section, place(left, u, -before, n, 0), scale(u, -1), scaleBy),
      ...end(section, place(right, u, after, n, 0), u, scaleBy),
    ];
    return marks.map((mark) => ({ ...mark, source: record.id }));
  });
}

/** What stands at an end of a section line, outside the wall. */
function end({ n, record }: PlacedSection, wall: Point, away: Point, scaleBy: number): Primitive[] {
  const ring = RING * scaleBy;
  const at = place(wall, away, OFF * scaleBy, away, 0);
  const looks = scale(n, -1);
  const tip = place(at, looks, ring + POINTER * scaleBy, looks, 0);
  // The sides of the pointer touch the ring where they leave it.
  const half = Math.acos(ring / (ring + POINTER * scaleBy));
  const touch = (way: 1 | -1) => {
    const across = { x: -looks.y * way, y: looks.x * way };
    return place(at, looks, ring * Math.cos(half), across, ring * Math.sin(half));
  };
  return [
    line('sections', [wall, place(at, away, -ring, away, 0)], WEIGHT.cut, 'drawing'),
    outline('sections', [touch(1), tip, touch(-1)], WEIGHT.thin, 'drawing', 'drawing'),
    { ...circle(at, ring, WEIGHT.thin), layer: 'sections', fill: 'paper' },
    {
      type: 'text',
      layer: 'sections',
      at,
      text: record.name,
      size: TEXT.small,
      anchor: 'middle',
      turn: 0,
      ink: 'drawing',
      bold: true,
    },
  ];
}
