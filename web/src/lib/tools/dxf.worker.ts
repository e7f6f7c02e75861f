import { dxfPicture, dxfRoom } from 'goodreach/dxf';

/** What the page asks of a DXF drawing: a picture of it, or the room it shows, with the millimetres a unit stands for where the drawing does not say. */
export type DxfQuestion = { of: 'picture'; text: string } | { of: 'room'; text: string; unit: number };

// The reader tells the console of every code that it does not know, which takes longer than the reading.
Object.assign(console, { log: () => {} });

onmessage = ({ data }: MessageEvent<DxfQuestion>) =>
  postMessage(data.of === 'picture' ? dxfPicture(data.text) : dxfRoom(data.text, data.unit));
