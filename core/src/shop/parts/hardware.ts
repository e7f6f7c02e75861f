import type { FrontPart } from '../../solids/front-parts';
import { handleOf } from '../../solids/handles';
import type { HardwareId } from '../../wording/shop-words';
import type { Board } from './board';
import type { CabinetBox } from './cabinet-box';
import { cornerScrews } from './corner-holes';
import { hingePlaces, isNarrow } from './hinges';
import { jointCounts, type UprightJoints } from './joints';

/** What is bought for a cabinet: of what length where it comes in several, mm. */
export interface HardwareLine {
  id: HardwareId;
  long: number | null;
  qty: number;
}

/** Cabinets wider than this stand on two more legs, mm. */
const WIDE = 900;
const LEGS = 4;
const PINS = 4;

/** What comes with a kind by itself. */
const sets: Readonly<Record<string, HardwareId>> = {
  'base-waste': 'waste-set',
  'base-corner-l': 'rotating-set',
  'base-corner-drawers': 'corner-drawers',
  'base-corner-pull-out': 'corner-pull-out',
};

/** The hardware of a cabinet, by what its boards and fronts are. */
export function hardwareOf(
  box: CabinetBox,
  boards: readonly Board[],
  {
    leaves,
    loose,
    runners,
    uprights = [],
  }: {
    leaves: readonly FrontPart[];
    loose: number;
    runners: readonly number[];
    uprights?: readonly UprightJoints[];
  },
): HardwareLine[] {
  const { made, width, foot, hung, kind } = box;
  const { build } = made;
  const lines: HardwareLine[] = [];
  const add = (id: HardwareId, qty: number, long: number | null = null) => {
    const known = lines.find((one) => one.id === id && one.long === long);
    if (known) known.qty += qty;
    else if (qty > 0) lines.push({ id, long, qty });
  };
  for (const leaf of leaves) {
    add(
      isNarrow(leaf, build) ? 'narrow-hinge' : build.frame ? 'frame-hinge' : 'hinge',
      hingePlaces(leaf, build).length,
    );
    if (leaf.shows === 'flap') add('flap-fitting', 1);
    const handle = handleOf(leaf);
    if (handle) add(handle.by, 1, lengthOf(handle));
  }
  for (const runner of runners) {
    add(build.drawer.runner.way === 'under' ? 'runner-under' : 'runner-side', 1, runner);
    if (build.frame) add('runner-bracket', 2);
  }
  add('pin', loose * PINS);
  add('screw', box.kind.plan ? cornerScrews(boards) : housingScrews(box, boards));
  const joints = box.kind.plan ? { connectors: 0, dowels: 0 } : jointCounts(box, boards);
  add('connector', joints.connectors);
  add('dowel', joints.dowels);
  for (const { screws, connectors, dowels } of uprights) {
    add('screw', screws);
    add('connector', connectors);
    add('dowel', dowels);
  }
  if (foot > 0 && (build.kick === 'run' || kind.plan)) {
    const legs = width > WIDE ? LEGS + 2 : LEGS;
    add('leg', legs);
    add('plinth-clip', legs / 2);
  }
  if (hung) add('hanger', 1);
  const set = sets[kind.id];
  if (set) add(set, 1);
  return lines;
}

/** Boards let into the sides are screwed through them, so many at either end; what stands between them as well. */
const SCREWS = 3;
function housingScrews({ made, width }: CabinetBox, boards: readonly Board[]): number {
  if (made.build.housing === 0) return 0;
  const held = boards.filter(({ thin, of, x }) => of === 'box' && thin !== 'x' && x[1] - x[0] < width);
  return 2 * SCREWS * held.length;
}

/** How long a handle is; null for what comes in one size. */
function lengthOf({ by, half }: NonNullable<ReturnType<typeof handleOf>>): number | null {
  return by === 'knob' ? null : Math.round(2 * Math.max(half.across, half.up));
}

/** The codes hardware is ordered by: ours, with the length where it comes in several. */
const codes: Readonly<Record<HardwareId, string>> = {
  hinge: 'H110',
  'frame-hinge': 'HF105',
  'narrow-hinge': 'HN95',
  'flap-fitting': 'LF',
  'runner-under': 'RU',
  'runner-side': 'RS',
  'runner-bracket': 'RB',
  leg: 'L150',
  'plinth-clip': 'LC',
  pin: 'SP5',
  connector: 'CB15',
  dowel: 'D8',
  screw: 'S5',
  'top-bolt': 'TB',
  hanger: 'HB',
  bar: 'GB',
  knob: 'GK',
  cup: 'GC',
  edge: 'GE',
  'waste-set': 'SW',
  'rotating-set': 'SR',
  'corner-drawers': 'SD',
  'corner-pull-out': 'SP',
};

export const hardwareCode = ({ id, long }: Pick<HardwareLine, 'id' | 'long'>): string =>
  long === null ? codes[id] : `${codes[id]}${Math.round(long)}`;
