<script lang="ts">
  import {
    behindSeatsNames,
    LEAST_USER,
    MOST_USER,
    packs,
    packsOf,
    roomOf,
    rulePackIds,
    setRoom,
    type BehindSeats,
    type RulePackId,
  } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import More from '$ui/More.svelte';
  import OwnLimits from './OwnLimits.svelte';
  import LengthField from '$ui/LengthField.svelte';
  import NumberField from '$ui/NumberField.svelte';
  import SelectField from '$ui/SelectField.svelte';

  /** What the room is checked by, and what is known of those who use it. */
  const { session } = useWorkspace();
  const room = $derived(roomOf(session.document));
  const chosen = $derived(packsOf(session.document));
  const given = rulePackIds.filter((id) => id !== 'standard');
  const names = $derived(
    given
      .filter((id) => chosen.includes(id))
      .map((id) => packs[id].name)
      .join(', '),
  );

  function choose(id: RulePackId, isChosen: boolean) {
    session.run(setRoom, { packs: given.filter((one) => (one === id ? isChosen : chosen.includes(one))) });
  }
</script>

<More title="Checked by {names || 'what is built rightly alone'}">
  {#each given as id (id)}
    <label class="pack">
      <input
        type="checkbox"
        checked={chosen.includes(id)}
        onchange={(event) => choose(id, event.currentTarget.checked)}
      />
      <span><strong>{packs[id].name}</strong> {packs[id].basis}</span>
    </label>
  {/each}
  <NumberField
    label="Cooks"
    value={room.cooks ?? 1}
    least={1}
    most={9}
    onset={(cooks) => (session.run(setRoom, { cooks }) ? '' : session.message)}
  />
  <LengthField
    label="Who works here is"
    style={session.style}
    least={LEAST_USER}
    most={MOST_USER}
    value={room.userHeight ?? null}
    placeholder="not known"
    onclear={() => (session.run(setRoom, { userHeight: undefined }) ? '' : session.message)}
    onset={(mm) => (session.run(setRoom, { userHeight: mm }) ? '' : session.message)}
  />
  <SelectField
    label="Behind seats"
    value={room.behindSeats ?? ''}
    onchoose={(value) => void session.run(setRoom, { behindSeats: (value || undefined) as BehindSeats })}
  >
    <option value="">Not known</option>
    {#each Object.entries(behindSeatsNames) as [id, name] (id)}<option value={id}>{name}</option>{/each}
  </SelectField>
  <OwnLimits />
</More>

<style>
  .pack {
    display: grid;
    grid-template-columns: auto minmax(0, 1fr);
    gap: 0.5rem;
    padding: 0.2rem 0;
    font-size: 13px;
  }
  .pack span {
    color: var(--soft);
  }
  strong {
    color: var(--ink);
    font-weight: 500;
  }
</style>
