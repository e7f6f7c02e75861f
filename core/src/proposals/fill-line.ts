import type { Design } from '../document/design';
import type { ItemRecord } from '../document/records';
import { itemOf } from '../commands/set-item';
import { constructionOf } from '../ranges/construction';
import { kindOf } from '../ranges/kinds';
import type { Range, ShelfItem } from '../ranges/range';
import { itemsOf, shelfOf } from '../ranges/shelf';
import type { Band } from '../setting/occupancy';
import { facePlacement } from '../setting/face-placement';
import { baseBand, hangingOnFace, standingOnFace, wallBand } from '../setting/open-lengths';
import type { PlacedFace } from '../survey/placed-face';
import { roomShape } from '../survey/room-shape';
import { quantise } from '../units/units';
import { cornerPlacement } from './corner-choices';
import { compositions } from './compositions';
import { edgesOnFace, faceSegments } from './face-segments';
import {
  CLOSED,
  type EndFiller,
  type FilledSegment,
  type FillProblem,
  type FillSegment,
  type Filling,
  type Values,
} from './fill-problem';
import { cornerWays, lineCorners, takenOf, tightFace, type Corners } from './line-corners';
import { placedLoose, type LooseSet } from './loose-items';
import type { EndFillers, ProposalRequest } from './request';
import { segmentOptions } from './segment-options';
import { endsOn, spansOn, type Spans } from './spans';

/** Faces are laid one after the other on the line of the search this far apart, mm: more than any room. */
const APART = 1_000_000;

/** Some faces laid on one line, what they can be filled with, and back from a filling to items. */
export class FillLine {
  private readonly faces: readonly PlacedFace[];
  private readonly pieces: readonly ShelfItem[];
  private readonly band: Band;
  private readonly corners: ReturnType<typeof lineCorners>;
  /** Of the one face, where it is bent. */
  private readonly spans: Spans;
  private readonly ends: EndFillers;

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
    this.spans = spansOn(this.faces[0]!, piece!.depth);
    this.ends = endsOn(request.ends, this.spans);
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
    return this.bare.segments.length > 0;
  }

  /** What is to be filled where nothing is done in the corners. */
  private get bare(): FillProblem {
    return this.problem(this.faces.slice(1).map(() => null));
  }

  /** The strip of the range that closes what is too narrow for a filler. */
  private get scribe(): ShelfItem | undefined {
    return itemsOf(this.range).find(({ type }) => type === 'scribe');
  }

  /** As high as what stands in the run already, for families of several heights. */
  private standingHeight(): number | undefined {
    const { band } = this.request;
    const of = this.faces.map((face) => {
      const boxes = band === 'wall' ? hangingOnFace(this.design, face) : standingOnFace(this.design, face);
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
    const problem = this.bare;
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
    const { at, band, centre } = request;
    const { ends, spans } = this;
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
    const trim = kindOf(this.filler.type).trim!;
    const centred = this.faces.findIndex(({ id }) => id === centre?.face);
    return {
      pieces: this.pieces.map(({ code, width, price }) => ({ code, width: spans.roughly(width), price })),
      segments: withOwnEnds(
        perFace.flatMap(({ segments, shift }) =>
          segments.map((segment) => ({ ...segment, from: shift(segment.from), to: shift(segment.to) })),
        ),
        ends,
      ),
      loose: this.loose.map(({ width }) => spans.roughly(width)),
      joints: perFace.flatMap(({ joints, shift }) => joints.map(shift)),
      centre: centre && centred >= 0 ? this.stretchAbout(centre.at, perFace[centred]!, centred) : null,
      aligned: perFace.flatMap(({ inside, shift }) => inside.map(shift)),
      filler: { least: spans.of(trim.least), most: spans.of(trim.most), scribed: this.scribe !== undefined },
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

  /** What a filling is worth, its fillers as wide as they are cut: what is too narrow to be closed has none. */
  valuesOf({ values, segments }: Filling): Values {
    if (!this.faces[0]!.arc) return values;
    const widths = segments.flatMap((segment) => this.fillersOf(segment).map(this.spans.widthOf));
    return {
      ...values,
      filler: widths.reduce((sum, width) => (width >= CLOSED ? sum + width : sum), 0),
    };
  }

  /** What the fillers of a segment take of a bent face: with what its cabinets were counted as taking too much. */
  private fillersOf({ left, pieces, right }: FilledSegment): [number, number] {
    const { roughly, of } = this.spans;
    const over = pieces
      .map((piece) => this.widthOf(piece))
      .reduce((sum, width) => sum + roughly(width) - of(width), 0);
    return right > 0 || left === 0 ? [left, right + over] : [left + over, right];
  }

  private widthOf(piece: number): number {
    return (piece < 0 ? this.loose[-1 - piece]! : this.pieces[piece]!).width;
  }

  /** The items of a filling, from left to right. */
  itemsOf(filling: Filling, { segments }: FillProblem, corners: Corners, newId: () => string): ItemRecord[] {
    const items: ItemRecord[] = [];
    filling.segments.forEach((filled, index) => {
      const [left, right] = this.fillersOf(filled);
      const segment = segments[index]!;
      const face = this.faceAt(segment.from);
      const zero = this.faces.indexOf(face) * APART;
      let at = segment.from - zero;
      // What takes more of a bent face than it is wide stands in the middle of that.
      const next = (span: number, width: number) => {
        const along = at + (span - width) / 2;
        at += span;
        return along;
      };
      const strip = (span: number) => {
        const width = this.spans.widthOf(span);
        const along = next(span, width);
        if (width >= CLOSED) items.push(this.strip(face, along, width, newId()));
      };
      strip(left);
      for (const piece of filled.pieces) {
        const width = this.widthOf(piece);
        const along = next(this.spans.of(width), width);
        if (piece < 0) items.push(...placedLoose(this.loose[-1 - piece]!, face, along));
        else items.push(itemOf(newId(), this.pieces[piece]!, facePlacement(face, along, width)));
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
