<script lang="ts">
  import {
    builtInto,
    findBox,
    roomShape,
    say,
    setCutRound,
    slantOf,
    slantsTurned,
    type ItemRecord,
  } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';

  /** Whether a cabinet is cut round the pipe boxes and columns where it stands, and to a wall or a ceiling that slants there; nothing where there is none. */
  let { item }: { item: ItemRecord } = $props();
  const { session } = useWorkspace();
  const box = $derived(findBox(session.settled, item.id));
  const there = $derived(box ? builtInto(session.settled, box) : []);
  const slant = $derived(box ? slantOf(session.settled, box) : null);
  const turned = $derived(box !== undefined && slantsTurned(session.settled, box));
  const slants = $derived.by(() => {
    if (!slant) return null;
    if (slant.by === 'ceiling') return 'the sloped ceiling';
    return `face ${roomShape(session.settled).byId.get(slant.by.face)!.letter}`;
  });
  const label = $derived.by(() => {
    const names = [...new Set(there.map(({ thing }) => say(thing.record.type)))].join(' and ');
    const round = names || (slants ? null : 'what is built in');
    return [round && `round ${round}`, slants && `to ${slants}`].filter(Boolean).join(' and ');
  });
</script>

{#if there.length > 0 || slants || item.cutRound}
  <label>
    <input
      type="checkbox"
      checked={item.cutRound ?? false}
      disabled={item.locked}
      onchange={(event) =>
        session.run(setCutRound, { ids: [item.id], cutRound: event.currentTarget.checked })}
    />
    Cut it {label}
  </label>
{/if}
{#if turned}
  <p>
    Its door can’t open under the slope. Hung on its {item.hand === 'left' ? 'right' : 'left'}, it can be cut
    to that.
  </p>
{/if}

<style>
  label {
    display: flex;
    align-items: center;
    gap: 0.4rem;
    min-height: max(28px, var(--touch));
    color: var(--soft);
  }

  p {
    margin: 0;
    color: var(--soft);
  }
</style>
