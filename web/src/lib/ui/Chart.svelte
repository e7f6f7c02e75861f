<script lang="ts" module>
  /** The colours of a chart by the light it is seen in. */
  export interface ChartColours {
    text: string;
    soft: string;
    rule: string;
    tide: string;
    clay: string;
  }
</script>

<script lang="ts">
  import type { Chart, ChartConfiguration } from 'chart.js';

  /** A chart, with what it says as words for those who don't see it. The library is fetched when the first chart is shown. */
  interface Props {
    config: (colours: ChartColours) => ChartConfiguration;
    label: string;
    height?: number;
  }
  let { config, label, height = 190 }: Props = $props();

  function drawn(canvas: HTMLCanvasElement) {
    const library = import('chart.js/auto');
    let chart: Chart | null = null;
    let isGone = false;
    $effect(() => {
      const style = getComputedStyle(canvas);
      const of = (name: string) => style.getPropertyValue(name).trim();
      const made = config({
        ...{ text: of('--text'), soft: of('--soft'), rule: of('--rule') },
        ...{ tide: of('--tide'), clay: of('--clay') },
      });
      const options = { ...made.options, animation: false as const };
      void library.then(({ Chart }) => {
        if (isGone) return;
        Chart.defaults.font.family = style.fontFamily;
        if (!chart) chart = new Chart(canvas, { ...made, options });
        else {
          Object.assign(chart, { data: made.data, options });
          chart.update('none');
        }
      });
    });
    return () => {
      isGone = true;
      chart?.destroy();
    };
  }
</script>

<div style="height: {height}px" role="img" aria-label={label}>
  <canvas {@attach drawn} aria-hidden="true"></canvas>
</div>

<style>
  div {
    position: relative;
  }
</style>
