import type { Result } from '../result';
import { plainTile, type PlainTile } from '../tile/plain/plain-tile';
import { readTileCase } from '../tile/plain/tile-case';
import { eachAnswered, type Answered } from './plain-cases';

/** Zones that are laid or set out, offcuts and materials, given by themselves: one case or a list of them, answered in the same order. */
export const plainTileCommand = (text: string): Result<Answered<PlainTile>> =>
  eachAnswered(text, readTileCase, plainTile);
