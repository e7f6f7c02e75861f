<script lang="ts">
  import { untrack } from 'svelte';
  import { useWorkspace } from '$lib/tools/context';
  import { moveLabel } from './desk-walk.svelte';
  import type { ShownLabel } from './sheets.worker';

  /** What is written on a sheet by itself, taken hold of where it stands: dragged, it stands elsewhere; pressed, what it is of is chosen. */
  interface Props {
    labels: readonly ShownLabel[];
    /** Pixels to a mm of paper. */
    k: number;
    /** The one that keys have come to. */
    walked: ShownLabel | null;
  }
  let { labels, k, walked }: Props = $props();
  const { session, screen } = useWorkspace();

  /** Pixels a pointer travels before a press is no click. */
  const CLICK = 4;
  interface Held {
    /** What the label goes by: drawn anew in the middle of a drag, it is another one of the same. */
    of: string;
    /** Whether it is not let go yet. */
    down: boolean;
    x: number;
    y: number;
    by: { x: number; y: number };
  }
  let held: Held | null = $state.raw(null);
  const idOf = ({ view, key }: ShownLabel): string => `${view} ${key}`;
  // What was let go stays where it is until the sheet is drawn anew.
  $effect(() => {
    void labels;
    untrack(() => {
      if (!held?.down) held = null;
    });
  });

  function take(event: PointerEvent, label: ShownLabel) {
    if (event.button !== 0) return;
    event.stopPropagation();
    (event.currentTarget as HTMLElement).setPointerCapture(event.pointerId);
    held = { of: idOf(label), down: true, x: event.clientX, y: event.clientY, by: { x: 0, y: 0 } };
  }
  function drag(event: PointerEvent) {
    if (!held?.down || event.buttons === 0) return;
    const [x, y] = [event.clientX - held.x, event.clientY - held.y];
    if (Math.hypot(x, y) > CLICK || held.by.x !== 0 || held.by.y !== 0)
      held = { ...held, by: { x: x / k, y: y / k } };
  }
  function drop(label: ShownLabel) {
    const by = held?.by;
    if (held && by && (by.x !== 0 || by.y !== 0)) {
      held = moveLabel(session, label, { x: by.x, y: -by.y }) ? { ...held, down: false } : null;
    } else {
      held = null;
      screen.select(label.source);
    }
  }
</script>

{#each labels as label (idOf(label))}
  {@const by = held?.of === idOf(label) ? held.by : null}
  <span
    class="label"
    class:open={by !== null || walked === label}
    data-label={label.key}
    role="presentation"
    style="left: {label.left + (by?.x ?? 0)}px; top: {label.top +
      (by?.y ?? 0)}px; width: {label.width}px; height: {label.height}px"
    onpointerdown={(event) => take(event, label)}
    onpointermove={drag}
    onpointerup={() => drop(label)}
    onpointercancel={() => (held = null)}
  ></span>
{/each}

<style>
  .label {
    position: absolute;
    border-radius: 0.6px;
    cursor: move;
    touch-action: none;
  }
  .label:hover,
  .label.open {
    outline: 0.3px dashed var(--tide);
    outline-offset: 0.2px;
  }
  .label.open {
    background: color-mix(in srgb, var(--tide) 14%, transparent);
  }
</style>
