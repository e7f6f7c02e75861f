import { perDesign, type Design } from '../../document/design';
import { fixtures } from './fixtures';

/** What a room is used as, by what stands in it. */
export const isKitchen = (design: Design): boolean => useOf(design).kitchen;
export const isBath = (design: Design): boolean => useOf(design).bath;

const useOf = perDesign((design) => ({
  kitchen: fixtures(design, 'cooking').length > 0 || fixtures(design, 'sink').length > 0,
  bath: (['toilet', 'tub', 'shower', 'bidet'] as const).some((one) => fixtures(design, one).length > 0),
}));
