import type { ItemKind } from './item-kind';
import { applianceDoor } from './kinds/appliance-door';
import { backPanel } from './kinds/back-panel';
import { barTop } from './kinds/bar-top';
import { baseBlind } from './kinds/base-blind';
import { baseCornerDiagonal } from './kinds/base-corner-diagonal';
import { baseCornerDrawers } from './kinds/base-corner-drawers';
import { baseCornerL } from './kinds/base-corner-l';
import { baseCornerPullOut } from './kinds/base-corner-pull-out';
import { baseDoorDrawer } from './kinds/base-door-drawer';
import { baseDoors } from './kinds/base-doors';
import { baseDrawers } from './kinds/base-drawers';
import { baseEndShelf } from './kinds/base-end-shelf';
import { baseHob } from './kinds/base-hob';
import { baseOpen } from './kinds/base-open';
import { baseOven } from './kinds/base-oven';
import { baseSink } from './kinds/base-sink';
import { baseWaste } from './kinds/base-waste';
import { basin } from './kinds/basin';
import { basinHung } from './kinds/basin-hung';
import { basinInset } from './kinds/basin-inset';
import { bench } from './kinds/bench';
import { bidet } from './kinds/bidet';
import { blind } from './kinds/blind';
import { blockCounter } from './kinds/block-counter';
import { bracket } from './kinds/bracket';
import { chair } from './kinds/chair';
import { cooker } from './kinds/cooker';
import { cornice } from './kinds/cornice';
import { curtain } from './kinds/curtain';
import { dishwasher } from './kinds/dishwasher';
import { dryer } from './kinds/dryer';
import { endPanel } from './kinds/end-panel';
import { filler } from './kinds/filler';
import { fillerBlind } from './kinds/filler-blind';
import { fillerCorner } from './kinds/filler-corner';
import { fillerTall } from './kinds/filler-tall';
import { fillerWall } from './kinds/filler-wall';
import { fridgePanel } from './kinds/fridge-panel';
import { fridgeUnder } from './kinds/fridge-under';
import { glassShelf } from './kinds/glass-shelf';
import { grabBar } from './kinds/grab-bar';
import { hob } from './kinds/hob';
import { hood } from './kinds/hood';
import { hook } from './kinds/hook';
import { lampFloor } from './kinds/lamp-floor';
import { lampPendant } from './kinds/lamp-pendant';
import { lampTable } from './kinds/lamp-table';
import { lightRail } from './kinds/light-rail';
import { microwave } from './kinds/microwave';
import { mirror } from './kinds/mirror';
import { mirrorRound } from './kinds/mirror-round';
import { object } from './kinds/object';
import { objectCeiling } from './kinds/object-ceiling';
import { objectTop } from './kinds/object-top';
import { objectWall } from './kinds/object-wall';
import { oven } from './kinds/oven';
import { ownTop } from './kinds/own-top';
import { paperHolder } from './kinds/paper-holder';
import { picture } from './kinds/picture';
import { plant } from './kinds/plant';
import { plinth } from './kinds/plinth';
import { refrigerator } from './kinds/refrigerator';
import { rug } from './kinds/rug';
import { rugRound } from './kinds/rug-round';
import { scribe } from './kinds/scribe';
import { shapeBox } from './kinds/shape-box';
import { shapeCylinder } from './kinds/shape-cylinder';
import { shapeOutline } from './kinds/shape-outline';
import { shelf } from './kinds/shelf';
import { showerDoor } from './kinds/shower-door';
import { showerFloor } from './kinds/shower-floor';
import { showerGlass } from './kinds/shower-glass';
import { showerPan } from './kinds/shower-pan';
import { showerSlide } from './kinds/shower-slide';
import { sink } from './kinds/sink';
import { stool } from './kinds/stool';
import { table } from './kinds/table';
import { tableRound } from './kinds/table-round';
import { tallBroom } from './kinds/tall-broom';
import { tallDoubleOven } from './kinds/tall-double-oven';
import { tallFridge } from './kinds/tall-fridge';
import { tallGarage } from './kinds/tall-garage';
import { tallOven } from './kinds/tall-oven';
import { tallPantry } from './kinds/tall-pantry';
import { toilet } from './kinds/toilet';
import { toiletHung } from './kinds/toilet-hung';
import { towelRail } from './kinds/towel-rail';
import { tub } from './kinds/tub';
import { tubFree } from './kinds/tub-free';
import { valance } from './kinds/valance';
import { vanityDoors } from './kinds/vanity-doors';
import { vanityDrawers } from './kinds/vanity-drawers';
import { vanityHung } from './kinds/vanity-hung';
import { vanitySink } from './kinds/vanity-sink';
import { vanityTower } from './kinds/vanity-tower';
import { wallBlind } from './kinds/wall-blind';
import { wallCornerDiagonal } from './kinds/wall-corner-diagonal';
import { wallCornerL } from './kinds/wall-corner-l';
import { wallDoors } from './kinds/wall-doors';
import { wallEndShelf } from './kinds/wall-end-shelf';
import { wallGlass } from './kinds/wall-glass';
import { wallLiftUp } from './kinds/wall-lift-up';
import { wallMicrowave } from './kinds/wall-microwave';
import { wallOpen } from './kinds/wall-open';
import { wallOver } from './kinds/wall-over';
import { wallRack } from './kinds/wall-rack';
import { washer } from './kinds/washer';

/** Every item kind, sorted by id. */
export const itemKinds: readonly ItemKind[] = [
  applianceDoor,
  backPanel,
  barTop,
  baseBlind,
  baseCornerDiagonal,
  baseCornerDrawers,
  baseCornerL,
  baseCornerPullOut,
  baseDoorDrawer,
  baseDoors,
  baseDrawers,
  baseEndShelf,
  baseHob,
  baseOpen,
  baseOven,
  baseSink,
  baseWaste,
  basin,
  basinHung,
  basinInset,
  bench,
  bidet,
  blind,
  blockCounter,
  bracket,
  chair,
  cooker,
  cornice,
  curtain,
  dishwasher,
  dryer,
  endPanel,
  filler,
  fillerBlind,
  fillerCorner,
  fillerTall,
  fillerWall,
  fridgePanel,
  fridgeUnder,
  glassShelf,
  grabBar,
  hob,
  hood,
  hook,
  lampFloor,
  lampPendant,
  lampTable,
  lightRail,
  microwave,
  mirror,
  mirrorRound,
  object,
  objectCeiling,
  objectTop,
  objectWall,
  oven,
  ownTop,
  paperHolder,
  picture,
  plant,
  plinth,
  refrigerator,
  rug,
  rugRound,
  scribe,
  shapeBox,
  shapeCylinder,
  shapeOutline,
  shelf,
  showerDoor,
  showerFloor,
  showerGlass,
  showerPan,
  showerSlide,
  sink,
  stool,
  table,
  tableRound,
  tallBroom,
  tallDoubleOven,
  tallFridge,
  tallGarage,
  tallOven,
  tallPantry,
  toilet,
  toiletHung,
  towelRail,
  tub,
  tubFree,
  valance,
  vanityDoors,
  vanityDrawers,
  vanityHung,
  vanitySink,
  vanityTower,
  wallBlind,
  wallCornerDiagonal,
  wallCornerL,
  wallDoors,
  wallEndShelf,
  wallGlass,
  wallLiftUp,
  wallMicrowave,
  wallOpen,
  wallOver,
  wallRack,
  washer,
];

const byId: ReadonlyMap<string, ItemKind> = new Map(itemKinds.map((kind) => [kind.id, kind]));

/** The kind of an item; a type no kind is known for is drawn and checked as a plain base cabinet would be, but never trimmed. */
export function kindOf(type: string): ItemKind {
  return byId.get(type) ?? { ...baseDoors, id: type as ItemKind['id'], trim: null };
}
