<script lang="ts">
  import type { Finish } from 'goodreach';
  import { SMALL, textureOf } from '$lib/views/textures';

  /** A finish as a piece of it looks: at the scale all swatches share, tiles laid with their joints. */
  interface Props {
    finish: Finish;
    width?: number;
    height?: number;
  }
  let { finish, width = 72, height = 52 }: Props = $props();

  /** Pixels of the screen for a millimetre. */
  const SCALE = 0.2;

  function painted(canvas: HTMLCanvasElement) {
    $effect(() => {
      const { figure, colour, code, long, high, tile } = finish;
      const sharp = window.devicePixelRatio || 1;
      [canvas.width, canvas.height] = [width * sharp, height * sharp];
      const paper = canvas.getContext('2d')!;
      paper.scale(sharp, sharp);
      paper.fillStyle = colour;
      paper.fillRect(0, 0, width, height);
      if (figure.type === 'plain' && !tile) return;
      let gone = false;
      textureOf({ code, colour, figure, long, ...(high !== undefined && { high }) }, SMALL).then(
        (pixels) => {
          if (!gone) lay(paper, pixels);
        },
        // It keeps its plain colour.
        () => undefined,
      );
      return () => (gone = true);
    });
  }

  function lay(paper: CanvasRenderingContext2D, pixels: ImageData) {
    const { tile, long, high: upright = long } = finish;
    const piece = document.createElement('canvas');
    [piece.width, piece.height] = [pixels.width, pixels.height];
    piece.getContext('2d')!.putImageData(pixels, 0, 0);
    const [side, rise] = [long * SCALE, upright * SCALE];
    // Timber lies along, as boards do.
    const along = finish.grain === true;
    const draw = (x: number, y: number, wide: number, high: number, from: number) => {
      paper.save();
      paper.beginPath();
      paper.rect(x, y, wide, high);
      paper.clip();
      paper.translate(x, y);
      if (along) paper.transform(0, 1, 1, 0, 0, 0);
      const off = -((from * side * 0.37) % side);
      for (let dx = off; dx < Math.max(wide, high); dx += side)
        for (let dy = off; dy < Math.max(wide, high); dy += rise) paper.drawImage(piece, dx, dy, side, rise);
      paper.restore();
    };
    if (!tile) return draw(0, 0, width, height, 0);
    paper.fillStyle = tile.grout;
    paper.fillRect(0, 0, width, height);
    const joint = Math.max(0.8, tile.joint * SCALE);
    const [wide, high] = [tile.long * SCALE, tile.high * SCALE];
    for (let row = 0; row * (high + joint) < height; row++) {
      const shift = ((row * tile.offset) % 1) * (wide + joint);
      for (let x = -shift, at = 0; x < width; x += wide + joint, at++)
        draw(x, row * (high + joint), wide, high, 3 * row + at);
    }
  }
</script>

<canvas style="width: {width}px; height: {height}px" aria-hidden="true" {@attach painted}></canvas>

<style>
  canvas {
    display: block;
    border-radius: 2px;
  }
</style>
