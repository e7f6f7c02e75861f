import { validationMetadatasToSchemas } from 'class-validator-jsonschema';
import { SCHEMA } from './design';
import { Family, Hanging, Price, ServicePoint } from './range-record';
import {
  FacePlace,
  FacePlacement,
  FloorPlacement,
  OutlinePlace,
  recordClasses,
  TopOverhangs,
} from './records';

type Schema = Record<string, unknown>;

/** The JSON Schema of a design document, generated from the decorators the program itself validates by. */
export function designJsonSchema(): Schema {
  const generated = validationMetadatasToSchemas({ refPointerPrefix: '#/$defs/' }) as Record<string, Schema>;
  const nested = { Family, Hanging, Price, ServicePoint, TopOverhangs };
  const classes = { ...recordClasses, ...nested, FacePlace, FacePlacement, FloorPlacement, OutlinePlace };
  const definitions = Object.fromEntries(
    Object.values(classes)
      .map(({ name }) => [name, { ...generated[name], additionalProperties: false }] as [string, Schema])
      .sort(([a], [b]) => (a < b ? -1 : 1)),
  );
  const placements = [{ $ref: '#/$defs/FacePlacement' }, { $ref: '#/$defs/FloorPlacement' }];
  for (const name of ['FixedRecord', 'ItemRecord', 'ServiceRecord'])
    (definitions[name]!['properties'] as Schema)['placement'] = { oneOf: placements };
  const items = [
    ['FixedRecord', 'corners', 'OutlinePlace'],
    ['ItemRecord', 'corners', 'OutlinePlace'],
    ['RangeRecord', 'families', 'Family'],
    ['Family', 'services', 'ServicePoint'],
  ] as const;
  for (const [record, list, item] of items)
    (definitions[record]!['properties'] as Record<string, Schema>)[list]!['items'] = {
      $ref: `#/$defs/${item}`,
    };
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    title: 'Good Reach design',
    description: 'The design document of one room. Lengths are millimetres, angles radians.',
    type: 'object',
    properties: {
      schema: { const: SCHEMA },
      records: {
        type: 'object',
        additionalProperties: {
          oneOf: Object.values(recordClasses).map(({ name }) => ({ $ref: `#/$defs/${name}` })),
        },
      },
    },
    required: ['records', 'schema'],
    additionalProperties: false,
    $defs: definitions,
  };
}
