/** The limits of stored values, mm. Typed values are held against them at once; the server holds every record against them again. */
/** Eye height of one who stands or sits in the room, mm. */
export const LEAST_EYE = 600;
export const MOST_EYE = 2_200;
export const LEAST_FACE = 50;
export const MOST_FACE = 30_000;
/** Inside angles of corners, radians: about 3 to 357 degrees. */
export const LEAST_CORNER = 0.05;
export const MOST_CORNER = 6.24;
export const LEAST_CEILING = 1_500;
/** A sloped ceiling may come down so low over a wall. */
export const LEAST_KNEE_WALL = 300;
export const MOST_HEIGHT = 6_000;
export const LEAST_WALL = 10;
export const MOST_WALL = 1_500;
export const LEAST_HALF_WALL = 100;
export const LEAST_OPENING = 100;
/** Millimetres of the room a pixel of an underlay may stand for. */
export const LEAST_PIXEL = 0.001;
export const MOST_PIXEL = 1_000;
/** A leaf opens at least this far, radians. */
export const LEAST_OPEN_ANGLE = Math.PI / 12;
export const MOST_ITEM = 4_000;
export const LEAST_ITEM = 1;
/** A top stands no further than this past what carries it. */
export const MOST_OVERHANG = 600;

/** What a measured length may be trusted to, mm. */
export const LEAST_UNCERTAINTY = 0.01;
export const MOST_UNCERTAINTY = 100;

/** What a measured corner may be trusted to, radians. */
export const LEAST_CORNER_UNCERTAINTY = 1e-5;
export const MOST_CORNER_UNCERTAINTY = 0.2;

export const packIds = ['inch-residential', 'metric-residential'] as const;
export type PackId = (typeof packIds)[number];
/** The packs of rules a room can be checked by; what is built rightly is always checked. */
export const rulePackIds = ['standard', 'kitchen', 'bath', 'accessible', 'metric'] as const;
export type RulePackId = (typeof rulePackIds)[number];
/** The side something is taken hold of at; both where two doors open from the middle. */
export const handleSides = ['left', 'right', 'both'] as const;
export type HandleSide = (typeof handleSides)[number];
/** The most air that is moved, cubic feet a minute, and so many shelves, drawers and receptacles inside an item. */
export const MOST_AIRFLOW = 5_000;
export const MOST_INSIDE = 40;
/** The most rows on a front, and the most side by side in one; the least a row is high, or one of those wide. */
export const MOST_ROWS = 12;
export const MOST_ACROSS = 6;
export const LEAST_ROW = 20;
/** What a row of a cabinet's front can show: shelves stand open, a niche holds an appliance. */
export const rowShows = ['doors', 'drawer', 'flap', 'shelves', 'panel', 'niche'] as const;
export type RowShows = (typeof rowShows)[number];
/** What people do behind those who sit: nothing, edge past, walk past, pass in a wheelchair. */
export const behindSeats = ['none', 'edge', 'walk', 'wheelchair'] as const;
export type BehindSeats = (typeof behindSeats)[number];
/** So many people cook at once at most. */
export const MOST_COOKS = 9;
/** How tall those are who work in a room, mm. */
export const LEAST_USER = 1_000;
export const MOST_USER = 2_300;

/** The sides of an item that seats can stand at: at its front one works. */
export const seatSides = ['left', 'right', 'behind'] as const;
export type SeatSide = (typeof seatSides)[number];
/** The sides of an item over which its top can stand out otherwise than the room says. */
export const overhangSides = ['front', ...seatSides] as const;
export type OverhangSide = (typeof overhangSides)[number];

/** The corners of an item at which the top over it can be round or cut off; the inner one is that between the fronts of a corner cabinet. */
export const topCornerKeys = ['frontLeft', 'frontRight', 'behindLeft', 'behindRight', 'inner'] as const;
export type TopCornerKey = (typeof topCornerKeys)[number];
/** Those of them at which a top can have an inside corner, and so a joint. */
export const jointCornerKeys = ['frontLeft', 'frontRight', 'inner'] as const;
export type JointCornerKey = (typeof jointCornerKeys)[number];
/** How a top is joined at an inside corner: the run to its left or to its right goes through, both are mitred, or not at all. */
export const cornerJoints = ['left', 'right', 'mitre', 'none'] as const;
export type CornerJoint = (typeof cornerJoints)[number];
/** Joints across a top that one item can tell of. */
export const MOST_JOINTS = 4;
/** Sizes of the slabs that tops are cut from, mm. */
export const LEAST_SLAB = 300;
export const MOST_SLAB = 10_000;
/** The largest such corner, mm. */
export const MOST_TOP_CORNER = 2_000;
/** An outline of one's own has so many corners at most. */
export const MOST_OUTLINE = 60;

/** How the edge of a top is worked: sharp, its arris taken off, at a slant, half round, or left as it was sawn. */
export const edgeProfiles = ['square', 'eased', 'bevelled', 'rounded', 'raw'] as const;
export type EdgeProfile = (typeof edgeProfiles)[number];
/** The sides of an item along which a top can lie at a wall and carry a splash, or go down to the floor at a free end. */
export const splashSides = seatSides;
export type SplashSide = SeatSide;
/** The tallest splash that is typed, mm. */
export const MOST_SPLASH = 3_000;
/** How thick splashes are made, mm. */
export const LEAST_SPLASH_THICKNESS = 3;
export const MOST_SPLASH_THICKNESS = 60;

/** How far a plinth can stand back behind the box, and come out before it, mm. */
export const MOST_PLINTH_BACK = 400;
export const MOST_PLINTH_OUT = 60;

/** What runs along the tops and undersides of cabinets, along walls at the floor and under the ceiling, and on linings that end below it; and the shapes each comes in, none among them. */
export const trimProfiles = {
  cornice: ['none', 'square', 'hollow', 'ogee', 'stepped'],
  lightRail: ['none', 'square', 'rounded', 'hollow'],
  skirting: ['none', 'square', 'bevelled', 'rounded', 'ogee'],
  cove: ['none', 'hollow', 'stepped', 'square'],
  capping: ['none', 'square', 'rounded', 'ogee'],
} as const;
export type TrimUse = keyof typeof trimProfiles;
/** A profile of the room's own, told by its record's id. */
export type OwnProfile = `profile-${string}`;
export const OWN_PROFILE = /^profile-[A-Za-z0-9_-]{1,60}$/;
export const isOwnProfile = (profile: string): profile is OwnProfile => OWN_PROFILE.test(profile);
/** The shapes of ours, and any of the room's own. */
export type OurProfile<U extends TrimUse = TrimUse> = (typeof trimProfiles)[U][number];
export type TrimProfile<U extends TrimUse = TrimUse> = OurProfile<U> | OwnProfile;
/** A cross section has so many places at most, and reaches so far, mm. */
export const MOST_PROFILE_PLACES = 200;
export const MOST_PROFILE = 300;
/** Those that run along items, and those along walls. */
export const itemTrims = ['cornice', 'lightRail'] as const satisfies readonly TrimUse[];
export type ItemTrim = (typeof itemTrims)[number];
export const wallTrims = ['skirting', 'cove'] as const satisfies readonly TrimUse[];
export type WallTrim = (typeof wallTrims)[number];

/** How doors and drawer fronts are made: plain, a frame about a panel (slim, usual, wide), that with a bead in it, with a raised field, in grooved boards, of slats, about glass. */
export const doorStyles = [
  'slab',
  'slim-frame',
  'frame',
  'wide-frame',
  'beaded',
  'raised',
  'grooved',
  'slatted',
  'glazed',
] as const;
export type DoorStyle = (typeof doorStyles)[number];
/** What stands before a wall and lines it: plain, in boards upright or across, framed panels, slats. */
export const liningStyles = ['plain', 'boards', 'boards-across', 'panelled', 'slatted'] as const;
export type LiningStyle = (typeof liningStyles)[number];
/** What a light recess takes of a lining at least, mm. */
export const LEAST_RECESS = 40;
/** What fronts are taken hold of by: nothing, but a gap for fingers, among them. */
export const handleStyles = ['bar', 'long-bar', 'knob', 'cup', 'edge', 'none'] as const;
export type HandleStyle = (typeof handleStyles)[number];
/** What of an item is finished by itself: of each cabinet its fronts, box, ends, plinth and handles; trims; the top over it and its splash; what dresses the room. */
export const itemParts = [
  'front',
  'box',
  'end',
  'plinth',
  'handle',
  'trim',
  'top',
  'splash',
  'dressing',
] as const;
export type ItemPart = (typeof itemParts)[number];
/** What of a room is: that, and the room about it. */
export const finishParts = [...itemParts, 'wall', 'floor', 'ceiling'] as const;
export type FinishPart = (typeof finishParts)[number];
/** The longest name of a finish. */
export const MOST_FINISH = 40;

export const finishMaterials = ['paint', 'timber', 'stone', 'tile', 'laminate', 'metal', 'fabric'] as const;
export type FinishMaterial = (typeof finishMaterials)[number];
/** The code of a finish: some capitals, and a number. */
export const FINISH_CODE = /^[A-Z]{1,4}[0-9]{0,4}$/;
/** After how many mm the picture of a finish repeats. */
export const LEAST_REPEAT = 5;
export const MOST_REPEAT = 6_000;
/** How large a tile may be, and the joint between two, mm. */
export const MOST_TILE = 3_500;
export const MOST_JOINT = 30;
/** How far within the edges of a zone its border may lie, mm. */
export const MOST_INSET = 3_000;
/** The thickest tile, mm, and the longest list of how rows of planks are moved on. */
export const MOST_TILE_THICKNESS = 60;
export const MOST_STAGGER = 200;
/** How steeply a wet floor may fall, as a share. */
export const LEAST_FALL = 0.002;
export const MOST_FALL = 0.1;
/** The widest gap at the edges of a zone, and the thickest bed, mm. */
export const MOST_GAP = 50;
export const MOST_BED = 200;
/** The widest cut of a saw, mm, and so many tiles of which nothing else is cut. */
export const MOST_KERF = 10;
export const MOST_APART = 500;
/** How offcuts may be turned: not at all, by halves, by quarters. */
export const tileTurns = ['none', 'halves', 'quarters'] as const;
export type TileTurns = (typeof tileTurns)[number];
/** How much tiles of one kind differ in shade, from one firing to the next. */
export const tileShades = ['uniform', 'slight', 'moderate', 'strong'] as const;
export type TileShade = (typeof tileShades)[number];
/** By so much tiles of one kind may differ in size, mm. */
export const MOST_VARIES = 5;
/** So many tiles come in a box at most. */
export const MOST_BOX = 10_000;
/** The sides of a hole in a wall, as one stands before it. */
export const revealSides = ['back', 'left', 'right', 'sill', 'head'] as const;
export type RevealSide = (typeof revealSides)[number];
/** What chance can begin with. */
export const MOST_SEED = 999_999;
/** So many edges of a zone are met by the eye first at most. */
export const MOST_SIGHT = 20;
/** Every pattern tiles are laid in. */
export const tilePatterns = [
  'grid',
  'running',
  'vertical',
  'plank',
  'herringbone90',
  'double-herringbone',
  'basket-dots',
  'windmill',
  'pinwheel',
  'three-sizes',
  'four-sizes',
  'manor',
  'stepping-stone',
  'chevron',
  'hexagon',
  'hexagon-flat',
  'long-hexagon',
  'octagon-dot',
  'square-dot',
  'triangle',
  'rhombus',
  'fish-scale',
  'penny',
  'basketweave',
] as const;
export type TilePattern = (typeof tilePatterns)[number];
/** What a zone is laid in: one of those, or a pattern of its own. */
export const zonePatterns = [...tilePatterns, 'own'] as const;
export type ZonePatternType = (typeof zonePatterns)[number];
/** A pattern of one's own repeats after so many tiles each way at most. */
export const MOST_OWN = 12;
/** How the stretches of a border meet in a corner: one goes through, both are mitred, or a square piece lies there. */
export const borderCorners = ['butt', 'mitre', 'square'] as const;
export type BorderCorner = (typeof borderCorners)[number];
/** How two colours of tile are laid together: the sizes of a pattern in each, squares in turn, rows in turn. */
export const tileColourings = ['sizes', 'checker', 'stripes'] as const;
export type TileColouring = (typeof tileColourings)[number];
/** What set-outs of tiles are judged by, and told as: less is better but of the narrowest cut. */
export const setOutAims = ['slivers', 'sight', 'narrowest', 'balance', 'cut', 'pieces', 'price'] as const;
export type SetOutAim = (typeof setOutAims)[number];
/** Whether a floor or wall is tiled round an item, or under and behind it. */
export const tilingWays = ['around', 'under'] as const;
export type TilingWay = (typeof tilingWays)[number];

/** The height bands a run is closed in: on the floor, hung, and from the floor to over head height. */
export const runBands = ['base', 'wall', 'tall'] as const;
export type RunBand = (typeof runBands)[number];

/** What a reach check finds that can be accepted: not what is clear. */
export const waivedVerdicts = ['blocked', 'tight', 'unjudged'] as const;
export type WaivedVerdict = (typeof waivedVerdicts)[number];
/** The reason why a finding is accepted is no longer, in letters. */
export const MOST_REASON = 400;
/** A finding's key is no longer, in letters. */
export const MOST_FINDING_KEY = 600;
/** A check is never short by more: mm², of the largest room. */
export const MOST_SHORT = 1e12;

/** Whether a limit is the least or the most that is asked for. */
export const limitSides = ['least', 'most'] as const;
export type LimitSide = (typeof limitSides)[number];
/** For what a limit is changed. */
export const limitSources = ['room', 'job', 'studio'] as const;
export type LimitSource = (typeof limitSources)[number];

/** What a person dimensions or notes on a drawing: lengths from end to end, or all from the first; an angle, a radius, a height, an area; words; what is drawn again larger. */
export const dimensionTypes = [
  'length',
  'baseline',
  'angle',
  'radius',
  'level',
  'area',
  'note',
  'detail',
] as const;
export type DimensionType = (typeof dimensionTypes)[number];
/** The ways lengths are measured on a drawing: across it, up it, or straight from the first end to the last. */
export const dimensionWays = ['across', 'up', 'aligned'] as const;
export type DimensionWay = (typeof dimensionWays)[number];
export const MOST_DIMENSION_ENDS = 40;
/** How far what is written stands off what it is of at the most, mm on paper. */
export const MOST_OFF = 500;
/** How far a detail goes from its middle, mm. */
export const LEAST_REACH = 10;
export const MOST_REACH = 3_000;
export const MOST_NOTE = 600;
/** The name of a drawing, and of a row of dimensions of it, is no longer, in letters. */
export const MOST_VIEW_NAME = 160;

/** What a drawing of the room is made of; each can be left away. */
export const viewLayers = [
  ...(['walls', 'openings', 'services', 'plinths', 'trims', 'tiles', 'tops', 'items'] as const),
  ...(['numbers', 'labels', 'levels', 'sections', 'dimensions'] as const),
] as const;
export type ViewLayer = (typeof viewLayers)[number];
/** Millimetres of the room that one on paper may be. */
export const LEAST_SCALE = 1;
export const MOST_SCALE = 200;
/** Places on paper are no farther than this from its corner, mm. */
export const MOST_PAPER = 2_000;
/** The sheets of one subject are no more. */
export const MOST_SHEETS = 99;
