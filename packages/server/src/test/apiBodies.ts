import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import type Joi from 'joi';
import { PARTS } from '../files/itemSchemas.js';
import { SCHEMAS } from '../http/schemas.js';
import { allRoutes } from './allRoutes.js';

/** What is too long for a table: it has a name of its own in the published schema of files. */
const LONG = ['batch-draft', 'formula-body', 'ingredient-data', 'kitchen-data', 'record-looks', 'supper-data'] as const;
const PUBLISHED = new Map(LONG.map((name) => [JSON.stringify(PARTS[name]!.describe()), name]));

interface Described {
  readonly type?: string;
  readonly flags?: { readonly presence?: string; readonly only?: boolean };
  readonly allow?: readonly unknown[];
  readonly rules?: readonly { readonly name: string; readonly args?: Record<string, unknown> }[];
  readonly keys?: Readonly<Record<string, Described>>;
  readonly items?: readonly Described[];
  readonly matches?: readonly { readonly switch?: readonly { readonly is: Described; readonly then: Described }[] }[];
}

const limitOf = ({ rules = [] }: Described, name: string): number | undefined =>
  rules.find((rule) => rule.name === name)?.args?.['limit'] as number | undefined;

function numberText(of: Described): string {
  const [least, most] = [limitOf(of, 'min'), limitOf(of, 'max')];
  const whole = of.rules?.some(({ name }) => name === 'integer') ? 'whole number' : 'number';
  return least === undefined ? whole : `${whole}, ${least} to ${most}`;
}

function stringText(of: Described): string {
  const pattern = of.rules?.find(({ name }) => name === 'pattern')?.args?.['options'] as { name?: string } | undefined;
  if (of.rules?.some(({ name }) => name === 'guid')) return '`uuid`';
  const most = limitOf(of, 'max');
  return pattern?.name ?? (most === undefined ? 'text' : `text of at most ${most}`);
}

const listed = (values: readonly unknown[]): string => values.map((value) => `\`${String(value)}\``).join(' ');

/** A schema in words. */
function textOf(of: Described): string {
  const known = PUBLISHED.get(JSON.stringify(of));
  if (known !== undefined) return `\`${known}\` of the published schema`;
  if (of.flags?.only && of.allow) return listed(of.allow);
  const orNull = of.allow?.includes(null) ? ' or `null`' : '';
  switch (of.type) {
    case 'string':
      return stringText(of) + orNull;
    case 'number':
      return numberText(of) + orNull;
    case 'object':
      return `{ ${keysText(of)} }`;
    case 'array':
      return `list of (${(of.items ?? []).map(textOf).join(', ')})`;
    case 'alternatives':
      return unionText(of);
    default:
      return of.type ?? 'any';
  }
}

function keysText({ keys = {} }: Described): string {
  const own = Object.entries(keys).map(
    ([name, of]) => `\`${name}\`${of.flags?.presence === 'required' ? '' : '?'} ${textOf(of)}`,
  );
  return own.join('; ');
}

/** Each member of a union by the value that tells it apart; members alike stand together. */
function unionText({ matches = [] }: Described): string {
  const members = matches.flatMap((one) => one.switch ?? []);
  if (members.length === 0) return 'as the step asks';
  const by = new Map<string, string[]>();
  for (const { is, then } of members) {
    const { kind: _kind, do: _do, ...keys } = then.keys ?? {};
    const text = keysText({ keys });
    by.set(text, [...(by.get(text) ?? []), ...(is.allow ?? []).map(String)]);
  }
  return [...by].map(([text, values]) => `${listed(values)}${text && `: ${text}`}`).join('<br>');
}

/** The schema that each route checks its body with, found in the sources. */
function bodyOfRoutes(): ReadonlyMap<string, keyof typeof SCHEMAS> {
  const found = new Map<string, keyof typeof SCHEMAS>();
  const folder = join(__dirname, '..');
  for (const file of readdirSync(folder, { recursive: true, encoding: 'utf8' })) {
    if (!/Routes\.ts$/.test(file)) continue;
    const text = readFileSync(join(folder, file), 'utf8');
    const [, room] = /export function (\w+Routes)\(/.exec(text) ?? [];
    const parts = text.split(/router\.(get|post|put|delete)\(\s*'([^']+)'/);
    for (let i = 1; i + 2 < parts.length; i += 3) {
      const [, name] = /validate\(\s*SCHEMAS\.(\w+),\s*(?:ofAnyFormat\()?req\.(?:body|query)/.exec(parts[i + 2]!) ?? [];
      if (name) found.set(`${room} ${parts[i]!.toUpperCase()} ${parts[i + 1]}`, name as keyof typeof SCHEMAS);
    }
  }
  return found;
}

/** Every body that the API takes, as a table for `docs/api.md`: made from the schemas, so that it cannot be wrong. */
export function apiBodies(): string {
  const bodies = bodyOfRoutes();
  const rows = allRoutes().flatMap(({ method, path, room, own }) => {
    const name = bodies.get(`${room} ${method} ${own}`);
    if (!name) return [];
    const described = (SCHEMAS[name] as Joi.Schema).describe() as Described;
    const text = described.type === 'object' ? keysText(described) : textOf(described);
    return [`| \`${method} /api${path}\` | ${text} |`];
  });
  return ['| request | body |', '| --- | --- |', ...rows].join('\n');
}
