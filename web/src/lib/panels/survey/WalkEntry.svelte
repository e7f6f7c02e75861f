<script lang="ts">
  import { roomOfDxf } from '../../tools/read-dxf';
  import {
    cornerName,
    faceLetter,
    formatDegrees,
    formatLength,
    formatLengthWithUnit,
    mmPerUnit,
    refusalText,
    wrapAngle,
    type LengthStyle,
  } from 'goodreach';
  import type { RoomWalk } from '$lib/tools/room-walk.svelte';
  import AngleField from '$ui/AngleField.svelte';
  import FileEntry from '$ui/FileEntry.svelte';
  import LengthField from '$ui/LengthField.svelte';

  let { walk, style }: { walk: RoomWalk; style: LengthStyle } = $props();
  const walkLetters = $derived(walk.faces.map((_, index) => faceLetter(index)));
  const next = $derived(faceLetter(walk.faces.length));
  const last = $derived(walk.faces.at(-1));

  /** How the next face turns from the last: right is positive, as one walks. */
  const turn = $derived(last ? wrapAngle(last.heading - walk.heading) : 0);
  const way = $derived(
    Math.abs(turn) < 1e-6
      ? 'straight on'
      : `${formatDegrees(Math.abs(turn))} to the ${turn > 0 ? 'right' : 'left'}`,
  );

  function keys(event: KeyboardEvent & { currentTarget: HTMLElement }) {
    const empty = event.target instanceof HTMLInputElement && event.target.value === '';
    if (event.key === 'Backspace' && empty && walk.faces.length > 0) {
      event.preventDefault();
      walk.takeBack();
    }
  }

  const gapModes = [
    ['close', 'Close it with one more face'],
    ['share', 'Share it out over the measurements'],
  ] as const;
  let problem = $state('');

  async function read(file: File) {
    const loop = await roomOfDxf(file, mmPerUnit[style.unit]);
    problem = loop.ok ? '' : refusalText(loop.refusal, style);
    if (loop.ok) walk.take(loop.value);
  }

  function add(length: number): void {
    walk.add(length);
    // Type, Enter, next: the field stays for the next face.
    setTimeout(() => document.querySelector<HTMLInputElement>('[name=walk-length]')?.focus());
  }
</script>

<!-- svelte-ignore a11y_no_static_element_interactions (Backspace in an empty length takes the last face back) -->
<div class="walk" onkeydown={keys}>
  {#each walk.faces as { length, heading }, index (index)}
    <p>
      Face {faceLetter(index)} <output>{formatLength(length, style)}</output>
      {#if index > 0}<span
          >corner {cornerName(index, walkLetters)}
          {formatDegrees(Math.PI + wrapAngle(heading - walk.faces[index - 1]!.heading))}</span
        >{/if}
    </p>
  {/each}
  {#key walk.faces.length}
    <LengthField
      label="Face {next}"
      name="walk-length"
      value={null}
      {style}
      least={50}
      focused
      placeholder="length"
      hint={walk.faces.length > 0 ? way : ''}
      onset={add}
      onleave={() => {}}
    />
    {#if walk.faces.length > 0}
      <AngleField
        label="Turn right by"
        value={walk.turn}
        least={-177}
        most={177}
        placeholder="by pointer"
        onset={(angle) => void (walk.turn = angle)}
        onclear={() => void (walk.turn = null)}
        onleave={() => document.querySelector<HTMLInputElement>('[name=walk-length]')?.focus()}
      />
    {/if}
  {/key}
  {#if walk.faces.length === 0}
    <FileEntry label="Take the outline from a DXF drawing" accept=".dxf" onfile={read} />
  {/if}
  {#if problem}<p class="gap" role="alert">{problem}</p>{/if}
  {#if walk.faces.length > 1}
    <p class="gap">
      {#if walk.gap < 0.05}It closes.{:else}
        It misses its start by {formatLengthWithUnit(walk.gap, { ...style, step: style.step / 2 })}.
        {#each gapModes as [mode, does] (mode)}
          <label>
            <input
              type="radio"
              name="gap"
              checked={walk.gapMode === mode}
              onchange={() => walk.chooseGap(mode)}
            />
            {does}
          </label>
        {/each}
      {/if}
    </p>
  {/if}
</div>

<style>
  .walk {
    display: grid;
    gap: 0.35rem;
  }
  p {
    display: grid;
    grid-template-columns: 7.2rem 4.5rem minmax(0, 1fr);
    gap: 0.5rem;
    color: var(--soft);
  }
  output {
    color: var(--tide);
    font-weight: 500;
    text-align: right;
  }
  span {
    font-size: 12.5px;
  }
  .gap {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 0.2rem;
    padding: 0.4rem 0.6rem;
    border-left: 3px solid var(--tide);
    background: var(--sheet);
    font-size: 13px;
  }
  input {
    accent-color: var(--clay);
  }
</style>
