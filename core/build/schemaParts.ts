import * as yup from 'yup';
import { materials } from '../physics/heat/materials';
import { minutesOf } from '../units/timeOfDay';
import { once } from './once';
import type { Column, Field } from './field';
import { columnsOf, lists, type ListId } from './lists';

const keys = <T extends object>(table: T): string[] => Object.keys(table);

export const text = (max: number, min = 0) =>
  yup
    .string()
    .defined()
    .min(min, `\${path} must hold ${min} to ${max} characters`)
    .max(max, `\${path} must hold at most ${max} characters`)
    .matches(/^(?:[^\p{Cc}]|[\n\r\t])*$/u, {
      message: '${path} holds control characters; plain text is allowed',
      excludeEmptyString: true,
    });
export const oneOf = (table: object) => yup.string().defined().oneOf(keys(table));
export const bounded = (min: number, max: number) =>
  yup
    .number()
    .defined()
    .min(min)
    .max(max)
    .test(
      'finite',
      '${path} must be a finite number',
      (value) => value === null || value === undefined || Number.isFinite(value),
    );
export const instant = () =>
  yup
    .string()
    .defined()
    .matches(/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(\.\d{1,3})?Z$/, '${path} must be a time such as 2026-11-24T08:30:00Z');
export const identifier = () =>
  yup
    .string()
    .defined()
    .matches(/^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/, '${path} must be a UUID in small letters');
export const strictObject = <T extends yup.ObjectShape>(shape: T) =>
  yup.object(shape).defined().noUnknown('${path} holds a field that this version does not know: ${unknown}').strict();
export const list = <T extends yup.ISchema<unknown>>(of: T, max: number) => yup.array().of(of).defined().max(max);

const timeOfDay = () =>
  text(5, 5).test(
    'time',
    '${path} is ${value}; a time of day is allowed, from 00:00 to 23:59',
    (value?: string) => value === undefined || minutesOf(value) !== null,
  );

const layerSchema = once(() => strictObject({ material: oneOf(materials), thicknessMm: bounded(0.1, 1000) }));
/** What a cell of a list may hold. */
export function cellSchema(column: Column): yup.AnySchema {
  switch (column.kind) {
    case 'number':
      return column.unit === 'pieces' || column.unit === 'px'
        ? bounded(column.min, column.max).integer()
        : bounded(column.min, column.max);
    case 'choice':
      return oneOf(column.options);
    case 'text':
      return column.time ? timeOfDay() : text(column.max, 1);
    case 'instant':
      return instant();
    case 'layers':
      return list(layerSchema(), column.max);
  }
}
export const valueSchema = (field: Field) => cellSchema(field);
/** A row of a list: its id, and whatever is known of its columns. */
export const rowSchema = (id: ListId) =>
  strictObject({
    id: identifier(),
    ...Object.fromEntries(Object.entries(columnsOf(id)).map(([name, column]) => [name, cellSchema(column).optional()])),
  });
export const listSchema = (id: ListId) =>
  yup
    .array()
    .of(rowSchema(id))
    .max(lists[id].max)
    .optional()
    .default(undefined)
    .test('once', '${path} holds two rows with the same id; each row has an id of its own', (rows: unknown) => {
      const ids = ((rows ?? []) as ({ id?: string } | null)[]).map((row) => row?.id);
      return new Set(ids).size === ids.length;
    });
