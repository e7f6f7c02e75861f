import { dxfPicture, dxfProfile, dxfRoom } from 'goodreach/dxf';

/** What the page asks of a DXF drawing: a picture of it, or the room or cross section it shows, with the millimetres a unit stands for where the drawing does not say. */
export type DxfQuestion =
  { of: 'picture'; text: string } | { of: 'profile' | 'room'; text: string; unit: number };

// The reader tells the console of every code that it does not know, which takes longer than the reading.
Object.assign(console, { log: () => {} });

onmessage = ({ data }: MessageEvent<DxfQuestion>) =>
  postMessage(
    data.of === 'picture'
      ? dxfPicture(data.text)
      : (data.of === 'room' ? dxfRoom : dxfProfile)(data.text, data.unit),
  );
