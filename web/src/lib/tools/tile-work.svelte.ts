import {
  borderOf,
  centralOrigin,
  fallsOf,
  FLOOR_KEY,
  findZone,
  isSameLaying,
  jointAlong,
  laidAs,
  layingOf,
  layTile,
  layZone,
  movementJoints,
  onMap,
  refusalText,
  regionApart,
  revealKey,
  revealsOf,
  setOutZone,
  setOutZones,
  sharedLines,
  sharedWith,
  sideKey,
  sightEdges,
  tiledZone,
  thingSides,
  tilePrice,
  zoneAreas,
  type BegunZone,
  type Falls,
  type Finish,
  type FinishRecord,
  type LaidZone,
  type MovementJoint,
  type NoFalls,
  type OffsetMap,
  type Point,
  type Result,
  type Reveal,
  type SetOut,
  type SetOutCurves,
  type SetOuts,
  type ThingSide,
  type ZoneArea,
  type ZonePlace,
  type ZoneRecord,
  type ZoneWish,
} from 'goodreach';
import { untrack } from 'svelte';
import type { DesignSession } from '../session/design-session.svelte';
import type { ScreenState } from '../session/screen.svelte';
import type { Workspace } from './context';
import type { StudioFinishes } from '../session/studio-finishes.svelte';
import { ZoneDraw } from './draw-zone.svelte';
import { SearchFreedom } from './search-freedom.svelte';
import TileWorker from './tile.worker?worker';
import type { ToldOrder, TileAnswer, TileQuestion } from './tile.worker';

/** The zone in hand on the Tile step: as it is stored, as a drag shows it, and what a worker finds out about it. */
export class TileWork {
  /** The key of the surface that is shown while no zone is chosen. */
  bare: string = $state(FLOOR_KEY);
  /** Where the field begins while it is dragged. */
  moved: ZonePlace | null = $state.raw(null);
  /** What the field is caught by, in words. */
  caught = $state('');
  map: OffsetMap | null = $state.raw(null);
  answers: SetOuts | null = $state.raw(null);
  curves: SetOutCurves | null = $state.raw(null);
  order: ToldOrder | null = $state.raw(null);
  /** Share of a search that is done; null while there is none. */
  searching: number | null = $state(null);
  /** What a search may change, and what it judges by, the first first. */
  readonly freedom = new SearchFreedom();
  /** Why an answer of the worker did not come. */
  problem = $state('');

  readonly area: ZoneArea | null = $derived.by(() => {
    const { selected } = this.screen;
    return (selected !== null && findZone(this.session.document, selected)) || null;
  });
  readonly zone: ZoneRecord | null = $derived.by(() => {
    const { area, moved } = this;
    return area && (moved ? { ...area.record, origin: moved } : area.record);
  });
  readonly tiled: Result<LaidZone> | null = $derived.by(() => {
    const { area, zone } = this;
    if (!area || !zone) return null;
    return zone === area.record
      ? tiledZone(area)
      : layZone(zone, area.field, {
          border: borderOf(area.record, area.rings, area.holes),
          holes: area.holes,
        });
  });
  /** As it is stored, to tell what a drag changes. */
  readonly still: LaidZone | null = $derived.by(() => {
    const tiled = this.area && tiledZone(this.area);
    return tiled?.ok ? tiled.value : null;
  });
  readonly sight: ReadonlySet<number> = $derived.by(() => {
    const { area, still } = this;
    return area && still ? sightEdges(this.session.document, area, still.edges) : new Set();
  });
  /** Where it needs movement joints. */
  readonly movement: readonly MovementJoint[] = $derived.by(() => {
    const { area, zone } = this;
    return area && zone ? movementJoints(zone, area.field) : [];
  });
  /** How it falls to its drain; why it can't; null where it is level. */
  readonly falls: Falls | NoFalls | null = $derived.by(() => {
    const { area } = this;
    return area && fallsOf(area.record, area.rings, area.holes);
  });
  /** Every tile there is for the room: the studio's own, and those of the program. */
  readonly tiles: readonly Finish[] = $derived.by(() =>
    this.studioFinishes.known(this.session.document).filter(({ tile }) => tile),
  );
  /** The other zones that share joints with it, and how many ways: along its rows, across them. */
  readonly sharing: readonly { area: ZoneArea; ways: 1 | 2 }[] = $derived.by(() => {
    const { area } = this;
    const design = this.session.document;
    if (!area) return [];
    return zoneAreas(design).flatMap((other) => {
      if (other.id === area.id) return [];
      const lines = sharedLines(design, [area, other], this.freedom.round);
      const ways = sharedWith([area, other].map((one, index) => ({ ...one, lines: lines[index]! })))[1]!;
      return ways === 0 ? [] : [{ area: other, ways }];
    });
  });
  /** Those of them that are set out together with it. */
  readonly together: readonly ZoneArea[] = $derived(
    this.sharing.flatMap(({ area }) => (this.freedom.together.includes(area.id) ? [area] : [])),
  );
  /** The key of the surface whose zones are shown. */
  readonly key: string = $derived(this.area ? this.area.surface.key : this.bare);
  /** The side of a hole that is shown; null for the floor, and for a face. */
  readonly reveal: Reveal | null = $derived.by(() => {
    const { key } = this;
    const isShown = ({ opening, side }: Reveal) => revealKey({ opening: opening.record.id, side }) === key;
    return revealsOf(this.session.document).find(isShown) ?? null;
  });
  /** The side of a thing that is shown; null for anything else. */
  readonly side: ThingSide | null = $derived.by(() => {
    const { area, key } = this;
    if (area) return area.surface.side;
    return thingSides(this.session.document).find(({ upon }) => sideKey(upon) === key) ?? null;
  });
  /** The outlines of the surface that is shown, where it is drawn by itself. */
  readonly apart: readonly (readonly Point[])[] | null = $derived(regionApart(this));
  /** Where a zone on the surface that is shown is to be. */
  readonly wish: Pick<ZoneWish, 'face' | 'inside' | 'upon'> = $derived.by(() => {
    const { reveal, key } = this;
    if (this.side) return { face: null, upon: this.side.upon };
    if (!reveal) return { face: key === FLOOR_KEY ? null : key };
    const { opening, side } = reveal;
    return { face: opening.face.id, inside: { opening: opening.record.id, side } };
  });

  /** Draws zones on the surface that is shown. */
  readonly draw = new ZoneDraw(this);

  /** What the map was made of, and the answers. */
  #mapped: string | null = null;
  #answered: string | null = null;

  /** One for what follows from the zone, one for searches, and one for curves, which take longer. */
  readonly #workers: Partial<Record<'curves' | 'facts' | 'search', Worker>> = {};

  constructor(
    readonly session: DesignSession,
    readonly screen: ScreenState,
    readonly studioFinishes: StudioFinishes,
  ) {
    // What follows from the zone as it is stored is asked when that changes, never in a drag.
    $effect(() => {
      const { area } = this;
      this.order = null;
      this.problem = '';
      this.#end();
      const mapped = area && unbegun(area);
      // Wherever the field begins the map is the same, and what was found stays to be held against it.
      const isMapped = untrack(() => isWhole(this.map)) && mapped === this.#mapped;
      const answered = area && [area, ...this.together].map(unbegun).join();
      if (answered !== this.#answered) this.answers = null;
      this.#answered = answered;
      if (!isMapped) this.map = null;
      this.#mapped = mapped;
      if (!area) return;
      if (!isMapped) this.#ask({ ask: 'map', zone: area.record, rings: area.field, holes: [] });
      const along = jointAlong(session.document, area);
      this.#ask({ ask: 'order', zone: area.record, rings: area.rings, holes: area.holes, along });
    });
  }

  /** Where the zone in hand is on its map. */
  get dot(): [number, number] | null {
    return this.map && this.zone ? onMap(this.zone, this.map, this.zone.origin) : null;
  }

  /** Begins the field elsewhere; true when that was done. */
  setOut(origin: ZonePlace): boolean {
    const { area } = this;
    if (!area) return false;
    const { id, record, field } = area;
    return this.session.run(setOutZone, { id, origin: centralOrigin(record, field, origin) });
  }

  /** Lays a zone with the tiles that it names; true when that was done. */
  lay(zone: ZoneRecord): boolean {
    const { finish, colouring, border } = zone;
    return this.session.run(layTile, { zone, own: this.#own([finish, colouring?.finish, border?.finish]) });
  }

  /** Lays what a search has found: the zone in hand, and those that are set out together with it. */
  setOutAs(answer: SetOut): void {
    const zones = [answer, ...answer.others].map(({ id, origin, laying }) => ({ id, origin, laying }));
    this.session.run(setOutZones, { zones, own: this.#own(zones.map(({ laying }) => laying.finish)) });
  }

  /** Whether zones lie as an answer says. */
  isNow(answer: SetOut): boolean {
    return [answer, ...answer.others].every(({ id, origin, laying }) => {
      const record = id === this.zone?.id ? this.zone : findZone(this.session.document, id)?.record;
      return (
        record !== undefined &&
        isSameLaying(layingOf(record), laying) &&
        record.origin.x === origin.x &&
        record.origin.y === origin.y
      );
    });
  }

  /** Looks for the best set-outs. */
  search(): void {
    const { area } = this;
    if (!area) return;
    this.searching = 0;
    this.answers = null;
    if (this.together.length > 0) return this.#searchTogether([area, ...this.together]);
    this.#ask({
      ...{ ask: 'best', zone: area.record, rings: area.rings, holes: area.holes },
      ...{ sight: [...this.sight], aims: $state.snapshot(this.freedom.aims) },
      ...{ layings: this.freedom.layings(this.tiles, area.record), prices: this.#prices() },
    });
  }

  #searchTogether(areas: readonly ZoneArea[]): void {
    const design = this.session.document;
    const lines = sharedLines(design, areas, this.freedom.round);
    this.#ask({
      ask: 'together',
      aims: $state.snapshot(this.freedom.aims),
      layings: this.freedom.layingsTogether(
        this.tiles,
        areas.map(({ record }) => record),
      ),
      zones: areas.map((area, index) => {
        const tiled = tiledZone(area);
        const edges = tiled.ok ? tiled.value.edges : [];
        const { record: zone, rings, holes } = area;
        return {
          zone,
          prices: this.#prices(),
          rings,
          holes,
          sight: [...sightEdges(design, area, edges)],
          lines: lines[index]!,
        };
      }),
    });
  }

  /** Those of some tiles that are the studio's own. */
  #own(names: readonly (string | undefined)[]): FinishRecord[] {
    return this.tiles.flatMap((tile) => (tile.own && names.includes(tile.name) ? [tile.own] : []));
  }

  /** What tiles cost a m², of those whose price is known. */
  #prices(): Record<string, number> {
    return Object.fromEntries(
      this.tiles.flatMap((tile) => {
        const price = tilePrice(tile);
        return price === null ? [] : [[tile.name, price]];
      }),
    );
  }

  /** An answer with every zone beginning near its middle. */
  #central(answer: SetOut): SetOut {
    const near = <B extends BegunZone>(one: B): B => {
      const area = findZone(this.session.document, one.id);
      if (!area) return one;
      return { ...one, origin: centralOrigin(laidAs(area.record, one.laying), area.field, one.origin) };
    };
    return { ...near(answer), others: answer.others.map(near) };
  }

  /** Ends a search. */
  endSearch(): void {
    this.#workers.search?.terminate();
    delete this.#workers.search;
    this.searching = null;
  }

  /** Draws how the zone changes with its joint and where it begins. */
  drawCurves(): void {
    const { area } = this;
    this.curves = null;
    if (area) this.#ask({ ask: 'curves', zone: area.record, rings: area.rings, holes: area.holes });
  }

  /** Ends the drawing of curves. */
  endCurves(): void {
    this.#workers.curves?.terminate();
    delete this.#workers.curves;
    this.curves = null;
  }

  #end(): void {
    this.endSearch();
    this.endCurves();
    this.#workers.facts?.terminate();
    delete this.#workers.facts;
  }

  #ask(question: TileQuestion): void {
    const which = WORKERS[question.ask];
    let worker = this.#workers[which];
    if (!worker) {
      worker = new TileWorker();
      worker.onmessage = ({ data }: MessageEvent<TileAnswer>) => this.#take(data);
      worker.onerror = ({ message }) => {
        this.problem = `What was to be computed of the tiles has failed: ${message}. Change something, and it is tried again.`;
        this.#end();
      };
      this.#workers[which] = worker;
    }
    worker.postMessage(question);
  }

  #take(answer: TileAnswer): void {
    switch (answer.of) {
      case 'map':
        this.map = answer.map;
        break;
      case 'order':
        if (answer.order.ok) this.order = answer.order.value;
        else this.problem = refusalText(answer.order.refusal, this.session.style);
        break;
      case 'curves':
        this.curves = answer.curves;
        break;
      case 'progress':
        this.searching = answer.share;
        break;
      case 'best':
        this.answers = { ...answer.found, answers: answer.found.answers.map((one) => this.#central(one)) };
        this.searching = null;
    }
  }
}

/** What asks which worker. */
const WORKERS = {
  best: 'search',
  together: 'search',
  curves: 'curves',
  map: 'facts',
  order: 'facts',
} as const satisfies Record<TileQuestion['ask'], string>;

/** Whether a map is there to its last row. */
const isWhole = (map: OffsetMap | null): boolean =>
  map !== null && map.values.length === map.columns * map.rows;

/** A zone and its area but for where its field begins. */
function unbegun({ record, rings, holes }: ZoneArea): string {
  const { origin: _, ...zone } = record;
  return JSON.stringify([zone, rings, holes]);
}

const works = new WeakMap<DesignSession, TileWork>();

/** The work on tiles of a room: the same one for its panel, its drawing and its facts, whichever comes first, and for as long as the room is open. */
export function tileWork({
  session,
  screen,
  studioFinishes,
}: Pick<Workspace, 'screen' | 'session' | 'studioFinishes'>): TileWork {
  const known = works.get(session);
  if (known) return known;
  let made: TileWork;
  $effect.root(() => {
    made = new TileWork(session, screen, studioFinishes);
  });
  works.set(session, made!);
  return made!;
}
