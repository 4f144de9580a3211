'use client';
import { useState, type FormEvent } from 'react';
import { useForm, type DefaultValues, type FieldValues, type Path, type Resolver } from 'react-hook-form';
import type { JsonAnswer } from '../../sync/postJson';

/**
 * A form that is checked by the schema that the server uses, and sent. What the server has against a field stands at that field, as
 * what the schema has; the rest stands above the key.
 */
export function useSentForm<V extends FieldValues>(defaultValues: DefaultValues<V>, resolver?: Resolver<V>) {
  const form = useForm<V>({ defaultValues, ...(resolver ? { resolver } : {}) });
  const [problems, setProblems] = useState<readonly string[]>([]);
  const { errors } = form.formState;
  const field = (name: Path<V>) => {
    const said = errors[name]?.message;
    return {
      ...form.register(name),
      problem: typeof said === 'string' && said !== '' ? `${said.replace(/\.$/, '')}.` : undefined,
    };
  };
  const send = (work: (values: V) => Promise<JsonAnswer<unknown>>) => (event: FormEvent) => {
    void form.handleSubmit(async (values) => {
      setProblems([]);
      const answer = await work(values);
      if (answer.ok) return;
      const { fields = {} } = answer;
      const own = (Object.keys(fields) as Path<V>[]).filter((name) => name in values);
      own.forEach((name, i) => form.setError(name, { message: fields[name] ?? '' }, { shouldFocus: i === 0 }));
      setProblems(answer.errors.filter((error) => !own.some((name) => fields[name] === error)));
    })(event);
  };
  return { form, field, send, problems };
}
