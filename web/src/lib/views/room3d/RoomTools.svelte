<script lang="ts">
  import { dayTimes, LEAST_EYE, MOST_EYE, MOST_HEIGHT, type DayTime } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import LengthField from '$ui/LengthField.svelte';
  import PictureCard from './PictureCard.svelte';
  import StandCard from './StandCard.svelte';
  import type { RoomStage, RoomViewKind } from './room-stage';

  /** How the room is looked at, and what is taken away from it: where it is cut, from how high, in what light; pictures, films, files. */
  interface Props {
    kind: RoomViewKind;
    stage: RoomStage;
    eye: number;
    cut: number | null;
    time: DayTime;
    soft: boolean;
  }
  let {
    kind,
    stage,
    eye = $bindable(),
    cut = $bindable(),
    time = $bindable(),
    soft = $bindable(),
  }: Props = $props();
  const { session } = useWorkspace();
  const times: Record<DayTime, string> = {
    morning: 'Morning',
    noon: 'Noon',
    evening: 'Evening',
    night: 'Night',
  };
</script>

<div class="tools chip-card">
  {#if kind === 'model'}
    <LengthField
      label="Cut at"
      value={cut}
      placeholder="not cut"
      style={session.style}
      least={300}
      most={MOST_HEIGHT}
      onset={(mm) => {
        cut = mm;
        return '';
      }}
    />
    {#if cut !== null}<button onclick={() => (cut = null)}>Whole</button>{/if}
  {:else}
    <LengthField
      label="Eye"
      value={eye}
      style={session.style}
      least={LEAST_EYE}
      most={MOST_EYE}
      onset={(mm) => {
        eye = mm;
        return '';
      }}
    />
  {/if}
  <select aria-label="Sun" bind:value={time}>
    {#each dayTimes as one (one)}<option value={one}>{times[one]}</option>{/each}
  </select>
  {#if stage.softness !== 'none'}
    <label
      title="At rest, and in pictures and films, light falls as it does in the room; without it pictures are drawn at once"
    >
      <input type="checkbox" bind:checked={soft} /> Soft light
    </label>
  {/if}
  {#if kind === 'stand'}<StandCard {stage} bind:eye />{/if}
  <PictureCard {stage} file={kind === 'model'} />
</div>

<style>
  .tools :global(.field) {
    grid-template-columns: auto 4.2rem;
  }
  .tools {
    position: absolute;
    top: 0.5rem;
    left: 0.6rem;
    z-index: 3;
    display: flex;
    flex-wrap: wrap;
    gap: 0.3rem;
    align-items: center;
    max-width: calc(100% - 1.2rem);
    padding: 0.2rem 0.4rem;
    border: 1px solid var(--rule);
    border-radius: 4px;
    background: color-mix(in srgb, var(--sheet) 92%, transparent);
  }
  .tools :global(:is(button, select, a)) {
    min-height: max(28px, var(--touch));
    padding: 0 0.45rem;
    border: 1px solid var(--rule);
    border-radius: 3px;
    background: var(--sheet);
    color: var(--text);
    cursor: pointer;
    line-height: 26px;
    text-decoration: none;
  }
  label {
    display: flex;
    gap: 0.35rem;
    align-items: center;
    min-height: max(28px, var(--touch));
  }
  .tools :global(select) {
    max-width: 7rem;
  }
  .tools :global(progress) {
    width: 7rem;
  }
</style>
