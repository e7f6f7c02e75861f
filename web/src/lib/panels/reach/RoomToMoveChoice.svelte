<script lang="ts">
  import { useWorkspace } from '$lib/tools/context';

  /** What the plan shows of the room there is to move. */
  const { screen } = useWorkspace();
  const shows = [
    { id: 'ways', name: 'Ways people walk' },
    { id: 'turning', name: 'Room to turn' },
    { id: 'free', name: 'Landings and clear floors' },
  ] as const;
</script>

<fieldset>
  <legend>On the plan</legend>
  {#each shows as { id, name } (id)}
    <label>
      <input
        type="checkbox"
        checked={screen.roomToMove[id]}
        onchange={(event) =>
          (screen.roomToMove = { ...screen.roomToMove, [id]: event.currentTarget.checked })}
      />
      {name}
    </label>
  {/each}
  <label>
    <input type="checkbox" bind:checked={screen.doorsOpen} />
    Checked with everything open
  </label>
</fieldset>

<style>
  fieldset {
    display: grid;
    gap: 0.2rem;
    margin: 0;
    padding: 0;
    border: 0;
  }
  legend {
    padding: 0;
    color: var(--soft);
    font-size: 12.5px;
  }
  label {
    display: flex;
    align-items: center;
    gap: 0.5rem;
    min-height: max(24px, var(--touch));
  }
</style>
