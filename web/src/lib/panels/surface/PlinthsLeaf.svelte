<script lang="ts">
  import {
    boardLength,
    formatLength,
    MOST_PLINTH_BACK,
    MOST_PLINTH_OUT,
    plinths,
    plinthStock,
    roomOf,
    setRoom,
    usualPlinthBack,
    type BoardRow,
  } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import LengthField from '$ui/LengthField.svelte';
  import SurfaceSection from './SurfaceSection.svelte';

  /** The plinths of the room: how far they stand back all over, and what each takes. */
  const { session, screen } = useWorkspace();
  const design = $derived(session.settled);
  const room = $derived(roomOf(session.document));
  const all = $derived(plinths(design));
  const length = (mm: number) => formatLength(mm, session.style);

  function rowsOf({ high: height, boards }: BoardRow): (readonly [string, string])[] {
    const lengths = boards.map(boardLength);
    const sum = lengths.reduce((total, one) => total + one, 0);
    const stock = plinthStock(design);
    return [
      ['High', length(height)],
      ['Boards', lengths.map((one) => length(one)).join(', ')],
      [`Of lengths of ${length(stock)}`, `at least ${Math.ceil(sum / stock - 1e-9)}`],
    ];
  }
  const total = ({ boards }: BoardRow) => boards.reduce((sum, board) => sum + boardLength(board), 0);
</script>

<LengthField
  label="Back from the box"
  value={room.plinthBack ?? usualPlinthBack(design)}
  style={session.style}
  least={-MOST_PLINTH_OUT}
  most={MOST_PLINTH_BACK}
  onset={(mm) => (session.run(setRoom, { plinthBack: mm }) ? '' : session.message)}
/>
{#each all as plinth, index (index)}
  <SurfaceSection
    name="Plinth {index + 1}"
    figure={length(total(plinth))}
    rows={rowsOf(plinth)}
    onchoose={() => screen.choose(plinth.items)}
  />
{:else}
  <p>No plinths yet. Set cabinets on the floor: a plinth runs under them by itself.</p>
{/each}

<style>
  p {
    color: var(--soft);
    font-size: 12.5px;
  }
</style>
