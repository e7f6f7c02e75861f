<script lang="ts">
  import { formatDegrees, named, parseAngle, refusalText } from 'goodreach';
  import type { ComponentProps } from 'svelte';
  import TypedField from './TypedField.svelte';

  /** An angle: radians outside, degrees in the field. Limits in degrees. */
  interface Props extends Omit<
    ComponentProps<typeof TypedField>,
    'read' | 'show' | 'say' | 'explain' | 'step'
  > {
    least?: number;
    most?: number;
  }
  let { least = -360, most = 360, label, ...rest }: Props = $props();
</script>

<TypedField
  {label}
  {...rest}
  step={Math.PI / 1800}
  read={(text) => parseAngle(text, named(label), least, most)}
  show={formatDegrees}
  say={formatDegrees}
  explain={({ refusal }) => refusalText(refusal)}
/>
