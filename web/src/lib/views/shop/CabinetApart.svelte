<script lang="ts">
  import { boardNames, madeItems, materialName, takenApart, shopLength } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import CabinetInside from './CabinetInside.svelte';
  import Drawing from './Drawing.svelte';
  import FrontRows from './FrontRows.svelte';
  import StageHeader from './StageHeader.svelte';
  import PartInHand from './PartInHand.svelte';
  import type { BuildChoice } from './build-choice.svelte';

  /** The chosen cabinet taken apart, its parts as a list, and the part in hand true to scale. */
  let { choice }: { choice: BuildChoice } = $props();
  const { session, screen } = useWorkspace();
  const made = $derived(madeItems(session.settled));
  const item = $derived(made.find(({ record }) => record.id === screen.selected) ?? made[0]);
  const part = $derived(item?.parts.find(({ id }) => id === choice.part) ?? item?.parts[0]);
  const length = $derived(shopLength(session.style));
  const count = $derived(item?.parts.reduce((sum, { qty }) => sum + qty, 0) ?? 0);

  /** So many pixels take a cabinet apart all the way. */
  const WAY = 420;
  const held = (share: number) => Math.max(0, Math.min(1, share));
  function keys(event: KeyboardEvent) {
    const by = event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : 0;
    if (by === 0 || !item || !part) return;
    event.preventDefault();
    const at = item.parts.indexOf(part) + by;
    const next = item.parts[Math.max(0, Math.min(item.parts.length - 1, at))]!;
    choice.part = next.id;
    (event.currentTarget as HTMLElement).querySelector<HTMLElement>(`[data-part="${next.id}"]`)?.focus();
  }
</script>

{#if item && part}
  <section class="stage" aria-label="{item.number} {item.record.code} taken apart">
    <StageHeader
      title="{item.number} {item.record.code}"
      said="{length(item.record.width)} × {length(item.record.depth)} × {length(
        item.record.height,
      )}, {count} parts"
    >
      <div class="shows" role="group" aria-label="What is shown of it">
        <button aria-pressed={choice.shows === 'apart'} onclick={() => (choice.shows = 'apart')}>Parts</button
        >
        <button aria-pressed={choice.shows === 'inside'} onclick={() => (choice.shows = 'inside')}
          >Inside</button
        >
      </div>
      {#if choice.shows === 'apart'}<label>
          Together
          <input
            type="range"
            min="0"
            max="1"
            step="0.02"
            bind:value={choice.apart}
            aria-label="Taken apart"
          />
          apart
        </label>{/if}
    </StageHeader>
    {#if choice.shows === 'inside'}<CabinetInside {item} {choice} />
    {:else}<Drawing
        label="{item.record.code} taken apart, its parts by their numbers"
        draw={(scale) => takenApart(item.parts, { share: choice.apart, scale, chosen: part.id })}
        onchoose={(id) => (choice.part = id)}
        onpull={(pixels) => (choice.apart = held(choice.apart + pixels / WAY))}
      />{/if}
    {#if choice.shows === 'inside'}<FrontRows item={item.record} {choice} />{:else}
      <div class="below">
        <!-- svelte-ignore a11y_no_noninteractive_element_interactions (arrow keys walk along its buttons) -->
        <div class="list" role="group" aria-label="Parts of {item.record.code}" onkeydown={keys}>
          {#each item.parts as one, index (one.id)}
            <button
              data-part={one.id}
              class:chosen={one.id === part.id}
              aria-pressed={one.id === part.id}
              tabindex={one.id === part.id ? 0 : -1}
              onclick={() => (choice.part = one.id)}
            >
              <span class="number">{index + 1}</span>
              <span class="name">{boardNames[one.name]}</span>
              <span class="qty">{one.qty > 1 ? `${one.qty} ×` : ''}</span>
              <span class="size">{length(one.length)} × {length(one.width)}</span>
              <span class="of">{length(one.material.thick)} {materialName(one.material)}</span>
            </button>
          {/each}
        </div>
        <PartInHand {choice} item={item.record.id} {part} number={item.parts.indexOf(part) + 1} />
      </div>
    {/if}
  </section>
{:else}
  <p class="empty">
    Nothing of this room is made in the shop yet. Set cabinets of a range that is built, such as Fathom or
    Saltbox.
  </p>
{/if}

<style>
  .stage {
    display: grid;
    grid-template-rows: auto minmax(0, 1.4fr) minmax(0, 1fr);
    height: 100%;
    background: var(--ink-paper);
  }
  .shows {
    display: flex;
  }
  .shows button {
    min-height: max(28px, var(--touch));
    padding: 0.15rem 0.7rem;
    border: 1px solid var(--rule);
    background: var(--sheet);
    color: var(--soft);
    cursor: pointer;
  }
  .shows button:first-child {
    border-radius: 3px 0 0 3px;
  }
  .shows button:last-child {
    border-left: 0;
    border-radius: 0 3px 3px 0;
  }
  .shows [aria-pressed='true'] {
    box-shadow: inset 0 -2px var(--clay);
    color: var(--text);
    font-weight: 500;
  }
  label {
    display: flex;
    align-items: center;
    gap: 0.5rem;
    color: var(--soft);
    font-size: 12.5px;
  }
  input {
    min-height: var(--touch);
    accent-color: var(--clay);
  }
  .below {
    display: grid;
    grid-template-columns: minmax(0, 1.1fr) minmax(0, 1fr);
    min-height: 0;
    border-top: 1px solid var(--rule);
    background: var(--sheet);
  }
  .list {
    display: grid;
    grid-auto-rows: max-content;
    align-content: start;
    padding: 0.3rem;
    overflow-y: auto;
    border-right: 1px solid var(--rule);
    font-size: 12.5px;
    font-variant-numeric: tabular-nums;
  }
  .list button {
    display: grid;
    grid-template-columns: 1.6rem minmax(0, 1fr) auto 6.4rem;
    align-items: baseline;
    gap: 0 0.4rem;
    min-height: max(30px, var(--touch));
    padding: 0.15rem 0.4rem;
    border: 1px solid transparent;
    border-bottom-color: var(--rule);
    background: none;
    cursor: pointer;
    text-align: left;
  }
  .list button:hover,
  .list .chosen {
    border-color: var(--clay);
    border-radius: 3px;
  }
  .number {
    color: var(--tide);
    font-weight: 500;
  }
  .size {
    text-align: right;
  }
  .of {
    grid-column: 2 / -1;
    overflow: hidden;
    color: var(--soft);
    font-size: 11.5px;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  .empty {
    padding: 2rem;
    color: var(--soft);
  }
  @container (max-width: 560px) {
    .below {
      grid-template-columns: minmax(0, 1fr);
      grid-template-rows: minmax(0, 1fr) minmax(0, 1fr);
    }
  }
</style>
