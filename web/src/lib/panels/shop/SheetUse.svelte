<script lang="ts">
  import { formatLength, sheetUse, type MaterialCase, type Nest, type Sawing } from 'goodreach';
  import type { ChartConfiguration } from 'chart.js';
  import { useWorkspace } from '$lib/tools/context';
  import Chart, { type ChartColours } from '$ui/Chart.svelte';

  /** What becomes of the sheets of every material that is laid out: parts, offcuts that are kept, and the rest. */
  interface Props {
    cases: readonly MaterialCase[];
    nests: Readonly<Record<string, Nest>>;
    sawing: Sawing;
  }
  let { cases, nests, sawing }: Props = $props();
  const { session } = useWorkspace();

  const M2 = 1e6;
  const rows = $derived(
    cases.flatMap(({ case: { id, stock }, material, name }) => {
      const nest = nests[id];
      if (!nest) return [];
      const use = sheetUse(nest, stock, sawing);
      return [{ name: `${formatLength(material.thick, session.style)} ${name}`, ...use }];
    }),
  );
  const round = (area: number) => Math.round((area / M2) * 100) / 100;
  const said = $derived(
    rows
      .map(
        ({ name, parts, offcuts, waste }) =>
          `${name}: ${round(parts)} m² parts, ${round(offcuts)} m² offcuts kept, ${round(waste)} m² waste`,
      )
      .join('; '),
  );
  const config = ({ text, soft, rule, tide, clay }: ChartColours): ChartConfiguration => ({
    type: 'bar',
    data: {
      labels: rows.map(({ name }) => name),
      datasets: [
        { label: 'Parts', data: rows.map(({ parts }) => round(parts)), backgroundColor: tide },
        { label: 'Offcuts kept', data: rows.map(({ offcuts }) => round(offcuts)), backgroundColor: soft },
        { label: 'Waste', data: rows.map(({ waste }) => round(waste)), backgroundColor: clay },
      ],
    },
    options: {
      indexAxis: 'y',
      maintainAspectRatio: false,
      scales: {
        x: {
          stacked: true,
          beginAtZero: true,
          title: { display: true, text: 'm²', color: soft },
          ticks: { color: soft },
          grid: { color: rule },
        },
        y: { stacked: true, ticks: { color: text, font: { size: 11 } }, grid: { display: false } },
      },
      plugins: { legend: { position: 'bottom', labels: { color: text, boxWidth: 10, font: { size: 11 } } } },
    },
  });
</script>

<h2>Use of the sheets</h2>
<Chart {config} label={said} height={110 + 34 * rows.length} />
