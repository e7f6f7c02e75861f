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
  let before = new Map<string, Piece>();
  let scaled = NaN;

  function update({ groups, scale }: Drawing) {
    const after = new Map<string, Piece>();
    let at = node.firstChild;
    for (const { key, marks } of groups) {
      const piece = before.get(key) ?? { group: document.createElementNS(SVG, 'g'), shown: [] };
      before.delete(key);
      renew(piece, marks, scale, scale !== scaled);
      if (piece.group === at) at = at.nextSibling;
      else node.insertBefore(piece.group, at);
      after.set(key, piece);
    }
    for (const { group } of before.values()) group.remove();
    before = after;
    scaled = scale;
  }

  update(drawing);
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
