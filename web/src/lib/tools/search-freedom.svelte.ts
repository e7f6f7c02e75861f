import {
  isSameLaying,
  laidIn,
  layingOf,
  MOST_JOINT,
  setOutAims,
  type Finish,
  type SetOutAim,
  type ZoneLaying,
  type ZoneRecord,
} from 'goodreach';

const KEPT = 'goodreach-set-out-aims';

/** What a search for set-outs may change of a zone, and what it judges by, the first first: the order is kept on this machine. */
export class SearchFreedom {
  aims: SetOutAim[] = $state(keptAims());
  /** Whether the joint may be a millimetre wider or narrower, and the tiles turned by a quarter. */
  joint = $state(false);
  turned = $state(false);
  /** The names of other tiles it may be laid with. */
  tiles: string[] = $state([]);
  /** The names of other zones that are set out together with it, and whether joints go on round corners then. */
  together: string[] = $state([]);
  round = $state(false);

  toJSON(): object {
    const { aims, joint, turned, tiles, together, round } = this;
    return { aims, joint, turned, tiles, together, round };
  }

  /** Moves an aim up or down the order. */
  move(aim: SetOutAim, by: -1 | 1): void {
    const from = this.aims.indexOf(aim);
    const other = this.aims[from + by];
    if (other === undefined) return;
    [this.aims[from], this.aims[from + by]] = [other, aim];
    localStorage.setItem(KEPT, JSON.stringify(this.aims));
  }

  /** Every way zones may be laid together, their own first: those that are laid as the first is stay so. */
  layingsTogether(tiles: readonly Finish[], zones: readonly ZoneRecord[]): ZoneLaying[][] {
    const [first] = zones.map(layingOf);
    return this.layings(tiles, zones[0]!).map((laying) =>
      zones.map((zone) => {
        const own = layingOf(zone);
        return isAlikeTile(own, first!) ? { ...laying, angle: own.angle + laying.angle - first!.angle } : own;
      }),
    );
  }

  /** Every way a zone may be laid, its own first. */
  layings(tiles: readonly Finish[], zone: ZoneRecord): ZoneLaying[] {
    const own = layingOf(zone);
    const others = tiles.flatMap((finish): ZoneLaying[] => {
      const laid = this.tiles.includes(finish.name) && finish.name !== zone.finish ? laidIn(finish) : null;
      if (!laid) return [];
      const { pattern: _, ...comes } = laid;
      return [{ angle: own.angle, ...comes }];
    });
    return [own, ...others].flatMap((laying) => {
      // Sheets come with their joints.
      const joints =
        this.joint && !laying.sheet ? [0, -1, -0.5, 0.5, 1].map((by) => laying.joint + by) : [laying.joint];
      const turns = this.turned ? [0, Math.PI / 2] : [0];
      return joints
        .filter((joint) => joint === laying.joint || (joint > 0 && joint <= MOST_JOINT))
        .flatMap((joint) => turns.map((by) => ({ ...laying, joint, angle: laying.angle + by })));
    });
  }
}

/** Of the same tile with the same joint, whichever way it is turned. */
const isAlikeTile = (one: ZoneLaying, { angle: _, ...other }: ZoneLaying): boolean =>
  isSameLaying(one, { ...other, angle: one.angle });

/** The order that was kept; the usual one where none was, or another list of aims. */
function keptAims(): SetOutAim[] {
  try {
    const kept = JSON.parse(localStorage.getItem(KEPT) ?? '[]') as unknown;
    const isWhole =
      Array.isArray(kept) &&
      kept.length === setOutAims.length &&
      setOutAims.every((aim) => kept.includes(aim));
    return isWhole ? (kept as SetOutAim[]) : [...setOutAims];
  } catch {
    return [...setOutAims];
  }
}
