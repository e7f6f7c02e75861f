import { execute, type Command } from '../commands/command';
import { setItem } from '../commands/set-item';
import { putOpening, usualOpening } from '../commands/put-opening';
import { putService } from '../commands/put-service';
import { putStandpoint } from '../commands/put-standpoint';
import { putZone } from '../commands/put-zone';
import { putZones } from '../commands/put-zones';
import { roomOf, type Design } from '../document/design';
import type { OpeningRecord, Placement, ZoneRecord } from '../document/records';
import type { Point } from '../geometry/point';
import { must } from '../result';
import { findBox } from '../setting/item-box';
import { finishNamed } from '../surfaces/finishes';
import { projectOn } from '../survey/placed-face';
import { revealsOf } from '../tile/zones/reveals';
import { laidIn, usualZone, wellSetOut } from '../tile/zones/usual-zone';

/** Runs a command that must succeed and gives the design after it. */
export function after<Args>(design: Design, command: Command<Args>, args: Args): Design {
  return must(execute(command, design, args)).design;
}

/** Builds up a room by commands, with ids counted from one. */
export class RoomBuilder {
  private count = 0;
  constructor(public design: Design) {}

  private id(kind: string): string {
    this.count += 1;
    return `${kind}-${this.count}`;
  }

  /** Sets an item of the room's range against a face, its left end at a distance from the face's left end, mm. */
  set(code: string, face: string, distance: number): string {
    return this.place(code, { on: 'face', face, from: 'left', distance, off: 0 });
  }

  /** Sets an item anywhere. */
  place(code: string, placement: Placement): string {
    const id = this.id('item');
    this.design = after(this.design, setItem, { id, range: roomOf(this.design).range, code, placement });
    return id;
  }

  /** Adds an opening with the usual sizes of its type unless given. */
  open(
    face: string,
    type: OpeningRecord['type'],
    distance: number,
    change: Partial<OpeningRecord> = {},
  ): string {
    const id = this.id('opening');
    const usual = usualOpening(id, face, type, distance, roomOf(this.design).unit);
    const record: OpeningRecord = { ...usual, ...change };
    if (change.from && !change.to) record.to = change.from;
    this.design = after(this.design, putOpening, record);
    return id;
  }

  /** Keeps a place to look from, at eye height. */
  stand(name: string, { x, y }: Point, turn: number): void {
    const id = this.id('standpoint');
    this.run(putStandpoint, { kind: 'standpoint', id, name, x, y, eye: 1_600, turn, nod: -0.16 });
  }

  /** Hangs lights at the ceiling at these places, and under these items. */
  light(ceiling: readonly (readonly [number, number])[], under: readonly string[] = []): void {
    const put = (up: number, placement: Placement) =>
      this.run(putService, { kind: 'service', id: this.id('light'), type: 'light', up, placement });
    for (const [x, y] of ceiling) put(roomOf(this.design).ceilingHeight, { on: 'floor', x, y, turn: 0 });
    for (const id of under) {
      const { against, origin, u, low, record } = findBox(this.design, id)!;
      const { face } = against!;
      const middle = { x: origin.x + (u.x * record.width) / 2, y: origin.y + (u.y * record.width) / 2 };
      const distance = projectOn(face, middle).along;
      put(low - 60, { on: 'face', face: face.id, from: 'left', distance, off: 0 });
    }
  }

  /** Tiles the floor (null), or a face, with a tile by its name, set out as well as can be where no origin is given. */
  tile(face: string | null, finish: string, change: Partial<ZoneRecord> = {}): void {
    const id = this.id('zone');
    const { corners } = change;
    const usual = usualZone(this.design, { id, face, ...(corners && { corners }) });
    const zone = { ...usual, ...laidIn(finishNamed(this.design, finish)!), ...change };
    this.run(putZone, change.origin ? zone : wellSetOut(this.design, zone));
  }

  /** Tiles all sides of the holes of a face, as it is. */
  tileHoles(face: string): void {
    const sides = revealsOf(this.design).filter(({ opening }) => opening.face.id === face);
    const zones = sides.map(({ opening, side }) => {
      const inside = { opening: opening.record.id, side };
      return usualZone(this.design, { id: this.id('zone'), face, inside });
    });
    this.run(putZones, { zones });
  }

  run<Args>(command: Command<Args>, args: Args): void {
    this.design = after(this.design, command, args);
  }
}
