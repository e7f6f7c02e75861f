<script lang="ts">
  import {
    factNames,
    factsAsked,
    factSorts,
    handleNames,
    kindOf,
    setFacts,
    type FactKey,
    type ItemRecord,
  } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import LengthField from '$ui/LengthField.svelte';
  import More from '$ui/More.svelte';
  import NumberField from '$ui/NumberField.svelte';
  import SelectField from '$ui/SelectField.svelte';

  /** What checks ask of an item beside its sizes; what is left open cannot be judged by. */
  let { item }: { item: ItemRecord } = $props();
  const { session } = useWorkspace();
  const keys = $derived(factsAsked(kindOf(item.type)));

  function note(key: FactKey, value: boolean | number | string | null): string {
    return session.run(setFacts, { ids: [item.id], facts: { [key]: value } }) ? '' : session.message;
  }

  const numberOf = (key: FactKey) => {
    const value = item.facts?.[key];
    return typeof value === 'number' ? value : null;
  };
</script>

{#if keys.length > 0}
  <More title="What checks ask for">
    {#each keys as key (key)}
      {@const sort = factSorts[key]}
      {#if sort === 'flag'}
        <SelectField
          label={factNames[key]}
          wide="9rem"
          value={item.facts?.[key] === undefined ? '' : item.facts[key] ? 'yes' : 'no'}
          onchoose={(value) => void note(key, value === '' ? null : value === 'yes')}
        >
          <option value="">Not known</option>
          <option value="yes">Yes</option>
          <option value="no">No</option>
        </SelectField>
      {:else if sort === 'side'}
        <SelectField
          label={factNames[key]}
          wide="9rem"
          value={item.facts?.handle ?? ''}
          onchoose={(value) => void note(key, value || null)}
        >
          <option value="">Not known</option>
          {#each Object.entries(handleNames) as [side, name] (side)}<option value={side}>{name}</option
            >{/each}
        </SelectField>
      {:else if 'length' in sort}
        <LengthField
          label={factNames[key]}
          value={numberOf(key)}
          style={session.style}
          most={sort.length}
          placeholder="not known"
          onset={(mm) => note(key, mm)}
          onclear={() => void note(key, null)}
        />
      {:else}
        <NumberField
          label={factNames[key]}
          value={numberOf(key)}
          most={'count' in sort ? sort.count : sort.number}
          unit={'count' in sort ? '' : 'cfm'}
          placeholder="not known"
          onset={(count) => note(key, count)}
          onclear={() => void note(key, null)}
        />
      {/if}
    {/each}
  </More>
{/if}
