<script lang="ts">
  import {
    editItems,
    fixedThings,
    inFrame,
    itemBoxes,
    kindOf,
    outlineOf,
    putFixed,
    topTargets,
    type FixedRecord,
    type ItemRecord,
    type OutlinePlace,
    type Point,
  } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import Button from '$ui/Button.svelte';
  import LengthField from '$ui/LengthField.svelte';
  import More from '$ui/More.svelte';

  /** The outline of a fixed thing or a plain shape: drawn by clicks on the plan, its corners corrected by numbers. */
  let { thing }: { thing: FixedRecord | ItemRecord } = $props();
  /** Of its front, along and up, rather than on the floor. */
  const upright = $derived(thing.kind === 'item' && kindOf(thing.type).upright === true);
  const { session, pick } = useWorkspace();
  const sides = ['along', 'out'] as const;
  const corners = $derived(outlineOf(upright ? { ...thing, depth: thing.height } : thing));
  const drawing = $derived(pick.now?.id === thing.id ? pick.now : null);

  function set(next: readonly OutlinePlace[]): string {
    const corners = [...next];
    const done =
      thing.kind === 'fixed'
        ? session.run(putFixed, { ...thing, corners })
        : session.run(editItems, { ids: [thing.id], change: { corners } });
    return done ? '' : session.message;
  }

  function change(index: number, part: Partial<OutlinePlace>): string {
    return set(corners.map((corner, at) => (at === index ? { ...corner, ...part } : corner)));
  }

  /** Puts a corner in the middle of the side after one. */
  function insert(index: number) {
    const [a, b] = [corners[index]!, corners[(index + 1) % corners.length]!];
    const between = { along: (a.along + b.along) / 2, out: (a.out + b.out) / 2 };
    set([...corners.slice(0, index + 1), between, ...corners.slice(index + 1)]);
  }

  function draw() {
    const drawn = (places: readonly Point[]) => {
      const all = thing.kind === 'fixed' ? fixedThings(session.committed) : itemBoxes(session.committed);
      const at = all.find(({ id }) => id === thing.id)!;
      set(places.map((place) => inFrame(at, place)));
    };
    pick.start(thing.id, 'outline', drawn, (design) => [topTargets(design)]);
  }

  function square() {
    if (thing.kind === 'item')
      return set(outlineOf({ ...thing, ...(upright ? { depth: thing.height } : {}), corners: undefined }));
    const whole = { ...thing };
    delete whole.corners;
    session.run(putFixed, whole);
  }
</script>

{#if drawing}
  <p class="about" role="status">
    Click the corners on the plan, one after the other; click the first again, or press Enter, to close.
    Backspace takes one back.
  </p>
  <div class="buttons">
    <Button look="primary" disabled={drawing.places.length < 3} onclick={() => pick.close()}>Close it</Button>
    <Button onclick={() => pick.cancel()}>Stop drawing</Button>
  </div>
{:else}
  <More
    title={thing.corners ? `Outline, ${corners.length} corners` : 'An outline of its own'}
    open={thing.corners !== undefined}
  >
    <p class="about">
      {upright
        ? 'Along from the left, and up from its lower edge.'
        : 'Along its back from the left, and out from it.'}
    </p>
    {#each corners as corner, index (index)}
      <div class="corner" role="group" aria-label="Corner {index + 1}">
        <span>{index + 1}</span>
        {#each sides as side (side)}
          <LengthField
            label="Corner {index + 1} {upright && side === 'out' ? 'up' : side}"
            hideLabel
            value={corner[side]}
            style={session.style}
            least={-30_000}
            onset={(mm) => change(index, { [side]: mm })}
          />
        {/each}
        <button onclick={() => insert(index)} aria-label="Put a corner after corner {index + 1}">+</button>
        <button
          disabled={corners.length <= 3}
          onclick={() => set(corners.filter((_, at) => at !== index))}
          aria-label="Take out corner {index + 1}">−</button
        >
      </div>
    {/each}
    <div class="buttons">
      {#if !upright}<Button onclick={draw}>Draw it on the plan</Button>{/if}
      {#if thing.corners}<Button onclick={square}>Make it a rectangle</Button>{/if}
    </div>
  </More>
{/if}

<style>
  .corner {
    display: grid;
    grid-template-columns: 1.2rem 1fr 1fr 1.7rem 1.7rem;
    gap: 0.3rem;
    align-items: center;
    margin-top: 0.3rem;
  }
  .corner :global(.field) {
    margin-top: 0;
  }
  .corner :global(input) {
    width: 100%;
  }
  .corner :global(.understood) {
    display: none;
  }
  .corner span {
    color: var(--soft);
    font-size: 13px;
  }
  .corner button {
    min-height: max(28px, var(--touch));
    margin: 0;
    padding: 0;
    border: 1px solid var(--rule);
    border-radius: 3px;
    background: var(--sheet);
    cursor: pointer;
  }
  .buttons {
    display: flex;
    flex-wrap: wrap;
    gap: 0.4rem;
  }
</style>
