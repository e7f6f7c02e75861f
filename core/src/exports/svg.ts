import { rememberOne } from '../document/remember';
import type { Point } from '../geometry/point';
import type { Page } from '../drawing/sheet/sheet-format';
import type { Sheet } from '../drawing/sheet/sheet-frame';
import type { ArcMark, PathMark, Primitive, TextMark } from '../drawing/primitives';
import { inkColours } from '../drawing/inks';
import { drawingBounds } from '../drawing/plan-with';
import { CAP_HEIGHT, typeset, plainWidth } from '../drawing/text-layout';
import { typefaces, type Typeface } from '../drawing/typefaces';

/** One SVG element of a drawing. */
export interface SvgElement {
  name: 'circle' | 'g' | 'path' | 'rect' | 'text';
  attributes: Readonly<Record<string, string>>;
  children: readonly (SvgElement | string)[];
}

/**
 * Marks as SVG, y turned down. Inks become classes (`ink-drawing`, `fill-paper`), so that the page's colours apply;
 * sources become `data-source` for picking. `scale` is room millimetres per paper millimetre.
 */
export function svgMarks(marks: readonly Primitive[], scale: number): string {
  return marks.map((mark) => written(svgElement(mark, scale))).join('');
}

/** Marks of one piece of a drawing, with a key that stays the same for the same piece of the next drawing. */
export interface MarkGroup {
  key: string;
  marks: Primitive[];
}

/** Marks in pieces, one for each run of marks of a layer and record, in drawing order: a page renews only those that differ. The same pieces for the same list. */
export const markGroups = rememberOne((marks: readonly Primitive[]): readonly MarkGroup[] => {
  const groups: MarkGroup[] = [];
  const counts = new Map<string, number>();
  let last: Primitive | undefined;
  for (const mark of marks) {
    if (last?.layer !== mark.layer || last.source !== mark.source) {
      const name = `${mark.layer} ${mark.source ?? ''}`;
      const count = (counts.get(name) ?? 0) + 1;
      counts.set(name, count);
      groups.push({ key: `${name} ${count}`, marks: [] });
      last = mark;
    }
    groups.at(-1)!.marks.push(mark);
  }
  return groups;
});

/** A whole SVG image of marks with a margin around them, paper mm. */
export function writeSvg(marks: readonly Primitive[], scale: number, { margin }: { margin: number }): string {
  const { left, right, bottom, top } = drawingBounds(marks, scale);
  const edge = margin * scale;
  const box = [left - edge, -top - edge, right - left + 2 * edge, top - bottom + 2 * edge]
    .map(number)
    .join(' ');
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${box}" aria-hidden="true">${svgMarks(marks, scale)}</svg>`;
}

/** Room left around a drawing that stands alone, paper mm. */
const MARGIN = 5;

/** The fonts that files are set in, as they are written into them (base64 of WOFF), so that they look alike everywhere; without them by their names alone. */
export type SvgFonts = Partial<Record<Typeface, { regular: string; bold: string }>>;

/** A drawing as an SVG file of its own, true to scale: its size in paper millimetres, its colours those of print. */
export function writeDrawingSvg(marks: readonly Primitive[], scale: number): string {
  const { left, right, bottom, top } = drawingBounds(marks, scale);
  const edge = MARGIN * scale;
  const [wide, high] = [right - left + 2 * edge, top - bottom + 2 * edge];
  return svgFile(svgMarks(marks, scale), scale, { left: left - edge, top: top + edge, wide, high });
}

/** A sheet as an SVG file of its own, as large as its page. */
export const writeSheetSvg = ({
  page,
  marks,
  pictures,
}: Pick<Sheet, 'marks' | 'page' | 'pictures'>): string =>
  sheetSvgFile(page, svgMarks(marks, 1) + svgPictures(pictures));

/** Pictures on a page, each as large as goes into its box, in its middle. */
export const svgPictures = (pictures: Sheet['pictures']): string =>
  pictures
    .map(({ box: { left, right, bottom, top }, picture: { type, data } }) => {
      const at = `x="${number(left)}" y="${number(-top)}" width="${number(right - left)}" height="${number(top - bottom)}"`;
      return `<image ${at} href="data:${type};base64,${data}"/>`;
    })
    .join('');

/** What is drawn on a page, as `svgMarks` writes it, as a file of its own. */
export function sheetSvgFile(
  { width, height }: Pick<Page, 'height' | 'width'>,
  drawn: string,
  fonts?: SvgFonts,
): string {
  return svgFile(drawn, 1, { left: 0, top: height, wide: width, high: height }, fonts);
}

function svgFile(
  drawn: string,
  scale: number,
  { left, top, wide, high }: { left: number; top: number; wide: number; high: number },
  fonts?: SvgFonts,
): string {
  const box = [left, -top, wide, high].map(number).join(' ');
  const size = `width="${number(wide / scale)}mm" height="${number(high / scale)}mm"`;
  const inks = Object.entries(inkColours.print).map(
    ([ink, colour]) =>
      `.ink-${ink}{stroke:${colour};fill:none}.text-${ink}{fill:${colour}}.fill-${ink}{fill:${colour}}`,
  );
  const faces = (Object.keys(typefaces) as Typeface[]).map((typeface) => {
    const { family, bold } = typefaces[typeface];
    const data = fonts?.[typeface];
    const face = (weight: number, file: string) =>
      `@font-face{font-family:'${family}';font-weight:${weight};src:url(data:font/woff;base64,${file})}`;
    const within = typeface === 'plain' ? '' : `.in-${typeface}`;
    const named = `${within || 'svg'}{font-family:'${family}',sans-serif}${within}.bold{font-weight:${bold}}`;
    return (data ? face(400, data.regular) + face(bold, data.bold) : '') + named;
  });
  const style = `svg{background:${inkColours.print.paper}}path,circle{stroke-linecap:round;stroke-linejoin:round}`;
  return `<svg xmlns="http://www.w3.org/2000/svg" ${size} viewBox="${box}"><style>${faces.join('')}${style}${inks.join('')}</style>${drawn}</svg>`;
}

/** What each mark was last drawn as: marks are never changed, and most of a drawing stays while something is dragged. */
const drawn = new WeakMap<Primitive, { scale: number; element: SvgElement }>();

/** A mark as one SVG element; the same object for the same mark and scale. */
export function svgElement(mark: Primitive, scale: number): SvgElement {
  const known = drawn.get(mark);
  if (known?.scale === scale) return known.element;
  const element = mark.type === 'text' ? textElement(mark, scale) : shapeElement(mark, scale);
  drawn.set(mark, { scale, element });
  return element;
}

function written({ name, attributes, children }: SvgElement): string {
  let start = `<${name}`;
  for (const key in attributes) start += ` ${key}="${escape(attributes[key]!)}"`;
  if (children.length === 0) return `${start}/>`;
  const inside = children.map((child) => (typeof child === 'string' ? escape(child) : written(child)));
  return `${start}>${inside.join('')}</${name}>`;
}

/** What a view picks and styles a mark by. */
function told({ layer, source }: Primitive): Record<string, string> {
  return source ? { 'data-layer': layer, 'data-source': source } : { 'data-layer': layer };
}

function shapeElement(mark: PathMark | ArcMark, scale: number): SvgElement {
  const attributes: Record<string, string> = {
    class: mark.fill ? `ink-${mark.ink} fill-${mark.fill}` : `ink-${mark.ink}`,
    'stroke-width': number(mark.weight * scale),
    ...told(mark),
  };
  if (mark.dash) attributes['stroke-dasharray'] = mark.dash.map((part) => number(part * scale)).join(' ');
  if (mark.type === 'arc' && Math.abs(mark.sweep) >= 2 * Math.PI - 1e-9) {
    const { centre, radius } = mark;
    Object.assign(attributes, { cx: number(centre.x), cy: number(-centre.y), r: number(radius) });
    return { name: 'circle', attributes, children: [] };
  }
  attributes.d = mark.type === 'arc' ? arcPath(mark) : ringsPath(mark);
  return { name: 'path', attributes, children: [] };
}

function ringsPath({ rings, closed }: PathMark): string {
  return rings.map((ring) => `M${ring.map(pair).join('L')}${closed ? 'Z' : ''}`).join('');
}

function arcPath({ centre, radius, from, sweep }: ArcMark): string {
  const at = (angle: number) =>
    pair({ x: centre.x + radius * Math.cos(angle), y: centre.y + radius * Math.sin(angle) });
  const large = Math.abs(sweep) > Math.PI ? 1 : 0;
  return `M${at(from)}A${number(radius)} ${number(radius)} 0 ${large} ${sweep > 0 ? 0 : 1} ${at(from + sweep)}`;
}

function textElement(mark: TextMark, scale: number): SvgElement {
  const { typeface = 'plain' } = mark;
  const { runs, width, squeeze } = typeset(typeface, mark.text, mark.size * scale, mark.bold);
  const narrower = (text: string, size: number) => ({
    textLength: number(plainWidth(text, size, mark.bold, typeface) * squeeze),
    lengthAdjust: 'spacingAndGlyphs',
  });
  const before = mark.anchor === 'start' ? 0 : mark.anchor === 'end' ? width : width / 2;
  const drop = (mark.size * scale * CAP_HEIGHT) / 2;
  const turn = mark.turn === 0 ? '' : ` rotate(${number((-mark.turn * 180) / Math.PI)})`;
  const letters = runs.map(({ text, x, rise, size }): SvgElement => ({
    name: 'text',
    attributes: {
      ...{ x: number(x - before), y: number(drop - rise), 'font-size': number(size) },
      ...(squeeze < 1 && narrower(text, size)),
    },
    children: [text],
  }));
  const ground: SvgElement = {
    name: 'rect',
    attributes: {
      class: 'fill-paper',
      x: number(-before - 0.3 * scale),
      y: number(-mark.size * scale * 0.5),
      width: number(width + 0.6 * scale),
      height: number(mark.size * scale),
    },
    children: [],
  };
  return {
    name: 'g',
    attributes: {
      class: `text text-${mark.ink}${mark.bold ? ' bold' : ''}${typeface === 'plain' ? '' : ` in-${typeface}`}`,
      transform: `translate(${number(mark.at.x)} ${number(-mark.at.y)})${turn}`,
      ...told(mark),
    },
    children: mark.ground ? [ground, ...letters] : letters,
  };
}

function pair({ x, y }: Point): string {
  return `${number(x)} ${number(-y)}`;
}

/** Three decimals: a micrometre, far below what a screen shows. */
function number(value: number): string {
  const rounded = Math.round(value * 1000) / 1000;
  return String(rounded === 0 ? 0 : rounded);
}

function escape(text: string): string {
  return text.replace(/[&<>"]/g, (sign) => `&#${sign.charCodeAt(0)};`);
}
