import { named, type Noun } from '../nouns';
import { recordOf, type Design } from '../document/design';
import { applyPatch, patchOf } from '../document/patch';
import type { ItemRecord } from '../document/records';
import { itemOf } from '../commands/set-item';
import { bandFillers } from '../ranges/bands';
import { constructionOf } from '../ranges/construction';
import { kindOf } from '../ranges/kinds';
import type { Range, ShelfItem } from '../ranges/range';
import { findRange, itemsOf, rangesOf, shelfOf } from '../ranges/shelf';
import { must, ok, refuse, type Result } from '../result';
import { findBox } from '../setting/item-box';
import type { Band } from '../setting/occupancy';
import { facePlacement } from '../setting/face-placement';
import { baseBand, hungOnFace, itemsOnFace, wallBand } from '../setting/open-lengths';
import type { PlacedFace } from '../survey/placed-face';
import { roomShape } from '../survey/room-shape';
import { quantise } from '../units/units';
import { cornerPlacement } from './corner-choices';
import { compositions } from './compositions';
import { edgesOnFace, faceSegments } from './face-segments';
import {
  CLOSED,
  type EndFiller,
  type FillProblem,
  type FillSegment,
  type Filling,
  type Values,
} from './fill-problem';
import { IslandLine } from './island';
import { cornerWays, lineCorners, takenOf, tightFace, type Corners } from './line-corners';
import { looseSet, placedLoose, type LooseSet } from './loose-items';
import { MOST_LOOSE, type EndFillers, type ProposalRequest } from './request';
import { bestFillings } from './search';
import { segmentOptions } from './segment-options';

/** A computed way to fill an open length, a face or several: what is taken away, what is set, and what it is worth. */
export interface Proposal {
  values: Values;
  /** Whether it is proven that no way comes before it. */
  proven: boolean;
  removed: readonly string[];
  items: readonly ItemRecord[];
  /** How the corners between the faces are filled, in walking order. */
  corners: readonly Noun[];
}

/** Faces are laid one after the other on the line of the search this far apart, mm: more than any room. */
const APART = 1_000_000;

/**
 * The best few ways to fill what is asked about, the best first; refused where nothing of the range closes it. Corners that nothing stands
 * in are left empty only where no corner cabinet goes into them.
 */
export function propose(
  design: Design,
  request: ProposalRequest,
  newId: () => string,
  known: readonly Range[] = rangesOf(design),
): Result<Proposal[]> {
  const range = findRange(request.range, known);
  const family = range && itemsOf(range).filter((item) => item.family.code === request.family);
  if (!range || !family || family.length === 0)
    return refuse('code-unknown', { range: range?.name ?? request.range, code: named(request.family) });
  const filler = fillerOf(range, request, known);
  if (!filler) return refuse('code-unknown', { range: range.name, code: 'filler' });
  if (request.island !== undefined) return proposeIsland(design, request, range, family, filler, newId);
  const { byId } = roomShape(design);
  const missing = request.faces.find((id) => !byId.has(id));
  if (missing !== undefined || request.faces.length === 0)
    return refuse('record-missing', { id: missing ?? '', what: 'face' });
  const bent = request.faces.map((id) => byId.get(id)!).find(({ arc }) => arc);
  if (bent) return refuse('face-bent', { face: bent.letter, only: 'propose' });
  const loose = request.loose.map((id) => findBox(design, id));
  const gone = loose.findIndex((box) => !box);
  if (gone >= 0) return refuse('record-missing', { id: request.loose[gone]!, what: 'item' });
  if (loose.length > MOST_LOOSE)
    return refuse('number-range', {
      what: 'loose-items',
      ...{ value: loose.length, least: 0, most: MOST_LOOSE },
    });
  const sets = loose.map((box) => looseSet(design, box!));
  const moved = sets.flatMap(({ parts }) => parts.map(({ record }) => record.id));
  const replaced = request.replaced.filter((id) => recordOf(design, 'item', id) && !moved.includes(id));
  const removed = [...replaced, ...moved];
  const cleared = must(applyPatch(design, patchOf(design, [], removed)));
  const line = new FillLine(cleared, request, range, family, filler, sets);
  if (!line.isOpen) return refuse('nothing-open', { faces: line.letters });
  for (const choices of line.cornerWays()) {
    const problems = choices.map((corners) => line.problem(corners));
    const { fillings, proven } = bestFillings(problems, request.order, request.most);
    if (fillings.length > 0)
      return ok(
        fillings.map((filling) => ({
          values: filling.values,
          proven,
          removed,
          items: line.itemsOf(filling, problems[filling.problem]!, choices[filling.problem]!, newId),
          corners: choices[filling.problem]!.flatMap((corner) => (corner ? [corner.name] : [])),
        })),
      );
  }
  const open = line.unclosed();
  return refuse('nothing-fits', { family: family[0]!.name, range: range.name, ...(open ? { open } : {}) });
}

/** A free-standing block is taken away, and runs stand in its place. */
function proposeIsland(
  design: Design,
  request: ProposalRequest,
  range: Range,
  family: readonly ShelfItem[],
  filler: ShelfItem,
  newId: () => string,
): Result<Proposal[]> {
  const island = request.island!;
  if (!recordOf(design, 'item', island)) return refuse('record-missing', { id: island, what: 'item' });
  const line = new IslandLine(design, { ...request, island }, range, family, filler);
  const { fillings, proven } = bestFillings([line.problem()], request.order, request.most);
  if (fillings.length === 0) return refuse('nothing-fits', { family: family[0]!.name, range: range.name });
  return ok(
    fillings.map((filling) => ({
      values: filling.values,
      proven,
      removed: [island],
      items: line.itemsOf(filling, newId),
      corners: [],
    })),
  );
}

function fillerOf(range: Range, { band }: ProposalRequest, known: readonly Range[]): ShelfItem | undefined {
  return shelfOf(range.id, known).find(({ type }) => type === bandFillers[band]);
}

/** Some faces laid on one line, what they can be filled with, and back from a filling to items. */
class FillLine {
  private readonly faces: readonly PlacedFace[];
  private readonly pieces: readonly ShelfItem[];
  private readonly band: Band;
  private readonly corners: ReturnType<typeof lineCorners>;

  constructor(
    private readonly design: Design,
    private readonly request: ProposalRequest,
    private readonly range: Range,
    family: readonly ShelfItem[],
    private readonly filler: ShelfItem,
    private readonly loose: readonly LooseSet[],
  ) {
    const { byId } = roomShape(design);
    this.faces = request.faces.map((id) => byId.get(id)!);
    const height = this.standingHeight() ?? family[0]!.height;
    const high = family.some((item) => Math.abs(item.height - height) < 1) ? height : family[0]!.height;
    this.pieces = family.filter((item) => Math.abs(item.height - high) < 1);
    const [piece] = this.pieces;
    this.band = { depth: piece!.depth, low: piece!.up, high: piece!.up + high };
    const method = constructionOf(range);
    this.corners = method
      ? lineCorners(design, this.faces, this.band, {
          shelf: itemsOf(range),
          band: request.band,
          depth: piece!.depth,
          height: high,
          proud: method.proud,
          filler: request.ends.corner.least,
        })
      : this.faces.slice(1).map(() => null);
  }

  get letters(): string {
    return this.faces.map(({ letter }) => letter).join(', ');
  }

  /** Whether there is anything to fill. */
  get isOpen(): boolean {
    const { segments } = this.problem(this.faces.slice(1).map(() => null));
    return segments.length > 0;
  }

  /** The strip of the range that closes what is too narrow for a filler. */
  private get scribe(): ShelfItem | undefined {
    return itemsOf(this.range).find(({ type }) => type === 'scribe');
  }

  /** As high as what stands in the run already, for families of several heights. */
  private standingHeight(): number | undefined {
    const { band } = this.request;
    const of = this.faces.map((face) => {
      const boxes = band === 'wall' ? hungOnFace(this.design, face.id) : itemsOnFace(this.design, face.id);
      if (boxes.length === 0) return undefined;
      if (band === 'tall') return Math.max(...boxes.map(({ high }) => high));
      const { low, high } = band === 'wall' ? wallBand(boxes) : baseBand(boxes);
      return high - low;
    });
    return of.find((height) => height !== undefined);
  }

  /** Every combination of ways to fill the open corners between the faces; after them those that leave some empty. */
  cornerWays(): Corners[][] {
    return cornerWays(this.corners, this.faces);
  }

  /** The first face without room for its corners, or open length that no widths close whatever is done in them, and the least that a cabinet and its fillers would take there; undefined where each can be closed. */
  unclosed(): { face: string; length: number; least: number } | undefined {
    const tight = tightFace(this.corners, this.faces);
    if (tight) return tight;
    const problem = this.problem(this.faces.slice(1).map(() => null));
    const made = compositions(problem.pieces);
    const segment = problem.segments.find((one) => segmentOptions(one, made, problem.filler).length === 0);
    if (!segment) return undefined;
    const { from, to, left, right } = segment;
    const leastOf = ({ least, most, optional }: EndFiller) => (optional || most === 0 ? 0 : least);
    const narrowest = Math.min(...problem.pieces.map(({ width }) => width));
    return {
      face: this.faceAt(from).letter,
      length: to - from,
      least: leastOf(left) + narrowest + leastOf(right),
    };
  }

  /** The face that a place of the line lies on. */
  private faceAt(place: number): PlacedFace {
    return this.faces[Math.floor((place + APART / 2) / APART)]!;
  }

  problem(corners: Corners): FillProblem {
    const { request, design } = this;
    const { at, band, ends, centre } = request;
    const shift = (index: number) => (place: number) => place + index * APART;
    const perFace = this.faces.map((face, index) => {
      const taken = takenOf(index, corners);
      const segments = faceSegments(design, face, this.band, ends, taken).filter(
        ({ from, to }) => at === undefined || (at >= from && at <= to),
      );
      const { own, other } = edgesOnFace(design, face, band);
      const inside = other.filter((place) =>
        segments.some(({ from, to }) => place > from + 1 && place < to - 1),
      );
      const cornerEdges = [
        ...(taken.leftCorner ? [taken.left] : []),
        ...(taken.rightCorner ? [face.length - taken.right] : []),
      ];
      return {
        segments,
        joints: [...new Set([...own, ...cornerEdges])].sort((a, b) => a - b),
        inside,
        shift: shift(index),
      };
    });
    const centred = this.faces.findIndex(({ id }) => id === centre?.face);
    return {
      pieces: this.pieces.map(({ code, width, price }) => ({ code, width, price })),
      segments: withOwnEnds(
        perFace.flatMap(({ segments, shift }) =>
          segments.map((segment) => ({ ...segment, from: shift(segment.from), to: shift(segment.to) })),
        ),
        ends,
      ),
      loose: this.loose.map(({ width }) => width),
      joints: perFace.flatMap(({ joints, shift }) => joints.map(shift)),
      centre: centre && centred >= 0 ? this.stretchAbout(centre.at, perFace[centred]!, centred) : null,
      aligned: perFace.flatMap(({ inside, shift }) => inside.map(shift)),
      filler: { ...kindOf(this.filler.type).trim!, scribed: this.scribe !== undefined },
      decided: {
        filler: corners.reduce((sum, corner) => sum + (corner?.filler ?? 0), 0),
        widths: this.cornerCabinets(corners).map(({ width }) => width),
        price: this.cornerCabinets(corners).reduce((sum, { price }) => sum + price, 0),
      },
    };
  }

  private cornerCabinets(corners: Corners): ShelfItem[] {
    return corners
      .flatMap((corner) => corner?.items ?? [])
      .flatMap(({ item }) => (kindOf(item.type).flat ? [] : [item]));
  }

  /** The stretch that is compared with itself about a centre line: all of the run on its face. */
  private stretchAbout(
    at: number,
    { segments, joints }: { segments: readonly { from: number; to: number }[]; joints: readonly number[] },
    index: number,
  ) {
    const places = [...joints, ...segments.flatMap(({ from, to }) => [from, to])];
    if (places.length === 0) return null;
    const by = index * APART;
    return { at: at + by, from: Math.min(...places) + by, to: Math.max(...places) + by };
  }

  /** The items of a filling, from left to right. */
  itemsOf(filling: Filling, { segments }: FillProblem, corners: Corners, newId: () => string): ItemRecord[] {
    const items: ItemRecord[] = [];
    filling.segments.forEach(({ left, pieces, right }, index) => {
      const segment = segments[index]!;
      const face = this.faceAt(segment.from);
      const zero = this.faces.indexOf(face) * APART;
      let at = segment.from - zero;
      const strip = (width: number) => {
        if (width >= CLOSED) items.push(this.strip(face, at, width, newId()));
        at += width;
      };
      strip(left);
      for (const piece of pieces) {
        if (piece < 0) {
          const set = this.loose[-1 - piece]!;
          items.push(...placedLoose(set, face, at));
          at += set.width;
          continue;
        }
        const item = this.pieces[piece]!;
        items.push(itemOf(newId(), item, facePlacement(face, at, item.width)));
        at += item.width;
      }
      strip(right);
    });
    corners.forEach((corner, index) => {
      const faces = { ending: this.faces[index]!.id, beginning: this.faces[index + 1]!.id };
      for (const one of corner?.items ?? []) {
        const made =
          one.item.type === this.filler.type ? this.cutFiller(one.width) : { ...one.item, width: one.width };
        items.push({ ...itemOf(newId(), made, cornerPlacement(one, faces)), hand: one.hand });
      }
    });
    return items.map((item) => ({ ...item, width: quantise(item.width) }));
  }

  private strip(face: PlacedFace, at: number, width: number, id: string): ItemRecord {
    const filler = this.cutFiller(width);
    // Too narrow for a filler: a strip before the fronts, scribed to what is beside it.
    if (this.scribe && width < kindOf(this.filler.type).trim!.least) {
      const { depth } = this.scribe;
      const made = { ...this.scribe, ...sizesOf(filler), depth };
      return itemOf(id, made, facePlacement(face, at, filler.width, filler.depth - depth));
    }
    return itemOf(id, filler, facePlacement(face, at, filler.width));
  }

  /** A filler as deep and high as the run, cut from the narrowest of the range that is wide enough. */
  private cutFiller(width: number): ShelfItem {
    const { depth, height, up } = this.pieces[0]!;
    const made = shelfOf(this.range.id, [this.range]).filter(({ type }) => type === this.filler.type);
    const stock = made.find((item) => item.width >= width - 1e-6 && item.height === height) ?? this.filler;
    return { ...stock, width: quantise(width), depth, height, up };
  }
}

function sizesOf({ width, depth, height, up }: ShelfItem) {
  return { width, depth, height, up };
}

/** Segments with the fillers that are asked for at the two ends of what is filled. */
function withOwnEnds(segments: readonly FillSegment[], { left, right }: EndFillers): FillSegment[] {
  const last = segments.length - 1;
  return segments.map((segment, index) => ({
    ...segment,
    ...(left && index === 0 ? { left } : {}),
    ...(right && index === last ? { right } : {}),
  }));
}
