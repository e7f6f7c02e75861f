<script lang="ts">
  import {
    edgeLetter,
    edgeWork,
    pieceLines,
    shopLength,
    slabDrawing,
    slabLayouts,
    slabPieces,
    templateDrawing,
    templateWords,
    type SlabLayout,
  } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import Drawing from './Drawing.svelte';
  import StageHeader from './StageHeader.svelte';
  import type { BuildChoice } from './build-choice.svelte';

  /** A piece of a top, waterfall or splash as it is made: its outline with its edges, what is cut out of it. */
  let { choice }: { choice: BuildChoice } = $props();
  const { session } = useWorkspace();
  const length = $derived(shopLength(session.style));
  const templates = $derived(slabPieces(session.settled));
  const shown = $derived(templates[Math.min(choice.piece, templates.length - 1)]);
  const layout = $derived(choice.slab && slabLayouts(session.settled)[choice.slab.layout]);
  const slab = $derived(choice.slab && layout?.slabs[choice.slab.slab] ? choice.slab.slab : null);
  /** What a slab is, how much of it becomes pieces, and why they lie as they do. */
  function slabSaid({ case: of, used, along, thickness }: SlabLayout, at: number): string {
    const { l, w } = of.stock[0]!;
    return [
      `${length(l)} × ${length(w)} × ${length(thickness)}`,
      templateWords.used(used[at]!),
      templateWords.sawn(length(of.kerf)),
      along ? templateWords.veins : templateWords.turns,
    ].join('. ');
  }
</script>

{#if shown && layout && slab !== null}
  {@const title = templateWords.slabOf(layout.material, templateWords.slab(slab + 1, layout.slabs.length))}
  <section class="slab" aria-label={title}>
    <StageHeader {title} said="{slabSaid(layout, slab)}." />
    <Drawing
      label="{title}, its pieces as they are cut from it"
      draw={(scale) => slabDrawing(layout, slab, templates, scale)}
    />
  </section>
{:else if shown}
  <section aria-label={templateWords.name(shown)}>
    <StageHeader
      title={templateWords.name(shown)}
      said={[shown.material, `${length(shown.length)} × ${length(shown.width)} × ${length(shown.thickness)}`]
        .filter(Boolean)
        .join(', ')}
    />
    <Drawing
      label="{templateWords.name(shown)}, {shown.of === 'top'
        ? templateWords.seen.top
        : templateWords.seen.upright}"
      draw={(scale) => templateDrawing(shown, scale, length)}
    />
    <div class="below">
      <table>
        <caption class="visually-hidden">Edges</caption>
        <thead>
          <tr>
            <th scope="col">{templateWords.edge}</th>
            <th scope="col">{templateWords.kind}</th>
            <th scope="col" class="figure">{templateWords.length}</th>
            <th scope="col" class="figure">{templateWords.angle}</th>
            <th scope="col">{templateWords.profile}</th>
          </tr>
        </thead>
        <tbody>
          {#each shown.edges as edge, index (index)}
            <tr>
              <td>{edgeLetter(index)}</td>
              <td
                >{edge.arc
                  ? templateWords.radius(length(edge.arc.radius))
                  : templateWords.roles[edge.role]}</td
              >
              <td class="figure">{length(edge.length)}</td>
              <td class="figure">{Number(edge.angle.toFixed(2))}°</td>
              <td>{edgeWork(edge)}</td>
            </tr>
          {/each}
        </tbody>
      </table>
      <ul>
        {#each pieceLines(shown, length) as line, index (index)}
          <li>{line}.</li>
        {:else}<li>Nothing is cut out of it.</li>{/each}
      </ul>
    </div>
  </section>
{:else}
  <p class="empty">
    There is no countertop in this room yet. Set base cabinets, or draw a top on the Surface step.
  </p>
{/if}

<style>
  section {
    display: grid;
    grid-template-rows: auto minmax(0, 1.6fr) minmax(0, 1fr);
    height: 100%;
    background: var(--ink-paper);
  }
  section.slab {
    grid-template-rows: auto minmax(0, 1fr);
  }
  .below {
    display: grid;
    grid-template-columns: minmax(0, 1.1fr) minmax(0, 1fr);
    align-items: start;
    gap: 1rem;
    padding: 0.5rem 1rem;
    overflow-y: auto;
    border-top: 1px solid var(--rule);
    background: var(--sheet);
    font-size: 12.5px;
    font-variant-numeric: tabular-nums;
  }
  table {
    border-collapse: collapse;
  }
  th,
  td {
    padding: 0.15rem 0.6rem 0.15rem 0;
    border-bottom: 1px solid var(--rule);
    text-align: left;
  }
  th {
    color: var(--soft);
    font-weight: 500;
  }
  .figure {
    text-align: right;
  }
  ul {
    display: grid;
    gap: 0.3rem;
    margin: 0;
    padding-left: 1rem;
  }
  .empty {
    padding: 2rem;
    color: var(--soft);
  }
  @container (max-width: 560px) {
    .below {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
