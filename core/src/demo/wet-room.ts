import { setRoom } from '../commands/set-room';
import { concealCistern, usualLining } from '../commands/conceal-cistern';
import { leaveOpen } from '../commands/leave-open';
import { setDrain } from '../commands/set-drain';
import { setInto } from '../commands/set-into';
import type { Design } from '../document/design';
import { must } from '../result';
import { makeRoom } from '../survey/make-room';
import { outlineFaces } from '../survey/outlines';
import { RoomBuilder } from './build-room';

/** A wet room without a tray: a toilet on a lined wall, a vanity that hangs, a bench and a niche in the shower behind fixed glass. */
export function wetRoom(): Design {
  const made = makeRoom({
    name: 'Wet room',
    unit: 'mm',
    step: 1,
    ceilingHeight: 2350,
    faces: outlineFaces({ id: 'rectangle', turns: 0, mirrored: false }, [2310, 1940], 'mm'),
  });
  const builder = new RoomBuilder(must(made));
  builder.open('face-c', 'door', 1000, { width: 800, swing: 'out' });
  builder.open('face-b', 'niche', 500, { width: 400, height: 300, sill: 1150, depth: 90 });
  builder.open('face-d', 'window', 1100, { width: 500, height: 600, sill: 1450 });
  const vanity = builder.set('V800-H', 'face-a', 60);
  builder.run(leaveOpen, { id: 'open', face: 'face-a', at: 30 });
  builder.run(setInto, { host: vanity, range: 'fathom', code: 'BASINI500', ids: ['basin'] });
  builder.set('MIR800/800', 'face-a', 60);
  const toilet = builder.set('WCH360', 'face-d', 400);
  builder.run(concealCistern, { id: toilet, fixed: 'lining', ...usualLining(builder.design) });
  builder.run(setDrain, { id: toilet, side: 'left', distance: 600 });
  builder.set('ROLL150', 'face-d', 950);
  builder.set('WET1200', 'face-b', 0);
  builder.place('GLASS900', { on: 'floor', x: 1410, y: -1200, turn: 0 });
  builder.set('BENCH1000', 'face-a', 1310);
  builder.set('GRAB450', 'face-b', 620);
  builder.set('RAIL450', 'face-c', 450);
  builder.stand('From the door', { x: 2_050, y: -1_700 }, 2.45);
  builder.light([[1_155, -970]]);
  builder.run(setRoom, {
    frontFinish: 'Drift oak',
    topFinish: 'Shell',
    floorFinish: 'Pebbleback',
    wallFinish: 'Samphire',
  });
  const hexagons = { pattern: { type: 'hexagon' }, tile: { w: 98, h: 98 } } as const;
  builder.tile(null, 'Pebbleback', { ...hexagons, origin: { x: 1_198.5, y: -970.5 }, name: 'Wet floor' });
  builder.tile('face-d', 'Groyne', { name: 'Planks round the window' });
  builder.tile('face-b', 'Samphire', { name: 'Shower wall' });
  builder.tileHoles('face-b');
  return builder.design;
}
