import {
  formatDegrees,
  isOwnProfile,
  ownProfiles,
  profileName,
  profileShape,
  roomShape,
  shapeReach,
  trimProfiles,
  type Design,
  type TrimCut,
  type TrimmedSide,
  type TrimProfile,
  type TrimShape,
  type TrimUse,
} from 'goodreach';
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
  return 'what is fixed there';
}

/** How the ends of a length are cut, the left one first. */
export function endsName({ ends }: TrimCut): string {
  const names = ends.map(({ angle, longer }) => {
    const said = formatDegrees(angle);
    return said === formatDegrees(0) ? 'square' : `${said} ${longer === 'outer' ? 'out' : 'in'}`;
  });
  return names[0] === names[1] ? `both ${names[0]}` : `${names[0]} · ${names[1]}`;
}
