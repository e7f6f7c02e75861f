<script lang="ts">
  import {
    editItems,
    isOwnTop,
    kindOf,
    ownFinish,
    specialSizes,
    type ItemChange,
    type ItemRecord,
    type SpecialSize,
  } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import LengthField from '$ui/LengthField.svelte';
  import FinishField from '../FinishField.svelte';

  /** The measures and finish of items: what they share is shown, what is typed changes all of them. */
  let { items }: { items: readonly ItemRecord[] } = $props();
  const { session, shelf } = useWorkspace();
  const ids = $derived(items.map(({ id }) => id));
  const locked = $derived(items.some((item) => item.locked));
  const special = $derived(
    new Set(items.flatMap((item) => specialSizes(item, shelf.known(session.document)))),
  );
  const isCut = $derived(items.every(({ type }) => kindOf(type).flat));
  const sizes: { key: 'width' | 'depth' | 'height' | 'up'; label: string; least: number; most: number }[] = [
    { key: 'width', label: 'Width', least: 1, most: 4000 },
    { key: 'depth', label: 'Depth', least: 1, most: 4000 },
    { key: 'height', label: 'Height', least: 1, most: 6000 },
    { key: 'up', label: 'Above floor', least: 0, most: 6000 },
  ];

  /** What all have in common, or null. */
  function shared<K extends 'width' | 'depth' | 'height' | 'up' | 'leg'>(key: K) {
    const [first, ...others] = items;
    return others.every((item) => item[key] === first![key]) ? (first![key] ?? null) : null;
  }

  /** What is finished of them: their fronts, but of tops and panels what they are, and the cloth of what dresses the room. */
  const finished = $derived.by(() => {
    const parts = items.map(({ type }) => {
      const kind = kindOf(type);
      if (isOwnTop(kind)) return 'top';
      const { group } = kind;
      return group === 'panels' ? 'end' : group === 'dressing' ? 'dressing' : 'front';
    });
    return parts.every((part) => part === parts[0]) ? parts[0]! : 'front';
  });
  const finishes = $derived(new Set(items.map((item) => ownFinish(item, finished))));

  function change(part: ItemChange): string {
    return session.run(editItems, { ids, change: part }) ? '' : session.message;
  }
</script>

{#each sizes as { key, label, least, most } (key)}
  <LengthField
    {label}
    value={shared(key)}
    style={session.style}
    {least}
    {most}
    disabled={locked}
    placeholder="various"
    hint={!special.has(key as SpecialSize) ? '' : isCut ? 'cut' : 'special'}
    onset={(mm) => change({ [key]: mm })}
  />
{/each}
{#if items.every(({ leg }) => leg !== undefined)}
  <LengthField
    label="Legs deep"
    value={shared('leg')}
    style={session.style}
    least={1}
    most={4000}
    disabled={locked}
    placeholder="various"
    onset={(leg) => change({ leg })}
  />
{/if}
<!-- An object has colours of its own. -->
{#if !items.every(({ model }) => model)}
  <FinishField
    label="Finish"
    part={finished}
    to={{ items: ids as [string, ...string[]] }}
    value={finishes.size === 1 ? [...finishes][0] : undefined}
    placeholder={finishes.size > 1 ? 'as each is' : ''}
  />
{/if}
