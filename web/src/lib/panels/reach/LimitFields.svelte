<script lang="ts">
  import {
    limitRecord,
    limitsOf,
    limitUnit,
    saidLimit,
    setLimit,
    type Finding,
    type LimitPlace,
  } from 'goodreach';
  import { nanoid } from 'nanoid';
  import { useWorkspace } from '$lib/tools/context';
  import LengthField from '$ui/LengthField.svelte';
  import More from '$ui/More.svelte';
  import NumberField from '$ui/NumberField.svelte';

  /** What the rules of a finding ask for, to be changed for this room. */
  let { finding }: { finding: Finding } = $props();
  const { session } = useWorkspace();
  /** Only the limits that were held against what is found here. */
  const places = $derived(
    [finding.rule, ...(finding.also ?? [])].flatMap((rule) =>
      limitsOf(rule).filter(({ check, side, was }) =>
        finding.checks.some(
          (one) => one.id === check && one.limit === side && (one.usual ?? one.required) === was,
        ),
      ),
    ),
  );
  const nowOf = (at: LimitPlace) => limitRecord(session.document, at)?.now ?? at.was;

  function change(at: LimitPlace, now: number): string {
    return session.run(setLimit, { id: `limit-${nanoid(8)}`, at, now }) ? '' : session.message;
  }
</script>

{#if places.length > 0}
  <div class="limits">
    <More title="Ask for something else here">
      {#each places as at (`${at.rule} ${at.check} ${at.side} ${at.was}`)}
        {@const { name } = saidLimit(session.document, { ...at, now: nowOf(at) })}
        {#if limitUnit(at) === 'length'}
          <LengthField
            label="{name}, {at.side}"
            style={session.style}
            value={nowOf(at)}
            onset={(mm) => change(at, mm)}
          />
        {:else if limitUnit(at) === 'number'}
          <NumberField
            label="{name}, {at.side}"
            value={nowOf(at)}
            least={0}
            most={100_000}
            onset={(count) => change(at, count)}
          />
        {/if}
      {/each}
    </More>
  </div>
{/if}

<style>
  .limits {
    padding: 0 0.5rem;
  }
</style>
