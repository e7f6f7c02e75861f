import { ok, type Result } from '../result';
import { plainTile, type PlainTile } from '../tile/plain/plain-tile';
import { readTileCase, type TileCase } from '../tile/plain/tile-case';
import { usualStyle } from '../units/units';
import { refusalText } from '../wording/refusal-text';
import { plainCases } from './plain-cases';
import type { RefusedCase } from './tops';

/** Zones that are laid or set out, offcuts and materials, given by themselves: one case or a list of them, answered in the same order. A case that is misspelt refuses all; in a list, one that can't be made says so in its place. */
export const plainTileCommand = (
  text: string,
): Result<PlainTile | RefusedCase | (PlainTile | RefusedCase)[]> =>
  plainCases<PlainTile | RefusedCase>(text, (raw, path, listed) => {
    const one = readTileCase(raw, path);
    if (!one.ok) return one;
    const answer = plainTile(one.value);
    if (answer.ok || !listed) return answer;
    const { code } = answer.refusal;
    const message = refusalText(answer.refusal, usualStyle('mm'));
    return ok({ id: idOf(one.value), refused: { code, message } });
  });

function idOf(one: TileCase): string {
  if ('laying' in one) return one.laying.id;
  return 'offcuts' in one ? one.offcuts.id : one.material.id;
}
