import { describe, expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { editItems } from '../commands/edit-items';
import { putOpening, usualOpening } from '../commands/put-opening';
import type { RoomBuilder } from '../demo/build-room';
import { roomShape } from '../survey/room-shape';
import { edgesOnFace, faceSegments, nothingTaken, type TakenEnds } from './face-segments';
import type { EndFillers } from './request';

const filler = (least: number, most = 300, optional = false) => ({ least, most, optional });
const ends: EndFillers = { wall: filler(30), corner: filler(50, 200, true), tall: filler(5) };
const any = filler(0, Infinity);
const band = { depth: 560, low: 0, high: 870 };
const faceOf = ({ design }: RoomBuilder, letter: string) =>
  roomShape(design).faces.find((face) => face.letter === letter)!;
const segments = (builder: RoomBuilder, letter = 'A', taken: Partial<TakenEnds> = {}, own = ends) =>
  faceSegments(builder.design, faceOf(builder, letter), band, own, { ...nothingTaken, ...taken });

describe('the segments of a face', () => {
  it('lie between what stays: with a wall’s filler at walls, any beside cabinets, a tall one’s beside what is higher', () => {
    const builder = rectangle(5000, 4000);
    expect(segments(builder)).toEqual([
      { from: 0, to: 5000, left: ends.wall, right: ends.wall, slackAt: ['both', 'left', 'right'] },
    ]);
    builder.set('F600', 'face-a', 1000);
    builder.set('COLD600', 'face-a', 3000);
    expect(segments(builder)).toEqual([
      { from: 0, to: 1000, left: ends.wall, right: any, slackAt: ['left'] },
      { from: 1600, to: 3000, left: any, right: ends.tall, slackAt: ['left', 'right'] },
      { from: 3600, to: 5000, left: ends.tall, right: ends.wall, slackAt: ['right'] },
    ]);
  });

  it('know what is tall to the millimetre', () => {
    const high = (height: number) => {
      const builder = rectangle(5000, 4000);
      const id = builder.set('COUNTER', 'face-a', 1000);
      builder.run(editItems, { ids: [id], change: { height } });
      return segments(builder)[0]!.right;
    };
    expect([high(869), high(871), high(871.1)]).toEqual([any, any, ends.tall]);
  });

  it('end at an opening with any filler, built as a wall is', () => {
    const builder = rectangle(5000, 4000);
    builder.run(putOpening, { ...usualOpening('d', 'face-a', 'door', 2000, 'mm'), swing: 'out' });
    expect(segments(builder)).toEqual([
      { from: 0, to: 2000, left: ends.wall, right: any, slackAt: ['both', 'left', 'right'] },
      { from: 2800, to: 5000, left: any, right: ends.wall, slackAt: ['both', 'left', 'right'] },
    ]);
  });

  it('stand off the run round a corner as far as its fronts stand proud, and the filler', () => {
    const builder = rectangle(5000, 4000);
    builder.set('F900', 'face-b', 0);
    const [one] = segments(builder);
    expect(one).toEqual({
      ...{ from: 0, to: 4440, left: ends.wall, right: filler(70, 220, true) },
      slackAt: ['both', 'left', 'right'],
    });
    const none = { ...ends, corner: filler(0, 0) };
    expect(segments(builder, 'A', {}, none)[0]!.right).toEqual(filler(0, 0));
    expect(segments(builder, 'A', {}, none)[0]!.slackAt).toEqual(['both', 'left', 'right']);
    // What has no front does not stand proud.
    const bare = rectangle(5000, 4000);
    bare.set('COUNTER', 'face-b', 0);
    expect(segments(bare)[0]!.right).toEqual(ends.corner);
    // A cabinet with legs along both walls closes the corner itself.
    const legged = rectangle(5000, 4000);
    legged.set('F900-L', 'face-a', 4100);
    expect(segments(legged, 'B')[0]).toMatchObject({ from: 900, left: any, slackAt: ['right'] });
  });

  it('leave what corner cabinets take of their ends; a corner that is filled has its filler', () => {
    const builder = rectangle(5000, 4000);
    expect(segments(builder, 'A', { left: 900, leftCorner: true })).toEqual([
      { from: 900, to: 5000, left: any, right: ends.wall, slackAt: ['right'] },
    ]);
    expect(segments(builder, 'A', { right: 630, rightCorner: true })).toEqual([
      { from: 0, to: 4370, left: ends.wall, right: any, slackAt: ['left'] },
    ]);
    // Taken, but by no corner cabinet; or not up to there, as something stands before it.
    expect(segments(builder, 'A', { left: 900 })[0]).toMatchObject({ from: 900, left: ends.wall });
    builder.set('COLD600', 'face-a', 600);
    builder.set('COLD600', 'face-a', 3800);
    const both = { left: 900, leftCorner: true, right: 900, rightCorner: true };
    expect(segments(builder, 'A', both)).toEqual([
      { from: 1200, to: 3800, left: ends.tall, right: ends.tall, slackAt: ['left', 'right'] },
    ]);
  });

  it('are at least a millimetre long', () => {
    const length = (right: number) => segments(rectangle(5000, 4000), 'A', { right }).length;
    expect([length(4998.9), length(4999), length(4999.1)]).toEqual([1, 1, 0]);
  });
});

describe('the edges of a face', () => {
  it('are of what stands, and of what hangs, each once and sorted', () => {
    const builder = rectangle(5000, 4000);
    builder.set('F900', 'face-a', 1600);
    builder.set('F600', 'face-a', 1000);
    builder.set('U900/720', 'face-a', 2000);
    builder.set('U600/720', 'face-a', 200);
    const face = faceOf(builder, 'A');
    const standing = [1000, 1600, 2500];
    const hanging = [200, 800, 2000, 2900];
    expect(edgesOnFace(builder.design, face, 'base')).toEqual({ own: standing, other: hanging });
    expect(edgesOnFace(builder.design, face, 'tall')).toEqual({ own: standing, other: hanging });
    expect(edgesOnFace(builder.design, face, 'wall')).toEqual({ own: hanging, other: standing });
  });
});
