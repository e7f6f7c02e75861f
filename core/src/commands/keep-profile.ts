import type { OwnProfile, TrimUse } from '../document/limits';
import { recordsOf } from '../document/design';
import { patchOf } from '../document/patch';
import type { ProfileRecord } from '../document/records';
import { refuse } from '../result';
import { fixedProfile } from '../surfaces/own-profiles';
import { guarded, type Command } from './command';

/** A profile to keep: its cross section as it is drawn, mm, out and up, wherever its origin is. */
export interface ProfileToKeep {
  id: OwnProfile;
  name: string;
  use: TrimUse;
  shape: readonly { out: number; up: number }[];
}

/** Keeps a profile of the room's own for a trim, fixed where that use has it; in place of one of its id, or of its name and use. */
export const keepProfile: Command<ProfileToKeep> = {
  id: 'keep-profile',
  run(design, { id, name: said, use, shape }) {
    const name = said.trim();
    if (!name) return refuse('name-blank', { what: 'profile' });
    const before = recordsOf(design, 'profile').find(
      (one) => one.use === use && one.name.toLowerCase() === name.toLowerCase(),
    );
    const fixed = fixedProfile(
      use,
      shape.map(({ out, up }) => ({ x: out, y: up })),
    );
    if (!fixed.ok) return fixed;
    const record: ProfileRecord = {
      ...{ kind: 'profile', id: before?.id ?? id, name, use },
      shape: fixed.value.map(({ x, y }) => ({ out: x, up: y })),
    };
    return guarded(design, patchOf(design, [record]));
  },
};
