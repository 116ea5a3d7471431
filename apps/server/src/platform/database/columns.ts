import type { EntitySchemaColumnOptions } from 'typeorm';

/** Columns that every record of a studio begins with. */
export const id: EntitySchemaColumnOptions = { type: 'uuid', primary: true };
export const studioId: EntitySchemaColumnOptions = { type: 'uuid', name: 'studio_id' };
/** Counts the writes of a record; a write names the version it was made from. */
export const version: EntitySchemaColumnOptions = { type: 'int' };

export function uuid(name: string): EntitySchemaColumnOptions {
  return { type: 'uuid', name };
}
export function nullableUuid(name: string): EntitySchemaColumnOptions {
  return { type: 'uuid', name, nullable: true };
}
export function text(name?: string): EntitySchemaColumnOptions {
  return { type: 'text', ...(name === undefined ? {} : { name }) };
}
export function json(name?: string): EntitySchemaColumnOptions {
  return { type: 'jsonb', ...(name === undefined ? {} : { name }) };
}
export function moment(name: string): EntitySchemaColumnOptions {
  return { type: 'timestamptz', name };
}
/** A day without a time, read and written as ISO 8601 text. */
export function day(name: string): EntitySchemaColumnOptions {
  return { type: 'date', name };
}
export function number(name?: string): EntitySchemaColumnOptions {
  return { type: 'double precision', ...(name === undefined ? {} : { name }) };
}
export function integer(name?: string): EntitySchemaColumnOptions {
  return { type: 'int', ...(name === undefined ? {} : { name }) };
}
export function flag(name?: string): EntitySchemaColumnOptions {
  return { type: 'boolean', ...(name === undefined ? {} : { name }) };
}
export function nullable(column: EntitySchemaColumnOptions): EntitySchemaColumnOptions {
  return { ...column, nullable: true };
}
