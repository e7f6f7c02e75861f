<script lang="ts" module>
  import type { Reason } from 'goodreach';

  /** What is wrong with one cell of a table that was read. */
  export interface TableFault {
    row: number;
    column: string;
    value: string;
    reason: Reason;
  }
</script>

<script lang="ts">
  import { sayReason } from 'goodreach';

  /** The faults of a table, a hundred at most, each with its place. */
  let { faults }: { faults: readonly TableFault[] } = $props();
</script>

<table>
  <thead>
    <tr
      ><th scope="col">Line</th><th scope="col">Column</th><th scope="col">There</th><th scope="col">Why</th
      ></tr
    >
  </thead>
  <tbody>
    {#each faults.slice(0, 100) as { row, column, value, reason }, index (index)}
      <tr><td>{row}</td><td>{column || 'the table'}</td><td>{value}</td><td>{sayReason(reason)}</td></tr>
    {/each}
  </tbody>
</table>
{#if faults.length > 100}<p>And {faults.length - 100} more.</p>{/if}

<style>
  table {
    width: 100%;
    border-collapse: collapse;
    font-size: 13px;
  }
  th,
  td {
    padding: 0.25rem 0.6rem 0.25rem 0;
    border-bottom: 1px solid var(--rule);
    font-weight: 400;
    text-align: left;
    vertical-align: top;
    overflow-wrap: anywhere;
  }
  th {
    color: var(--soft);
  }
</style>
