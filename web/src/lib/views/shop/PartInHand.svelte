<script lang="ts">
  import {
    boardNames,
    edgingName,
    machiningNames,
    partDrawing,
    sawnWidth,
    type Part,
    shopLength,
  } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import Button from '$ui/Button.svelte';
  import Drawing from './Drawing.svelte';
  import type { BuildChoice } from './build-choice.svelte';

  /** A part of an item true to scale, with its machining, what is cut for it, and its files. */
  let { choice, item, part, number }: { choice: BuildChoice; item: string; part: Part; number: number } =
    $props();
  const { session } = useWorkspace();
  const length = $derived(shopLength(session.style));
  const edged = $derived(part.edged.length > 0 || (part.edgedSides?.length ?? 0) > 0);
  /** How many of each sort of machining there are. */
  const machining = $derived(
    Object.entries(
      part.machining.reduce<Record<string, number>>((sum, { type }) => {
        sum[type] = (sum[type] ?? 0) + 1;
        return sum;
      }, {}),
    ).map(
      ([type, count]) =>
        `${count} ${machiningNames[type as keyof typeof machiningNames][count === 1 ? 0 : 1]}`,
    ),
  );
  const machines = $derived(choice.machines);
  const file = (format: 'dxf' | 'iso') =>
    machines.files(
      {
        ...{ ask: 'parts', format, design: session.settled, machine: choice.router },
        only: { item, part: part.id },
      },
      `${number} ${boardNames[part.name]}`,
      session.style,
    );
</script>

<section aria-label="Part in hand">
  <header>
    <h3>{number} {boardNames[part.name]}</h3>
    <div class="files">
      <Button look="quiet" disabled={machines.busy} onclick={() => file('dxf')}>DXF</Button>
      <Button look="quiet" disabled={machines.busy} onclick={() => file('iso')}>Router file</Button>
    </div>
    <p>
      Cut {length(part.cutLength)} × {length(sawnWidth(part))}{edged
        ? `, ${edgingName(part.material, part.edging).toLowerCase()}`
        : ''}{machining.length > 0 ? `. ${machining.join(', ')}.` : '.'}
    </p>
  </header>
  <Drawing
    label="{boardNames[part.name]}, seen square on, with its machining"
    draw={(scale) => partDrawing(part, scale, length)}
  />
</section>

<style>
  section {
    display: grid;
    grid-template-rows: auto minmax(0, 1fr);
    min-height: 0;
  }
  header {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    align-items: center;
    padding: 0.5rem 0.8rem 0;
  }
  .files {
    display: flex;
    gap: 0.3rem;
  }
  h3 {
    font-size: 14px;
  }
  p {
    grid-column: 1 / -1;
    color: var(--soft);
    font-size: 12px;
    font-variant-numeric: tabular-nums;
  }
</style>
