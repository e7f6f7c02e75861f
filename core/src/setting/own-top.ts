import type {
  ItemRecord,
  ItemTrims,
  PlinthWay,
  TopCorners,
  TopEdgeWays,
  TopJoints,
  TopOverhangs,
} from '../document/records';
import { MOST_JOINTS, type OverhangSide } from '../document/limits';
import type { Patch } from '../document/patch';
import { quantise } from '../units/units';

/** What an item says of the top over it, the plinth under it and the trims along it. */
type OwnTop = Pick<ItemRecord, 'overhangs' | 'plinth' | 'topCorners' | 'topEdges' | 'topJoints' | 'trims'>;

/** A record that says this of its top, and nothing where it is empty. */
export function withOwnTop(record: ItemRecord, own: OwnTop): ItemRecord {
  const {
    overhangs: _,
    plinth: _plinth,
    topCorners: _corners,
    topEdges: _edges,
    topJoints: _joints,
    trims: _trims,
    ...rest
  } = record;
  const said = Object.entries(own).filter(([, value]) => value && Object.keys(value).length > 0);
  return { ...rest, ...(Object.fromEntries(said) as OwnTop) };
}

/** What two parts of an item that is split at a distance from its left end say of the top: each what lies at its sides. */
export function splitTop(record: ItemRecord, at: number): [OwnTop, OwnTop] {
  const { overhangs, plinth, topCorners, topEdges, topJoints, trims } = record;
  const half = (side: 'left' | 'right'): OwnTop => {
    const [front, behind] =
      side === 'left' ? (['frontLeft', 'behindLeft'] as const) : (['frontRight', 'behindRight'] as const);
    return {
      overhangs: picked<TopOverhangs>(overhangs, ['front', 'behind', side]),
      plinth: picked<PlinthWay>(plinth, ['front', 'behind', 'none', side]),
      topCorners: picked<TopCorners>(topCorners, [front, behind]),
      topEdges: picked<TopEdgeWays>(topEdges, ['front', 'behind', side]),
      trims: pickedTrims(trims, ['front', 'behind', side]),
      topJoints: {
        ...picked<TopJoints>(topJoints, [front]),
        ...acrossOf(topJoints, (one) => (side === 'left' ? one < at : one >= at), side === 'left' ? 0 : -at),
      },
    };
  };
  return [half('left'), half('right')];
}

/** What an item says of the top that two become, the second against the right side of the first: along both what either says, the first before the second. */
export function joinedTop(left: ItemRecord, right: ItemRecord): OwnTop {
  const across = [
    ...(left.topJoints?.across ?? []),
    ...(right.topJoints?.across ?? []).map(({ at }) => ({ at: quantise(at + left.width) })),
  ].slice(0, MOST_JOINTS);
  return {
    overhangs: {
      ...picked<TopOverhangs>(right.overhangs, ['front', 'behind', 'right']),
      ...picked<TopOverhangs>(left.overhangs, ['front', 'behind', 'left']),
    },
    plinth: {
      ...picked<PlinthWay>(right.plinth, ['front', 'behind', 'none', 'right']),
      ...picked<PlinthWay>(left.plinth, ['front', 'behind', 'none', 'left']),
    },
    topCorners: {
      ...picked<TopCorners>(left.topCorners, ['frontLeft', 'behindLeft']),
      ...picked<TopCorners>(right.topCorners, ['frontRight', 'behindRight']),
    },
    topEdges: {
      ...picked<TopEdgeWays>(right.topEdges, ['front', 'behind', 'right']),
      ...picked<TopEdgeWays>(left.topEdges, ['front', 'behind', 'left']),
    },
    trims: joinedTrims(
      pickedTrims(right.trims, ['front', 'behind', 'right']),
      pickedTrims(left.trims, ['front', 'behind', 'left']),
    ),
    topJoints: {
      ...picked<TopJoints>(left.topJoints, ['frontLeft']),
      ...picked<TopJoints>(right.topJoints, ['frontRight']),
      ...(across.length > 0 ? { across } : {}),
    },
  };
}

/** The items that an edit takes out and that said something of the top over them, the plinth under them or the trims along them: that is gone with them. */
export const goneTops = (patch: Patch): ItemRecord[] =>
  patch.flatMap(({ before, after }) =>
    before?.kind === 'item' &&
    !after &&
    (before.overhangs ??
      before.plinth ??
      before.topCorners ??
      before.topEdges ??
      before.topJoints ??
      before.trims)
      ? [before]
      : [],
  );

function picked<T extends object>(value: T | undefined, keys: readonly (keyof T)[]): Partial<T> {
  const found: Partial<T> = {};
  for (const key of keys) if (value?.[key] !== undefined) found[key] = value[key];
  return found;
}

function pickedTrims(trims: ItemTrims | undefined, sides: readonly OverhangSide[]): ItemTrims {
  const found: ItemTrims = {};
  const [cornice, lightRail] = [picked(trims?.cornice, sides), picked(trims?.lightRail, sides)];
  if (Object.keys(cornice).length > 0) found.cornice = cornice;
  if (Object.keys(lightRail).length > 0) found.lightRail = lightRail;
  return found;
}

/** What both say, the second before the first. */
function joinedTrims(one: ItemTrims, other: ItemTrims): ItemTrims {
  const found: ItemTrims = {};
  if (one.cornice ?? other.cornice) found.cornice = { ...one.cornice, ...other.cornice };
  if (one.lightRail ?? other.lightRail) found.lightRail = { ...one.lightRail, ...other.lightRail };
  return found;
}

function acrossOf(joints: TopJoints | undefined, takes: (at: number) => boolean, by: number): TopJoints {
  const across = (joints?.across ?? [])
    .filter(({ at }) => takes(at))
    .map(({ at }) => ({ at: quantise(at + by) }));
  return across.length > 0 ? { across } : {};
}
