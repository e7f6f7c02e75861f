<script lang="ts">
  import {
    firstOwn,
    MOST_OWN,
    putZone,
    refusalText,
    unfilled,
    zoneCell,
    type ZoneOwnPattern,
    type ZoneRecord,
  } from 'goodreach';
  import { untrack } from 'svelte';
  import { useWorkspace } from '$lib/tools/context';
  import Button from '$ui/Button.svelte';
  import Dialog from '$ui/Dialog.svelte';
  import NumberField from '$ui/NumberField.svelte';
  import PatternPicture from './PatternPicture.svelte';

  /** A pattern of one's own: tiles drawn on the squares of what comes again and again, seen laid at once. */
  let { zone, onclose }: { zone: ZoneRecord; onclose: () => void } = $props();
  const { session } = useWorkspace();
  let own: ZoneOwnPattern = $state.raw(untrack(() => zone.pattern.own ?? firstOwn));

  type Piece = ZoneOwnPattern['pieces'][number];
  /** The tile that is being drawn, or that the keys lay. */
  let next: Piece = $state.raw({ x: 0, y: 0, w: 1, h: 1 });
  let from: { x: number; y: number } | null = null;

  /** A square is so wide, pixels: as large as there is room for. */
  const square = $derived(Math.min(64, Math.floor(400 / Math.max(own.columns, own.rows))));
  const left = $derived(unfilled(own));
  const laid = $derived({ ...zone, pattern: { type: 'own' as const, own } });
  const cell = $derived(zoneCell(laid));
  const problem = $derived(cell.ok ? '' : refusalText(cell.refusal, session.style));

  /** The squares of a tile, those beyond an edge where the repeat has them. */
  function squaresOf({ x, y, w, h }: Piece): string[] {
    const { columns, rows, shift } = own;
    return Array.from({ length: w * h }, (_, index) => {
      const [column, row] = [x + (index % w), y + Math.floor(index / w)];
      const up = Math.floor(row / rows);
      return `${(((column - up * shift) % columns) + columns) % columns} ${row - up * rows}`;
    });
  }
  /** Lays a tile where it was drawn: those it would lie on are taken up. */
  function lay(piece: Piece) {
    const taken = new Set(squaresOf(piece));
    if (taken.size < piece.w * piece.h) return;
    const others = own.pieces.filter((one) => !squaresOf(one).some((square) => taken.has(square)));
    own = { ...own, pieces: [...others, piece] };
  }
  function takeUp({ x, y }: { x: number; y: number }) {
    own = { ...own, pieces: own.pieces.filter((one) => !squaresOf(one).includes(`${x} ${y}`)) };
  }
  /** Lays single tiles on what is free. */
  function fill() {
    const taken = new Set(own.pieces.flatMap(squaresOf));
    const free = Array.from({ length: own.columns * own.rows }, (_, index) => ({
      ...{ x: index % own.columns, y: Math.floor(index / own.columns) },
      ...{ w: 1, h: 1 },
    })).filter(({ x, y }) => !taken.has(`${x} ${y}`));
    own = { ...own, pieces: [...own.pieces, ...free] };
  }
  /** Another size of repeat keeps the tiles that still lie in it. */
  function resize(change: Partial<Pick<ZoneOwnPattern, 'columns' | 'rows' | 'shift'>>) {
    const sized = { ...own, ...change };
    const { columns, rows } = sized;
    own = {
      ...sized,
      shift: Math.min(sized.shift, columns - 1),
      pieces: own.pieces.filter(({ x, y, w, h }) => x < columns && y < rows && w <= columns && h <= rows),
    };
    next = { x: Math.min(next.x, columns - 1), y: Math.min(next.y, rows - 1), w: 1, h: 1 };
    return '';
  }

  function squareAt(event: PointerEvent & { currentTarget: SVGSVGElement }) {
    const box = event.currentTarget.getBoundingClientRect();
    const at = (offset: number, most: number) => Math.max(0, Math.min(most - 1, Math.floor(offset / square)));
    return {
      x: at(event.clientX - box.left, own.columns),
      y: own.rows - 1 - at(event.clientY - box.top, own.rows),
    };
  }
  const between = (a: { x: number; y: number }, b: { x: number; y: number }): Piece => ({
    ...{ x: Math.min(a.x, b.x), y: Math.min(a.y, b.y) },
    ...{ w: Math.abs(a.x - b.x) + 1, h: Math.abs(a.y - b.y) + 1 },
  });
  function press(event: PointerEvent & { currentTarget: SVGSVGElement }) {
    event.currentTarget.setPointerCapture(event.pointerId);
    from = squareAt(event);
    next = between(from, from);
  }
  function move(event: PointerEvent & { currentTarget: SVGSVGElement }) {
    if (from) next = between(from, squareAt(event));
  }
  function release() {
    if (from) lay(next);
    from = null;
  }
  function key(event: KeyboardEvent) {
    const way = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }[event.key];
    const { columns, rows } = own;
    const within = (value: number, least: number, most: number) => Math.max(least, Math.min(most, value));
    if (way && event.shiftKey)
      next = {
        ...next,
        w: within(next.w + way[0]!, 1, columns),
        h: within(next.h + way[1]!, 1, rows),
      };
    else if (way)
      next = {
        ...next,
        x: within(next.x + way[0]!, 0, columns - 1),
        y: within(next.y + way[1]!, 0, rows - 1),
      };
    else if (event.key === 'Enter' || event.key === ' ') lay(next);
    else if (event.key === 'Delete' || event.key === 'Backspace') takeUp(next);
    else return;
    event.preventDefault();
    event.stopPropagation();
  }
  function save() {
    if (session.run(putZone, laid)) onclose();
  }
  /** A tile with its copies beyond the edges, as far as they are seen. */
  function seen({ x, y, w, h }: Piece): Piece[] {
    const { columns, rows, shift } = own;
    return [-1, 0, 1]
      .flatMap((up) =>
        [-2, -1, 0, 1, 2].map((on) => ({ x: x + on * columns + up * shift, y: y + up * rows, w, h })),
      )
      .filter((one) => one.x < columns && one.x + one.w > 0 && one.y < rows && one.y + one.h > 0);
  }
</script>

<Dialog title="Own pattern" wide="46rem" {onclose}>
  <div class="editor">
    <div>
      <!-- svelte-ignore a11y_no_noninteractive_tabindex, a11y_no_noninteractive_element_interactions -->
      <svg
        width={own.columns * square}
        height={own.rows * square}
        role="application"
        aria-label="The repeat of the pattern. Arrow keys move, Shift and arrow keys make the tile larger or smaller, Enter lays it, Delete takes one up."
        tabindex="0"
        onpointerdown={press}
        onpointermove={move}
        onpointerup={release}
        onkeydown={key}
      >
        <defs>
          <pattern id="free" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <path class="hatch" d="M0 0V6" />
          </pattern>
        </defs>
        <rect width="100%" height="100%" fill="url(#free)" />
        {#each own.pieces as piece, index (index)}
          {#each seen(piece) as { x, y, w, h }, copy (copy)}
            <rect
              class="piece"
              x={x * square + 1.5}
              y={(own.rows - y - h) * square + 1.5}
              width={w * square - 3}
              height={h * square - 3}
            />
          {/each}
        {/each}
        <rect
          class="next"
          x={next.x * square + 1}
          y={(own.rows - next.y - next.h) * square + 1}
          width={next.w * square - 2}
          height={next.h * square - 2}
        />
      </svg>
      <p class="said" role="status">
        {left.missing === 0 ? 'All of it is filled.' : `${left.missing} squares are free.`}
        Drag over squares to lay a tile there.
      </p>
      {#if left.missing > 0}<Button look="quiet" onclick={fill}>Fill with single tiles</Button>{/if}
    </div>
    <div class="sizes">
      <NumberField
        label="Columns"
        value={own.columns}
        least={1}
        most={MOST_OWN}
        onset={(columns) => resize({ columns })}
      />
      <NumberField
        label="Rows"
        value={own.rows}
        least={1}
        most={MOST_OWN}
        onset={(rows) => resize({ rows })}
      />
      <NumberField
        label="Next row on"
        value={own.shift}
        most={own.columns - 1}
        onset={(shift) => resize({ shift })}
      />
      {#if problem}
        <p class="said">{problem}</p>
      {:else}
        <PatternPicture zone={laid} size={180} />
      {/if}
    </div>
  </div>
  <Button look="primary" disabled={problem !== ''} onclick={save}>Lay it</Button>
</Dialog>

<style>
  .editor {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 14rem;
    gap: 1.2rem;
    margin-bottom: 0.8rem;
  }
  svg {
    max-width: 100%;
    border: 1px solid var(--rule-strong);
    cursor: crosshair;
    touch-action: none;
  }
  svg:focus-visible {
    outline: 2px solid var(--clay);
    outline-offset: 2px;
  }
  .hatch {
    stroke: var(--clay);
    stroke-width: 1.4;
  }
  .piece {
    fill: var(--chrome);
    stroke: var(--text);
  }
  .next {
    fill: none;
    stroke: var(--tide);
    stroke-dasharray: 4 3;
    stroke-width: 2;
  }
  .sizes {
    display: grid;
    align-content: start;
    gap: 0.4rem;
  }
  .said {
    color: var(--soft);
    font-size: 13px;
  }
</style>
