/** A small DXF file: `units` as its header says them (4 mm, 6 m), and its entities as group codes and values. */
export function dxfFile(units: number, entities: readonly (string | number)[]): Buffer {
  const head = [
    0,
    'SECTION',
    2,
    'HEADER',
    9,
    '$INSUNITS',
    70,
    units,
    0,
    'ENDSEC',
    0,
    'SECTION',
    2,
    'ENTITIES',
  ];
  return Buffer.from([...head, ...entities, 0, 'ENDSEC', 0, 'EOF'].join('\n'));
}
