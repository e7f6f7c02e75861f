<script lang="ts">
  import {
    contactsAlone,
    contactsTogether,
    formatDegrees,
    formatLengthWithUnit,
    nounOf,
    openParts,
    say,
    sayFirst,
    type FirstContact,
  } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import More from '$ui/More.svelte';

  /** Everything that opens, opened by hand: all at once or one by itself, and where each first meets something. */
  const { session, screen } = useWorkspace();
  const design = $derived(session.settled);
  const opens = (id: string | null) => id !== null && openParts(design).some((part) => part.id === id);
  /** What is not there any more is not studied by itself. */
  const only = $derived(opens(screen.opened?.only ?? null) ? screen.opened!.only : null);
  const share = $derived(screen.opened?.share ?? 0);
  /** What is, or can be, studied by itself: what is chosen, where that opens. */
  const own = $derived(only ?? (opens(screen.selected) ? screen.selected : null));
  const contacts = $derived(only ? contactsAlone(design) : contactsTogether(design));

  function sayContact({ id, of, open, turns, with: other }: FirstContact): string {
    const front = sayFirst(nounOf(design, of === 'opening' ? { of: id } : { of: id, as: of }));
    const far = turns ? formatDegrees(open) : formatLengthWithUnit(open, session.style);
    return `${front} meets ${say(nounOf(design, { of: other }))} at ${far}.`;
  }
</script>

<More title="Doors and drawers">
  <label>
    {only ? 'This one' : 'All of them'}
    <input
      type="range"
      min="0"
      max="100"
      value={share * 100}
      aria-label="Open by, percent"
      oninput={(event) => (screen.opened = { share: event.currentTarget.valueAsNumber / 100, only })}
    />
    <span>{Math.round(share * 100)} %</span>
  </label>
  {#if own}
    <label class="only">
      <input
        type="checkbox"
        checked={only !== null}
        onchange={(event) =>
          (screen.opened = { share: share || 1, only: event.currentTarget.checked ? own : null })}
      />
      Only {say(nounOf(design, { of: own }))}, the rest closed
    </label>
  {/if}
  {#if contacts.length === 0}
    <p>Everything opens all the way.</p>
  {:else}
    <ul aria-label="First contacts">
      {#each contacts as contact (contact.key)}
        <li>
          <button
            onclick={() => {
              screen.select(contact.id);
              screen.opened = { share: contact.share, only: only && contact.id };
            }}>{sayContact(contact)}</button
          >
        </li>
      {/each}
    </ul>
  {/if}
</More>

<style>
  label {
    display: grid;
    grid-template-columns: auto minmax(0, 1fr) 3rem;
    align-items: center;
    gap: 0.5rem;
    font-size: 13px;
  }
  input[type='range'] {
    min-height: max(24px, var(--touch));
  }
  .only {
    grid-template-columns: auto minmax(0, 1fr);
  }
  span {
    font-variant-numeric: tabular-nums;
    text-align: right;
  }
  p {
    color: var(--soft);
    font-size: 12.5px;
  }
  ul {
    margin: 0;
    padding: 0;
    list-style: none;
  }
  button {
    width: 100%;
    min-height: max(24px, var(--touch));
    padding: 0.2rem 0.1rem;
    border: 0;
    background: none;
    color: var(--text);
    cursor: pointer;
    font-size: 13px;
    text-align: left;
  }
  button:hover {
    color: var(--clay-strong);
  }
</style>
