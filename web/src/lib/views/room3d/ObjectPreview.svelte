<script lang="ts">
  import { box, modelParts, type SceneGroup } from 'goodreach';
  import type { Model, Size } from 'goodreach/models';
  import { onMount } from 'svelte';
  import {
    AmbientLight,
    Box3,
    Color,
    DirectionalLight,
    PerspectiveCamera,
    Scene,
    Sphere,
    SRGBColorSpace,
    Vector3,
    WebGLRenderer,
  } from 'three';
  import { RoomBatches } from './batches';
  import { Looks } from './looks';

  /** An object as it would stand with its back to a wall: seen from before it, from its right and above. */
  interface Props {
    model: Model;
    size: Size;
    /** Whether it hangs on the wall or from above, so that there is no floor right under it. */
    hung: boolean;
  }
  let { model, size, hung }: Props = $props();

  const [WIDE, HIGH] = [330, 300];
  let canvas: HTMLCanvasElement;
  let problem = $state(false);
  let draw: ((groups: readonly SceneGroup[]) => void) | null = $state.raw(null);

  onMount(() => {
    let renderer: WebGLRenderer;
    try {
      renderer = new WebGLRenderer({ canvas, antialias: true });
    } catch {
      problem = true;
      return;
    }
    renderer.outputColorSpace = SRGBColorSpace;
    renderer.setPixelRatio(Math.min(devicePixelRatio, 2));
    renderer.setSize(WIDE, HIGH, false);
    const scene = new Scene();
    scene.background = new Color('#f6f2e9');
    const looks = new Looks();
    const batches = new RoomBatches((part) => looks.of(part));
    const sun = new DirectionalLight('#ffffff', 1.6);
    sun.position.set(1.2, 2, 2.4);
    scene.add(batches.root, sun, new AmbientLight('#ffffff', 1.5));
    const camera = new PerspectiveCamera(28, WIDE / HIGH, 0.01, 100);
    draw = (groups) => {
      batches.update(groups);
      const ball = new Box3().setFromObject(batches.root).getBoundingSphere(new Sphere());
      const far = (ball.radius / Math.sin((camera.fov * Math.PI) / 360)) * 0.98;
      camera.position.copy(ball.center).addScaledVector(new Vector3(0.55, 0.42, 1).normalize(), far);
      camera.lookAt(ball.center);
      renderer.render(scene, camera);
    };
    return () => {
      batches.dispose();
      looks.dispose();
      renderer.dispose();
    };
  });

  /** A frame as that of a face: along, and out from it towards who looks. */
  const frame = { origin: { x: 0, y: 0 }, u: { x: 1, y: 0 }, n: { x: 0, y: -1 } };
  $effect(() => {
    const { width, depth, height } = size;
    const most = Math.max(width, depth, height);
    const [around, thick] = [most * 0.22, most * 0.02];
    const wall = box(frame, [-around, width + around], [-thick, 0], [-thick, height + around]);
    const floor = box(frame, [-around, width + around], [0, depth + around], [-thick, 0]);
    const low = hung ? around : 0;
    draw?.([
      { key: 'wall', source: null, of: 'wall', parts: [{ substance: 'wall', mesh: wall }] },
      { key: 'floor', source: null, of: 'floor', parts: [{ substance: 'joinery', mesh: floor }] },
      {
        ...{ key: 'object', source: null, of: 'item' },
        parts: modelParts({ ...frame, low, record: { width, depth, height: height } }, model),
      },
    ]);
  });
</script>

<figure>
  <canvas bind:this={canvas} width={WIDE} height={HIGH} aria-hidden="true"></canvas>
  <figcaption>
    {problem
      ? 'This browser can’t draw in three dimensions.'
      : 'Its back is at the wall, its underside on the floor. Turn it until that is so.'}
  </figcaption>
</figure>

<style>
  figure {
    margin: 0;
  }
  canvas {
    display: block;
    width: 330px;
    height: 300px;
    border: 1px solid var(--rule);
  }
  figcaption {
    margin-top: 0.3rem;
    color: var(--soft);
    font-size: 12.5px;
  }
</style>
