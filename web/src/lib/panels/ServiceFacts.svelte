<script lang="ts">
  import {
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
  import PlacementFields from './PlacementFields.svelte';

  let { service }: { service: ServiceRecord } = $props();
  const { session, screen } = useWorkspace();

  function change(part: Partial<ServiceRecord>): string {
    return session.run(putService, { ...service, ...part }) ? '' : session.message;
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
<div><Button onclick={remove}>Remove</Button></div>
