<script lang="ts">
  import type { Pixels } from 'goodreach/textures';

  /** What was put straight, laid side by side four times: where it does not go on is seen. */
  let { pixels }: { pixels: Pixels } = $props();
  const SIDE = 150;

  function laid(canvas: HTMLCanvasElement) {
    $effect(() => {
      const { width, height, data } = pixels;
      const image = new ImageData(data as Uint8ClampedArray<ArrayBuffer>, width, height);
      [canvas.width, canvas.height] = [2 * width, 2 * height];
      const paper = canvas.getContext('2d')!;
      for (const x of [0, width]) for (const y of [0, height]) paper.putImageData(image, x, y);
    });
  }
  const scale = $derived(SIDE / Math.max(pixels.width, pixels.height));
</script>

<canvas
  style="width: {pixels.width * scale}px; height: {pixels.height * scale}px"
  aria-hidden="true"
  {@attach laid}
></canvas>
