<script lang="ts">
  import { formatLength, openLengths, facePoint, type OpenLength, type Point, type RunBand } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import Length from '$ui/Length.svelte';
  import { toScreen, type Camera } from '../camera';
  import { chipSpot, freeAlong, onScreen, spread, type Spot } from '../spread';
  import Later from '$ui/Later.svelte';
  import { laterViews } from '../later-views';

  /** The open lengths as chips beside their faces: those of the runs on the floor next to it, those that hang farther out. */
  interface Props {
    camera: Camera;
    taken: readonly Spot[];
    /** What is written in the plan, mm. */
    written: readonly Spot[];
  }
  let { camera, taken, written }: Props = $props();
  const { session, screen } = useWorkspace();

  const gaps = $derived(openLengths(session.document));
  const offset: Record<RunBand, number> = { base: 20, tall: 20, wall: 47 };
  const bandNames: Record<RunBand, string> = { base: '', wall: 'wall run', tall: 'tall run' };

  const there = $derived(onScreen(camera, written));

  /** A chip stands a little off the face, in the middle of what is free, or where nothing is written there. */
  function wantedPlace({ face, from, to, band, length }: OpenLength): Spot {
    const text = formatLength(length, session.style);
    const out = offset[band];
    const spotAt = (share: number): Spot => {
      const { x, y } = toScreen(camera, facePoint(face, from + (to - from) * share));
      return chipSpot({ x: x + face.n.x * out, y: y - face.n.y * out }, text);
    };
    return freeAlong((to - from) * camera.k, spotAt, there);
  }

  /** Where they stand: near their places, none over another nor over the chosen item's ties. */
  const places = $derived(spread(gaps.map(wantedPlace), taken));

  /** The card stays within the drawing: towards the room from its chip, and never past the sides. */
  function cardStyle(gap: OpenLength, { x, y }: Point): string {
    const up = gap.face.n.y > 0.5;
    return `left: clamp(8.2rem, ${x}px, calc(100cqw - 8.2rem)); top: ${y + (up ? -18 : 18)}px; transform: translate(-50%, ${up ? '-100%' : '0'})`;
  }

  function isShown({ face, from, to, band }: OpenLength): boolean {
    const { gap } = screen;
    return gap?.face === face.id && gap.at >= from && gap.at <= to && (gap.band ?? 'base') === band;
  }

  function toggle(gap: OpenLength) {
    const { face, from, to, band } = gap;
    screen.showGap(isShown(gap) ? null : { face: face.id, at: (from + to) / 2, band });
  }
</script>

{#each gaps as gap, index (`${gap.band} ${gap.face.id} ${gap.from.toFixed(3)}`)}
  <div
    class="gap {gap.band}"
    class:shown={isShown(gap)}
    class:left-open={gap.leftOpen}
    style="left: {places[index]!.x}px; top: {places[index]!.y}px"
  >
    <button
      class="chip"
      aria-expanded={isShown(gap)}
      aria-label="Open length {formatLength(gap.length, session.style)} on face {gap.face.letter}{gap.band ===
      'base'
        ? ''
        : `, ${bandNames[gap.band]}`}{gap.leftOpen ? ', left open' : ''}"
      title={bandNames[gap.band]}
      onclick={() => toggle(gap)}
    >
      <Length text={formatLength(gap.length, session.style)} />
    </button>
  </div>
  {#if isShown(gap)}<div class="card" style={cardStyle(gap, places[index]!)}>
      <Later part={laterViews.gapCard} props={{ gap }} />
    </div>{/if}
{/each}

<style>
  .gap {
    position: absolute;
    transform: translate(-50%, -50%);
  }
  .gap.shown,
  .card {
    z-index: 3;
  }
  .card {
    position: absolute;
  }
  .chip {
    min-width: 24px;
    min-height: 24px;
    padding: 0 0.45rem;
    border: 1px dashed var(--clay);
    border-radius: 12px;
    background: var(--paper);
    color: var(--clay-strong);
    cursor: pointer;
    font-size: 12.5px;
    font-weight: 500;
  }
  /* What hangs is told apart by its square chip, as wall cabinets are by their dashes. */
  .wall .chip {
    border-radius: 2px;
    font-weight: 400;
  }
  .left-open .chip {
    border-color: var(--rule-strong);
    color: var(--soft);
    font-weight: 400;
  }
  .chip:hover,
  .shown .chip {
    border-style: solid;
    background: var(--clay);
    color: var(--on-clay);
  }
</style>
