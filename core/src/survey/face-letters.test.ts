import { describe, expect, it } from 'vitest';
import { cornerName, faceLetter, isLetterBefore, lettersOf, loopOfFaces, placeName } from './face-letters';
import { makeRoom } from './make-room';
import { outlineFaces } from './outlines';
import { loopOf, recordOf, roomOf } from '../document/design';
import { must } from '../result';
import { refusalText } from '../wording/refusal-text';

describe('letters of faces', () => {
  it('go on after Z with AA', () => {
    expect([0, 25, 26, 27, 51, 52, 701, 702].map(faceLetter)).toEqual([
      'A',
      'Z',
      'AA',
      'AB',
      'AZ',
      'BA',
      'ZZ',
      'AAA',
    ]);
  });

  it('come one before the other as they are given', () => {
    expect(isLetterBefore('B', 'C')).toBe(true);
    expect(isLetterBefore('C', 'B')).toBe(false);
    expect(isLetterBefore('B', 'B')).toBe(false);
    expect(isLetterBefore('Z', 'AA')).toBe(true);
    expect(isLetterBefore('AA', 'Z')).toBe(false);
    expect(isLetterBefore('AA', 'AB')).toBe(true);
  });

  it('stay with their faces; new ones have the first that are free, kept only where they are not A, B, C', () => {
    const loop = { kind: 'loop', id: 'loop', faces: ['p', 'q', 'r'] } as const;
    const before = { ...loop, faces: [...loop.faces] };
    expect(lettersOf(before)).toEqual(['A', 'B', 'C']);
    expect(loopOfFaces(before, ['p', 'q', 'r'])).toEqual(before);
    const more = loopOfFaces(before, ['p', 'new', 'q', 'r', 'other']);
    expect(more.letters).toEqual(['A', 'D', 'B', 'C', 'E']);
    expect(lettersOf(loopOfFaces(more, ['new', 'q', 'r']))).toEqual(['D', 'B', 'C']);
    expect(lettersOf(loopOfFaces(more, ['fresh', 'q', 'r']))).toEqual(['A', 'B', 'C']);
    expect(loopOfFaces(more, ['fresh', 'q', 'r']).letters).toBeUndefined();
  });

  it('name a corner by the faces that meet in it, a place on a face by that face', () => {
    const letters = ['A', 'B', 'C', 'D'];
    expect([0, 1, 3, 4].map((index) => cornerName(index, letters))).toEqual(['D/A', 'A/B', 'C/D', 'D/A']);
    const name = (face: number, from: 'left' | 'right', distance: number) =>
      placeName({ face, from, distance }, letters);
    expect([name(1, 'left', 0), name(1, 'right', 0), name(3, 'right', 0), name(2, 'left', 5)]).toEqual([
      'A/B',
      'B/C',
      'D/A',
      'face C',
    ]);
  });
});

describe('a new room', () => {
  const faces = outlineFaces({ id: 'rectangle', turns: 0, mirrored: false }, [4000, 3000], 'mm');
  const made = { name: '  Back kitchen ', unit: 'mm', step: 1, ceilingHeight: 2400, faces } as const;

  it('has the name, range and widths it was given, or none', () => {
    const room = roomOf(must(makeRoom({ ...made, range: 'quarry', specials: true })));
    expect(room).toMatchObject({ id: 'room', name: 'Back kitchen', range: 'quarry', specials: true });
    const plain = roomOf(must(makeRoom({ ...made, name: ' ' })));
    expect([plain.name, plain.range, 'specials' in plain]).toEqual(['Room', 'fathom', false]);
    expect(loopOf(must(makeRoom(made))).id).toBe('loop');
  });

  it('has its faces bent as they were walked', () => {
    const bent = must(
      makeRoom({ ...made, faces: faces.map((face, i) => (i === 1 ? { ...face, bend: 120 } : face)) }),
    );
    expect(recordOf(bent, 'face', 'face-b')!.bend).toBe(120);
    expect('bend' in recordOf(bent, 'face', 'face-a')!).toBe(false);
  });

  it('says which measure is none', () => {
    const refused = (change: object) => {
      const room = makeRoom({ ...made, ...change });
      return room.ok ? '' : refusalText(room.refusal);
    };
    expect(refused({ ceilingHeight: 10 })).toContain('The ceiling height');
    expect(refused({ faces: faces.map((face, i) => (i === 2 ? { ...face, length: 10 } : face)) })).toContain(
      'Face C',
    );
  });
});
