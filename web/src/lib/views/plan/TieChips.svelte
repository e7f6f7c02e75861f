<script lang="ts">
  import {
    add,
    distance,
    formatLength,
    findBox,
    place,
    scale,
    setTie,
    subtract,
    tiesInPlan,
    type Point,
    type Tie,
    type PlanSide,
  } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import { toScreen, type Camera } from '../camera';
  import { chipSpot, freeAlong, onScreen, spread, type Spot } from '../spread';
  import TieChip from '../TieChip.svelte';
  import TieLines from '../TieLines.svelte';

  /** `taken` is where the chips stand, for others to keep clear of. */
  interface Props {
    camera: Camera;
    dragging: boolean;
    /** What is written in the plan, mm. */
    written: readonly Spot[];
    taken?: readonly Spot[];
  }
  let { camera, dragging, written, taken = $bindable([]) }: Props = $props();
  const { session, screen } = useWorkspace();

  const names: Record<PlanSide, string> = { left: 'left', right: 'right', behind: 'behind', front: 'front' };

  /** How far sideways ties stand off the middle of the item at the least, pixels: a chip of an open length is beside them. */
  const CLEAR = 24;

  /** Not of what a proposal would set: it is only shown. */
  const moving = $derived.by(() => {
    if (dragging) return screen.proposing ? null : (session.movingItem?.id ?? null);
    return screen.also.length > 0 ? null : screen.selected;
  });
  const box = $derived(findBox(session.document, moving));
  const ties = $derived(
    box
      ? tiesInPlan(session.document, box).filter(({ side, distance }) => side !== 'behind' || distance > 0.5)
      : [],
  );

  /** Both ends of a tie on screen; sideways ties stand towards the front, clear of the chips of open lengths by the wall. */
  function ends({ side, from, at }: Tie<PlanSide>): [Point, Point] {
    const sideways = side === 'left' || side === 'right';
    const out = box && sideways ? Math.max(box.record.depth * 0.28, CLEAR / camera.k) : 0;
    const shift = (point: Point) => toScreen(camera, box ? place(point, box.n, out, box.n, 0) : point);
    return [shift(from), shift(at)];
  }

  const there = $derived(onScreen(camera, written));

  /** Where the chips stand: in the middle of their ties, or where nothing is written there, none over another. */
  const spots = $derived(
    ties.map((tie) => {
      const [from, at] = ends(tie);
      const text = formatLength(tie.distance, session.style);
      const spotAt = (share: number) => chipSpot(add(from, scale(subtract(at, from), share)), text);
      return freeAlong(distance(from, at), spotAt, there);
    }),
  );
  const places = $derived(spread(spots));
  $effect(() => {
    taken = spots.map((spot, index) => ({ ...spot, ...places[index]! }));
  });

  function set(side: PlanSide, distance: number): string {
    if (!box) return '';
    return session.run(setTie, { id: box.id, side, distance }) ? '' : session.message;
  }
</script>

{#if box}
  <TieLines lines={ties.map(ends)} />
  {#each ties as tie, index (tie.side)}
    <TieChip
      side={names[tie.side]}
      distance={tie.distance}
      x={places[index]!.x}
      y={places[index]!.y}
      {dragging}
      onset={(mm) => set(tie.side, mm)}
    />
  {/each}
{/if}
