<script lang="ts">
  import {
    findItem,
    joinItems,
    kindOf,
    splitItem,
    swapItems,
    swapsFor,
    type ItemRecord,
    type ShelfItem,
  } from 'goodreach';
  import { nanoid } from 'nanoid';
  import { useWorkspace } from '$session/context';
  import Button from '$ui/Button.svelte';
  import LengthField from '$ui/LengthField.svelte';
  import More from '$ui/More.svelte';

  /** What makes other cabinets of the chosen ones in their place: splitting, joining, swapping the kind. */
  let { items }: { items: readonly [ItemRecord, ...ItemRecord[]] } = $props();
  const { session, screen, shelf } = useWorkspace();
  const ids = $derived(items.map(({ id }) => id));
  const locked = $derived(items.some((item) => item.locked));
  const known = $derived(shelf.known(session.document));
  const first = $derived(items[0]);
  const splits = $derived(items.length === 1 && kindOf(first.type).trim !== null && !kindOf(first.type).flat);

  /** The families every chosen item can be swapped for, the one it is of first. */
  const families = $derived.by(() => {
    const perItem = items.map((item) => swapsFor(item, known));
    const shared = (perItem[0] ?? []).filter(({ family }) =>
      perItem.every((one) => one.some((other) => other.family.code === family.code)),
    );
    const unique = new Map<string, ShelfItem>(shared.map((item) => [item.family.code, item]));
    return [...unique.values()].map(({ family }) => ({ code: family.code, name: family.name }));
  });
  const own = $derived.by(() => {
    const found = findItem(first.range, first.code, known);
    return found.ok ? found.value.family : null;
  });

  function split(left?: number): string {
    const right = `item-${nanoid(8)}`;
    const width = left === undefined ? {} : { left };
    if (!session.run(splitItem, { id: first.id, right, ...width })) return session.message;
    screen.choose([first.id, right]);
    return '';
  }

  function join() {
    if (session.run(joinItems, { ids }))
      screen.select(ids.find((id) => session.committed.records[id]) ?? null);
  }
</script>

{#if families.length > 0 && own}
  <label class="row">
    Swap for
    <select
      value=""
      disabled={locked}
      onchange={(event) => {
        session.run(swapItems, { ids, family: event.currentTarget.value });
        event.currentTarget.value = '';
      }}
    >
      <option value="" disabled>another kind</option>
      {#each families as { code, name } (code)}<option value={code}>{name}</option>{/each}
    </select>
  </label>
{/if}
{#if splits}
  <More title="Split in two">
    <Button disabled={locked} onclick={() => split()}>In halves</Button>
    <LengthField
      label="Left one"
      value={null}
      placeholder="width"
      style={session.style}
      least={20}
      most={first.width}
      disabled={locked}
      onset={(mm) => split(mm)}
    />
  </More>
{/if}
{#if items.length === 2}
  <div><Button disabled={locked} onclick={join}>Join the two in one</Button></div>
{/if}
