import { onArc, type Arc } from '../../geometry/arc';
import { distance, type Point } from '../../geometry/point';
import type { Template, TemplateCutOut, TemplateEdge, TemplateService } from '../../shop/templates/templates';
import { edgeLetter } from '../../wording/shop-words';
import { toRadians } from '../../units/angles';
import { DASH, line, outline, TEXT, WEIGHT, type Primitive } from '../primitives';
import { readingTurn } from '../reading-turn';
import { textWidth } from '../text-layout';
import { overall, row } from './part-rows';

/** Words of an edge stand so far within it, and edges shorter than this bear only their letter; paper mm. */
const WITHIN = 3;
const SHORT = 14;
/** Arcs are drawn in so many straight pieces. */
const PIECES = 12;
/** How long the arrow of the grain is at most, and its tip; paper mm. */
const ARROW = 30;
const TIP = 2;

/** A piece as it is made, of a top seen from above with its front below: each edge by its letter with its length, cut-outs by their middles along and their near sides across, services by their middles; mm, its frame’s zero at the left end of its front. */
export function templateDrawing(template: Template, scale: number, say: (mm: number) => string): Primitive[] {
  const { cutOuts, services = [] } = template;
  const { left, size, moved } = templateShape(template);
  return [
    ...templateMarks(template, moved),
    ...edgeWords(template, moved, scale, say),
    ...grainArrow(size, scale),
    ...row(
      [...cutOuts.map(({ centre }) => centre[0] - left), ...services.map((one) => one.at[0] - left)],
      size.wide,
      { from: size.high, out: 1, upright: false },
      scale,
      say,
    ),
    ...row(
      [...cutOuts.map(({ fromFront }) => fromFront), ...services.map((one) => one.at[1])],
      size.high,
      { from: size.wide, out: 1, upright: true },
      scale,
      say,
    ),
    ...overall(size.wide, { from: 0, out: -1, upright: false }, scale, say),
    ...overall(size.high, { from: 0, out: -1, upright: true }, scale, say),
  ];
}

/** The outline of a piece in its own frame, how large it is, and what moves its lowest left corner to 0, 0. */
function templateShape({ edges }: Template) {
  const ring = edges.flatMap(placesOf);
  const [xs, ys] = [ring.map(({ x }) => x), ring.map(({ y }) => y)];
  const [left, right, low, high] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
  const moved = ({ x, y }: Point): Point => ({ x: x - left, y: y - low });
  return { ring, left, size: { wide: right - left, high: high - low }, moved };
}

/** A piece's outline, its cut-outs and the bolts of its joints, its own places moved. */
function templateMarks(template: Template, moved: (at: Point) => Point): Primitive[] {
  return [
    outline('tops', templateShape(template).ring.map(moved), WEIGHT.object, 'drawing', 'item'),
    ...template.cutOuts.flatMap((one) => cutOutMarks(one, moved)),
    ...template.edges.flatMap((edge) => boltMarks(edge, moved)),
    ...(template.services ?? []).flatMap((service) => serviceMarks(service, moved)),
  ];
}

/** Where a service comes through is marked by a cross in a ring so wide, mm. */
const SERVICE = 60;

function serviceMarks({ at: spot }: TemplateService, moved: (at: Point) => Point): Primitive[] {
  const { x, y } = moved(at(spot));
  const r = SERVICE / 2;
  const ring = Array.from({ length: 2 * PIECES }, (_, index) => {
    const turn = (Math.PI * index) / PIECES;
    return { x: x + r * Math.cos(turn), y: y + r * Math.sin(turn) };
  });
  const cross = [
    [
      { x: x - r, y },
      { x: x + r, y },
    ],
    [
      { x, y: y - r },
      { x, y: y + r },
    ],
  ];
  return [
    { ...outline('tops', ring, WEIGHT.thin, 'drawing'), dash: DASH },
    ...cross.map((points) => line('tops', points, WEIGHT.thin, 'drawing')),
  ];
}

/** The name of a piece on its slab stands so far within its longest edge, paper mm. */
const NAME = 5;
/** What is narrower than this bears small letters, paper mm. */
const TIGHT = 5;
/** Only what is higher than this has an arrow beside its name, paper mm. */
const ROOMY = 14;

/** A piece as it lies on its slab, its lowest left corner at a place there, along the slab or turned to the left; its name within its longest edge, its mark where that is too short for it, and an arrow along its veins where it has some. */
export function laidTemplate(
  template: Template,
  { x, y, turned }: { x: number; y: number; turned: boolean },
  { scale, along, name, mark }: { scale: number; along: boolean; name: string; mark: string },
): Primitive[] {
  const { size, moved } = templateShape(template);
  const laid = (own: Point): Point =>
    turned ? { x: x + size.high - own.y, y: y + own.x } : { x: x + own.x, y: y + own.y };
  const place = (own: Point): Point => laid(moved(own));
  const { from, to } = template.edges.reduce((best, one) => (one.length > best.length + 1e-6 ? one : best));
  const [a, b] = [place(at(from)), place(at(to))];
  const long = distance(a, b);
  const u = { x: (b.x - a.x) / long, y: (b.y - a.y) / long };
  const across = Math.min(size.wide, size.high);
  const within = Math.min(NAME * scale, across / 2);
  const letters = across < TIGHT * scale ? TEXT.small : TEXT.normal;
  const text = textWidth(name, letters, true) * scale < long - 2 * letters * scale ? name : mark;
  return [
    ...templateMarks(template, place),
    ...(along && size.high > ROOMY * scale ? grainArrow(size, scale, laid) : []),
    {
      ...{ type: 'text', layer: 'tops', text, size: letters, bold: true },
      at: { x: (a.x + b.x) / 2 - u.y * within, y: (a.y + b.y) / 2 + u.x * within },
      ...{ anchor: 'middle', turn: readingTurn(Math.atan2(u.y, u.x)), ink: 'drawing', ground: true },
    },
  ];
}

/** A bolt reaches so far into its piece from the joint, and is turned from a recess so wide, mm. */
const BOLT = 65;
const RECESS = 20;

/** The bolts of a joint, let in from below. */
function boltMarks({ from, to, bolts = [] }: TemplateEdge, moved: (at: Point) => Point): Primitive[] {
  const [a, b] = [at(from), at(to)];
  const long = distance(a, b);
  const u = { x: (b.x - a.x) / long, y: (b.y - a.y) / long };
  // The piece is to the left of its edges.
  const spot = (along: number, within: number): Point => ({
    x: a.x + u.x * along - u.y * within,
    y: a.y + u.y * along + u.x * within,
  });
  return bolts.flatMap((along): Primitive[] => {
    const r = RECESS / 2;
    const recess = Array.from({ length: 2 * PIECES }, (_, index) => {
      const turn = (Math.PI * index) / PIECES;
      return moved(spot(along + r * Math.cos(turn), BOLT + r * Math.sin(turn)));
    });
    return [
      {
        ...line('tops', [moved(spot(along, 0)), moved(spot(along, BOLT - r))], WEIGHT.thin, 'drawing'),
        dash: DASH,
      },
      outline('tops', recess, WEIGHT.thin, 'drawing'),
    ];
  });
}

const at = ([x, y]: readonly [number, number]): Point => ({ x, y });

/** The places of an edge that it is drawn by, without its end. */
function placesOf({ from, arc }: TemplateEdge): Point[] {
  if (!arc) return [at(from)];
  const centre = at(arc.centre);
  const start = Math.atan2(from[1] - centre.y, from[0] - centre.x);
  const whole: Arc = { centre, radius: arc.radius, from: start, sweep: toRadians(arc.sweep) };
  return Array.from({ length: PIECES }, (_, index) => onArc(whole, index / PIECES));
}

/** A cut-out's outline with its corners, and the cross of its middle lines. */
function cutOutMarks(
  { item, centre: [x, y], size: [w, h], radius }: TemplateCutOut,
  moved: (at: Point) => Point,
): Primitive[] {
  const r = Math.min(radius, w / 2, h / 2);
  const corner = (cx: number, cy: number, from: number): Point[] =>
    r > 0
      ? Array.from({ length: PIECES + 1 }, (_, index) =>
          onArc({ centre: { x: cx, y: cy }, radius: r, from, sweep: Math.PI / 2 }, index / PIECES),
        )
      : [{ x: cx, y: cy }];
  const [left, right, low, high] = [x - w / 2 + r, x + w / 2 - r, y - h / 2 + r, y + h / 2 - r];
  const ring = [
    ...corner(left, low, Math.PI),
    ...corner(right, low, -Math.PI / 2),
    ...corner(right, high, 0),
    ...corner(left, high, Math.PI / 2),
  ].map(moved);
  const cross = (a: Point, b: Point): Primitive => ({
    ...line('tops', [moved(a), moved(b)], WEIGHT.thin, 'measure'),
    dash: DASH,
  });
  return [
    outline('tops', ring, WEIGHT.object, 'drawing', 'paper'),
    cross({ x: x - w / 2, y }, { x: x + w / 2, y }),
    cross({ x, y: y - h / 2 }, { x, y: y + h / 2 }),
    {
      ...{
        type: 'text',
        layer: 'tops',
        at: moved({ x, y }),
        text: String(item),
        size: TEXT.normal,
        bold: true,
      },
      ...{ anchor: 'middle', turn: 0, ink: 'drawing', ground: true },
    },
  ];
}

/** Where along its edge a word can stand, as shares of it. */
const SPOTS = [0.5, 0.25, 0.75, 0.12, 0.88] as const;
/** Words stand so much of their height apart. */
const CLEAR = 1.1;

/** The letters of edges and how long each is, within it along it, clear of cut-outs and of one another where there is room. */
function edgeWords(
  { edges, cutOuts }: Template,
  moved: (at: Point) => Point,
  scale: number,
  say: (mm: number) => string,
): Primitive[] {
  const clear = CLEAR * TEXT.small * scale;
  const boxes = cutOuts.map(({ centre, size: [w, h] }) => {
    const { x, y } = moved(at(centre));
    return { left: x - w / 2, right: x + w / 2, bottom: y - h / 2, top: y + h / 2 };
  });
  const taken: Point[] = [];
  const isFree = (spot: Point) =>
    boxes.every(
      ({ left, right, bottom, top }) =>
        spot.x < left - clear / 2 ||
        spot.x > right + clear / 2 ||
        spot.y < bottom - clear / 2 ||
        spot.y > top + clear / 2,
    ) && taken.every((other) => distance(spot, other) >= clear);
  return edges.flatMap((edge, index): Primitive[] => {
    const [a, b] = [moved(at(edge.from)), moved(at(edge.to))];
    const long = distance(a, b);
    if (long < 1e-6) return [];
    const u = { x: (b.x - a.x) / long, y: (b.y - a.y) / long };
    const off = WITHIN * scale;
    const isShort = long < SHORT * scale;
    const text = isShort ? edgeLetter(index) : `${edgeLetter(index)}  ${say(edge.length)}`;
    const half = isShort ? 0 : (textWidth(text, TEXT.small) * scale) / 2;
    // The piece is to the left of its edges.
    const spotAt = (share: number, by = 0): Point => ({
      x: a.x + u.x * (long * share + by) - u.y * off,
      y: a.y + u.y * (long * share + by) + u.x * off,
    });
    const places = (share: number) => [-half, -half / 2, 0, half / 2, half].map((by) => spotAt(share, by));
    const share = SPOTS.find((one) => places(one).every(isFree)) ?? 0.5;
    taken.push(...places(share));
    return [
      {
        ...{ type: 'text', layer: 'tops', size: TEXT.small, anchor: 'middle', ink: 'drawing', ground: true },
        ...{ text, at: spotAt(share) },
        turn: isShort ? 0 : readingTurn(Math.atan2(u.y, u.x)),
      },
    ];
  });
}

/** Which way grain or veins run. */
function grainArrow(
  { wide, high }: { wide: number; high: number },
  scale: number,
  laid: (own: Point) => Point = (own) => own,
): Primitive[] {
  const long = Math.min(wide / 3, ARROW * scale);
  const [x, y] = [wide * 0.5, high * 0.82];
  const tip = Math.min(TIP * scale, long / 4);
  const [from, to] = [
    { x: x - long / 2, y },
    { x: x + long / 2, y },
  ];
  const tipAt = (end: Point, back: number): Point[] => [
    { x: end.x + back, y: y + tip / 2 },
    end,
    { x: end.x + back, y: y - tip / 2 },
  ];
  return [[from, to], tipAt(to, -tip), tipAt(from, tip)].map((points) =>
    line('tops', points.map(laid), WEIGHT.thin, 'faint'),
  );
}
