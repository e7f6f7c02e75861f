import type { Design } from '../document/design';
import type { ItemRecord } from '../document/records';
import { itemOf } from '../commands/set-item';
import { constructionOf } from '../ranges/construction';
import { kindOf } from '../ranges/kinds';
import type { Range, ShelfItem } from '../ranges/range';
import { shelfOf } from '../ranges/shelf';
import { place, type Point } from '../geometry/point';
import type { ItemBox } from '../setting/item-box';
import { findBox } from '../setting/item-box';
import { standing } from '../setting/shift-item';
import { quantise } from '../units/units';
import type { FillProblem, Filling } from './fill-problem';
import type { ProposalRequest } from './request';

/** A free-standing block turned into a run between end panels, or two back to back; a single run gets a back. */
export class IslandLine {
  private readonly box: ItemBox;
  private readonly panel: number;
  private readonly rows: number;

  constructor(
    design: Design,
    private readonly request: ProposalRequest & { island: string },
    private readonly range: Range,
    private readonly pieces: readonly ShelfItem[],
    private readonly filler: ShelfItem,
  ) {
    this.box = findBox(design, request.island)!;
    this.panel = constructionOf(range)?.panel ?? 0;
    this.rows = this.box.record.depth >= 2 * pieces[0]!.depth - 1 ? 2 : 1;
  }

  /** One row: both rows of an island are filled alike. Both its ends are finished with panels. */
  problem(): FillProblem {
    const { width } = this.box.record;
    const [from, to] = [this.panel, width - this.panel];
    const any = { least: 0, most: Infinity, optional: false };
    return {
      pieces: this.pieces.map(({ code, width, price }) => ({ code, width, price })),
      segments: [{ from, to, left: any, right: any, slackAt: ['both', 'left', 'right'] }],
      joints: [],
      centre: this.request.centre && { at: width / 2, from: 0, to: width },
      aligned: [],
      loose: [],
      filler: { ...kindOf(this.filler.type).trim!, scribed: false },
      decided: { filler: 0, widths: [], price: 0 },
    };
  }

  itemsOf({ segments }: Filling, newId: () => string): ItemRecord[] {
    const { record } = this.box;
    const [piece] = this.pieces;
    const deep = piece!.depth;
    const items: ItemRecord[] = [];
    const part = (type: string) => shelfOf(this.range.id, [this.range]).find((one) => one.type === type);
    const [endPanel, backPanel] = [part('end-panel'), part('back-panel')];
    const back = this.rows === 1 && backPanel && record.depth >= deep + this.panel ? this.panel : 0;
    const all = this.rows * deep + back;
    const front = record.depth;
    for (let row = 0; row < this.rows; row++) {
      let at = this.panel;
      // The second row turns its back to the first, and is filled from the other end.
      const set = (item: ShelfItem) => {
        const along = row === 0 ? at : record.width - at;
        items.push(this.standing(item, along, front - deep, row === 1, newId()));
        at += item.width;
      };
      const { left, pieces, right } = segments[0]!;
      const strip = (width: number) => {
        if (width >= kindOf(this.filler.type).trim!.least)
          set({ ...this.filler, width: quantise(width), depth: deep, height: piece!.height, up: piece!.up });
        else at += width;
      };
      strip(left);
      for (const index of pieces) set(this.pieces[index]!);
      strip(right);
    }
    if (back > 0) {
      const made = {
        ...backPanel!,
        width: quantise(record.width - 2 * this.panel),
        depth: back,
        height: piece!.height,
      };
      items.push(this.standing(made, this.panel, front - deep - back, false, newId()));
    }
    if (endPanel)
      for (const along of [0, record.width - this.panel]) {
        const made = { ...endPanel, width: this.panel, depth: quantise(all), height: piece!.height };
        items.push(this.standing(made, along, front - all, false, newId()));
      }
    return items;
  }

  /** An item so far along the block from its back left corner and off its back; turned round it faces the block's back. */
  private standing(item: ShelfItem, along: number, out: number, turned: boolean, id: string): ItemRecord {
    const { origin, u, n, turn } = this.box;
    const corner: Point = place(origin, u, along, n, out);
    return itemOf(id, item, standing(corner, turned ? turn + Math.PI : turn));
  }
}
