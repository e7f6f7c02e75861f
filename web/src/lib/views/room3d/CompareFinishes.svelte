<script lang="ts">
  import {
    firstStand,
    recordsOf,
    roomLight,
    sceneOf,
    softRoom,
    walk,
    wearing,
    withModels,
    type Design,
    type SchemeRecord,
  } from 'goodreach';
  import { onMount } from 'svelte';
  import { useWorkspace } from '$lib/tools/context';
  import Button from '$ui/Button.svelte';
  import { save } from '$ui/save-file';
  import { comparePicture } from './compare-picture';
  import { GraphicsLost } from './painter';
  import { RoomStage } from './room-stage';
  import { Taking } from './taking.svelte';

  /** The room in two sets of finishes, seen from one place: side by side, or one over the other with a divider between them. */
  let { onclose }: { onclose: () => void } = $props();
  const { session, models } = useWorkspace();

  const TURN = 0.14;
  const STRIDE = 260;
  /** Pixels a picture of one is wide. */
  const WIDE = 1_920;

  const design = $derived(session.committed);
  const schemes = $derived(recordsOf(design, 'scheme'));
  const points = $derived(recordsOf(design, 'standpoint'));
  /** What is shown left and right: the room as it is, or a set. */
  let shown: [string, string] = $state(['', schemesOtherThan(session.committed)]);
  let split: number | null = $state(0.5);
  let soft = $state(false);
  let dialog: HTMLDialogElement;
  let canvases: HTMLCanvasElement[] = $state([]);
  let width = $state(0);
  let height = $state(0);
  let stages: [RoomStage, RoomStage] | null = $state.raw(null);
  let problem = $state('');
  const taking = new Taking();

  /** A set the room is not finished as already, else the first. */
  function schemesOtherThan(now: Design): string {
    const all = recordsOf(now, 'scheme');
    return (all.find((one) => wearing(now, one) !== now) ?? all[0])?.id ?? '';
  }
  const scheme = (id: string): SchemeRecord | undefined => schemes.find((one) => one.id === id);
  const nameOf = (id: string) => scheme(id)?.name ?? 'As it is';
  const worn = (id: string): Design => {
    const own = scheme(id);
    return own ? wearing(design, own) : design;
  };
  const designs = $derived(shown.map(worn) as [Design, Design]);

  onMount(() => {
    dialog.showModal();
    try {
      stages = [new RoomStage(canvases[0]!), new RoomStage(canvases[1]!)];
    } catch {
      problem = 'This browser can’t draw in three dimensions: WebGL is switched off or missing.';
      return;
    }
    soft = stages[0].softness === 'quick';
    const { at, turn } = firstStand(design);
    for (const stage of stages) {
      stage.stand.stand(at, turn);
      stage.view('stand', '#ffffff');
    }
    return () => stages?.forEach((stage) => stage.dispose());
  });
  $effect(() => {
    if (!stages || width === 0 || height === 0) return;
    const wide = split === null ? (width - 4) / 2 : width;
    for (const stage of stages) stage.resize(wide, height, Math.min(window.devicePixelRatio, 2));
  });
  $effect(() => {
    stages?.forEach((stage, index) => {
      const own = designs[index]!;
      stage.update(withModels(own, sceneOf(own), models.of));
      stage.shine(roomLight(own, 'noon', true), (count) => softRoom(own, 'noon', true, count));
    });
  });
  $effect(() => {
    stages?.forEach((stage) => stage.setSoft(soft));
  });

  /** Both look the same way from the same place. */
  function together(move: (stage: RoomStage) => void) {
    if (!stages) return;
    move(stages[0]);
    const { at, turn, nod, eye } = stages[0].stand;
    stages[1].stand.eye = eye;
    stages[1].stand.stand(at, turn, nod);
    for (const stage of stages) stage.request();
  }
  const go = (ahead: number, right: number) =>
    together(({ stand }) => stand.stand(walk(design, stand.at, stand.way(ahead, right))));

  let held: { x: number; y: number } | null = null;
  function drag(event: PointerEvent) {
    if (!held) return;
    const [dx, dy] = [(event.clientX - held.x) / height, (event.clientY - held.y) / height];
    held = { x: event.clientX, y: event.clientY };
    together(({ stand }) => stand.look(dx * 1.6, dy * 1.4));
  }
  function key(event: KeyboardEvent) {
    const across = event.key === 'ArrowLeft' ? -1 : event.key === 'ArrowRight' ? 1 : 0;
    const along = event.key === 'ArrowUp' ? 1 : event.key === 'ArrowDown' ? -1 : 0;
    if (!across && !along) return;
    event.preventDefault();
    if (event.shiftKey) go(0, across * STRIDE);
    else if (across) together(({ stand }) => stand.look(-across * TURN, 0));
    else go(along * STRIDE, 0);
  }
  function standAt(id: string) {
    const point = points.find((one) => one.id === id);
    if (!point) return;
    together(({ stand }) => {
      stand.eye = point.eye;
      stand.stand(point, point.turn, point.nod);
    });
  }

  async function take() {
    const [a, b] = stages!;
    try {
      const picture = await taking.start(async (told) => {
        const left = await a.picture(WIDE, (done) => told(done / 2));
        const right = left && (await b.picture(WIDE, (done) => told((1 + done) / 2)));
        return left && right && comparePicture([left, right], [nameOf(shown[0]), nameOf(shown[1])], split);
      });
      if (picture) save(picture, 'two-finishes.png');
    } catch (fault) {
      problem =
        fault instanceof GraphicsLost ? fault.message : 'This browser can’t write so large a picture.';
    }
  }
</script>

<dialog bind:this={dialog} {onclose} aria-label="Two sets of finishes">
  <header>
    {#each [0, 1] as const as side (side)}
      <select aria-label={side === 0 ? 'Left' : 'Right'} bind:value={shown[side]}>
        <option value="">As it is</option>
        {#each schemes as { id, name } (id)}<option value={id}>{name}</option>{/each}
      </select>
    {/each}
    <div class="ways" role="group" aria-label="How both are shown">
      <button aria-pressed={split !== null} onclick={() => (split ??= 0.5)}>Divider</button>
      <button aria-pressed={split === null} onclick={() => (split = null)}>Side by side</button>
    </div>
    {#if points.length > 0}
      <select aria-label="Standpoint" onchange={(event) => standAt(event.currentTarget.value)}>
        <option value="">Standpoints</option>
        {#each points as { id, name } (id)}<option value={id}>{name}</option>{/each}
      </select>
    {/if}
    {#if stages && stages[0].softness !== 'none'}
      <label><input type="checkbox" bind:checked={soft} /> Soft light</label>
    {/if}
    <span class="space"></span>
    {#if taking.done === null}
      <Button onclick={take} disabled={!stages}>Picture</Button>
    {:else}
      <progress max="1" value={taking.done} aria-label="The picture is being drawn"></progress>
      <Button onclick={() => taking.stop()}>Stop</Button>
    {/if}
    <Button look="quiet" onclick={() => dialog.close()}>Close</Button>
  </header>
  {#if problem}<p class="problem" role="alert">{problem}</p>{/if}
  <!-- svelte-ignore a11y_no_noninteractive_tabindex, a11y_no_noninteractive_element_interactions -->
  <div
    class="stage"
    class:beside={split === null}
    role="application"
    aria-label="Both rooms from within: drag to look about, arrow keys walk and turn"
    tabindex="0"
    bind:clientWidth={width}
    bind:clientHeight={height}
    onpointerdown={(event) => {
      event.currentTarget.setPointerCapture(event.pointerId);
      held = { x: event.clientX, y: event.clientY };
    }}
    onpointermove={drag}
    onpointerup={() => (held = null)}
    onpointercancel={() => (held = null)}
    onkeydown={key}
  >
    <canvas bind:this={canvases[0]} aria-hidden="true"></canvas>
    <canvas
      class="over"
      style:clip-path={split === null ? null : `inset(0 0 0 ${100 * split}%)`}
      bind:this={canvases[1]}
      aria-hidden="true"
    ></canvas>
    {#if split !== null}<div class="line" style="left: {100 * split}%"></div>{/if}
    <span class="name left">{nameOf(shown[0])}</span>
    <span class="name right">{nameOf(shown[1])}</span>
  </div>
  {#if split !== null}
    <input
      class="divider"
      type="range"
      min="0"
      max="1"
      step="0.005"
      aria-label="Where the divider stands"
      bind:value={split}
    />
  {/if}
</dialog>

<style>
  dialog {
    display: grid;
    grid-template-rows: auto 1fr auto;
    gap: 0.5rem;
    width: 96vw;
    max-width: none;
    height: 94vh;
    max-height: none;
    padding: 0.7rem;
    border: 1px solid var(--rule-strong);
    background: var(--sheet);
    color: var(--text);
  }
  dialog:not([open]) {
    display: none;
  }
  dialog::backdrop {
    background: rgb(29 38 37 / 55%);
  }
  header {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.5rem;
  }
  .space {
    flex: 1;
  }
  select,
  .ways button {
    min-height: max(32px, var(--touch));
    padding: 0 0.5rem;
    border: 1px solid var(--rule);
    border-radius: 3px;
    background: var(--sheet);
    color: var(--text);
  }
  .ways button[aria-pressed='true'] {
    border-color: var(--clay);
    box-shadow: inset 0 -2px var(--clay);
  }
  label {
    display: flex;
    align-items: center;
    gap: 0.3rem;
  }
  .stage {
    position: relative;
    min-height: 0;
    overflow: hidden;
    cursor: grab;
    touch-action: none;
  }
  canvas {
    position: absolute;
    inset: 0;
  }
  .beside canvas.over {
    right: 0;
    left: auto;
  }
  .line {
    position: absolute;
    top: 0;
    bottom: 0;
    width: 2px;
    margin-left: -1px;
    background: #fffaf3;
    box-shadow: 0 0 4px rgb(29 38 37 / 50%);
    pointer-events: none;
  }
  .name {
    position: absolute;
    bottom: 0.7rem;
    padding: 0.15rem 0.5rem;
    border-radius: 3px;
    background: color-mix(in srgb, var(--sheet) 88%, transparent);
    font-weight: 500;
    pointer-events: none;
  }
  .left {
    left: 0.7rem;
  }
  .right {
    right: 0.7rem;
  }
  .divider {
    width: 100%;
    accent-color: var(--clay);
  }
  .problem {
    color: var(--blocked);
  }
</style>
