<script lang="ts">
  import {
    boardLength,
    findBox,
    formatLength,
    inward,
    MOST_PLINTH_BACK,
    MOST_PLINTH_OUT,
    middle,
    place,
    plinthBackOf,
    plinths,
    recordsOf,
    setPlinth,
    subtract,
    unit,
    type EdgeBoard,
    type Point,
  } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import { carrierName, sidesName } from '$lib/tools/top-words';
  import LengthField from '$ui/LengthField.svelte';
  import LinkButton from '$ui/LinkButton.svelte';
  import { ringPath, toScreen, type Camera } from '../camera';
  import { chipSpot, spread } from '../spread';
  import { toldApart } from '../told-apart';
  import EdgeChip from './EdgeChip.svelte';

  /** The plinths brought forward: every board carries how far it stands back, and where one is left out it can be put back. */
  let { camera }: { camera: Camera } = $props();
  const { session } = useWorkspace();

  const said = (mm: number) => formatLength(mm, session.style);
  const path = (ring: readonly Point[]) => ringPath(camera, ring);

  /** Along what is shorter there is no room for a number, pixels: nearer by it has one. */
  const LEAST_TOLD = 24;
  const boards = $derived(
    toldApart(
      plinths(session.document)
        .flatMap((plinth) => plinth.boards)
        .map((board) => ({
          id: board.at.map(({ item, side }) => `${item} ${side}`).join(' '),
          board,
          ...plinthBackOf(session.document, board),
        }))
        .filter(({ board, own }) => !board.step && (own || boardLength(board) * camera.k >= LEAST_TOLD)),
    ),
  );
  const without = $derived(
    recordsOf(session.document, 'item').flatMap(({ id, plinth }) => {
      const box = plinth?.none ? findBox(session.document, id) : undefined;
      return box ? [{ id, at: place(box.origin, box.u, box.record.width / 2, box.n, box.record.depth) }] : [];
    }),
  );

  /** Chips stand before their board. */
  const OUT = 20;
  const before = ({ a, b }: EdgeBoard): Point => {
    const out = inward(unit(subtract(b, a)));
    return toScreen(camera, place(middle(a, b), out, OUT / camera.k, out, 0));
  };
  const places = $derived(
    spread([
      ...boards.map(({ board, back }) => chipSpot(before(board), said(back))),
      ...without.map(({ at }) => chipSpot(toScreen(camera, at), 'no plinth')),
    ]),
  );

  let opened: string | null = $state(null);
  let over: string | null = $state(null);
  const lit = $derived(boards.find(({ id }) => id === (opened ?? over))?.board);
  const close = (id: string) => {
    if (opened === id) opened = null;
  };

  const set = ({ at }: EdgeBoard, back: number | null): string =>
    session.run(setPlinth, { at: [at[0], ...at.slice(1)], back }) ? '' : session.message;
  const leaveOut = (ids: readonly string[], none: boolean) => {
    opened = null;
    session.run(setPlinth, { ids, none });
  };
</script>

<svelte:window onkeydown={(event) => event.key === 'Escape' && (opened = null)} />
<svg aria-hidden="true">
  {#each plinths(session.document).flatMap((plinth) => plinth.boards) as board, index (index)}
    <path class:lit={board === lit} d={path(board.footprint)} />
  {/each}
</svg>
{#each boards as { id, board, back, own }, index (id)}
  {@const name = sidesName(session.document, board.at)}
  <EdgeChip
    at={places[index]!}
    text={said(back)}
    label="Plinth of {name} stands back {said(back)}{own ? ', set by hand' : ''}, type to change"
    {own}
    opened={opened === id}
    onopen={() => (opened = id)}
    onover={(is) => (over = is ? id : null)}
  >
    <LengthField
      label="Plinth of {name}: back from the box"
      hideLabel
      focused
      value={back}
      style={session.style}
      least={-MOST_PLINTH_OUT}
      most={MOST_PLINTH_BACK}
      hint={own ? 'empty: automatic' : 'back from the box'}
      onset={(mm) => set(board, mm)}
      onclear={own ? () => set(board, null) : undefined}
      onleave={() => close(id)}
    />
    {#if board.at[0].side === 'front'}
      <LinkButton
        onclick={() =>
          leaveOut(
            board.at.map(({ item }) => item),
            true,
          )}>No plinth here</LinkButton
      >
    {/if}
  </EdgeChip>
{/each}
{#each without as { id }, index (id)}
  <EdgeChip
    at={places[boards.length + index]!}
    text="no plinth"
    label="No plinth before {carrierName(session.document, id)}: put one there"
    own
    opened={false}
    onopen={() => leaveOut([id], false)}>{null}</EdgeChip
  >
{/each}

<style>
  svg {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
    pointer-events: none;
  }
  path {
    fill: var(--ink);
    stroke: var(--ink);
    stroke-width: 1;
  }
  path.lit {
    fill: var(--tide);
    stroke: var(--tide);
    stroke-width: 3;
  }
</style>
