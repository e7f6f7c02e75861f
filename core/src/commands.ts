import { bendFace } from './commands/bend-face';
import { blockOut } from './commands/block-out';
import { bringBack } from './commands/bring-back';
import { caseRefrigerator } from './commands/case-refrigerator';
import { centreItems } from './commands/centre-items';
import { concealCistern } from './commands/conceal-cistern';
import { drawTop } from './commands/draw-top';
import { ease } from './commands/ease';
import { editFaces } from './commands/edit-faces';
import { editItems } from './commands/edit-items';
import { fillGap } from './commands/fill-gap';
import { forgetProfile } from './commands/forget-profile';
import { freezeRow } from './commands/freeze-row';
import { groupItems } from './commands/group-items';
import { insertCorner } from './commands/insert-corner';
import { joinItems } from './commands/join-items';
import { keepProfile } from './commands/keep-profile';
import { keepScheme } from './commands/keep-scheme';
import { layTile } from './commands/lay-tile';
import { leaveOpen } from './commands/leave-open';
import { lineFace } from './commands/line-face';
import { lineUpItems } from './commands/line-up-items';
import { lineUpOpening } from './commands/line-up-opening';
import { lockItems } from './commands/lock-items';
import { mirrorItems } from './commands/mirror-items';
import { moveFace } from './commands/move-face';
import { moveItem } from './commands/move-item';
import { moveItems } from './commands/move-items';
import { placeFrames } from './commands/place-frames';
import { pushPart } from './commands/push-part';
import { putDimension } from './commands/put-dimension';
import { putDivider } from './commands/put-divider';
import { putFixed } from './commands/put-fixed';
import { putMeasurement } from './commands/put-measurement';
import { putOpening } from './commands/put-opening';
import { putSection } from './commands/put-section';
import { putService } from './commands/put-service';
import { putStandpoint } from './commands/put-standpoint';
import { putUnderlay } from './commands/put-underlay';
import { putZone } from './commands/put-zone';
import { putZones } from './commands/put-zones';
import { removeCorner } from './commands/remove-corner';
import { removeThings } from './commands/remove-things';
import { renumberItems } from './commands/renumber-items';
import { repeatItems } from './commands/repeat-items';
import { replaceItems } from './commands/replace-items';
import { resizeFace } from './commands/resize-face';
import { scaleUnderlay } from './commands/scale-underlay';
import { seatRow } from './commands/seat-row';
import { setApart } from './commands/set-apart';
import { setBacks } from './commands/set-backs';
import { setBar } from './commands/set-bar';
import { setBlock } from './commands/set-block';
import { setConstruction } from './commands/set-construction';
import { setCutRound } from './commands/set-cut-round';
import { setDrain } from './commands/set-drain';
import { setEdgeWay } from './commands/set-edge-way';
import { setEndPanel } from './commands/set-end-panel';
import { setFinish } from './commands/set-finish';
import { setFaceLength } from './commands/set-face-length';
import { setFacts } from './commands/set-facts';
import { setFrame } from './commands/set-frame';
import { setInto } from './commands/set-into';
import { setItem } from './commands/set-item';
import { setMeasured } from './commands/set-measured';
import { setOutZone } from './commands/set-out-zone';
import { setOutZones } from './commands/set-out-zones';
import { setLimit } from './commands/set-limit';
import { setOver } from './commands/set-over';
import { setPlinth } from './commands/set-plinth';
import { setRowWay } from './commands/set-row-way';
import { setRows } from './commands/set-rows';
import { setStyle } from './commands/set-style';
import { setRoom } from './commands/set-room';
import { setTie } from './commands/set-tie';
import { setTiling } from './commands/set-tiling';
import { setTopCorner } from './commands/set-top-corner';
import { setTopEdge } from './commands/set-top-edge';
import { setTopJoints } from './commands/set-top-joints';
import { setTrim } from './commands/set-trim';
import { shiftItems } from './commands/shift-items';
import { spaceItems } from './commands/space-items';
import { spaceOpenings } from './commands/space-openings';
import { splitItem } from './commands/split-item';
import { splitZone } from './commands/split-zone';
import { squareItems } from './commands/square-items';
import { stretchRoom } from './commands/stretch-room';
import { swapItems } from './commands/swap-items';
import { trimToGap } from './commands/trim-to-gap';
import { turnItems } from './commands/turn-items';
import { useScheme } from './commands/use-scheme';
import { waiveFinding } from './commands/waive-finding';

/** Every edit, sorted by id. */
export const commands = [
  bendFace,
  blockOut,
  bringBack,
  caseRefrigerator,
  centreItems,
  concealCistern,
  drawTop,
  ease,
  editFaces,
  editItems,
  fillGap,
  forgetProfile,
  freezeRow,
  groupItems,
  insertCorner,
  joinItems,
  keepProfile,
  keepScheme,
  layTile,
  leaveOpen,
  lineFace,
  lineUpItems,
  lineUpOpening,
  lockItems,
  mirrorItems,
  moveFace,
  moveItem,
  moveItems,
  placeFrames,
  pushPart,
  putDimension,
  putDivider,
  putFixed,
  putMeasurement,
  putOpening,
  putSection,
  putService,
  putStandpoint,
  putUnderlay,
  putZone,
  putZones,
  removeCorner,
  removeThings,
  renumberItems,
  repeatItems,
  replaceItems,
  resizeFace,
  scaleUnderlay,
  seatRow,
  setApart,
  setBacks,
  setBar,
  setBlock,
  setConstruction,
  setCutRound,
  setDrain,
  setEdgeWay,
  setEndPanel,
  setFaceLength,
  setFacts,
  setFinish,
  setFrame,
  setInto,
  setItem,
  setLimit,
  setMeasured,
  setOutZone,
  setOutZones,
  setOver,
  setPlinth,
  setRoom,
  setRowWay,
  setRows,
  setStyle,
  setTie,
  setTiling,
  setTopCorner,
  setTopEdge,
  setTopJoints,
  setTrim,
  shiftItems,
  spaceItems,
  spaceOpenings,
  splitItem,
  splitZone,
  squareItems,
  stretchRoom,
  swapItems,
  trimToGap,
  turnItems,
  useScheme,
  waiveFinding,
] as const;
