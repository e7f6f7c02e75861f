import { rectangle } from './rooms';
import type { Design } from '../src/document/design';
import type { DesignRecord, UnderlayRecord } from '../src/document/records';

export const underlay: UnderlayRecord = {
  ...{ kind: 'underlay', id: 'sheet', file: 'file-1', name: 'Old plan', pixelsWide: 800, pixelsHigh: 600 },
  ...{ x: 0, y: 0, turn: 0, mmPerPixel: 10, fade: 0.5, locked: false },
};

/** A room with something for every command: its ids are named for what they are. */
export function room(): Design {
  const builder = rectangle(6000, 4000);
  const named: [string, string][] = [];
  const set = (id: string, code: string, face: string, distance: number) =>
    named.push([id, builder.set(code, face, distance)]);
  const put = (id: string, code: string, x: number, y: number) =>
    named.push([id, builder.place(code, { on: 'floor', x, y, turn: 0 })]);
  set('a', 'F600', 'face-a', 100);
  set('b', 'F600', 'face-a', 700);
  set('c', 'F600', 'face-a', 1600);
  set('wall', 'U600/720', 'face-a', 700);
  put('island', 'F900', 2000, -2000);
  put('beside', 'F900', 2900, -2000);
  put('apart', 'F600', 4600, -2300);
  set('cold', 'COLD600', 'face-c', 1500);
  set('toilet', 'WC360-F', 'face-d', 1000);
  set('hung', 'WCH360', 'face-d', 2000);
  set('vanity', 'V1200-S', 'face-c', 3500);
  named.push(['window', builder.open('face-a', 'window', 4000, { width: 1000 })]);
  named.push(['door', builder.open('face-b', 'door', 500, { width: 800 })]);
  // Named as a person would: ids are free to choose.
  const ids = new Map(named.map(([name, id]) => [id, name]));
  const records = Object.fromEntries(
    Object.values({ ...builder.design.records, sheet: underlay }).map((record) => {
      const id = ids.get(record.id) ?? record.id;
      return [id, { ...record, id } as DesignRecord];
    }),
  );
  return { ...builder.design, records };
}
