import type { Finish, Figure } from './finishes';

/** A painted finish: plain, with a hint of the brush. */
const paint = (code: string, name: string, colour: string, rough = 0.52): Finish => ({
  ...{ code, name, of: 'paint', colour, rough, long: 400 },
  figure: { type: 'plain' },
});
const timber = (code: string, name: string, colour: string, figure: Figure, rough = 0.55): Finish => ({
  ...{ code, name, of: 'timber', colour, rough, figure, long: 600, grain: true },
});
const stone = (code: string, name: string, colour: string, rough: number, figure: Figure): Finish => ({
  ...{ code, name, of: 'stone', colour, rough, figure, long: 900 },
});
const metal = (code: string, name: string, colour: string, rough: number, shine = 0.75): Finish => ({
  ...{ code, name, of: 'metal', colour, rough, metal: shine, long: 200 },
  figure: { type: 'brushed' },
});
const fabric = (code: string, name: string, colour: string, dark: string): Finish => ({
  ...{ code, name, of: 'fabric', colour, rough: 0.95, long: 120 },
  figure: { type: 'weave', dark },
});
const tile = (
  code: string,
  name: string,
  {
    colour,
    rough,
    grout,
    size,
    joint = 3,
    offset = 0,
    figure = { type: 'clouds', depth: 0.06 },
  }: {
    colour: string;
    rough: number;
    grout: string;
    size: readonly [long: number, high: number];
    joint?: number;
    offset?: number;
    figure?: Figure;
  },
): Finish => ({
  ...{ code, name, of: 'tile', colour, rough, figure, long: 1_100 },
  ...(figure.type === 'grain' && { grain: true }),
  tile: { long: size[0], high: size[1], joint, offset, grout },
});

/** Every finish of ours, by their codes. */
export const finishLibrary: readonly Finish[] = [
  paint('P1', 'Chalk', '#ece7da', 0.55),
  paint('P2', 'Kelp', '#4d675b', 0.5),
  paint('P3', 'Cuttle', '#f1eee6'),
  paint('P4', 'Clay pipe', '#e0d6c2'),
  paint('P5', 'Oyster', '#cfc8b8'),
  paint('P6', 'Fog', '#c3c9c6'),
  paint('P7', 'Gull', '#969d9e'),
  paint('P8', 'Slatewater', '#5d6d78'),
  paint('P9', 'Harbour', '#2f455a'),
  paint('P10', 'Pilchard', '#7f99a8'),
  paint('P11', 'Marlin', '#23434c'),
  paint('P12', 'Lichen', '#a7aa82'),
  paint('P13', 'Dune', '#b9a684'),
  paint('P14', 'Sea lavender', '#8f88a3'),
  paint('P15', 'Thrift', '#c6948c'),
  paint('P16', 'Buoy', '#a5432f'),
  paint('P17', 'Soot', '#2d3031'),
  timber('T1', 'Drift oak', '#c4a67f', { type: 'grain', cut: 'crown', dark: '#a5835a', rings: 22 }),
  timber('T2', 'Tarred pine', '#453b33', { type: 'grain', cut: 'rustic', dark: '#2c251f', rings: 18 }, 0.6),
  timber('T3', 'Wharf oak', '#b48750', { type: 'grain', cut: 'crown', dark: '#8c6233', rings: 20 }),
  timber('T4', 'Pale ash', '#d8c5a4', { type: 'grain', cut: 'straight', dark: '#bda47b', rings: 34 }),
  timber('T5', 'Keel walnut', '#6d4c36', { type: 'grain', cut: 'crown', dark: '#452c1d', rings: 24 }, 0.5),
  timber('T6', 'Smoked larch', '#5a4a3c', { type: 'grain', cut: 'straight', dark: '#3b2f25', rings: 30 }),
  timber('T7', 'Spar cherry', '#a3643f', { type: 'grain', cut: 'straight', dark: '#854a2a', rings: 26 }, 0.5),
  timber('T8', 'Salt pine', '#d0bd98', { type: 'grain', cut: 'rustic', dark: '#b18f5f', rings: 14 }),
  timber('T9', 'Estuary elm', '#a98761', { type: 'grain', cut: 'rustic', dark: '#7f5f3f', rings: 20 }),
  timber('T10', 'Birch board', '#dcc8a3', { type: 'grain', cut: 'straight', dark: '#cbb186', rings: 12 }),
  stone('S1', 'Shell', '#dcd8cf', 0.3, { type: 'specks', of: ['#8f897d', '#fbfaf6', '#b9b3a5'], size: 7 }),
  stone('S2', 'Skerry', '#4c504f', 0.3, { type: 'specks', of: ['#2e3131', '#7d8180', '#5f6463'], size: 6 }),
  stone('S3', 'Foam', '#e9e7e2', 0.22, { type: 'veins', vein: '#8d9092', spread: 420, bold: 0.5 }),
  stone('S4', 'Undertow', '#2b2f31', 0.22, { type: 'veins', vein: '#c9c5ba', spread: 520, bold: 0.35 }),
  stone('S5', 'Limpet', '#a79f92', 0.28, { type: 'specks', of: ['#5d5850', '#dcd4c4', '#8c6f5a'], size: 11 }),
  stone('S6', 'Barnacle', '#d9d5cc', 0.35, {
    type: 'chips',
    of: ['#8d8a84', '#b99f84', '#6d7676', '#f4f1ea'],
    size: 26,
  }),
  stone('S7', 'Shingle', '#5c5f5e', 0.35, {
    type: 'chips',
    of: ['#8f8f8b', '#3d4140', '#a3927e', '#767b7b'],
    size: 34,
  }),
  stone('S8', 'Breakwater', '#a6a39b', 0.6, { type: 'clouds', depth: 0.13 }),
  stone('S9', 'Ledge slate', '#474b4d', 0.65, { type: 'layers', dark: '#35393b' }),
  stone('S10', 'Sandbar', '#cbb999', 0.55, { type: 'layers', dark: '#b8a27d' }),
  tile('PT1', 'Marram', { colour: '#c3b8a3', rough: 0.5, grout: '#8f8574', size: [600, 300] }),
  tile('PT2', 'Groyne', {
    ...{ colour: '#a08a70', rough: 0.55, grout: '#5f5243', size: [900, 150], joint: 2, offset: 1 / 3 },
    figure: { type: 'grain', cut: 'straight', dark: '#826c53', rings: 22 },
  }),
  tile('PT3', 'Samphire', {
    ...{ colour: '#8fa78f', rough: 0.22, grout: '#e3ded2', size: [150, 75], joint: 2, offset: 1 / 2 },
  }),
  tile('PT4', 'Pebbleback', { colour: '#d3cec2', rough: 0.4, grout: '#9a9486', size: [48, 48] }),
  tile('PT5', 'Brine', { colour: '#4f7488', rough: 0.2, grout: '#d9d6cc', size: [100, 100], joint: 2 }),
  tile('PT6', 'Winkle', {
    ...{ colour: '#eceae2', rough: 0.2, grout: '#bdb9ae', size: [200, 65], joint: 2, offset: 1 / 2 },
  }),
  tile('PT7', 'Jetty', {
    ...{ colour: '#5b5c5a', rough: 0.55, grout: '#3f403f', size: [600, 600] },
    figure: { type: 'clouds', depth: 0.1 },
  }),
  tile('PT8', 'Cockle', {
    ...{ colour: '#b5764f', rough: 0.65, grout: '#d6c5ae', size: [300, 300], joint: 5 },
    figure: { type: 'clouds', depth: 0.14 },
  }),
  {
    ...{ code: 'L1', name: 'Sailcloth', of: 'laminate', colour: '#d8d2c4', rough: 0.5, long: 120 },
    figure: { type: 'weave', dark: '#c2baa8' },
  },
  {
    ...{ code: 'L2', name: 'Oilskin', of: 'laminate', colour: '#4a4f4c', rough: 0.45, long: 120 },
    figure: { type: 'weave', dark: '#3c413e' },
  },
  {
    ...{ code: 'L3', name: 'Board white', of: 'laminate', colour: '#efede7', rough: 0.6, long: 400 },
    figure: { type: 'plain' },
  },
  {
    ...{ code: 'L4', name: 'Hull grey', of: 'laminate', colour: '#8c8f8d', rough: 0.55, long: 400 },
    figure: { type: 'plain' },
  },
  metal('M1', 'Burnished brass', '#a88f5f', 0.34),
  metal('M2', 'Brushed steel', '#b4b6b5', 0.34),
  metal('M3', 'Anchor black', '#262829', 0.45, 0.3),
  metal('M4', 'Pewter', '#7d7b76', 0.35),
  metal('M5', 'Old copper', '#a56a4c', 0.34),
  fabric('F1', 'Sailweave', '#e2dccd', '#cfc8b6'),
  fabric('F2', 'Hemp', '#b9a685', '#a08d6c'),
  fabric('F3', 'Netting', '#8d9a92', '#78857d'),
  fabric('F4', 'Fender blue', '#3f5870', '#334a60'),
  fabric('F5', 'Barge red', '#93463a', '#7d392f'),
  fabric('F6', 'Moss felt', '#5f6a48', '#525c3d'),
  fabric('F7', 'Tar cloth', '#3a3b3a', '#2e2f2e'),
];
