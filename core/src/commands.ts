import { editItem } from './commands/edit-item';
import { fillGap } from './commands/fill-gap';
import { moveItem } from './commands/move-item';
import { putMeasurement } from './commands/put-measurement';
import { putOpening } from './commands/put-opening';
import { removeThings } from './commands/remove-things';
import { setFaceLength } from './commands/set-face-length';
import { setItem } from './commands/set-item';
import { setRoom } from './commands/set-room';
import { setTie } from './commands/set-tie';
import { trimToGap } from './commands/trim-to-gap';

/** Every edit, sorted by id. */
export const commands = [
  editItem,
  fillGap,
  moveItem,
  putMeasurement,
  putOpening,
  removeThings,
  setFaceLength,
  setItem,
  setRoom,
  setTie,
  trimToGap,
] as const;
