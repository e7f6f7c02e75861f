import type { Measure } from './measure';
import { aboveCooking } from './measures/above-cooking';
import { aisle } from './measures/aisle';
import { basinSockets } from './measures/basin-sockets';
import { basinsApart } from './measures/basins-apart';
import { bathExhaust } from './measures/bath-exhaust';
import { behindCooking } from './measures/behind-cooking';
import { behindSeats } from './measures/behind-seats';
import { ceilingOver } from './measures/ceiling-over';
import { centreLine } from './measures/centre-line';
import { clearFloor } from './measures/clear-floor';
import { combinedLanding } from './measures/combined-landing';
import { cookingLanding } from './measures/cooking-landing';
import { cookingWindow } from './measures/cooking-window';
import { counterFrontage } from './measures/counter-frontage';
import { counterHeight } from './measures/counter-height';
import { counterSockets } from './measures/counter-sockets';
import { dishwasherPlace } from './measures/dishwasher-place';
import { doorOpening } from './measures/door-opening';
import { fixtureHeights } from './measures/fixture-heights';
import { glazedShare } from './measures/glazed-share';
import { hobBeside } from './measures/hob-beside';
import { inFront } from './measures/in-front';
import { itemCollision } from './measures/item-collision';
import { kneeSpace } from './measures/knee-space';
import { microwaveHeight } from './measures/microwave-height';
import { microwaveLanding } from './measures/microwave-landing';
import { mixedRanges } from './measures/mixed-ranges';
import { openFrontsMeasure } from './measures/open-fronts';
import { openingBlocked } from './measures/opening-blocked';
import { ovenLanding } from './measures/oven-landing';
import { paperHolderPlace } from './measures/paper-holder-place';
import { prepCounter } from './measures/prep-counter';
import { refrigeratorLanding } from './measures/refrigerator-landing';
import { seatWidth } from './measures/seat-width';
import { seating } from './measures/seating';
import { separations } from './measures/separations';
import { sharpCorners } from './measures/sharp-corners';
import { showerBench } from './measures/shower-bench';
import { showerDoors } from './measures/shower-doors';
import { showerSize } from './measures/shower-size';
import { sinkLanding } from './measures/sink-landing';
import { storageFrontage } from './measures/storage-frontage';
import { swings } from './measures/swings';
import { switchHeights } from './measures/switch-heights';
import { toiletBars } from './measures/toilet-bars';
import { toiletCompartment } from './measures/toilet-compartment';
import { toiletDrain } from './measures/toilet-drain';
import { toiletFloor } from './measures/toilet-floor';
import { topBeforeOpening } from './measures/top-before-opening';
import { topCutOut } from './measures/top-cut-out';
import { topJoint } from './measures/top-joint';
import { topOverhang } from './measures/top-overhang';
import { topSlab } from './measures/top-slab';
import { topUnder } from './measures/top-under';
import { topsInLine } from './measures/tops-in-line';
import { traffic } from './measures/traffic';
import { tubLights } from './measures/tub-lights';
import { turningCircle } from './measures/turning-circle';
import { vanityHeight } from './measures/vanity-height';
import { ventilation } from './measures/ventilation';
import { walkway } from './measures/walkway';
import { wallCollision } from './measures/wall-collision';
import { wallUnitBottom } from './measures/wall-unit-bottom';
import { wasteReceptacles } from './measures/waste-receptacles';
import { waterproofWall } from './measures/waterproof-wall';
import { wetGlass } from './measures/wet-glass';
import { workTriangle } from './measures/work-triangle';
import { workingCorners } from './measures/working-corners';

/** A measure whatever its subjects are. */
type AnyMeasure = Pick<Measure<never>, 'id' | 'onRequest' | 'take'>;

/** Every measure, by its id. */
export const measures = {
  'above-cooking': aboveCooking,
  aisle,
  'basin-sockets': basinSockets,
  'basins-apart': basinsApart,
  'bath-exhaust': bathExhaust,
  'behind-cooking': behindCooking,
  'behind-seats': behindSeats,
  'ceiling-over': ceilingOver,
  'centre-line': centreLine,
  'clear-floor': clearFloor,
  'combined-landing': combinedLanding,
  'cooking-landing': cookingLanding,
  'cooking-window': cookingWindow,
  'counter-frontage': counterFrontage,
  'counter-height': counterHeight,
  'counter-sockets': counterSockets,
  'dishwasher-place': dishwasherPlace,
  'door-opening': doorOpening,
  'fixture-heights': fixtureHeights,
  'glazed-share': glazedShare,
  'hob-beside': hobBeside,
  'in-front': inFront,
  'item-collision': itemCollision,
  'knee-space': kneeSpace,
  'microwave-height': microwaveHeight,
  'microwave-landing': microwaveLanding,
  'mixed-ranges': mixedRanges,
  'open-fronts': openFrontsMeasure,
  'opening-blocked': openingBlocked,
  'oven-landing': ovenLanding,
  'paper-holder-place': paperHolderPlace,
  'prep-counter': prepCounter,
  'refrigerator-landing': refrigeratorLanding,
  'seat-width': seatWidth,
  seating,
  separations,
  'sharp-corners': sharpCorners,
  'shower-bench': showerBench,
  'shower-doors': showerDoors,
  'shower-size': showerSize,
  'sink-landing': sinkLanding,
  'storage-frontage': storageFrontage,
  swings,
  'switch-heights': switchHeights,
  'toilet-bars': toiletBars,
  'toilet-compartment': toiletCompartment,
  'toilet-drain': toiletDrain,
  'toilet-floor': toiletFloor,
  'top-before-opening': topBeforeOpening,
  'top-cut-out': topCutOut,
  'top-joint': topJoint,
  'top-overhang': topOverhang,
  'top-slab': topSlab,
  'top-under': topUnder,
  'tops-in-line': topsInLine,
  traffic,
  'tub-lights': tubLights,
  'turning-circle': turningCircle,
  'vanity-height': vanityHeight,
  ventilation,
  walkway,
  'wall-collision': wallCollision,
  'wall-unit-bottom': wallUnitBottom,
  'waste-receptacles': wasteReceptacles,
  'waterproof-wall': waterproofWall,
  'wet-glass': wetGlass,
  'work-triangle': workTriangle,
  'working-corners': workingCorners,
} satisfies Record<string, AnyMeasure>;
export type MeasureId = keyof typeof measures;
