<script lang="ts">
  import {
    MOST_AIRFLOW,
    putService,
    removeThings,
    serviceNames,
    type ServiceRecord,
    type ServiceType,
    serviceTypes,
  } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import Button from '$ui/Button.svelte';
  import LengthField from '$ui/LengthField.svelte';
  import NumberField from '$ui/NumberField.svelte';
  import SelectField from '$ui/SelectField.svelte';
  import PlacementFields from './PlacementFields.svelte';

  let { service }: { service: ServiceRecord } = $props();
  const { session, screen } = useWorkspace();

  function change(part: Partial<ServiceRecord>): string {
    return session.run(putService, { ...service, ...part }) ? '' : session.message;
  }

  function changeTo(record: ServiceRecord): string {
    return session.run(putService, record) ? '' : session.message;
  }

  const without = (key: 'airflow' | 'continuous' | 'protected'): ServiceRecord => {
    const { [key]: _, ...rest } = service;
    return rest;
  };

  function noteProtected(value: string) {
    changeTo({ ...without('protected'), ...(value && { protected: value === 'yes' }) });
  }

  function remove() {
    if (session.run(removeThings, [service.id])) screen.select(null);
  }
</script>

<h2>{serviceNames[service.type]}</h2>
<label class="row">
  Service
  <select
    value={service.type}
    onchange={(event) => change({ type: event.currentTarget.value as ServiceType })}
  >
    {#each serviceTypes as type (type)}<option value={type}>{serviceNames[type]}</option>{/each}
  </select>
</label>
<PlacementFields placement={service.placement} width={0} onchange={(placement) => change({ placement })} />
<LengthField
  label="Height"
  value={service.up}
  style={session.style}
  most={6000}
  onset={(up) => change({ up })}
/>
{#if service.type === 'socket'}
  <SelectField
    label="Protected"
    value={service.protected === undefined ? '' : service.protected ? 'yes' : 'no'}
    onchoose={(value) => noteProtected(value)}
  >
    <option value="">Not known</option>
    <option value="yes">Yes</option>
    <option value="no">No</option>
  </SelectField>
{:else if service.type === 'extract'}
  <NumberField
    label="Airflow"
    value={service.airflow ?? null}
    most={MOST_AIRFLOW}
    unit="cfm"
    placeholder="not known"
    onset={(airflow) => change({ airflow })}
    onclear={() => void changeTo(without('airflow'))}
  />
  <label class="row">
    <input
      type="checkbox"
      checked={service.continuous === true}
      onchange={(event) =>
        changeTo({ ...without('continuous'), ...(event.currentTarget.checked && { continuous: true }) })}
    />
    Runs all the time
  </label>
{/if}
<div><Button onclick={remove}>Remove</Button></div>
