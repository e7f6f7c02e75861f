import { validationMetadatasToSchemas } from 'class-validator-jsonschema';
import { nestedIn } from './decorators';
import { SCHEMA } from './design';
import { recordClasses } from './records';

type Schema = Record<string, unknown>;

const refTo = ({ name }: { name: string }) => ({ $ref: `#/$defs/${name}` });

/** The JSON Schema of a design document, generated from the decorators the program itself validates by. */
export function designJsonSchema(): Schema {
  const generated = validationMetadatasToSchemas({ refPointerPrefix: '#/$defs/' }) as Record<string, Schema>;
  const definitions: Record<string, Schema> = {};
  const define = (part: new () => object) => {
    if (definitions[part.name]) return;
    const properties = { ...(generated[part.name]!['properties'] as Record<string, Schema>) };
    definitions[part.name] = { ...generated[part.name], properties, additionalProperties: false };
    for (const { field, parts, isList } of nestedIn(part)) {
      const [first, ...others] = parts.map(refTo);
      const any = others.length > 0 ? { oneOf: [first, ...others] } : first;
      properties[field] = isList ? { ...properties[field], items: any } : any!;
      parts.forEach(define);
    }
  };
  Object.values(recordClasses).forEach(define);
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    title: 'Good Reach design',
    description: 'The design document of one room. Lengths are millimetres, angles radians.',
    type: 'object',
    properties: {
      schema: { const: SCHEMA },
      records: {
        type: 'object',
        additionalProperties: { oneOf: Object.values(recordClasses).map(refTo) },
      },
    },
    required: ['records', 'schema'],
    additionalProperties: false,
    $defs: definitions,
  };
}
