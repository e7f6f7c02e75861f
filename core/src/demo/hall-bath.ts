import { editFaces } from '../commands/edit-faces';
import { setRoom } from '../commands/set-room';
import { setDrain } from '../commands/set-drain';
import { setInto } from '../commands/set-into';
import type { Design } from '../document/design';
import { must } from '../result';
import { makeRoom } from '../survey/make-room';
import { outlineFaces } from '../survey/outlines';
import { MM_PER_INCH } from '../units/units';
import { RoomBuilder } from './build-room';

const inches = (length: number) => length * MM_PER_INCH;

/** A bath off the hall: a tub in its alcove, a toilet between it and a 36 in vanity. */
export function hallBath(): Design {
  const made = makeRoom({
    name: 'Hall bath',
    unit: 'ft-in',
    step: inches(1 / 16),
    ceilingHeight: inches(96),
    faces: outlineFaces({ id: 'rectangle', turns: 0, mirrored: false }, [inches(97.75), inches(62)], 'ft-in'),
  });
  const builder = new RoomBuilder(must(made));
  builder.open('face-d', 'door', inches(4), { width: inches(30), swing: 'out', casing: inches(2.5) });
  builder.set('TUB60', 'face-b', inches(1));
  const vanity = builder.set('V36-S', 'face-a', 0);
  builder.run(setInto, { host: vanity, range: 'saltbox', code: 'BASINI19', ids: ['basin'] });
  builder.set('MIR3036', 'face-a', inches(3));
  const toilet = builder.set('WC20', 'face-a', inches(42));
  builder.run(setDrain, { id: toilet, side: 'left', distance: inches(15.875) });
  builder.run(setDrain, { id: toilet, side: 'behind', distance: inches(12) });
  builder.set('RAIL24', 'face-c', inches(40));
  builder.place('RUG48', { on: 'floor', x: inches(30), y: -inches(29), turn: 0 });
  builder.stand('From the door', { x: inches(11), y: -inches(52) }, 0.5);
  builder.light([[inches(49), -inches(31)]]);
  builder.run(setRoom, {
    splashHeight: inches(4),
    doorStyle: 'grooved',
    handleStyle: 'knob',
    frontFinish: 'Kelp',
    handleFinish: 'Pewter',
    topFinish: 'Shell',
    floorFinish: 'Groyne',
    wallFinish: 'Chalk',
    dressingFinish: 'Hemp',
  });
  builder.run(editFaces, { faces: ['face-b'], change: { finish: 'Samphire' } });
  const size = { w: inches(24), h: inches(12) };
  const bond = { pattern: { type: 'running', offset: { n: 1, d: 3 } }, tile: size } as const;
  builder.tile(null, 'Marram', { ...bond, joint: inches(1 / 8), threshold: inches(4.5) });
  builder.tile('face-b', 'Samphire', { name: 'Tub surround' });
  return builder.design;
}
