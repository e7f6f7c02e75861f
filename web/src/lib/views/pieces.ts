import { svgElement, type MarkGroup, type Primitive, type SvgElement } from 'goodreach';

const SVG = 'http://www.w3.org/2000/svg';

/** Pieces of a drawing, and how many room millimetres a paper millimetre is. */
interface Drawing {
  groups: readonly MarkGroup[];
  scale: number;
}

/** A mark as it is shown: what it was drawn as, and its element. */
interface Shown {
  mark: Primitive;
  drawn: SvgElement;
  element: Element;
}

interface Piece {
  group: SVGGElement;
  shown: Shown[];
}

/**
 * Keeps a drawing in an SVG group: a frame of a drag renews only the marks that differ from what is shown, and of those only the
 * attributes that do.
 */
export function pieces(node: SVGGElement, drawing: Drawing) {
  const kept = new KeptDrawing(node);
  kept.update(drawing);
  return { update: (next: Drawing) => kept.update(next) };
}

class KeptDrawing {
  #before = new Map<string, Piece>();
  #shown: Drawing | null = null;

  constructor(private readonly node: SVGGElement) {}

  update({ groups, scale }: Drawing) {
    const scaled = scale !== this.#shown?.scale;
    if (groups === this.#shown?.groups && !scaled) return;
    const before = this.#before;
    const after = new Map(
      groups.map(({ key }) => [
        key,
        before.get(key) ?? { group: document.createElementNS(SVG, 'g'), shown: [] },
      ]),
    );
    takeOut(before, after);
    let at = this.node.firstChild;
    for (const { key, marks } of groups) {
      const piece = after.get(key)!;
      renew(piece, marks, scale, scaled);
      at = putAt(this.node, piece.group, at);
    }
    this.#before = after;
    this.#shown = { groups, scale };
  }
}

/** Takes out what is not in a drawing any more, before the rest is walked along: nothing that stays moves for it. */
function takeOut<T extends { group: Element }>(
  before: ReadonlyMap<string, T>,
  after: ReadonlyMap<string, T>,
): [string, T][] {
  const gone = [...before].filter(([key]) => !after.has(key));
  for (const [, { group }] of gone) group.remove();
  return gone;
}

/** Puts an element where the walk along what is there has come to, and gives what stands after it. */
function putAt(node: SVGGElement, element: SVGGElement, at: ChildNode | null): ChildNode | null {
  // What comes later is taken out before what stands right behind it: not all of that put in again before it.
  if (at && at !== element && at.nextSibling === element) {
    at.remove();
    return element.nextSibling;
  }
  if (at === element) return at.nextSibling;
  node.insertBefore(element, at);
  return at;
}

/** Drawings side by side, each so far along, mm. */
interface Row {
  drawings: readonly { key: string; x: number; groups: readonly MarkGroup[] }[];
  scale: number;
}

/** A drawing in its place. */
interface Placed {
  group: SVGGElement;
  x: number;
  drawing: KeptDrawing;
}

function placed(): Placed {
  const group = document.createElementNS(SVG, 'g');
  return { group, x: 0, drawing: new KeptDrawing(group) };
}

/** So many drawings that went are kept: a drag takes things apart and joins them again. */
const GONE_KEPT = 40;

/** Keeps drawings side by side in an SVG group, renewing as little as `pieces`. */
export function pieceRow(node: SVGGElement, row: Row) {
  let before = new Map<string, Placed>();
  let gone = new Map<string, Placed>();

  function update({ drawings, scale }: Row) {
    const after = new Map(drawings.map(({ key }) => [key, before.get(key) ?? gone.get(key) ?? placed()]));
    const kept = [...gone, ...takeOut(before, after)];
    let at = node.firstChild;
    for (const { key, x, groups } of drawings) {
      const one = after.get(key)!;
      if (x !== one.x) one.group.setAttribute('transform', `translate(${(one.x = x)} 0)`);
      one.drawing.update({ groups, scale });
      at = putAt(node, one.group, at);
    }
    gone = new Map(kept.filter(([key]) => !after.has(key)).slice(-GONE_KEPT));
    before = after;
  }

  update(row);
  return { update };
}

function renew({ group, shown }: Piece, marks: readonly Primitive[], scale: number, all: boolean): void {
  marks.forEach((mark, index) => {
    const was = shown[index];
    if (was?.mark === mark && !all) return;
    const drawn = svgElement(mark, scale);
    if (was && fits(was.drawn, drawn)) {
      patch(was.element, was.drawn, drawn);
      Object.assign(was, { mark, drawn });
      return;
    }
    const element = made(drawn);
    if (was) was.element.replaceWith(element);
    else group.append(element);
    shown[index] = { mark, drawn, element };
  });
  for (const { element } of shown.splice(marks.length)) element.remove();
}

/** Whether one element can be made into another by changing attributes and words. */
function fits(was: SvgElement, now: SvgElement): boolean {
  return (
    was.name === now.name &&
    was.children.length === now.children.length &&
    was.children.every((child, index) => {
      const next = now.children[index]!;
      return typeof child === 'string' || typeof next === 'string'
        ? typeof child === typeof next
        : fits(child, next);
    })
  );
}

function patch(element: Element, was: SvgElement, now: SvgElement): void {
  for (const key in now.attributes) {
    const value = now.attributes[key]!;
    if (was.attributes[key] !== value) element.setAttribute(key, value);
  }
  for (const key in was.attributes) if (!(key in now.attributes)) element.removeAttribute(key);
  now.children.forEach((child, index) => {
    const before = was.children[index]!;
    if (typeof child !== 'string') patch(element.children[index]!, before as SvgElement, child);
    else if (child !== before) element.textContent = child;
  });
}

function made({ name, attributes, children }: SvgElement): Element {
  const element = document.createElementNS(SVG, name);
  for (const key in attributes) element.setAttribute(key, attributes[key]!);
  element.append(...children.map((child) => (typeof child === 'string' ? child : made(child))));
  return element;
}
