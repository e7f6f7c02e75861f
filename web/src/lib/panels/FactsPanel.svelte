<script lang="ts">
  import type { RecordKind } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import Later from '$ui/Later.svelte';
  import { parts } from './parts.svelte';
  import RoomFacts from './RoomFacts.svelte';

  const { session, screen } = useWorkspace();
  /** What is chosen only as the whole room is. */
  const ofTheRoom: ReadonlySet<RecordKind> = new Set([
    'room',
    'loop',
    'limit',
    'profile',
    'range',
    'finish',
    'scheme',
    'waiver',
    'left-open',
    'row-way',
    'frame',
    'construction',
  ]);
  const record = $derived(session.document.records[screen.selected ?? '']);
  const items = $derived(
    screen.chosen.flatMap((id) => {
      const one = session.document.records[id];
      return one?.kind === 'item' ? [one] : [];
    }),
  );
</script>

<div class="facts">
  {#if record && !ofTheRoom.has(record.kind)}
    <Later part={parts.thing} props={{ record, items }} />
  {:else}
    <RoomFacts />
  {/if}
  {#if session.message}<p class="problem" role="alert">{session.message}</p>{/if}
</div>

<style>
  .facts {
    display: grid;
    align-content: start;
    gap: 0.5rem;
    height: 100%;
    padding: 0.8rem;
    overflow-y: auto;
  }
  .facts :global(h2) {
    font-size: 16px;
  }
  .facts :global(h3) {
    margin-top: 0.5rem;
    padding-top: 0.6rem;
    border-top: 1px solid var(--rule);
    color: var(--soft);
    font-size: 13px;
  }
  .facts :global(.about) {
    color: var(--soft);
    font-size: 13px;
  }
  .facts :global(.row) {
    display: grid;
    grid-template-columns: 7.2rem minmax(0, 1fr);
    align-items: center;
    gap: 0.5rem;
    color: var(--soft);
  }
  /* What is chosen there would be cut off beside its name. */
  .facts :global(.row.wide) {
    grid-template-columns: minmax(0, 1fr);
    gap: 0.2rem;
  }
  .facts :global(.row select),
  .facts :global(.row input) {
    min-width: 0;
    min-height: max(30px, var(--touch));
    padding: 0.1rem 0.4rem;
    border: 1px solid var(--rule);
    border-radius: 3px;
    background: var(--sheet);
    color: var(--text);
  }
  .facts :global(.row output) {
    color: var(--text);
    font-weight: 500;
  }
  .problem {
    position: sticky;
    bottom: 0;
    box-shadow: var(--shadow);
    padding: 0.4rem 0.6rem;
    border-left: 3px solid var(--blocked);
    background: var(--sheet);
    color: var(--blocked);
    font-size: 13px;
  }
</style>
