import type { Design } from '../document/design';
import { itemNumbers } from '../setting/item-numbers';
import { roughIns } from '../setting/rough-ins';
import { placedServices } from '../survey/services';

/** Every surveyed service and every rough-in that an item brings: where, and how high, mm; for rough-ins the surveyed one nearest to it. */
export function servicesCommand(design: Design) {
  const numbers = itemNumbers(design);
  return {
    surveyed: placedServices(design).map(({ id, record, at, against }) => ({
      id,
      type: record.type,
      at,
      up: record.up,
      face: against?.face.letter ?? null,
      along: against?.along ?? null,
    })),
    roughIns: roughIns(design).map(({ item, type, at, up, against, supply }) => ({
      item: numbers.get(item)!,
      type,
      at,
      up,
      face: against?.letter ?? null,
      along: against?.along ?? null,
      off: against?.out ?? null,
      nearest: supply,
    })),
  };
}
