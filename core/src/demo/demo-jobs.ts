import type { Design } from '../document/design';
import type { LengthUnit } from '../units/units';
import { galleyWithBay } from './galley-with-bay';
import { hallBath } from './hall-bath';
import { laundry } from './laundry';
import { orchardKitchen } from './orchard-kitchen';
import { wetRoom } from './wet-room';

/** A job of the demo studio and its rooms. All invented. */
export interface DemoJob {
  name: string;
  unit: LengthUnit;
  step: number;
  rooms: Design[];
}

export const demoStudio = 'Tidewrack Kitchens & Baths';

/** The demo jobs, made anew by the same commands the interface uses. */
export function demoJobs(): DemoJob[] {
  return [
    { name: 'Lamplighter’s Cottage', unit: 'mm', step: 1, rooms: [galleyWithBay(), wetRoom()] },
    {
      name: 'Orchard Row 14',
      unit: 'ft-in',
      step: 25.4 / 16,
      rooms: [orchardKitchen(), hallBath(), laundry()],
    },
  ];
}
