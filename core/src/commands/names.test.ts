import { expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { applyPatch, patchOf } from '../document/patch';
import { acceptDesign } from '../exports/design-json';
import { must, type Result } from '../result';
import { refusalText } from '../wording/refusal-text';
import { putDivider } from './put-divider';
import { putStandpoint } from './put-standpoint';
import { setRoom } from './set-room';

const sentence = (result: Result<unknown>) => (result.ok ? '' : refusalText(result.refusal));

it('refuses names of nothing but blanks, in edits and in files; what is new has a name of its own', () => {
  const builder = rectangle();
  const { design } = builder;
  expect(sentence(setRoom.run(design, { name: ' \t ' }))).toBe(
    'The room needs a name. Type one, or leave it as it was.',
  );
  const file = { ...design, records: { ...design.records, room: { ...design.records['room'], name: '  ' } } };
  expect(sentence(acceptDesign(file))).toContain('records.room.name');
  const point = {
    kind: 'standpoint',
    id: 'p',
    name: ' ',
    x: 1000,
    y: -1000,
    eye: 1600,
    turn: 0,
    nod: 0,
  } as const;
  builder.run(putStandpoint, point);
  expect(builder.design.records['p']).toMatchObject({ name: 'Standpoint' });
  expect(sentence(putStandpoint.run(builder.design, point))).toContain('A standpoint needs a name');
  const divider = {
    ...({ kind: 'divider', id: 'd', name: '', side: 'left' } as const),
    from: { face: 'face-a', from: 'left', distance: 1500 } as const,
    to: { face: 'face-c', from: 'right', distance: 1500 } as const,
  };
  builder.run(putDivider, divider);
  expect(sentence(putDivider.run(builder.design, divider))).toContain('A part needs a name');
});

it('prints limits as they are, whatever the job rounds to', () => {
  const { design } = rectangle();
  expect(sentence(setRoom.run(design, { lengthUncertainty: 0.004 }))).toBe(
    'The uncertainty can’t be 0.004 mm. Give a length from 0.01 mm to 100 mm.',
  );
  const style = { unit: 'in', step: 25.4 / 16 } as const;
  const refused = setRoom.run(design, { topThickness: 0.5 });
  expect(refused.ok ? '' : refusalText(refused.refusal, style)).toBe(
    'The top thickness can’t be 0.5 mm. Give a length from 3 mm to 150 mm.',
  );
  // A limit that is a whole number of the job's steps is said in its unit.
  const whole = must(applyPatch(design, patchOf(design, [])));
  const eye = putStandpoint.run(whole, {
    ...{ kind: 'standpoint', id: 'p', name: 'P', x: 1, y: -1, turn: 0, nod: 0 },
    eye: 25.4,
  });
  expect(eye.ok ? '' : refusalText(eye.refusal, style)).toContain('can’t be 1"');
});
