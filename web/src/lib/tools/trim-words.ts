import {
  editFaces,
  fixedNames,
  formatDegrees,
  isOwnProfile,
  ownProfiles,
  profileName,
  profileShape,
  putFixed,
  recordOf,
  roomShape,
  setTrim,
  shapeReach,
  trimProfiles,
  type Design,
  type TrimChange,
  type TrimCut,
  type TrimmedSide,
  type TrimProfile,
  type TrimShape,
  type TrimUse,
} from 'goodreach';
import type { DesignSession } from '../session/design-session.svelte';
import { sidesName } from './top-words';

/** A cross section as a small drawing, 24 by 24, its back to the left and what it is fixed to above or below. */
function drawn(shape: TrimShape | null): string {
  if (!shape) return 'M6 18L18 6';
  const reach = shapeReach(shape);
  const scale = 18 / Math.max(reach.out - reach.in, reach.high - reach.low);
  const [wide, tall] = [(reach.out - reach.in) * scale, (reach.high - reach.low) * scale];
  const at = shape.map(({ x, y }) => {
    const [right, down] = [
      (x - reach.in) * scale + (24 - wide) / 2,
      (reach.high - y) * scale + (24 - tall) / 2,
    ];
    return `${right.toFixed(1)} ${down.toFixed(1)}`;
  });
  return `M${at.join('L')}Z`;
}

/** The ways a trim can be in a room, ours and its own, each a small drawing of its section. */
export const trimWays = (design: Design, use: TrimUse): { id: TrimProfile; name: string; d: string }[] =>
  [...trimProfiles[use], ...ownProfiles(design, use).map(({ id }) => id)].map((id) => ({
    id,
    name: profileName(design, id),
    d: drawn(profileShape(design, use, id)),
  }));

/** A profile within a sentence: one's own as it is written. */
export const saidProfile = (design: Design, profile: TrimProfile): string =>
  isOwnProfile(profile) ? profileName(design, profile) : profileName(design, profile).toLowerCase();

/** What a trim runs along, as it is called. */
export function alongName(design: Design, along: TrimmedSide): string {
  if ('items' in along) return sidesName(design, along.items);
  if ('face' in along) return `face ${roomShape(design).byId.get(along.face)?.letter ?? ''}`;
  const thing = recordOf(design, 'fixed', along.fixed);
  const { placement } = thing ?? {};
  const name = `the ${fixedNames[thing?.type ?? 'lining'].toLowerCase()}`;
  return placement?.on === 'face' ? `${name} on ${alongName(design, placement)}` : name;
}

/** Says what trim goes along something, none left out; null goes back to what the room says. */
export function putTrim(
  session: Pick<DesignSession, 'committed' | 'run'>,
  use: TrimUse,
  along: TrimmedSide,
  profile: TrimProfile | null,
): void {
  if ('face' in along) session.run(editFaces, { faces: [along.face], change: { [use]: profile } });
  else if ('items' in along) session.run(setTrim, { use, at: along.items, profile } as TrimChange);
  else {
    const thing = recordOf(session.committed, 'fixed', along.fixed);
    if (!thing) return;
    const { capping: _, ...rest } = thing;
    session.run(putFixed, { ...rest, ...(profile && { capping: profile as TrimProfile<'capping'> }) });
  }
}

/** How the ends of a length are cut, the left one first. */
export function endsName({ ends }: TrimCut): string {
  const names = ends.map(({ angle, longer }) => {
    const said = formatDegrees(angle);
    return said === formatDegrees(0) ? 'square' : `${said} ${longer === 'outer' ? 'out' : 'in'}`;
  });
  return names[0] === names[1] ? `both ${names[0]}` : `${names[0]} · ${names[1]}`;
}
