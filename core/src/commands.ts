import { bendFace } from './commands/bend-face';
import { editFaces } from './commands/edit-faces';
import { editItem } from './commands/edit-item';
import { fillGap } from './commands/fill-gap';
import { insertCorner } from './commands/insert-corner';
import { lineUpOpening } from './commands/line-up-opening';
import { moveFace } from './commands/move-face';
import { moveItem } from './commands/move-item';
import { pushPart } from './commands/push-part';
import { putDivider } from './commands/put-divider';
import { putFixed } from './commands/put-fixed';
import { putMeasurement } from './commands/put-measurement';
import { putOpening } from './commands/put-opening';
import { putService } from './commands/put-service';
import { putUnderlay } from './commands/put-underlay';
import { removeCorner } from './commands/remove-corner';
import { removeThings } from './commands/remove-things';
import { resizeFace } from './commands/resize-face';
import { scaleUnderlay } from './commands/scale-underlay';
import { setFaceLength } from './commands/set-face-length';
import { setItem } from './commands/set-item';
import { setRoom } from './commands/set-room';
import { setTie } from './commands/set-tie';
import { spaceOpenings } from './commands/space-openings';
import { stretchRoom } from './commands/stretch-room';
import { trimToGap } from './commands/trim-to-gap';

/** Every edit, sorted by id. */
export const commands = [
  bendFace,
  editFaces,
  editItem,
  fillGap,
  insertCorner,
  lineUpOpening,
  moveFace,
  moveItem,
  pushPart,
  putDivider,
  putFixed,
  putMeasurement,
  putOpening,
  putService,
  putUnderlay,
  removeCorner,
  removeThings,
  resizeFace,
  scaleUnderlay,
  setFaceLength,
  setItem,
  setRoom,
  setTie,
  spaceOpenings,
  stretchRoom,
  trimToGap,
] as const;
