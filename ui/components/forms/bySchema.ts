import { yupResolver } from '@hookform/resolvers/yup';
import type { FieldValues, Resolver } from 'react-hook-form';
import type { AnyObjectSchema } from 'yup';

/** Checks a form by the schema that the server uses; apart, since the way in has no schema and is not to wait for one. */
export const bySchema = <V extends FieldValues>(schema: AnyObjectSchema): Resolver<V> =>
  // The schema is the server's own and knows its fields; V says them once more for the form.
  yupResolver(schema);
