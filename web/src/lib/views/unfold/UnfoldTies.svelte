<script lang="ts">
  import {
    formatLength,
    findBox,
    middle,
    setTie,
    tieOn,
    unfoldedPlaces,
    type Design,
    type Point,
    type TieSide,
  } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import { toScreen, type Camera } from '../camera';
  import { chipSpot, spread } from '../spread';
  import TieChip from '../TieChip.svelte';
  import TieLines from '../TieLines.svelte';

  /** The live distances of the chosen item on its face: to what is beside, below and above it. */
  let { design, camera, dragging }: { design: Design; camera: Camera; dragging: boolean } = $props();
  const { session, screen } = useWorkspace();

  const names: Record<Side, string> = {
    left: 'left on the face',
    right: 'right on the face',
    below: 'below',
    above: 'above',
  };
  type Side = 'above' | 'below' | 'left' | 'right';
  const sides: readonly (Side & TieSide)[] = ['left', 'right', 'below', 'above'];

  const moving = $derived.by(() => {
    if (dragging) return screen.proposing ? null : (session.movingItem?.id ?? null);
    return screen.also.length > 0 ? null : screen.selected;
  });
  const box = $derived(findBox(design, moving));
  const place = $derived(
    box?.against
      ? unfoldedPlaces(design, box.id).find(({ view }) => view.id === box.against!.face.id)
      : undefined,
  );
  const ties = $derived(
    box && place
      ? sides.flatMap((side) => {
          const tie = tieOn(design, box, side);
          return tie && Math.abs(tie.distance) > 0.5 ? [{ side, distance: tie.distance }] : [];
        })
      : [],
  );

  function ends(side: Side, distance: number): [Point, Point] {
    const { left, right, low, high } = place!;
    const [x, y] = [left + (right - left) * 0.5, low + (high - low) * 0.72];
    const lines: Record<Side, [Point, Point]> = {
      left: [
        { x: left, y },
        { x: left - distance, y },
      ],
      right: [
        { x: right, y },
        { x: right + distance, y },
      ],
      below: [
        { x, y: low },
        { x, y: low - distance },
      ],
      above: [
        { x, y: high },
        { x, y: high + distance },
      ],
    };
    return lines[side].map((point) => toScreen(camera, point)) as [Point, Point];
  }

  const places = $derived(
    spread(
      ties.map(({ side, distance }) =>
        chipSpot(middle(...ends(side, distance)), formatLength(distance, session.style)),
      ),
    ),
  );

  function set(side: Side, distance: number): string {
    return box && session.run(setTie, { id: box.id, side, distance }) ? '' : session.message;
  }
</script>

{#if place}
  <TieLines lines={ties.map(({ side, distance }) => ends(side, distance))} />
  {#each ties as { side, distance }, index (side)}
    <TieChip
      side={names[side]}
      {distance}
      x={places[index]!.x}
      y={places[index]!.y}
      {dragging}
      onset={(mm) => set(side, mm)}
    />
  {/each}
{/if}
