import type { FixedType, ServiceType } from './fixture-types';

/** What fixed things and services are called, on screen and on drawings. */
export const fixedNames: Record<FixedType, string> = {
  breast: 'Chimney breast',
  chase: 'Chase',
  column: 'Column',
  'half-wall': 'Half wall',
  partition: 'Partition',
  'pipe-box': 'Pipe box',
  radiator: 'Radiator',
  'round-column': 'Round column',
  soffit: 'Soffit',
  step: 'Step',
};

export const serviceNames: Record<ServiceType, string> = {
  cold: 'Cold water',
  data: 'Data',
  drain: 'Drain',
  extract: 'Extract',
  gas: 'Gas',
  hot: 'Hot water',
  light: 'Light',
  socket: 'Socket',
  switch: 'Switch',
  vent: 'Vent',
};
