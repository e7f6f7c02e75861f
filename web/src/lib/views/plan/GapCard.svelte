<script lang="ts">
  import {
    fillerFor,
    fillGap,
    formatLength,
    gapChains,
    kindOf,
    leaveOpen,
    removeThings,
    trimToGap,
    type FillerSide,
    type OpenLength,
  } from 'goodreach';
  import { nanoid } from 'nanoid';
  import { useWorkspace } from '$lib/tools/context';
  import Button from '$ui/Button.svelte';
  import Length from '$ui/Length.svelte';

  /** What can be done with an open length. */
  let { gap }: { gap: OpenLength } = $props();
  const { session, screen } = useWorkspace();
  const place = $derived({ face: gap.face.id, at: (gap.from + gap.to) / 2, band: gap.band });
  const fillId = `item-${nanoid(8)}`;
  const filler = $derived(fillerFor(session.committed, gap));
  const chains = $derived(gapChains(session.committed, gap));
  /** The nearest cabinet on either side that is made in other widths; appliances between move along. */
  const beside = $derived(
    [chains.left, chains.right].flatMap(
      (chain) => chain.find(({ kind }) => kind.trim && !kind.flat)?.record ?? [],
    ),
  );
  const cabinets = $derived(
    [...chains.left, ...chains.right]
      .filter(({ kind }) => kind.trim && !kind.flat)
      .map(({ record }) => record),
  );
  const chosen = $derived(cabinets.filter(({ id }) => screen.isSelected(id)));
  const narrow = $derived(gap.length <= kindOf('filler').trim!.most);

  interface Choice {
    label: string;
    problem: string;
    act: () => void;
  }
  /** What can be done, each with why it can't, if so. */
  const choices = $derived.by(() => {
    const trim = (ids: readonly string[], label: string): Choice => ({
      label,
      problem: session.mayRun(trimToGap, { ...place, ids }),
      act: () => session.run(trimToGap, { ...place, ids }) && screen.choose(ids),
    });
    const found: Choice[] = [
      {
        label: 'Close with a filler',
        problem: session.mayRun(fillGap, { ...place, id: fillId }),
        act: () => session.run(fillGap, { ...place, id: fillId }) && screen.select(fillId),
      },
      ...beside.map(({ id, code }) => trim([id], `Trim ${code} to the gap`)),
    ];
    const add = (choice: Choice) => choice.problem === '' && found.push(choice);
    const idsOf = (items: readonly { id: string }[]) => items.map(({ id }) => id);
    if (chosen.length > 0 && !(chosen.length === 1 && beside.some(({ id }) => id === chosen[0]!.id)))
      found.push(trim(idsOf(chosen), `Share it among the ${chosen.length} chosen`));
    if (cabinets.length > 1 && chosen.length !== cabinets.length)
      add(trim(idsOf(cabinets), `Share it among all ${cabinets.length} beside it`));
    return found;
  });

  function leave() {
    if (gap.leftOpen) session.run(removeThings, [gap.leftOpen]);
    else session.run(leaveOpen, { ...place, id: `left-open-${nanoid(8)}` });
    screen.showGap(null);
  }

  const fine = $derived({
    ...session.style,
    step: session.style.step > 0.5 ? session.style.step / 2 : session.style.step,
  });
  const length = (mm: number) => formatLength(mm, fine);
  function meets(side: FillerSide): string {
    switch (side.meets) {
      case 'built':
        return 'scribed to the wall';
      case 'front':
        return `a front that stops ${length(side.short)} short`;
      case 'corner':
        return `fronts ${length(side.proud)} proud round the corner`;
      case 'panel':
        return `a panel of ${length(side.thickness)}`;
      case 'side':
        return 'a side or panel';
    }
  }
</script>

<div class="chip-card" role="group" aria-label="Close the open length">
  {#if gap.alongFace - gap.length > session.style.step}
    <p>Out of square: <Length text={formatLength(gap.alongFace, session.style)} /> along the wall.</p>
  {/if}
  {#if narrow}
    <dl>
      <div>
        <dt>Box gap</dt>
        <dd><Length text={length(filler.gap)} /></dd>
      </div>
      <div>
        <dt>Seen</dt>
        <dd><Length text={length(filler.visible)} /></dd>
      </div>
      <div>
        <dt>Cut to</dt>
        <dd><Length text={length(filler.cut)} /></dd>
      </div>
    </dl>
    <p>Left {meets(filler.sides[0])}, right {meets(filler.sides[1])}.</p>
  {/if}
  {#each choices as { label, problem, act } (label)}
    <Button onclick={act} disabled={problem !== ''}>{label}</Button>
    {#if problem}<p>{problem}</p>{/if}
  {/each}
  <Button onclick={() => screen.propose({ faces: [gap.face.id], band: gap.band, at: place.at })}
    >Propose cabinets</Button
  >
  <Button look="quiet" onclick={leave}>{gap.leftOpen ? 'To be closed after all' : 'Leave it open'}</Button>
</div>

<style>
  .chip-card {
    display: grid;
    gap: 0.35rem;
    width: 15.5rem;
    max-height: 22rem;
    padding: 0.6rem;
    overflow-y: auto;
    border: 1px solid var(--rule-strong);
    border-radius: 4px;
    background: var(--sheet);
    box-shadow: var(--shadow);
  }
  dl {
    display: grid;
    grid-template-columns: repeat(3, 1fr);
    gap: 0.2rem;
    margin: 0;
  }
  dl div {
    display: grid;
  }
  dt {
    color: var(--soft);
    font-size: 11.5px;
  }
  dd {
    margin: 0;
    font-weight: 500;
    font-variant-numeric: tabular-nums;
  }
  p {
    color: var(--soft);
    font-size: 12px;
    line-height: 1.35;
  }
</style>
