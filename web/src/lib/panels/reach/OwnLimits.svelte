<script lang="ts">
  import { recordsOf, ruleName, saidLimit, setLimit, type LimitPlace } from 'goodreach';
  import { nanoid } from 'nanoid';
  import { useWorkspace } from '$lib/tools/context';
  import Button from '$ui/Button.svelte';

  /** Limits that are others here than their sources say; kept for new rooms, or taken from what is kept. */
  const { session, keptLimits } = useWorkspace();
  const own = $derived(recordsOf(session.document, 'limit'));

  const placeOf = ({ rule, check, side, was }: LimitPlace) => `${rule} ${check} ${side} ${was}`;
  const key = (limit: LimitPlace & { now: number }) => `${placeOf(limit)} ${limit.now}`;
  const isKept = (whose: 'job' | 'studio') =>
    keptLimits[whose].map(key).sort().join() === own.map(key).sort().join();
  /** What the job asks for, and the studio where the job says nothing, that the room does not. */
  const toTake = $derived.by(() => {
    const kept = new Map(
      (['studio', 'job'] as const).flatMap((by) =>
        keptLimits[by].map((one) => [placeOf(one), { ...one, by }]),
      ),
    );
    return [...kept.values()].filter((one) => !own.some((record) => key(record) === key(one)));
  });

  function take() {
    for (const { by, now, ...at } of toTake) session.run(setLimit, { id: `limit-${nanoid(8)}`, at, now, by });
  }
</script>

{#if own.length + toTake.length > 0}
  <h3>Limits of its own</h3>
  <ul>
    {#each own as record (record.id)}
      {@const { name, now, was } = saidLimit(session.document, record)}
      <li>
        <span>{ruleName(record.rule)}, {name}: {now}<small>usually {was}; by the {record.by}</small></span>
        <Button
          look="quiet"
          aria-label="Take back {ruleName(record.rule)}, {name}"
          onclick={() => session.run(setLimit, { id: record.id, at: record, now: null })}>Take back</Button
        >
      </li>
    {/each}
  </ul>
  <div class="row">
    {#if !isKept('job')}<Button onclick={() => void keptLimits.keep('job', own)}
        >For new rooms of the job</Button
      >{/if}
    {#if !isKept('studio')}<Button onclick={() => void keptLimits.keep('studio', own)}
        >For all new rooms</Button
      >{/if}
    {#if toTake.length > 0}<Button onclick={take}>Take the {toTake.length} kept</Button>{/if}
  </div>
  {#if keptLimits.problem}<p role="alert">{keptLimits.problem}</p>{/if}
{/if}

<style>
  h3 {
    margin-top: 0.5rem;
    color: var(--soft);
    font-size: 12.5px;
    font-weight: 500;
  }
  ul {
    margin: 0;
    padding: 0;
    list-style: none;
  }
  li {
    display: flex;
    align-items: center;
    justify-content: space-between;
    gap: 0.4rem;
    font-size: 13px;
  }
  small {
    display: block;
    color: var(--soft);
    font-size: 12px;
  }
  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 0.3rem;
  }
  p {
    color: var(--blocked);
    font-size: 12.5px;
  }
</style>
