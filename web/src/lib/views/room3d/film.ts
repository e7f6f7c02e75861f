import type { FilmFrame } from 'goodreach';
import { BufferTarget, CanvasSource, Output, WebMOutputFormat } from 'mediabunny';
import type { RoomStage } from './room-stage';

/** Pictures a second, and their size, pixels. */
export const FILM_RATE = 12;
const WIDE = 1_280;
const HIGH = 720;
const BITS = 4_000_000;

/** A walk as a WebM film, drawn picture by picture however long each takes, the page alive between them. `told` hears how much is done, 0 to 1, and stops it by answering false. */
export async function film(
  stage: RoomStage,
  frames: readonly FilmFrame[],
  told: (done: number) => boolean,
): Promise<Blob | null> {
  const target = new BufferTarget();
  const output = new Output({ format: new WebMOutputFormat(), target });
  const source = new CanvasSource(stage.canvas, { codec: 'vp8', bitrate: BITS });
  output.addVideoTrack(source, { frameRate: FILM_RATE });
  const { stand } = stage;
  const before = { at: stand.at, turn: stand.turn, nod: stand.nod, eye: stand.eye };
  try {
    await output.start();
    for (const [index, { at, turn, nod, eye }] of frames.entries()) {
      stand.eye = eye;
      stand.stand(at, turn, nod);
      const share = (within: number) => told((index + within) / frames.length);
      const drawn = await stage.frame(WIDE, HIGH, share);
      if (drawn) await source.add(index / FILM_RATE, 1 / FILM_RATE);
      if (!drawn || !share(1)) {
        await output.cancel();
        return null;
      }
    }
    await output.finalize();
  } finally {
    stand.eye = before.eye;
    stand.stand(before.at, before.turn, before.nod);
    stage.settle();
  }
  return target.buffer && new Blob([target.buffer], { type: 'video/webm' });
}
