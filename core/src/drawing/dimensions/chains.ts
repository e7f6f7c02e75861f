import { perDesign, styleOf, type Design } from '../../document/design';
import { remember } from '../../document/remember';
import type { Between } from '../primitives';
import { betweensOf } from './betweens';
import { formatLength } from '../../units/format-length';
import { roundChain } from '../../units/round-chain';
import type { LengthStyle } from '../../units/units';
import type { KindGroup } from '../../wording/kind-names';
import { builtAgainst, itemBoxes, type ItemBox } from '../../setting/item-box';
import { baseBand, standingOnFace } from '../../setting/open-lengths';
import { occupied } from '../../setting/occupancy';
import { openingsOn } from '../../survey/openings';
import { placedServices } from '../../survey/services';
import { frameAt, type PlacedFace } from '../../survey/placed-face';
import { dot, subtract } from '../../geometry/point';
import { roomShape } from '../../survey/room-shape';

/** One length of a chain: true ends along the straight line between the face's corners and the printed value, mm, and the printed text. */
export interface ChainLink {
  from: number;
  to: number;
  shown: number;
  text: string;
  between: Between;
}

/** A place that a chain is parted at, mm along it, and the record whose end or middle it is; null where nothing is moved by it, or only what it stands `on`. */
export interface ChainEnd {
  at: number;
  of: string | null;
  on?: readonly string[];
  /** Whether it stays where it is whatever size that gets. */
  stays?: true;
}

/** A line of dimensions along a face. The printed values add up to the printed overall exactly. */
export interface Chain {
  face: PlacedFace;
  row: 'units' | 'openings' | 'centres' | 'overall';
  links: ChainLink[];
  overall: { length: number; shown: number; text: string };
}

/** Ends nearer than this make no length of their own in a chain, mm. */
const LEAST_LINK = 0.5;

interface Ends {
  row: Chain['row'];
  /** Where it is parted, mm along the straight line between the corners. */
  between: readonly ChainEnd[];
  /** The record that it is the whole length of. */
  of?: string;
  style: LengthStyle;
}

/** A chain of a face: an edit changes those of few. */
const chainOf = remember(chain, { kept: 6 });

/** The chains of every face: units and fillers edge to edge, openings, centre lines of fixtures and services, overall. */
export const dimensionChains: (design: Design) => readonly Chain[] = perDesign((design) => {
  const style = styleOf(design);
  return roomShape(design).faces.flatMap((face) => {
    const units = unitEnds(design, face);
    const openings = openingEnds(design, face).map((end) => onChord(face, end));
    const centres = centresOn(design, face).map((end) => onChord(face, end));
    return [
      ...(units.length > 0 ? [chainOf(face, { row: 'units', between: units, style })] : []),
      ...(openings.length > 0 ? [chainOf(face, { row: 'openings', between: openings, style })] : []),
      ...(centres.length > 0 ? [chainOf(face, { row: 'centres', between: centres, style })] : []),
      chainOf(face, { row: 'overall', between: [], ...(face.arc ? {} : { of: face.id }), style }),
    ];
  });
});

/** The groups of cabinets that sinks, hobs and ovens are let into. */
const LETS_IN: ReadonlySet<KindGroup> = new Set(['base', 'tall', 'vanity']);

const letIn = perDesign((design): ReadonlySet<string> => {
  const isLetIn = ({ kind }: ItemBox) => kind.within?.some((group) => LETS_IN.has(group));
  return new Set(itemBoxes(design).flatMap((box) => (isLetIn(box) ? box.id : [])));
});

/** The ends of all that stands along a face in its base run; nothing for a face that nothing of it stands along. */
function unitEnds(design: Design, face: PlacedFace): ChainEnd[] {
  const onFace = standingOnFace(design, face);
  if (onFace.length === 0) return [];
  // What is let into a cabinet is set out from it, not in the chain.
  const band = { ...baseBand(onFace), except: letIn(design) };
  const stretches = occupied(design, face, band).filter(
    ({ by }) => by.kind === 'item' || by.kind === 'fixed',
  );
  return stretches.flatMap(({ from, to, by }) => [from, to].map((at) => onChord(face, { at, of: by.id })));
}

/** The jambs of the openings of a face. */
export const openingEnds = (design: Design, face: PlacedFace): ChainEnd[] =>
  openingsOn(design, face.id).flatMap(({ left, right, record: { id } }) =>
    [left, right].map((at) => ({ at, of: id })),
  );

/** What is set out by its centre line. */
const BY_CENTRE: ReadonlySet<KindGroup> = new Set(['fixtures']);

/** The centre lines of what was surveyed on a face and of the fixtures that stand against it, mm along it from its left end. */
export function centresOn(design: Design, face: PlacedFace): ChainEnd[] {
  const services = placedServices(design).flatMap(({ against, record }) =>
    against?.face.id === face.id ? [{ at: against.along, of: record.id }] : [],
  );
  const fixtures = builtAgainst(design, face.id).flatMap(({ kind, against, record }) =>
    BY_CENTRE.has(kind.group) && !kind.flat && against
      ? [{ at: against.along + record.width / 2, of: record.id }]
      : [],
  );
  return [...services, ...fixtures];
}

/** A place along a face as one on the straight line between its corners. On a bent face it is nothing's own: what is moved goes round the bend. */
const onChord = (face: PlacedFace, { at, of }: ChainEnd): ChainEnd => ({
  at: alongChord(face, at),
  of: face.arc ? null : of,
});

/** A place along a face on the straight line between its corners, mm from the left one: what a bent face is set out from. */
function alongChord(face: PlacedFace, along: number): number {
  return face.arc ? dot(subtract(frameAt(face, along).at, face.start), face.u) : along;
}

function chain(face: PlacedFace, { row, between, of, style }: Ends): Chain {
  return { face, row, ...linksOf({ from: 0, to: face.chord, between, ...(of && { of }) }, style) };
}

/** From where to where a chain runs, and where it is parted, mm; what lies outside does not part it. */
export interface Parted {
  from: number;
  to: number;
  between: readonly ChainEnd[];
  /** The record that it is the whole length of. */
  of?: string;
  /** Whether it ends with the things themselves, and not at walls, the floor or the ceiling. */
  open?: boolean;
}

/** What a chain prints between some ends, which lose those that would part off a length printed as nothing: the first and the last stay. */
function printed(ends: number[], step: number): ReturnType<typeof roundChain> {
  for (;;) {
    const rounded = roundChain(
      ends.slice(1).map((end, index) => end - ends[index]!),
      step,
    );
    const nothing = ends.length > 2 ? rounded.parts.indexOf(0) : -1;
    if (nothing < 0) return rounded;
    ends.splice(Math.min(nothing + 1, ends.length - 2), 1);
  }
}

/** The lengths of a chain: printed values that add up to the printed overall. Places that are all but one make no length. */
export function linksOf(parted: Parted, style: LengthStyle): Pick<Chain, 'links' | 'overall'> {
  const { from, to, between } = parted;
  const ends = [from];
  for (const { at } of [...between].sort((a, b) => a.at - b.at))
    if (at - ends.at(-1)! > LEAST_LINK && to - at > LEAST_LINK) ends.push(at);
  ends.push(to);
  const { parts, overall } = printed(ends, style.step);
  const betweens = betweensOf(parted, ends);
  return {
    links: parts.map((shown, index) => ({
      from: ends[index]!,
      to: ends[index + 1]!,
      shown,
      text: formatLength(shown, style),
      between: betweens[index]!,
    })),
    overall: { length: to - from, shown: overall, text: formatLength(overall, style) },
  };
}
