import type { Finish, TextureSource } from '../surfaces/finishes';
import type { Mesh, Place } from './mesh';

/** What parts of a room are made of, as far as they look different. */
export const substances = [
  'black-glass',
  'carcass',
  'ceiling',
  'ceramic',
  'enamel',
  'fabric',
  'floor',
  'front',
  'glass',
  'grout',
  'handle',
  'joinery',
  'leaf',
  'light',
  'metal',
  'mirror',
  'object',
  'plinth',
  'steel',
  'tile',
  'timber',
  'top',
  'wall',
] as const;
export type Substance = (typeof substances)[number];

/** How a part moves when it is opened: turned about an axis through a place, radians counter-clockwise looking against the axis, or slid, mm. */
export type Motion = { turns: { about: Place; axis: Place; by: number } } | { slides: Place };

/** How a part looks: its colour, how rough and how metallic it is (0 to 1), what share of it is seen where it is clear, and its texture. */
export interface SubstanceLook {
  colour: string;
  rough: number;
  metal?: number;
  clear?: number;
  /** Whether it shines of itself. */
  glows?: boolean;
  /** By how much it is lighter than its texture, as a share of the way to white (or to black, below nothing). */
  shade?: number;
  /** What is to be seen on it; grain and boards run up a texture. */
  texture?: TextureSource;
}

/** A part of the room as it is seen in three dimensions. */
export interface ScenePart {
  substance: Substance;
  /** How it looks of itself, where it was brought in from outside. */
  look?: SubstanceLook;
  /** The finish on it, where it has one that is known. */
  finish?: Finish;
  /** By how much it is lighter than its finish, as a share of the way to white (or to black, below nothing). */
  shade?: number;
  mesh: Mesh;
  /** Of a door, drawer or flap. */
  moves?: Motion;
}

/** All parts of one thing: a wall, an item, a countertop. The same object as long as it has not changed. */
export interface SceneGroup {
  /** Which thing it is; several groups can belong to one record. */
  key: string;
  /** The record it is chosen by; null for what can't be. */
  source: string | null;
  of: 'ceiling' | 'fixed' | 'floor' | 'item' | 'service' | 'top' | 'wall';
  parts: readonly ScenePart[];
}
