import { besideReading } from '../facts/beside';
import { fixtures, mainSink } from '../facts/fixtures';
import type { ItemBox } from '../../setting/item-box';
import type { Measure } from '../measure';

/** The counter at both sides of a sink: of the main one, which is the widest, and of others. */
export const sinkLanding: Measure<ItemBox> = {
  id: 'sink-landing',
  subjects: (design) => fixtures(design, 'sink'),
  take: (box, look) => [
    besideReading(box, look, {
      traits: { main: look.at((design) => mainSink(design)?.id) === box.id },
    }),
  ],
};
