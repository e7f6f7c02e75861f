<script lang="ts">
  import {
    contactsAlone,
    contactsTogether,
    formatDegrees,
    formatLengthWithUnit,
    nounOf,
    openingsOf,
    say,
    sayFirst,
    type FirstContact,
  } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import More from '$ui/More.svelte';

  /** Everything that opens, opened by hand: all at once or one by itself, and where each first meets something. */
  const { session, screen } = useWorkspace();
  const design = $derived(session.settled);
  const opened = $derived(screen.opened);
  /** One of several things chosen may open: it is studied by itself. */
  const own = $derived(
    screen.selected && openingsOf(design).some(({ id }) => id === screen.selected) ? screen.selected : null,
  );
  const contacts = $derived(opened?.only ? contactsAlone(design) : contactsTogether(design));

  function sayContact({ id, of, open, turns, with: other }: FirstContact): string {
    const front = sayFirst(nounOf(design, of === 'opening' ? { of: id } : { of: id, as: of }));
    const far = turns ? formatDegrees(open) : formatLengthWithUnit(open, session.style);
    return `${front} meets ${say(nounOf(design, { of: other }))} at ${far}.`;
  }
  const isOfAll = $derived(!opened?.only);
</script>

<More title="Doors and drawers">
  <label>
    {own && !isOfAll ? 'This one' : 'All of them'}
    <input
      type="range"
      min="0"
      max="100"
      value={(opened?.share ?? 0) * 100}
      aria-label="Open by, percent"
      oninput={(event) =>
        (screen.opened = { share: event.currentTarget.valueAsNumber / 100, only: opened?.only ?? null })}
    />
    <span>{Math.round((opened?.share ?? 0) * 100)} %</span>
  </label>
  {#if own}
    <label class="only">
      <input
        type="checkbox"
        checked={opened?.only === own}
        onchange={(event) =>
          (screen.opened = { share: opened?.share ?? 1, only: event.currentTarget.checked ? own : null })}
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
              screen.opened = { share: contact.share, only: opened?.only ? contact.id : null };
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
