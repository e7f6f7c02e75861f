<script lang="ts">
  import {
    cornerName,
    editFaces,
    formatDegrees,
    formatLength,
    formatLengthWithUnit,
    putMeasurement,
    removeThings,
    roomShape,
    surveyReport,
    type FacePlace,
    type MeasurementReport,
  } from 'goodreach';
  import { nanoid } from 'nanoid';
  import { useWorkspace } from '$lib/tools/context';
  import Button from '$ui/Button.svelte';
  import LengthField from '$ui/LengthField.svelte';

  const { session, screen } = useWorkspace();
  const shape = $derived(roomShape(session.document));
  const report = $derived(surveyReport(session.settled));
  const count = $derived(shape.faces.length);
  let from = $state(0);
  let to = $state(2);
  /** A place on a face instead of a second corner: its distance from the face's left end, mm. */
  let along: number | null = $state(null);

  const corner = (index: number): FacePlace => ({
    face: shape.faces[index % count]!.id,
    from: 'left',
    distance: 0,
  });

  function add(length: number): string {
    const end: FacePlace = along === null ? corner(to) : { ...corner(to), distance: along };
    const id = `measurement-${nanoid(8)}`;
    const done = session.run(putMeasurement, {
      kind: 'measurement',
      id,
      from: corner(from),
      to: end,
      length,
      standing: 'measured',
    });
    if (done) screen.select(id);
    return done ? '' : session.message;
  }

  function takeNext() {
    if (!report.next) return;
    if (report.next.from === report.next.to) return screen.select(shape.faces[report.next.from]!.id);
    [from, to, along] = [report.next.from, report.next.to, null];
    document.querySelector<HTMLInputElement>('[name=measured]')?.focus();
  }

  /** Believes a measurement again, or no longer. */
  function toggle({ observation: { id, of, standing } }: MeasurementReport) {
    const next = standing === 'excluded' ? 'measured' : 'excluded';
    const record = session.committed.records[id];
    if (record?.kind === 'measurement') session.run(putMeasurement, { ...record, standing: next });
    else
      session.run(editFaces, {
        faces: [id],
        change: of === 'corner' ? { cornerFrom: next } : { lengthFrom: next },
      });
  }

  function setLength(id: string, length: number): string {
    const record = session.committed.records[id];
    if (record?.kind !== 'measurement') return '';
    return session.run(putMeasurement, { ...record, length }) ? '' : session.message;
  }

  function takeCorners(cornerFrom: 'measured' | 'assumed') {
    session.run(editFaces, { faces: shape.faces.map(({ id }) => id), change: { cornerFrom } });
  }

  const isSuspect = (one: MeasurementReport) => report.suspects.some((other) => other === one);

  /** By how much the adjusted value differs from the given one, with its sign. */
  function off({ observation, residual }: MeasurementReport): string {
    const sign = residual < 0 ? '−' : '+';
    const size = Math.abs(residual);
    if (observation.of === 'corner') return size < 1e-6 ? '0°' : sign + formatDegrees(size);
    return size < session.style.step / 20 ? '0' : sign + formatLength(size, fine);
  }
  const signed = (mm: number) => (mm < 0 ? '−' : '+') + formatLength(Math.abs(mm), fine);
  const turn = (angle: number) =>
    Math.abs(angle) < 1e-6 ? '0°' : (angle < 0 ? '−' : '+') + formatDegrees(Math.abs(angle));
  const fine = $derived({
    ...session.style,
    step: session.style.step / (session.style.unit === 'mm' ? 10 : 2),
  });
</script>

<dl class="sum">
  <dt>Misclosure</dt>
  <dd>
    {formatLengthWithUnit(report.misclosure.length, fine)}
    <span
      >along A {signed(report.misclosure.x)}, across {signed(report.misclosure.y)}, corners {turn(
        report.misclosure.angle,
      )}</span
    >
  </dd>
  <dt>Spare</dt>
  <dd>
    {report.redundancy}
    <span
      >{report.sigma0 === null
        ? 'nothing checks the measurements'
        : `off by ${report.sigma0.toFixed(1)} times what they are trusted to`}</span
    >
  </dd>
</dl>
{#if report.suspects.length > 0}
  <p class="wrong" role="status">
    {report.suspects.map(({ observation }) => observation.name).join(' or ')} looks wrong: {report.suspects
      .length > 1
      ? 'these can’t be told apart. Measure one of them again, or stop believing it.'
      : 'measure it again, or stop believing it.'}
  </p>
{/if}
{#if report.next}
  <p class="next">
    {report.next.why === 'open'
      ? 'The shape rests on corners that are only assumed.'
      : 'Nothing checks these measurements yet.'}
    Measure next: <button onclick={takeNext}>{report.next.name}</button>
  </p>
{/if}

<h3>Add a distance</h3>
<div class="add">
  <label>
    From corner
    <select bind:value={from}>
      {#each shape.faces as face, index (face.id)}<option value={index}
          >{cornerName(index, shape.letters)}</option
        >{/each}
    </select>
  </label>
  <label>
    To
    <select
      value={along === null ? `corner ${to}` : `face ${to}`}
      onchange={(event) => {
        const [kind, index] = event.currentTarget.value.split(' ');
        to = Number(index);
        along = kind === 'face' ? 0 : null;
      }}
    >
      <optgroup label="corner">
        {#each shape.faces as face, index (face.id)}<option value="corner {index}"
            >{cornerName(index, shape.letters)}</option
          >{/each}
      </optgroup>
      <optgroup label="a place on face">
        {#each shape.faces as face, index (face.id)}<option value="face {index}">{face.letter}</option>{/each}
      </optgroup>
    </select>
  </label>
  {#if along !== null}
    <LengthField
      label="From its left end"
      value={along}
      style={session.style}
      onset={(mm) => void (along = mm)}
    />
  {/if}
  <LengthField
    label="Measured"
    name="measured"
    value={null}
    style={session.style}
    least={50}
    most={60_000}
    placeholder="type, Enter"
    onset={add}
  />
</div>

<h3>All measurements</h3>
<table>
  <thead><tr><th>Measured</th><th class="number">Given</th><th class="number">Off by</th><th></th></tr></thead
  >
  <tbody>
    {#each report.measurements as one (`${one.observation.of} ${one.observation.id}`)}
      {@const { observation } = one}
      <tr class:wrong={isSuspect(one)} class:excluded={observation.standing === 'excluded'}>
        <td>
          <button onclick={() => screen.select(observation.id)}
            >{observation.of === 'length' ? `face ${observation.name}` : observation.name}</button
          >
        </td>
        <td class="number">
          {#if observation.of === 'distance'}
            <LengthField
              label={observation.name}
              hideLabel
              value={observation.given}
              style={session.style}
              least={50}
              most={60_000}
              onset={(mm) => setLength(observation.id, mm)}
            />
          {:else if observation.of === 'corner'}{formatDegrees(observation.given)}
          {:else}{formatLength(observation.given, session.style)}{/if}
        </td>
        <td
          class="number"
          title={one.standardised === null
            ? 'Nothing checks it'
            : `${Math.abs(one.standardised).toFixed(1)} times what chance would give`}
        >
          {off(one)}
        </td>
        <td>
          <button
            class="believe"
            aria-pressed={observation.standing !== 'excluded'}
            title={observation.standing === 'excluded'
              ? 'Believe it again'
              : 'Stop believing it: kept, not used'}
            onclick={() => toggle(one)}>{observation.standing === 'excluded' ? 'off' : 'on'}</button
          >
          {#if observation.of === 'distance'}
            <button
              title="Remove"
              aria-label="Remove {observation.name}"
              onclick={() => session.run(removeThings, [observation.id])}>×</button
            >
          {/if}
        </td>
      </tr>
    {/each}
  </tbody>
</table>
<h3>Corners{report.open ? ': the survey is open' : ''}</h3>
{#if report.open}<p class="open">
    What follows from corners that are only assumed is known to one degree each, no better.
  </p>{/if}
<table>
  <thead
    ><tr
      ><th>Corner</th><th class="number">Out of square</th><th class="number">Its place</th><th class="number"
        >Next face</th
      ></tr
    ></thead
  >
  <tbody>
    {#each report.corners as { name, index, offSquare, ellipse, sigma } (name)}
      <tr>
        <td><button onclick={() => screen.select(shape.faces[index]!.id)}>{name}</button></td>
        <td class="number">{Math.abs(offSquare) < 1e-5 ? '0°' : turn(offSquare)} ± {formatDegrees(sigma)}</td>
        <td class="number">± {formatLength(ellipse.major, fine)}</td>
        <td class="number">± {formatLength(report.lengthSigmas[index]!, fine)}</td>
      </tr>
    {/each}
  </tbody>
</table>
<label class="ellipses">
  <input type="checkbox" bind:checked={screen.ellipses} /> Show on the plan how well each corner is known, 20 times
  enlarged
</label>
<div class="corners">
  <Button onclick={() => takeCorners('measured')}>All corners measured as they stand</Button>
  <Button onclick={() => takeCorners('assumed')}>All corners only assumed</Button>
</div>

<style>
  .sum,
  .open,
  .ellipses {
    color: var(--soft);
  }
  .sum {
    display: grid;
    grid-template-columns: auto 1fr;
    gap: 0.15rem 0.6rem;
    margin: 0;
  }
  dd {
    margin: 0;
    color: var(--text);
    font-weight: 500;
  }
  dd span {
    display: block;
    color: var(--soft);
    font-size: 12px;
    font-weight: 400;
  }
  .open {
    font-size: 12.5px;
  }
  .wrong {
    color: var(--blocked);
  }
  p.wrong,
  .next {
    padding: 0.35rem 0.55rem;
    border-left: 3px solid var(--tide);
    background: var(--sheet);
    font-size: 13px;
  }
  p.wrong {
    border-left-color: var(--blocked);
  }
  .next button,
  td button {
    min-width: 24px;
    min-height: max(24px, var(--touch));
    padding: 0;
    border: 0;
    background: none;
    color: var(--tide);
    cursor: pointer;
    font-weight: 500;
    text-align: left;
  }
  .add {
    display: grid;
    gap: 0.35rem;
  }
  .add label {
    display: grid;
    grid-template-columns: 7.2rem minmax(0, 1fr);
    align-items: center;
    gap: 0.5rem;
    color: var(--soft);
  }
  select {
    min-width: 0;
    min-height: max(30px, var(--touch));
    border: 1px solid var(--rule);
    border-radius: 3px;
    background: var(--sheet);
  }
  h3 {
    font-size: 13px;
  }
  table {
    border-collapse: collapse;
    font-size: 12.5px;
  }
  th {
    color: var(--soft);
    font-weight: 400;
    text-align: left;
  }
  .number {
    text-align: right;
  }
  td {
    padding: 0.15rem 0.2rem;
    border-top: 1px solid var(--rule);
  }
  td :global(.field input) {
    width: 4.4rem;
    min-height: max(26px, var(--touch));
    font-size: 12.5px;
  }
  td :global(.field .hint) {
    display: none;
  }
  .excluded {
    color: var(--soft);
    text-decoration: line-through;
  }
  td .believe {
    min-width: 2rem;
    min-height: max(24px, var(--touch));
    border: 1px solid var(--rule);
    border-radius: 3px;
    color: var(--text);
    text-align: center;
  }
  td .believe[aria-pressed='true'] {
    background: var(--sheet);
  }
  .corners {
    display: grid;
    gap: 0.4rem;
  }
  .ellipses input {
    accent-color: var(--clay);
  }
</style>
