import type { Design } from '../../document/design';
import { placedOpenings, type PlacedOpening } from '../../survey/openings';
import { roomShape } from '../../survey/room-shape';
import type { Place } from '../mesh';
import { along, cross, inner, minus, times, unit } from '../places';
import { sceneOf } from '../scene';
import type { SceneGroup } from '../scene-part';
import { reflects } from '../substances';
import { lampsOf } from './lamps';
import { raysThrough, type RayCaster } from './rays';
import { daylights, sunAt, type DayTime, type Light } from './sun';

/**
 * A small light that stands for part of the light in the room. Near ones shine from a place about a direction, as a dull face does: `light` is
 * what they give straight ahead, kcd, which falls with the cosine of the angle and the square of the distance. Far ones shine along their
 * direction everywhere alike: `light` is what they give on a face square to it, klx.
 */
export interface Emitter {
  at: Place;
  way: Place;
  light: Light;
  far: boolean;
}

/** Where light comes into the room or is made in it, and how much there is, klm. */
interface Source {
  light: Light;
  /** A place of it for each two numbers of 0 to 1. */
  place: (a: number, b: number) => Place;
  /** The direction it shines about, as a dull face does, or only in, where it is a beam. */
  way: Place;
  beam: boolean;
}

/** What glass lets through; how bright what lies beyond an open passage is, beside the sky. */
const GLASS = 0.85;
const BEYOND = 0.05;
/** What share of the small lights stand for light that has met nothing yet; how many there are at least of one source. */
const DIRECT = 0.4;
const LEAST = 3;
/** After so many faces light is followed no farther; a path meets about so many. */
const BOUNCES = 4;
const USUAL = 2;
/** A small light stands so far off the face it belongs to, mm. */
const OFF = 4;

/**
 * The light within a room as about so many small lights, after Keller's instant radiosity: those of windows and lamps, and those of the faces
 * that light sent from them, or from the sun through glass, falls on. The sun's own light is not in them. The same room gives the same lights,
 * in such an order that the first of them stand for all as well as they can.
 */
export function emittersOf(design: Design, time: DayTime, count: number): Emitter[] {
  const groups = sceneOf(design);
  const cast = raysThrough(groups);
  const shining = sunAt(design, time);
  const windows = panesOf(design, groups);
  const sources: Source[] = [
    ...windows.map(({ area, place, n, through }) => ({
      light: shares(daylights[time].sky, Math.PI * area * through),
      place,
      way: n,
      beam: false,
    })),
    ...lampsOf(design).map(({ from, to, half, way, light }) => ({
      light,
      place: (a: number, b: number) => lampPlace(from, to, half, way, a, b),
      way,
      beam: false,
    })),
  ].filter(({ light }) => power(light) > 0);
  const beams = windows.flatMap(({ area, place, n, through, glazed }): Source[] => {
    // The sun stands outside where it is behind the glass.
    const square = -inner(n, shining);
    const light = shares(daylights[time].sun, area * through * square);
    return glazed && power(light) > 0 ? [{ light, place, way: times(shining, -1), beam: true }] : [];
  });
  const direct = sampled(sources, count * DIRECT, LEAST).map(({ source, light, index }): Emitter => ({
    at: source.place(...pair(index)),
    way: source.way,
    light: shares(light, 1 / Math.PI),
    far: false,
  }));
  const reflected = sampled([...sources, ...beams], (count * (1 - DIRECT)) / USUAL, 2).flatMap(
    ({ source, light, index }) => followed(cast, source, light, index),
  );
  return mixed([...direct, ...reflected]);
}

/** How bright the ground is on what stands free, beside the sky. */
const GROUND = 0.35;
/** The light of an even sky on what stands free, kcd/m². */
export const EVEN = 4;

/** The light of an even sky, and of the ground under it, on what stands free: as so many far lights, each from an equal part of the sphere. */
export function skyEmitters(count: number): Emitter[] {
  const below = Math.round(count / 4);
  return mixed([...halfSphere(count - below, 1, EVEN), ...halfSphere(below, -1, EVEN * GROUND)]);
}

/** So many far lights, each from an equal part of the half sphere above or below. */
function halfSphere(count: number, side: 1 | -1, brightness: number): Emitter[] {
  return Array.from({ length: count }, (_, i) => {
    const up = (i + 0.5) / count;
    const turn = i * Math.PI * (3 - Math.sqrt(5));
    const flat = Math.sqrt(1 - up * up);
    const at: Place = [Math.cos(turn) * flat, Math.sin(turn) * flat, side * up];
    const light = ((2 * Math.PI) / count) * brightness;
    return { at, way: times(at, -1), light: [light, light, light], far: true };
  });
}

/** A place of a lamp: of a strip, or of a disc square to the way it shines. */
function lampPlace(from: Place, to: Place, half: number, way: Place, a: number, b: number): Place {
  const line = minus(to, from);
  const long = Math.hypot(...line);
  if (long > 1) return along(along(from, line, a), unit(cross(line, way)), (2 * b - 1) * half);
  const aside = unit(cross(Math.abs(way[2]) > 0.9 ? [1, 0, 0] : [0, 0, 1], way));
  const [r, turn] = [Math.sqrt(a) * half, 2 * Math.PI * b];
  return along(along(from, aside, r * Math.cos(turn)), cross(way, aside), r * Math.sin(turn));
}

interface Pane {
  area: number;
  place: (a: number, b: number) => Place;
  n: Place;
  through: number;
  glazed: boolean;
}

/** The glass of windows and doors, and open passages, m². */
function panesOf(design: Design, groups: readonly SceneGroup[]): Pane[] {
  const overHalfWalls = roomShape(design).faces.flatMap(({ start, u, n, length, wallHeight, ceiling }) =>
    wallHeight === null || wallHeight > Math.min(...ceiling) - 1
      ? []
      : [paneOf({ at: start, u, n }, [0, length], [wallHeight, Math.min(...ceiling)], -10, false)],
  );
  const inOpenings = placedOpenings(design).flatMap((opening): Pane[] => {
    const { record, at, u, n } = opening;
    if (record.type === 'cased') {
      const up: [number, number] = [record.sill, record.sill + record.height];
      return [paneOf(opening, [0, record.width], up, -10, false)];
    }
    const glass = groups
      .find(({ key }) => key === record.id)!
      .parts.filter(({ substance }) => substance === 'glass');
    return glass.map(({ mesh: { positions } }) => {
      const [across, ups, outs]: [number[], number[], number[]] = [[], [], []];
      for (let i = 0; i < positions.length; i += 3) {
        const [x, y] = [positions[i]! - at.x, positions[i + 1]! - at.y];
        across.push(x * u.x + y * u.y);
        outs.push(x * n.x + y * n.y);
        ups.push(positions[i + 2]!);
      }
      const extent = (all: number[]): [number, number] => [Math.min(...all), Math.max(...all)];
      return paneOf(opening, extent(across), extent(ups), Math.max(...outs) + OFF, true);
    });
  });
  return [...inOpenings, ...overHalfWalls];
}

/** An upright rectangle in a wall, so far along, up and out. */
function paneOf(
  { at, u, n }: Pick<PlacedOpening, 'at' | 'n' | 'u'>,
  [left, right]: [number, number],
  [low, high]: [number, number],
  out: number,
  glazed: boolean,
): Pane {
  return {
    area: ((right - left) * (high - low)) / 1e6,
    place: (a, b) => {
      const across = left + (right - left) * a;
      return [at.x + u.x * across + n.x * out, at.y + u.y * across + n.y * out, low + (high - low) * b];
    },
    n: [n.x, n.y, 0],
    through: glazed ? GLASS : BEYOND,
    glazed,
  };
}

interface Sample {
  source: Source;
  light: Light;
  index: number;
}

/** Shares out about so many samples over sources: the stronger the more, by the square root, so that weak ones are seen where they shine. */
function sampled(sources: readonly Source[], count: number, least: number): Sample[] {
  const worth = sources.map(({ light }) => Math.sqrt(power(light)));
  const sum = worth.reduce((all, one) => all + one, 0);
  return sources.flatMap((source, k) => {
    const number = Math.max(least, Math.round((count * worth[k]!) / sum));
    return Array.from({ length: number }, (_, i) => ({
      source,
      light: shares(source.light, 1 / number),
      index: i + 1 + 37 * k,
    }));
  });
}

/** The small lights of the faces that one path from a source meets, one after the other. */
function followed(cast: RayCaster, source: Source, light: Light, index: number): Emitter[] {
  const found: Emitter[] = [];
  let from = source.place(...pair(index));
  // The sun comes in only where the wall itself does not keep it off.
  if (source.beam && cast(from, times(source.way, -1))) return [];
  let way = source.beam ? source.way : about(source.way, part(index, 2), part(index, 3));
  let left = light;
  for (let depth = 0; depth < BOUNCES; depth++) {
    const met = cast(from, way);
    if (!met) break;
    const colour = reflects(met.part);
    const given: Light = [left[0] * colour[0], left[1] * colour[1], left[2] * colour[2]];
    from = along(met.at, met.normal, OFF);
    found.push({ at: from, way: met.normal, light: shares(given, 1 / Math.PI), far: false });
    // Some paths end here, by as much as the face takes away; those that go on stand for them.
    const stays = power(given) / power(left);
    if (part(index, 4 + 3 * depth) > stays) break;
    left = shares(given, 1 / stays);
    way = about(met.normal, part(index, 5 + 3 * depth), part(index, 6 + 3 * depth));
  }
  return found;
}

/** A direction about another as a dull face sends light: by the cosine. */
function about(n: Place, a: number, b: number): Place {
  const aside = unit(cross(Math.abs(n[2]) > 0.9 ? [1, 0, 0] : [0, 0, 1], n));
  const third = cross(n, aside);
  const [r, turn] = [Math.sqrt(a), 2 * Math.PI * b];
  const flat = along(times(aside, r * Math.cos(turn)), third, r * Math.sin(turn));
  return unit(along(flat, n, Math.sqrt(Math.max(0, 1 - a))));
}

const PRIMES = [2, 3, 5, 7, 11, 13, 17, 19, 23, 29, 31, 37, 41, 43, 47, 53];

/** The number of 0 to 1 of an index and a dimension: evenly spread in every dimension (Halton). */
function part(index: number, dimension: number): number {
  const base = PRIMES[dimension]!;
  let [share, value] = [1 / base, 0];
  for (let rest = index; rest > 0; rest = Math.floor(rest / base)) {
    value += (rest % base) * share;
    share /= base;
  }
  return value;
}

const pair = (index: number): [number, number] => [part(index, 0), part(index, 1)];

/** In an order in which neighbours lie far apart. */
function mixed<T>(all: readonly T[]): T[] {
  const step = strideFor(all.length);
  return all.map((_, i) => all[(i * step) % all.length]!);
}

/** A step near the golden section of a count, that comes to every place. */
function strideFor(count: number): number {
  let step = Math.max(1, Math.round(count * 0.618));
  while (greatestCommon(step, count) > 1) step++;
  return step;
}

const greatestCommon = (a: number, b: number): number => (b === 0 ? a : greatestCommon(b, a % b));

export const shares = ([r, g, b]: Light, by: number): Light => [r * by, g * by, b * by];

/** How much light there is, as the eye weighs its colours. */
export const power = ([r, g, b]: Light): number => 0.2126 * r + 0.7152 * g + 0.0722 * b;
