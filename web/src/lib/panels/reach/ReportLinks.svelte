<script lang="ts">
  import { isInchUnit, usualPages } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';

  /** The reach report of the saved room, to print and as data. */
  const { session, saving, roomId } = useWorkspace();
  const isInch = $derived(isInchUnit(session.style.unit));
  const page = $derived(usualPages(session.style.unit).drawing);
</script>

<p>
  Reach report:
  {#if saving.state === 'saved'}
    <a
      href="/api/rooms/{roomId}/sheet.pdf?show=reach&page={page}&scale={isInch ? 24 : 20}"
      target="_blank"
      rel="noopener">PDF</a
    >,
    <a href="/api/rooms/{roomId}/reach.json" download>JSON</a>
  {:else}<span role="status">waits for the last edits to be saved</span>{/if}
</p>

<style>
  p {
    font-size: 13px;
  }
  a {
    display: inline-flex;
    align-items: center;
    min-width: max(24px, var(--touch));
    min-height: max(24px, var(--touch));
    color: var(--tide);
  }
  span {
    color: var(--soft);
  }
</style>
