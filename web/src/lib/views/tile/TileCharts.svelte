<script lang="ts">
  import { cutWidths, formatLength, isInchUnit, MM_PER_INCH, sliverOf, type CurvePoint } from 'goodreach';
  import type { ChartConfiguration } from 'chart.js';
  import { onMount } from 'svelte';
  import { useWorkspace } from '$lib/tools/context';
  import { tileWork } from '$lib/tools/tile-work.svelte';
  import Chart, { type ChartColours } from '$ui/Chart.svelte';
  import Dialog from '$ui/Dialog.svelte';

  /** How wide the cuts of a zone are, and how its narrowest cut and its pieces change with its joint and with where it begins. */
  let { onclose }: { onclose: () => void } = $props();
  const workspace = useWorkspace();
  const { session } = workspace;
  const work = tileWork(workspace);
  onMount(() => {
    work.drawCurves();
    return () => work.endCurves();
  });

  const zone = $derived(work.area?.record ?? null);
  const isInch = $derived(isInchUnit(session.style.unit));
  const length = (mm: number) => formatLength(mm, session.style);
  /** In the unit of the axes: mm, or inches. */
  const shown = (mm: number) => (isInch ? mm / MM_PER_INCH : mm);
  const unit = $derived(isInch ? 'in' : 'mm');

  /** Cuts by their width, in about a dozen steps up to the tile's longer side. */
  const bars = $derived.by(() => {
    const widths = work.still ? cutWidths(work.still.laid.pieces) : [];
    if (!zone || widths.length === 0) return [];
    const step = Math.max(zone.tile.w, zone.tile.h) / 12;
    const count = Math.floor(Math.max(...widths) / step) + 1;
    const all = Array.from({ length: count }, (_, index) => ({ from: index * step, count: 0 }));
    for (const width of widths) all[Math.floor(width / step)]!.count += 1;
    return all.map((bar) => ({ ...bar, step }));
  });
  const sliver = $derived(zone ? sliverOf(zone) : 0);

  const axes = ({ soft, rule }: ChartColours, x: string, y: string) => ({
    x: { title: { display: true, text: x, color: soft }, ticks: { color: soft }, grid: { display: false } },
    y: {
      beginAtZero: true,
      title: { display: true, text: y, color: soft },
      ticks: { color: soft, precision: 0 },
      grid: { color: rule },
    },
  });
  const histogram = (colours: ChartColours): ChartConfiguration => ({
    type: 'bar',
    data: {
      labels: bars.map(({ from, step }) => `${round(shown(from))}–${round(shown(from + step))}`),
      datasets: [
        {
          label: 'Cut pieces',
          data: bars.map(({ count }) => count),
          backgroundColor: bars.map(({ from }) => (from < sliver ? colours.clay : colours.tide)),
        },
      ],
    },
    options: {
      maintainAspectRatio: false,
      plugins: { legend: { display: false } },
      scales: axes(colours, `What is left across the cut, ${unit}`, 'Cut pieces'),
    },
  });
  const round = (value: number) => Math.round(value * (isInch ? 10 : 1)) / (isInch ? 10 : 1);

  const lines = (
    colours: ChartColours,
    title: string,
    sets: readonly { label: string; points: readonly CurvePoint[]; of: (point: CurvePoint) => number }[],
    at: (point: CurvePoint) => number,
  ): ChartConfiguration => ({
    type: 'line',
    data: {
      datasets: sets.map(({ label, points, of }, index) => {
        const isPieces = label === PIECES;
        const colour = isPieces ? colours.soft : index === 0 ? colours.tide : colours.clay;
        return {
          ...{ label, borderColor: colour, backgroundColor: colour, borderWidth: 2, pointRadius: 0 },
          ...{ data: points.map((point) => ({ x: at(point), y: of(point) })) },
          ...{ borderDash: index === 0 ? [] : [5, 3], yAxisID: isPieces ? 'pieces' : 'y' },
        };
      }),
    },
    options: {
      maintainAspectRatio: false,
      plugins: { legend: { labels: { color: colours.text, boxHeight: 2 } } },
      scales: {
        y: axes(colours, title, `Narrowest cut, ${unit}`).y,
        x: { ...axes(colours, title, '').x, type: 'linear' },
        ...(sets.some(({ label }) => label === PIECES) && {
          pieces: {
            position: 'right' as const,
            title: { display: true, text: PIECES, color: colours.soft },
            ticks: { color: colours.soft, precision: 0 },
            grid: { display: false },
          },
        }),
      },
    },
  });
  const PIECES = 'Pieces';
  const narrowest = ({ narrowest: mm }: CurvePoint) => shown(mm);
  const byJoint = (colours: ChartColours) =>
    lines(
      colours,
      `Joint, ${unit}`,
      [
        { label: 'Narrowest cut, set out anew', points: work.curves?.joint ?? [], of: narrowest },
        { label: PIECES, points: work.curves?.joint ?? [], of: ({ pieces }) => pieces },
      ],
      ({ at }) => shown(at),
    );
  const byOffset = (colours: ChartColours) =>
    lines(
      colours,
      'On from where it begins, as a share of its repeat, percent',
      [
        { label: 'Moved along', points: work.curves?.along ?? [], of: narrowest },
        { label: 'Moved across', points: work.curves?.across ?? [], of: narrowest },
      ],
      ({ at }) => at * 100,
    );

  /** The best of a curve in words. */
  const best = (points: readonly CurvePoint[]) =>
    points.reduce<CurvePoint | null>((a, b) => (a && a.narrowest >= b.narrowest ? a : b), null);
  const bestJoint = $derived(best(work.curves?.joint ?? []));
</script>

<Dialog title="Cuts of {work.area?.letter ?? 'the zone'}" wide="46rem" {onclose}>
  {#if bars.length === 0}
    <p>Nothing is cut in this zone.</p>
  {:else}
    <Chart
      config={histogram}
      label="Cut pieces by what is left of them across the cut: {bars
        .filter(({ count }) => count > 0)
        .map(({ from, step, count }) => `${count} of ${length(from)} to ${length(from + step)}`)
        .join(', ')}"
    />
    <p class="said">
      {work.still!.slivers.size === 0 ? 'None' : work.still!.slivers.size} narrower than {length(sliver)} at an
      edge, and so a sliver. A piece that is cut on a slant stands by its extent.
    </p>
  {/if}
  {#if work.curves}
    <Chart
      config={byJoint}
      label="The narrowest cut and the pieces by the joint{bestJoint
        ? `: widest, ${length(bestJoint.narrowest)}, with a joint of ${length(bestJoint.at)}`
        : ''}"
    />
    {#if bestJoint}<p class="said">
        Widest with a joint of {length(bestJoint.at)}: {length(bestJoint.narrowest)}, {bestJoint.pieces} pieces.
      </p>{/if}
    <Chart config={byOffset} label="The narrowest cut by where the field begins, along and across" />
  {:else}
    <p class="said">Being worked out…</p>
  {/if}
</Dialog>

<style>
  .said {
    margin-bottom: 0.8rem;
    color: var(--soft);
    font-size: 13px;
  }
</style>
