import type { Design } from '../../document/design';
import type { BuildMethod, Stuff } from '../../ranges/build-method';
import { finishOf } from '../../surfaces/finish-of';
import type { Finish } from '../../surfaces/finishes';
import { edgingWords, stuffNames } from '../../wording/shop-words';
import type { Board, BoardOf } from './board';

/** What a part is cut from: what it is of, how thick (mm), finished with what; whether it has a grain, so that it lies one way on its sheet. */
export interface Material {
  key: string;
  stuff: Stuff;
  thick: number;
  finish: Finish | null;
  grained: boolean;
}

/** The finishes of the parts of an item. */
export type CabinetFinishes = Readonly<Record<FinishedPart, Finish | null>>;
const finishedParts = ['box', 'end', 'front', 'plinth', 'trim'] as const;
type FinishedPart = (typeof finishedParts)[number];

/** What the parts of an item are finished with. */
export const finishesOf = (design: Design, item: string): CabinetFinishes =>
  Object.fromEntries(
    finishedParts.map((part) => [part, finishOf(design, part, item)]),
  ) as unknown as CabinetFinishes;

/** Whose finish a board has. */
const finished: Readonly<Record<BoardOf, FinishedPart | null>> = {
  box: 'box',
  shelf: 'box',
  back: 'box',
  drawer: null,
  front: 'front',
  frame: 'front',
  end: 'end',
  plinth: 'plinth',
  trim: 'trim',
  glass: null,
};
const GRAINED: ReadonlySet<Stuff> = new Set(['plywood', 'solid-timber', 'veneered-board'] as const);
const DIGITS = 1e4;

/** The material of a board of an item. */
export function materialOf(one: Board, build: BuildMethod, finishes: CabinetFinishes): Material {
  const part = finished[one.of];
  const finish = part ? finishes[part] : null;
  const stuff = stuffOf(one, build, finish);
  const thick = Math.round((one[one.thin][1] - one[one.thin][0]) * DIGITS) / DIGITS;
  return {
    key: `${stuff} ${thick} ${finish?.code ?? ''}`.trim(),
    ...{ stuff, thick, finish },
    grained: GRAINED.has(stuff) || (stuff !== 'glass' && stuff !== 'mdf' && finish?.grain === true),
  };
}

function stuffOf({ of, name, seen }: Board, build: BuildMethod, finish: Finish | null): Stuff {
  switch (of) {
    case 'box':
    case 'shelf':
    case 'plinth':
      return build.of.box;
    case 'back':
      return build.of.back;
    case 'drawer':
      return build.of.drawer;
    case 'glass':
      return 'glass';
    case 'frame':
    case 'trim':
      return 'solid-timber';
    case 'front':
    case 'end':
      if (name === 'stile' || name === 'rail' || name === 'bead') return 'solid-timber';
      // A raised field is worked out of a solid panel.
      if (name === 'leaf-panel' && seen) return 'solid-timber';
      if (finish?.of === 'paint') return 'mdf';
      if (finish?.of === 'timber' || (!finish && build.frame)) return 'veneered-board';
      return 'faced-board';
  }
}

/** What a material is called: what it is of, and its finish. */
export const materialName = ({ stuff, finish }: Pick<Material, 'finish' | 'stuff'>): string =>
  [stuffNames[stuff], finish && `${finish.code} ${finish.name}`].filter(Boolean).join(', ');

/** What the edging of a part is called: its thickness, and its finish. */
export const edgingName = ({ finish }: Pick<Material, 'finish'>, thick: number): string =>
  edgingWords(thick, finish && `${finish.code} ${finish.name}`);
