import { CaseReader } from '../../document/case-reader';
import type { Point } from '../../geometry/point';
import { crossingEdges, signedArea } from '../../geometry/polygon';
import type { Result } from '../../result';
import type { CutPiece, FactorySide, Reuse, Turn } from '../offcuts/piece-types';
import type { TileSize } from '../pattern';
import { patternTypes, type PatternChoice, type PatternType } from '../patterns';

/** A zone by itself: outlines counter-clockwise, holes clockwise. Lengths mm, degrees. */
interface ZoneCase {
  id: string;
  zone: Point[][];
  tile: TileSize;
  angle: number;
}

/** A zone that is laid as it is said. */
export interface LayingCase extends ZoneCase {
  asked: 'laying';
  pattern: PatternChoice;
  joint: number;
  origin: Point;
}

/** A zone whose best set-out is wanted, of a grid with one of some joints. */
export interface SetOutCase extends ZoneCase {
  asked: 'set-out';
  joints: number[];
  limit?: number;
}

/** Pieces that are to be cut from as few tiles as can be. */
export interface OffcutCase {
  asked: 'offcuts';
  id: string;
  tile: TileSize;
  reuse: Reuse;
  pieces: CutPiece[];
}

/** What is bought beside tiles: areas m², of joints mm². */
export type MaterialCase = { asked: 'material'; id: string } & (
  | {
      material: 'grout';
      A: number;
      B: number;
      thickness: number;
      joint: number;
      density: number;
      area: number;
    }
  | { material: 'grout'; jointArea: number; thickness: number; density: number }
  | { material: 'adhesive'; area: number; backButter: number; cover: number }
  | { material: 'adhesive'; area: number; backButter: number; kgPerM2: number; bagKg: number }
);

export type TileCase = LayingCase | SetOutCase | OffcutCase | MaterialCase;

const MOST_PLACE = 1e6;
const MOST_CORNERS = 2_000;
const MOST_HOLES = 500;
const MOST_PIECES = 300;
const MOST_JOINTS = 400;
const MOST_SIZE = 10_000;
const SIDES: readonly FactorySide[] = ['left', 'right', 'bottom', 'top'];

const LAYING = ['id', 'zone', 'pattern', 'tile', 'joint', 'jointRange', 'origin', 'angle', 'best', 'limit'];
const PATTERN = ['type', 'offset', 'stagger', 'n'];

/** A case as it is read from JSON, or every fault of it with its place. */
export function readTileCase(raw: unknown, path: string): Result<TileCase> {
  const keys = typeof raw === 'object' && raw !== null ? Object.keys(raw) : [];
  if (keys.includes('material')) return readMaterial(raw, path);
  if (keys.includes('reuse') || keys.includes('pieces')) return readOffcuts(raw, path);
  return readZone(raw, path);
}

function readZone(raw: unknown, path: string): Result<LayingCase | SetOutCase> {
  const read = new CaseReader();
  const all = read.object(raw, path, LAYING);
  const id = read.text(all['id'], `${path}.id`);
  const zone = zoneOf(read, all['zone'], `${path}.zone`);
  const said = read.object(all['pattern'], `${path}.pattern`, PATTERN);
  const pattern = patternOf(read, said, `${path}.pattern`);
  const tile = tileOf(read, all['tile'], `${path}.tile`);
  const angle = read.number(all['angle'] ?? 0, `${path}.angle`, -3_600, 3_600);
  const joint = () => read.number(all['joint'], `${path}.joint`, 0, 100);
  if (all['best'] !== true) {
    if (all['best'] !== undefined && all['best'] !== false)
      read.oneOf(all['best'], `${path}.best`, ['true', 'false']);
    for (const key of ['jointRange', 'limit'])
      if (all[key] !== undefined) read.fault(`${path}.${key}`, undefined, 'best-only');
    const origin = place(read, all['origin'] ?? [0, 0], `${path}.origin`);
    return read.result({ asked: 'laying', id, zone, pattern, tile, angle, joint: joint(), origin });
  }
  if (all['origin'] !== undefined) read.fault(`${path}.origin`, undefined, 'not-with-best');
  if (pattern.type !== 'grid')
    read.fault(`${path}.pattern.type`, pattern.type, { because: 'not-among', known: 'grid' });
  const range = all['jointRange'];
  const joints = range === undefined ? [joint()] : jointsOf(read, range, `${path}.jointRange`);
  const limit =
    all['limit'] === undefined ? {} : { limit: read.number(all['limit'], `${path}.limit`, 0, MOST_SIZE) };
  return read.result({ asked: 'set-out', id, zone, tile, angle, joints, ...limit });
}

function place(read: CaseReader, value: unknown, path: string): Point {
  const pair = read.list(value, path, 2, 2);
  const [x, y] = [0, 1].map((at) => read.number(pair[at], `${path}[${at}]`, -MOST_PLACE, MOST_PLACE));
  return { x: x!, y: y! };
}

function zoneOf(read: CaseReader, value: unknown, path: string): Point[][] {
  const said = read.object(value, path, ['outer', 'holes']);
  const ring = (raw: unknown, at: string, left: boolean): Point[] => {
    const corners = read
      .list(raw, at, MOST_CORNERS, 3)
      .map((one, index) => place(read, one, `${at}[${index}]`));
    if (read.faulty) return corners;
    const crossed = crossingEdges(corners);
    if (crossed) read.fault(`${at}[${crossed[0]}]`, undefined, 'crosses-itself');
    return signedArea(corners) > 0 === left ? corners : corners.reverse();
  };
  const outer = ring(said['outer'], `${path}.outer`, true);
  const holes = read.list(said['holes'] ?? [], `${path}.holes`, MOST_HOLES);
  const all = [outer, ...holes.map((hole, index) => ring(hole, `${path}.holes[${index}]`, false))];
  if (all.reduce((sum, one) => sum + one.length, 0) > MOST_CORNERS)
    read.fault(path, undefined, { because: 'list-too-long', most: MOST_CORNERS });
  return all;
}

function patternOf(read: CaseReader, said: Record<string, unknown>, path: string): PatternChoice {
  const type = read.oneOf<PatternType>(said['type'], `${path}.type`, patternTypes);
  const whole = (value: unknown, at: string, least: number, most: number) => {
    if (Number.isInteger(value)) return read.number(value, at, least, most);
    read.fault(at, value, { because: 'whole-between', least, most });
    return least;
  };
  switch (type) {
    case 'running':
    case 'vertical': {
      const pair = read.list(said['offset'] ?? [1, 2], `${path}.offset`, 2, 2);
      const n = whole(pair[0], `${path}.offset[0]`, -1_000, 1_000);
      return { type, offset: [n, whole(pair[1], `${path}.offset[1]`, 1, 100)] };
    }
    case 'plank': {
      const list = read.list(said['stagger'], `${path}.stagger`, 1_000, 1);
      const stagger = list.map((one, index) =>
        read.number(one, `${path}.stagger[${index}]`, -MOST_PLACE, MOST_PLACE),
      );
      return { type, stagger };
    }
    case 'basketweave':
      return { type, n: whole(said['n'] ?? 2, `${path}.n`, 1, 50) };
    default:
      return { type };
  }
}

function tileOf(read: CaseReader, value: unknown, path: string): TileSize {
  const all = read.object(value, path, ['w', 'h', 'flat']);
  const size = (key: string) => read.number(all[key], `${path}.${key}`, 1, MOST_SIZE);
  if (all['flat'] === undefined) return { w: size('w'), h: size('h') };
  for (const key of ['w', 'h'])
    if (all[key] !== undefined)
      read.fault(`${path}.${key}`, all[key], { because: 'either-or', one: 'flat', other: 'w, h' });
  return { w: size('flat'), h: size('flat') };
}

/** From a joint to another by steps, both ends included. */
function jointsOf(read: CaseReader, value: unknown, path: string): number[] {
  const list = read.list(value, path, 3, 3);
  const [from, to] = [0, 1].map((at) => read.number(list[at], `${path}[${at}]`, 0, 100)) as [number, number];
  const step = read.number(list[2], `${path}[2]`, 1e-3, 100);
  if (to < from) read.fault(`${path}[1]`, to, { because: 'number-between', least: from, most: 100 });
  const steps = Math.floor((to - from) / step + 1e-9);
  if (steps > MOST_JOINTS)
    read.fault(`${path}[2]`, step, {
      because: 'number-between',
      least: (to - from) / MOST_JOINTS,
      most: 100,
    });
  if (read.faulty) return [];
  const joints = Array.from({ length: steps + 1 }, (_, index) => from + index * step);
  return to - joints.at(-1)! > 1e-9 ? [...joints, to] : joints;
}

function readOffcuts(raw: unknown, path: string): Result<OffcutCase> {
  const read = new CaseReader();
  const all = read.object(raw, path, ['id', 'tile', 'reuse', 'pieces']);
  const id = read.text(all['id'], `${path}.id`);
  const tile = tileOf(read, all['tile'], `${path}.tile`);
  const said = read.object(all['reuse'], `${path}.reuse`, ['kerf', 'turns']);
  const kerf = read.number(said['kerf'], `${path}.reuse.kerf`, 0, 100);
  const turns = read
    .list(said['turns'] ?? [0], `${path}.reuse.turns`, 4, 1)
    .map(
      (turn, index) =>
        Number(read.oneOf(String(turn), `${path}.reuse.turns[${index}]`, ['0', '90', '180', '270'])) as Turn,
    );
  const pieces = read.list(all['pieces'], `${path}.pieces`, MOST_PIECES).flatMap((one, index): CutPiece[] => {
    const at = `${path}.pieces[${index}]`;
    const own = read.object(one, at, ['id', 'w', 'h', 'factory', 'qty']);
    const factory = read
      .list(own['factory'] ?? [], `${at}.factory`, 4)
      .map((side, place) => read.oneOf(side, `${at}.factory[${place}]`, SIDES));
    const qty = own['qty'] ?? 1;
    if (!Number.isInteger(qty))
      read.fault(`${at}.qty`, qty, { because: 'whole-between', least: 1, most: MOST_PIECES });
    const piece = {
      id: read.text(own['id'], `${at}.id`),
      w: read.number(own['w'], `${at}.w`, 1e-3, MOST_SIZE),
      h: read.number(own['h'], `${at}.h`, 1e-3, MOST_SIZE),
      factory: [...new Set(factory)],
    };
    const many = Number.isInteger(qty) ? read.number(qty, `${at}.qty`, 1, MOST_PIECES) : 1;
    return Array.from({ length: many }, () => piece);
  });
  if (pieces.length > MOST_PIECES)
    read.fault(`${path}.pieces`, undefined, { because: 'list-too-long', most: MOST_PIECES });
  return read.result({ asked: 'offcuts', id, tile, reuse: { kerf, turns }, pieces });
}

function readMaterial(raw: unknown, path: string): Result<MaterialCase> {
  const read = new CaseReader();
  const own = raw as Record<string, unknown>;
  const material = read.oneOf(own['material'], `${path}.material`, ['grout', 'adhesive'] as const);
  const isJoints = material === 'grout' && own['jointArea'] !== undefined;
  const isCover = material === 'adhesive' && own['cover'] !== undefined;
  const keys =
    material === 'grout'
      ? isJoints
        ? ['jointArea', 'thickness', 'density']
        : ['A', 'B', 'thickness', 'joint', 'density', 'area']
      : isCover
        ? ['area', 'backButter', 'cover']
        : ['area', 'backButter', 'kgPerM2', 'bagKg'];
  const all = read.object(raw, path, ['id', 'material', ...keys]);
  const id = read.text(all['id'], `${path}.id`);
  const usual: Record<string, number> = { backButter: 0 };
  const least: Record<string, number> = { A: 1e-3, B: 1e-3, cover: 1e-6, bagKg: 1e-6 };
  const values = keys.map((key) => [
    key,
    read.number(all[key] ?? usual[key], `${path}.${key}`, least[key] ?? 0, 1e12),
  ]);
  return read.result({ asked: 'material', id, material, ...Object.fromEntries(values) } as MaterialCase);
}
