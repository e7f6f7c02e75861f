<script lang="ts">
  import {
    fieldOf,
    frameWay,
    placeFrames,
    setFrame,
    type Design,
    type Point,
    type ViewOnPage,
  } from 'goodreach';
  import moveIcon from 'lucide-static/icons/move.svg?raw';
  import { nanoid } from 'nanoid';
  import { useWorkspace } from '$lib/tools/context';
  import Icon from '$ui/Icon.svelte';
  import { asPut, croppedTo, placesOf, sides, snapped, type FrameMove, type FrameSide } from './frame-moves';
  import type { SheetChoice } from './sheet-choice.svelte';
  import type { ShownSheet } from './sheets.worker';

  /** The drawings of a sheet on the desk as frames that are taken by their names: the chosen one is moved by its ground and cropped by its edges. */
  interface Props {
    sheet: ShownSheet;
    /** The design it is drawn of. */
    of: Design | null;
    choice: SheetChoice;
    /** Where a place of the sheet, mm from its top left corner, is on the screen, and how many pixels a mm is. */
    toPixel: (at: Point) => Point;
    k: number;
    /** Where the pointer is, mm from the sheet's top left corner. */
    pointer: Point | null;
    /** The group of a drawing's marks. */
    groupOf: (index: number) => SVGGElement | null;
    onclose: () => void;
  }
  let { sheet, of, choice, toPixel, k, pointer, groupOf, onclose }: Props = $props();
  const { session } = useWorkspace();

  /** How far a drawing catches, pixels; what an arrow key moves it by, mm of paper. */
  const NEAR = 7;
  const NUDGE = 1;
  const FAR = 10;

  // What was let go stays where it is until the sheet is drawn anew, and goes on from there before that.
  const frames = $derived(sheet.frames.map((one) => asPut(one, sheet.page.id, of, session.committed)));
  const index = $derived(frames.findIndex(({ drawing }) => drawing === choice.framed));
  const chosen = $derived(frames[index]);
  const others = $derived(frames.filter((one) => one !== chosen));

  /** How high the tab of a drawing is, over it; pixels. */
  const TAB = 26;
  /** Whether the pointer is over a drawing, or on the way to its tab. */
  function isNear({ box }: ViewOnPage): boolean {
    if (!pointer) return false;
    const y = sheet.page.height - pointer.y;
    const up = box.top + TAB / k;
    return pointer.x >= box.left && pointer.x <= box.right && y >= box.bottom && y <= up;
  }

  let move: FrameMove | null = $state.raw(null);
  let crop: { side: FrameSide; at: number } | null = $state.raw(null);
  $effect(() => {
    void sheet;
    const moved = frames.flatMap(({ origin, drawing }, at) => {
      const drawn = sheet.frames[at]!.origin;
      const live = drawing === choice.framed ? move?.by : undefined;
      const [x, y] = [origin.x - drawn.x + (live?.x ?? 0), origin.y - drawn.y + (live?.y ?? 0)];
      const group = x === 0 && y === 0 ? null : groupOf(at);
      group?.setAttribute('transform', `translate(${x} ${-y})`);
      return group ? [group] : [];
    });
    return () => {
      for (const group of moved) group.removeAttribute('transform');
    };
  });

  const boxOf = ({ box }: ViewOnPage) => {
    const corner = toPixel({ x: box.left, y: sheet.page.height - box.top });
    return { ...corner, width: (box.right - box.left) * k, height: (box.top - box.bottom) * k };
  };
  /** The chosen one as it is dragged now. */
  const shown = $derived.by(() => {
    if (!chosen) return null;
    const { box } = chosen;
    const by = move?.by ?? { x: 0, y: 0 };
    const moved = {
      ...{ left: box.left + by.x, right: box.right + by.x },
      ...{ bottom: box.bottom + by.y, top: box.top + by.y },
      ...(crop && { [crop.side]: crop.at }),
    };
    return boxOf({ ...chosen, box: moved });
  });

  let from: Point | null = null;
  function take(event: PointerEvent) {
    event.stopPropagation();
    if (event.button !== 0) return;
    from = { x: event.clientX, y: event.clientY };
    (event.currentTarget as HTMLElement).setPointerCapture(event.pointerId);
  }
  const dragged = (event: PointerEvent): Point => ({
    x: (event.clientX - from!.x) / k,
    y: (from!.y - event.clientY) / k,
  });
  function drag(event: PointerEvent) {
    if (!from || !chosen) return;
    event.stopPropagation();
    move = snapped(chosen, dragged(event), others, fieldOf(sheet.page, chosen.letters), NEAR / k);
  }
  function dragEdge(event: PointerEvent, side: FrameSide) {
    if (!from || !chosen) return;
    event.stopPropagation();
    const by = dragged(event);
    crop = { side, at: chosen.box[side] + (side === 'left' || side === 'right' ? by.x : by.y) };
  }
  function drop() {
    if (move) place(move.by);
    if (crop) cut(crop.side, crop.at);
    release();
  }
  function release() {
    from = null;
    move = null;
    crop = null;
  }
  function place(by: Point) {
    if (!chosen || (by.x === 0 && by.y === 0)) return;
    const places = placesOf(frames, chosen.drawing, by);
    session.run(placeFrames, { page: sheet.page.id, frames: places });
  }
  function cut(side: FrameSide, at: number) {
    if (!chosen) return;
    const { drawing } = chosen;
    const before = frameWay(session.committed, drawing)?.crop ?? {};
    const cropped = { ...before, ...croppedTo(chosen, side, at) };
    session.run(setFrame, { id: `frame-${nanoid(8)}`, drawing, crop: cropped });
  }
  const ways = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] } as const;
  function key(event: KeyboardEvent, side?: FrameSide) {
    const way = ways[event.key as keyof typeof ways];
    if (event.key === 'Escape') {
      choice.framed = null;
      onclose();
    } else if (way && chosen) {
      const step = event.shiftKey ? FAR : NUDGE;
      const by = { x: way[0] * step, y: way[1] * step };
      if (!side) place(by);
      else cut(side, chosen.box[side] + (side === 'left' || side === 'right' ? by.x : by.y));
    } else return;
    event.preventDefault();
    event.stopPropagation();
  }
</script>

{#each frames as frame (frame.drawing)}
  {@const { x, y } = boxOf(frame)}
  {#if frame !== chosen}
    <button
      class="tab"
      class:near={isNear(frame)}
      style="left: {x}px; top: {y - TAB}px"
      title="Move, scale or crop {frame.name} on its sheet"
      onpointerdown={(event) => event.stopPropagation()}
      onclick={() => (choice.framed = frame.drawing)}
    >
      <Icon svg={moveIcon} size={14} />
      {frame.name}
    </button>
  {/if}
{/each}
{#if chosen && shown}
  <!-- svelte-ignore a11y_no_noninteractive_tabindex, a11y_no_noninteractive_element_interactions (moved by arrow keys, as it is by the pointer) -->
  <div
    class="frame"
    role="group"
    aria-label="{chosen.name}. Arrow keys move it on its sheet, with Shift by ten millimetres; Escape lets it go."
    tabindex="0"
    style="left: {shown.x}px; top: {shown.y}px; width: {shown.width}px; height: {shown.height}px"
    onpointerdown={take}
    onpointermove={drag}
    onpointerup={drop}
    onpointercancel={release}
    onkeydown={(event) => key(event)}
    {@attach (element) => element.focus({ preventScroll: true })}
  >
    {#each sides as side (side)}
      <button
        class="edge {side}"
        aria-label="Crop the {side} of {chosen.name}: arrow keys move its edge"
        onpointerdown={take}
        onpointermove={(event) => dragEdge(event, side)}
        onpointerup={(event) => {
          event.stopPropagation();
          drop();
        }}
        onkeydown={(event) => key(event, side)}
      ></button>
    {/each}
  </div>
  {#each move?.lines ?? [] as { way, at } (way)}
    {@const { x, y } = toPixel({ x: at, y: sheet.page.height - at })}
    <div
      class="line"
      style={way === 'up'
        ? `left: ${x}px; top: ${toPixel({ x: 0, y: 0 }).y}px; width: 1px; height: ${sheet.page.height * k}px`
        : `top: ${y}px; left: ${toPixel({ x: 0, y: 0 }).x}px; height: 1px; width: ${sheet.page.width * k}px`}
    ></div>
  {/each}
{/if}

<style>
  .tab {
    position: absolute;
    display: flex;
    align-items: center;
    gap: 0.3rem;
    min-height: max(24px, var(--touch));
    padding: 0 0.5rem 0 0.3rem;
    border: 1px solid var(--rule);
    border-radius: 3px;
    background: var(--chrome);
    color: var(--soft);
    cursor: pointer;
    font-size: 12px;
    opacity: 0;
    white-space: nowrap;
  }
  .tab.near {
    opacity: 0.9;
  }
  .tab:hover,
  .tab:focus-visible {
    border-color: var(--tide);
    color: var(--text);
    opacity: 1;
  }
  @media (hover: none) {
    .tab {
      opacity: 0.8;
    }
  }
  .frame {
    position: absolute;
    z-index: 2;
    outline: 1.5px solid var(--tide);
    background: color-mix(in srgb, var(--tide) 4%, transparent);
    cursor: move;
    touch-action: none;
  }
  .edge {
    --grip: max(24px, var(--touch));
    position: absolute;
    display: grid;
    place-items: center;
    width: var(--grip);
    height: var(--grip);
    padding: 0;
    border: 0;
    background: none;
    touch-action: none;
  }
  .edge::after {
    width: 8px;
    height: 8px;
    border: 1.5px solid var(--tide);
    border-radius: 2px;
    background: var(--sheet);
    content: '';
  }
  .edge:hover::after,
  .edge:focus-visible::after {
    background: var(--clay);
  }
  .left,
  .right {
    top: calc(50% - var(--grip) / 2);
    cursor: ew-resize;
  }
  .left {
    left: calc(var(--grip) / -2);
  }
  .right {
    right: calc(var(--grip) / -2);
  }
  .top,
  .bottom {
    left: calc(50% - var(--grip) / 2);
    cursor: ns-resize;
  }
  .top {
    top: calc(var(--grip) / -2);
  }
  .bottom {
    bottom: calc(var(--grip) / -2);
  }
  .line {
    position: absolute;
    z-index: 2;
    background: var(--clay);
    pointer-events: none;
  }
</style>
