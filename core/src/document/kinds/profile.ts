import { Equals, Matches } from 'class-validator';
import { ListOf, Millimetres, OneOf, Words } from '../decorators';
import {
  MOST_PROFILE,
  MOST_PROFILE_PLACES,
  OWN_PROFILE,
  trimProfiles,
  type OwnProfile,
  type TrimUse,
} from '../limits';

/** A place of a cross section, mm: out of the line it runs along, and up from the level it is fixed at. */
export class ProfilePlace {
  @Millimetres(-MOST_PROFILE, MOST_PROFILE) out!: number;
  @Millimetres(-MOST_PROFILE, MOST_PROFILE) up!: number;
}

/** A profile of a trim of the room's own: its cross section, walked counter-clockwise. */
export class ProfileRecord {
  @Equals('profile') kind!: 'profile';
  @Matches(OWN_PROFILE) id!: OwnProfile;
  @Words(1, 60) name!: string;
  @OneOf(Object.keys(trimProfiles)) use!: TrimUse;
  @ListOf(ProfilePlace, 3, MOST_PROFILE_PLACES) shape!: ProfilePlace[];
}
