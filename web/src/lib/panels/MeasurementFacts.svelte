<script lang="ts">
  import {
    formatLengthWithUnit,
    putMeasurement,
    removeThings,
    roomOf,
    surveyReport,
    type MeasurementRecord,
  } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import Button from '$ui/Button.svelte';
  import LengthField from '$ui/LengthField.svelte';

  let { measurement }: { measurement: MeasurementRecord } = $props();
  const { session, screen } = useWorkspace();
  const report = $derived(
    surveyReport(session.document).measurements.find(({ observation }) => observation.id === measurement.id),
  );

  function change(part: Partial<MeasurementRecord>): string {
    return session.run(putMeasurement, { ...measurement, ...part }) ? '' : session.message;
  }
</script>

<h2>{report?.observation.name}</h2>
<p class="about">A distance taped between two places of the room.</p>
<LengthField
  label="Measured"
  value={measurement.length}
  style={session.style}
  least={50}
  most={60_000}
  onset={(length) => change({ length })}
/>
<LengthField
  label="Trusted to"
  value={measurement.uncertainty ?? roomOf(session.document).lengthUncertainty}
  style={{ ...session.style, step: session.style.step / 2 }}
  least={0.01}
  most={100}
  hint={measurement.uncertainty === undefined ? 'as the room' : ''}
  onset={(uncertainty) => change({ uncertainty })}
/>
<label class="row">
  Counts as
  <select
    value={measurement.standing}
    onchange={(event) => change({ standing: event.currentTarget.value as MeasurementRecord['standing'] })}
  >
    <option value="measured">Measured</option>
    <option value="excluded">Measured, not believed</option>
  </select>
</label>
{#if report}
  <div class="row">
    Comes out as <output
      >{formatLengthWithUnit(measurement.length + report.residual, {
        ...session.style,
        step: session.style.step / 2,
      })}</output
    >
  </div>
{/if}
<div>
  <Button
    onclick={() => {
      if (session.run(removeThings, [measurement.id])) screen.select(null);
    }}>Remove</Button
  >
</div>
