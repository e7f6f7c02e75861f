import type { Point } from '../geometry/point';
import type { ArcMark, PathMark, Primitive, TextMark } from '../drawing/primitives';
import { drawingBounds } from '../drawing/plan';
import { CAP_HEIGHT, layoutText } from '../drawing/text-layout';

/**
 * Marks as SVG elements, y turned down. Inks become classes (`ink-drawing`, `fill-paper`), so that the page's colours apply;
 * sources become `data-source` for picking. `scale` is room millimetres per paper millimetre.
 */
export function svgMarks(marks: readonly Primitive[], scale: number): string {
  return marks.map((mark) => svgMark(mark, scale)).join('');
}

/** A piece of a drawing as SVG, with a key that stays the same for the same piece of the next drawing. */
export interface SvgGroup {
  key: string;
  svg: string;
}

/** Marks as SVG in pieces, one for each run of marks of a layer and record, in drawing order: a page renews only those that differ. */
export function svgGroups(marks: readonly Primitive[], scale: number): SvgGroup[] {
  const groups: SvgGroup[] = [];
  const counts = new Map<string, number>();
  let last = '';
  for (const mark of marks) {
    const name = `${mark.layer} ${mark.source ?? ''}`;
    if (name !== last) {
      const count = (counts.get(name) ?? 0) + 1;
      counts.set(name, count);
      groups.push({ key: `${name} ${count}`, svg: '' });
      last = name;
    }
    groups.at(-1)!.svg += svgMark(mark, scale);
  }
  return groups;
}

/** A whole SVG image of marks with a margin around them, paper mm. */
export function writeSvg(marks: readonly Primitive[], scale: number, { margin }: { margin: number }): string {
  const { left, right, bottom, top } = drawingBounds(marks, scale);
  const edge = margin * scale;
  const box = [left - edge, -top - edge, right - left + 2 * edge, top - bottom + 2 * edge]
    .map(number)
    .join(' ');
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${box}" aria-hidden="true">${svgMarks(marks, scale)}</svg>`;
}

/** What each mark was last written as: marks are never changed, and most of a drawing stays while something is dragged. */
const written = new WeakMap<Primitive, { scale: number; svg: string }>();

function svgMark(mark: Primitive, scale: number): string {
  const known = written.get(mark);
  if (known?.scale === scale) return known.svg;
  const svg = writeMark(mark, scale);
  written.set(mark, { scale, svg });
  return svg;
}

function writeMark(mark: Primitive, scale: number): string {
  const source = mark.source ? ` data-source="${escape(mark.source)}"` : '';
  const layer = ` data-layer="${mark.layer}"`;
  return mark.type === 'text' ? svgText(mark, scale, layer + source) : svgShape(mark, scale, layer + source);
}

function svgShape(mark: PathMark | ArcMark, scale: number, attributes: string): string {
  const fill = mark.fill ? ` fill-${mark.fill}` : '';
  const dash = mark.dash
    ? ` stroke-dasharray="${mark.dash.map((part) => number(part * scale)).join(' ')}"`
    : '';
  const style = `class="ink-${mark.ink}${fill}" stroke-width="${number(mark.weight * scale)}"${dash}`;
  if (mark.type === 'arc' && Math.abs(mark.sweep) >= 2 * Math.PI - 1e-9) {
    return `<circle cx="${number(mark.centre.x)}" cy="${number(-mark.centre.y)}" r="${number(mark.radius)}" ${style}${attributes}/>`;
  }
  return `<path d="${mark.type === 'arc' ? arcPath(mark) : ringsPath(mark)}" ${style}${attributes}/>`;
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

function svgText(mark: TextMark, scale: number, attributes: string): string {
  const { runs, width } = layoutText(mark.text, mark.size * scale, mark.bold);
  const before = mark.anchor === 'start' ? 0 : mark.anchor === 'end' ? width : width / 2;
  const drop = (mark.size * scale * CAP_HEIGHT) / 2;
  const turn = mark.turn === 0 ? '' : ` rotate(${number((-mark.turn * 180) / Math.PI)})`;
  const ground = mark.ground
    ? `<rect class="fill-paper" x="${number(-before - 0.3 * scale)}" y="${number(-mark.size * scale * 0.5)}" width="${number(width + 0.6 * scale)}" height="${number(mark.size * scale)}"/>`
    : '';
  const letters = runs
    .map(
      ({ text, x, rise, size }) =>
        `<text x="${number(x - before)}" y="${number(drop - rise)}" font-size="${number(size)}">${escape(text)}</text>`,
    )
    .join('');
  const bold = mark.bold ? ' bold' : '';
  return `<g class="text text-${mark.ink}${bold}" transform="translate(${number(mark.at.x)} ${number(-mark.at.y)})${turn}"${attributes}>${ground}${letters}</g>`;
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
