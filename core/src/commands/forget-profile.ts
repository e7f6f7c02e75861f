import { recordOf, recordsOf, roomOf } from '../document/design';
import { itemTrims, wallTrims, type OwnProfile, type TrimProfile } from '../document/limits';
import { refuse } from '../result';
import { guarded, type Command } from './command';

/** Forgets a profile of the room's own that no trim has. */
export const forgetProfile: Command<{ id: OwnProfile }> = {
  id: 'forget-profile',
  run(design, { id }) {
    const record = recordOf(design, 'profile', id);
    if (!record) return refuse('record-missing', { id, what: 'profile' });
    const room = roomOf(design);
    const said: (TrimProfile | undefined)[] = [
      ...[...itemTrims, ...wallTrims].map((use) => room[use]),
      ...recordsOf(design, 'face').flatMap((face) => wallTrims.map((use) => face[use])),
      ...recordsOf(design, 'item').flatMap(({ trims }) =>
        itemTrims.flatMap((use) => Object.values(trims?.[use] ?? {}) as TrimProfile[]),
      ),
    ];
    if (said.includes(id)) return refuse('profile-used', { name: record.name });
    return guarded(design, [{ id, before: record, after: null }]);
  },
};
