<script lang="ts">
  import { aimNames, surfaceName, type ZoneArea } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import { tileWork } from '$lib/tools/tile-work.svelte';
  import Button from '$ui/Button.svelte';
  import Dialog from '$ui/Dialog.svelte';

  /** What a search for the best set-outs judges by, in which order, and what it may change. */
  let { onclose }: { onclose: () => void } = $props();
  const workspace = useWorkspace();
  const work = tileWork(workspace);
  const { freedom, zone } = $derived(work);
  const where = ({ record, surface }: ZoneArea) => record.name ?? surfaceName(surface);
  const shares = ({ surface }: ZoneArea, ways: 1 | 2) =>
    ways === 2
      ? 'courses and joints meet'
      : surface.face && work.area?.surface.face
        ? 'courses meet'
        : 'joints meet';
  const before = JSON.stringify(work.freedom);
  /** What was found by another order is let go. */
  function close() {
    if (JSON.stringify(work.freedom) !== before) work.answers = null;
    onclose();
  }
  const others = $derived(work.tiles.filter(({ name }) => name !== zone?.finish));
</script>

<Dialog title="What is best" wide="34rem" onclose={close}>
  <p>Set-outs are compared by the first of these; where that is the same, by the next, and so on.</p>
  <ol>
    {#each freedom.aims as aim, index (aim)}
      <li>
        <span>{aimNames[aim]}</span>
        <Button
          look="quiet"
          disabled={index === 0}
          aria-label="{aimNames[aim]}: more important"
          onclick={() => freedom.move(aim, -1)}>Up</Button
        >
        <Button
          look="quiet"
          disabled={index === freedom.aims.length - 1}
          aria-label="{aimNames[aim]}: less important"
          onclick={() => freedom.move(aim, 1)}>Down</Button
        >
      </li>
    {/each}
  </ol>
  <fieldset>
    <legend>May be changed besides where the field begins</legend>
    <label><input type="checkbox" bind:checked={freedom.joint} /> The joint, by up to 1 mm</label>
    <label><input type="checkbox" bind:checked={freedom.turned} /> Turned by a quarter</label>
  </fieldset>
  {#if work.sharing.length > 0}
    <fieldset>
      <legend>Set out together with, judged as one</legend>
      {#each work.sharing as { area, ways } (area.id)}
        <label
          ><input type="checkbox" value={area.id} bind:group={freedom.together} />
          {area.letter}
          {where(area)} <small>{shares(area, ways)}</small></label
        >
      {/each}
      <label
        ><input type="checkbox" bind:checked={freedom.round} /> Joints go on round the corners of walls</label
      >
    </fieldset>
  {/if}
  <fieldset>
    <legend>Other tiles it may be laid with</legend>
    <div class="tiles">
      {#each others as { name } (name)}
        <label><input type="checkbox" value={name} bind:group={freedom.tiles} /> {name}</label>
      {/each}
    </div>
  </fieldset>
</Dialog>

<style>
  ol {
    display: grid;
    gap: 0.1rem;
    margin: 0.6rem 0;
    padding-left: 1.4rem;
  }
  li span {
    display: inline-block;
    min-width: 20rem;
  }
  fieldset {
    display: grid;
    gap: 0.3rem;
    margin: 0.6rem 0 0;
    padding: 0;
    border: 0;
  }
  legend {
    margin-bottom: 0.2rem;
    color: var(--soft);
    font-size: 13px;
  }
  label {
    min-height: var(--touch);
  }
  small {
    color: var(--soft);
  }
  .tiles {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(8rem, 1fr));
    gap: 0.3rem;
  }
</style>
