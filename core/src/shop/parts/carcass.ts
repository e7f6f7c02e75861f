import { board, worked, type Board, type BoardFace, type Machining, type Span } from './board';
import {
  clearOf,
  hangSpan,
  hasRails,
  holdsAppliance,
  insideOf,
  isLetInto,
  type CabinetBox,
  type Inside,
} from './cabinet-box';
import { cutSlant } from './cut-slant';
import { boredEnds, boredFor } from './joints';

/** Behind an appliance air goes up: what parts the box ends so far before its back, mm. */
const AIR = 50;

/** The boards of a box that is a rectangle in plan: sides, bottom, top or rails, what parts it, back. */
export function carcass(box: CabinetBox): Board[] {
  const inside = insideOf(box);
  const { slant } = box;
  /** What lies level or at the back is joined as it is before what slants behind it. */
  const left = (boards: readonly Board[]) => (slant ? cutSlant(boards, slant) : [...boards]);
  const flats = left(flatsOf(box, inside)).map((flat) => worked(flat, boredEnds(box, flat)));
  const backs = left(backsOf(box, inside));
  return [...sidesOf(box, flats, backs), ...flats, ...backs, ...hangRail(box, inside), ...kickOf(box)];
}

/** How high its sides begin: at the floor where the kick is its own. */
const sideFoot = ({ made, foot }: CabinetBox): number => (made.build.kick === 'box' ? 0 : foot);

function sidesOf(box: CabinetBox, flats: readonly Board[], backs: readonly Board[]): Board[] {
  const { made, width, height } = box;
  const { board: thick, housing, back, frame } = made.build;
  const { y } = clearOf(box);
  const z: Span = [sideFoot(box), height];
  const notch = kickNotch(box, y[1]);
  const edged: BoardFace[] = [
    ...(frame ? [] : (['front'] as const)),
    ...(box.hung ? (['bottom'] as const) : []),
  ];
  return (['left', 'right'] as const).flatMap((hand) => {
    const face = hand === 'left' ? 'right' : 'left';
    const x: Span = hand === 'left' ? [0, thick] : [width - thick, width];
    const into = (deep: number): Span =>
      hand === 'left' ? [thick - deep, thick] : [width - thick, width - thick + deep];
    const machining: Machining[] = [];
    if (housing > 0)
      for (const flat of flats.filter(({ x: across }) =>
        hand === 'left' ? across[0] < thick : across[1] > width - thick,
      ))
        machining.push({ type: 'housing', face, cut: { x: into(housing), y: flat.y, z: flat.z } });
    if (backs.length > 0)
      machining.push({
        type: back.way,
        face,
        cut: { x: into(back.deep), y: [back.from, back.from + back.thick], z },
      });
    if (notch) machining.push({ type: 'notch', face, cut: { x, y: notch.y, z: notch.z } });
    const made = board(`side-${hand}`, 'box', { x, y: [0, y[1]], z }, ['x', 'z'], { edged, machining });
    return made.map((one) => {
      const bored = worked(one, boredFor(box, flats, face));
      return notch
        ? {
            ...bored,
            seen: [
              { x, y: [0, notch.y[0]], z },
              { x, y: notch.y, z: [notch.z[1], z[1]] },
            ],
          }
        : bored;
    });
  });
}

/** What is cut out of the foot of a side for the toes, up to the face of the kick's back. */
function kickNotch({ made, foot, kickBack, depth }: CabinetBox, front: number): { y: Span; z: Span } | null {
  if (made.build.kick === 'run' || foot === 0) return null;
  const back = depth - (kickBack ?? made.plinth.back) - made.plinth.thick;
  return { y: [Math.max(0, back), front], z: [0, foot] };
}

/** The kick of a box that goes down to the floor: before the edges of its sides. */
function kickOf({ made, foot, kickBack, width, depth }: CabinetBox): Board[] {
  if (made.build.kick === 'run' || foot === 0 || kickBack === null) return [];
  const face = depth - kickBack;
  return board('kick', 'plinth', { x: [0, width], y: [face - made.plinth.thick, face], z: [0, foot] }, [
    'y',
    'x',
  ]);
}

/** What lies level in a box: bottom, top or the rails in its place, what parts it. */
function flatsOf(box: CabinetBox, { bottom, top, dividers }: Inside): Board[] {
  const { made, depth, height, kind } = box;
  const { board: thick, back, frame, housing, rails } = made.build;
  const { x: clear, y } = clearOf(box);
  const x: Span = [clear[0] - housing, clear[1] + housing];
  const edged: BoardFace[] = frame ? [] : ['front'];
  // A back in a groove goes past bottom and top; one in a rebate covers their edges.
  const from = back.way === 'groove' ? 0 : y[0];
  const grooved = (face: 'bottom' | 'top', z: Span): Machining[] => {
    if (back.way !== 'groove' || !reaches(box, face)) return [];
    const cut: Span = face === 'top' ? [z[1] - back.deep, z[1]] : [z[0], z[0] + back.deep];
    return [{ type: 'groove', face, cut: { x, y: [back.from, back.from + back.thick], z: cut } }];
  };
  const flat = (name: 'bottom' | 'divider' | 'top', z: Span, start: number, machining: Machining[] = []) =>
    board(name, 'box', { x, y: [start, y[1]], z }, ['z', 'x'], { edged, machining });
  const air = holdsAppliance({ kind }) ? AIR : 0;
  const tops = hasRails(box)
    ? railsOf(box, {
        ...{ back: y[0], x: clear, front: depth - (frame?.thick ?? 0) },
        ...{ under: height - thick, wide: rails.wide, floor: bottom[1] },
      })
    : flat('top', top, from, grooved('bottom', top));
  return [
    ...flat('bottom', bottom, from, grooved('top', bottom)),
    ...tops,
    ...dividers.flatMap((z) => flat('divider', z, y[0] + air)),
  ];
}

/** Whether the back of a box reaches down to its bottom, or up to its top: behind an appliance there is none. */
function reaches(box: CabinetBox, towards: 'bottom' | 'top'): boolean {
  if (box.kind.id === 'tall-fridge') return false;
  if (!holdsAppliance(box)) return true;
  const row = towards === 'top' ? box.rows.at(-1) : box.rows[0];
  return row?.shows !== 'niche';
}

/** The rails under a countertop: flat at the front and the back, or on edge before and behind what is let into the top. */
function railsOf(
  { kind, made, height }: CabinetBox,
  at: { back: number; x: Span; front: number; under: number; wide: number; floor: number },
): Board[] {
  const { back, x, front, under, wide, floor } = at;
  const { board: thick, frame } = made.build;
  const edged: BoardFace[] = frame ? [] : ['front'];
  if (isLetInto(kind)) {
    const z: Span = [Math.max(height - wide, floor), height];
    // A frame has its own rail before what is let in; before an oven there is none.
    return [
      ...(frame || kind.symbol === 'oven'
        ? []
        : board('rail-front', 'box', { x, y: [front - thick, front], z }, ['y', 'x'], { edged: ['bottom'] })),
      ...board('rail-back', 'box', { x, y: [back, back + thick], z }, ['y', 'x']),
    ];
  }
  const z: Span = [under, under + thick];
  // Before a back that stands far out they meet in the middle.
  const deep = Math.min(wide, (front - back) / 2);
  return [
    ...board('rail-front', 'box', { x, y: [front - deep, front], z }, ['z', 'x'], { edged }),
    ...board('rail-back', 'box', { x, y: [back, back + deep], z }, ['z', 'x']),
  ];
}

/** The back, or what there is of it above and below an appliance. */
function backsOf(box: CabinetBox, { bottom, top, zones }: Inside): Board[] {
  const { made, width, height, kind } = box;
  if (kind.id === 'tall-fridge') return [];
  const { board: thick, back } = made.build;
  const into = back.deep - back.play;
  const x: Span = [thick - into, width - thick + into];
  const y: Span = [back.from, back.from + back.thick];
  const foot = back.way === 'groove' ? bottom[1] - into : bottom[0];
  // Behind rails it goes up to the top.
  const head = hasRails(box) ? height : back.way === 'groove' ? top[0] + into : top[1];
  const closed = holdsAppliance(box) ? zones.filter(({ row }) => row?.shows !== 'niche') : null;
  const stretches: Span[] = closed
    ? closed.map((zone) => {
        const [isHighest, isLowest] = [zone === zones[0], zone === zones.at(-1)];
        return [isLowest ? foot : zone.low - thick, isHighest ? head : zone.high + thick];
      })
    : [[foot, head]];
  return joinedSpans(stretches).flatMap((z) => board('back', 'back', { x, y, z }, ['y', 'z']));
}

/** Spans that meet or overlap as one. */
function joinedSpans(spans: readonly Span[]): Span[] {
  const found: [number, number][] = [];
  for (const [from, to] of [...spans].sort((a, b) => a[0] - b[0])) {
    const last = found.at(-1);
    if (last && from <= last[1]) last[1] = Math.max(last[1], to);
    else found.push([from, to]);
  }
  return found;
}

/** What a box with a thin back is screwed to the wall by, under its top. */
function hangRail(box: CabinetBox, inside: Inside): Board[] {
  const { made, kind } = box;
  const { back, board: thick, frame } = made.build;
  if (!frame || back.way !== 'rebate' || kind.id === 'tall-fridge') return [];
  if (holdsAppliance(box) && box.rows[0]?.shows === 'niche') return [];
  if (hasRails(box) && isLetInto(kind)) return [];
  const { x, y } = clearOf(box);
  const z = hangSpan(box, inside);
  return board('hang-rail', 'box', { x, y: [y[0], y[0] + thick], z }, ['y', 'x']);
}
