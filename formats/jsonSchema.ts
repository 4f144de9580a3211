import { convertSchema } from '@sodaru/yup-to-json-schema';
import { packSchema } from '../core/build/pack/packSchema';
import { buildSchema } from '../core/build/buildSchema';

type Node = {
  [key: string]: unknown;
  properties?: Record<string, Node>;
  items?: Node;
  enum?: unknown[];
  type?: string | string[];
};

/** Closes what the converter leaves open: unknown fields are refused, and a figure that may be empty may be null. */
function tighten(node: Node): Node {
  const { default: _dropped, ...rest } = node;
  if (rest.properties) {
    rest.properties = Object.fromEntries(Object.entries(rest.properties).map(([name, child]) => [name, tighten(child)]));
    rest.additionalProperties = false;
  }
  if (rest.items) rest.items = tighten(rest.items);
  if (rest.enum && Array.isArray(rest.type) && rest.type.includes('null') && !rest.enum.includes(null))
    rest.enum = [...rest.enum, null];
  return rest;
}

/** JSON Schema of the build document, made from the Yup schema that validates it. */
export function buildJsonSchema(): Node {
  const schema = tighten(convertSchema(buildSchema()) as Node);
  return {
    $schema: 'http://json-schema.org/draft-07/schema#',
    title: 'Lorbet build, version 1',
    ...schema,
    properties: {
      ...schema.properties,
      // Beside the document: long logs of starts, by their fingerprint.
      logs: { type: 'object', additionalProperties: { type: 'string' } },
    },
  };
}

/** JSON Schema of a rule pack. */
export const packJsonSchema = (): Node => ({
  $schema: 'http://json-schema.org/draft-07/schema#',
  title: 'Lorbet rule pack, version 1',
  ...tighten(convertSchema(packSchema()) as Node),
});
