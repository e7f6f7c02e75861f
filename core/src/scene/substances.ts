import { linear } from '../surfaces/colour';
import type { Figure, Finish } from '../surfaces/finishes';
import { shaded } from '../tile/zones/shades';
import type { ScenePart, Substance, SubstanceLook } from './scene-part';

/** How a substance looks that has a texture without being of a finish. */
const textured = (
  code: string,
  colour: string,
  rough: number,
  figure: Figure,
  long: number,
): SubstanceLook => ({ colour, rough, texture: { code, colour, figure, long } });

export const substanceLooks: Record<Substance, SubstanceLook> = {
  'black-glass': { colour: '#17191b', rough: 0.12, metal: 0.1 },
  carcass: { colour: '#e6e0d3', rough: 0.7 },
  ceiling: { colour: '#f7f5ef', rough: 0.95 },
  ceramic: { colour: '#f6f5f1', rough: 0.18 },
  enamel: { colour: '#eeeeea', rough: 0.35 },
  fabric: textured('fabric', '#d3c9b6', 0.95, { type: 'weave', dark: '#bfb49f' }, 120),
  floor: textured(
    'floor',
    '#b9936a',
    0.55,
    { type: 'boards', cut: 'crown', dark: '#8f6c46', rings: 20, wide: 150 },
    1_200,
  ),
  front: { colour: '#6f8077', rough: 0.5 },
  grout: { colour: '#b3ada0', rough: 0.95 },
  handle: { colour: '#a89b84', rough: 0.35, metal: 0.75 },
  glass: { colour: '#dfeaea', rough: 0.05, clear: 0.22 },
  leaf: { colour: '#5d7a4c', rough: 0.7 },
  light: { colour: '#fff1d8', rough: 0.9, glows: true },
  joinery: { colour: '#f1eee6', rough: 0.45 },
  metal: { colour: '#a89b84', rough: 0.35, metal: 0.75 },
  mirror: { colour: '#c9d3d6', rough: 0.04, metal: 0.95 },
  object: { colour: '#c8c2b6', rough: 0.8 },
  plinth: { colour: '#4c5650', rough: 0.6 },
  steel: { colour: '#b7bab9', rough: 0.32, metal: 0.65 },
  tile: textured('tile', '#d3cec2', 0.4, { type: 'clouds', depth: 0.06 }, 1_100),
  timber: textured(
    'timber',
    '#a97d50',
    0.55,
    { type: 'grain', cut: 'crown', dark: '#83592f', rings: 20 },
    600,
  ),
  top: textured(
    'top',
    '#dcd8cf',
    0.3,
    { type: 'specks', of: ['#8f897d', '#fbfaf6', '#b9b3a5'], size: 7 },
    900,
  ),
  wall: { colour: '#ebe6da', rough: 0.95 },
};

/** How wide the boards of a timber floor are, mm. */
const BOARD = 150;

/** What says how a part looks. */
export type Seen = Pick<ScenePart, 'finish' | 'look' | 'shade' | 'substance'>;

/** How a part looks: as its finish, or as its substance usually does. */
export function lookOf({ shade, ...seen }: Seen): SubstanceLook {
  const look = evenLook(seen);
  return shade ? { ...look, colour: shaded(look.colour, shade), shade } : look;
}

function evenLook({ substance, finish: own, look: of }: Seen): SubstanceLook {
  if (of) return of;
  if (!own) return substanceLooks[substance];
  if (substance === 'grout' && own.tile) return { ...substanceLooks.grout, colour: own.tile.grout };
  const { colour, rough, metal, figure, code, long, high } = own;
  const look: SubstanceLook = { colour, rough, ...(metal !== undefined && { metal }) };
  // A coat of paint shows nothing of itself at arm's length.
  if (figure.type === 'plain') return look;
  if (substance !== 'floor' || figure.type !== 'grain')
    return { ...look, texture: { code, colour, figure, long, ...(high !== undefined && { high }) } };
  const boards = { ...figure, type: 'boards', wide: BOARD } as const;
  return { ...look, texture: { code: `${code} floor`, colour, figure: boards, long: 2 * long } };
}

/** The name of what a part looks like: parts with the same are drawn together. */
export function lookName({ shade, ...seen }: Seen): string {
  return shade ? `${evenName(seen)}, ${shade}` : evenName(seen);
}

function evenName({ substance, finish, look }: Seen): string {
  if (look) return [substance, look.colour, look.rough, look.metal, look.clear].join(' ');
  return finish ? `${substance}, ${finish.own ? ownLook(finish) : finish.name}` : substance;
}

/** One of the studio's own may come to look otherwise under its name. */
function ownLook(finish: Finish): string {
  let look = ownLooks.get(finish);
  if (look === undefined) {
    const { name, colour, rough, metal = 0, figure, long, high } = finish;
    const picture = figure.type === 'picture' ? [figure.file, long, high] : [];
    ownLooks.set(finish, (look = [name, colour, rough, metal, ...picture].join(' ')));
  }
  return look;
}
const ownLooks = new WeakMap<Finish, string>();

/** What shares of the light that falls on it a part gives back. */
export function reflects(part: Seen): [number, number, number] {
  return linear(lookOf(part).colour);
}
