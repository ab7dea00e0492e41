import type { Migration } from './migration.js';

/** `"old":` becomes `"new":` in JSON text. A quote inside a string is always escaped, so no text can match. */
const FIELDS: readonly (readonly [was: string, is: string])[] = [
  ['lotSize', 'loadSize'],
  ['betweenLotsS', 'betweenLoadsS'],
  ['form', 'shape'],
  ['coat', 'coating'],
  ['glue', 'sealWith'],
  ['fromPutBy', 'fromStored'],
  ['opened', 'burst'],
  ['opens', 'bursts'],
  ['ring', 'burner'],
  ['ringS', 'burnerLagS'],
];

const replaced = (column: string, pairs: readonly (readonly [string, string])[]): string =>
  pairs.reduce((sql, [was, is]) => `REPLACE(${sql}, '${was}', '${is}')`, column);
const field = ([was, is]: readonly [string, string]): readonly [string, string] => [`"${was}":`, `"${is}":`];

/** Ids of the dough families. */
const FAMILIES: readonly (readonly [was: string, is: string])[] = [
  ['rubbed-short', 'shortcrust'],
  ['rubbed-wholemeal', 'wholemeal'],
  ['scalded', 'hot-water'],
  ['cold-fat', 'flaky'],
  ['starch-mash', 'rice-starch'],
  ['sheet', 'thin-sheet'],
];

/** Figures of a finished batch. */
const FIGURES: readonly (readonly [was: string, is: string])[] = [
  ['lots', 'loads'],
  ['band', 'range'],
  ['inBandShare', 'inRangeShare'],
  ['putBy', 'stored'],
];

/** Columns that hold a draft, a kitchen, or a part of one. */
const DOCUMENTS = [
  ['batch', 'draft'],
  ['stove_session', 'draft'],
  ['stove_session', 'kitchen'],
  ['kitchen', 'body'],
  ['stored_item', 'tray'],
  ['flour_observation', 'dough'],
] as const;

/** Field names and values in stored JSON follow the terms of the product; `withTodaysNames` does it for files. */
export const standardNames: Migration = {
  version: 23,
  name: 'standard names',
  statements: [
    'RENAME TABLE IF EXISTS put_by TO stored_item, put_by_use TO stored_item_use',
    `ALTER TABLE stored_item_use
       CHANGE COLUMN IF EXISTS put_by_id stored_item_id CHAR(36) CHARACTER SET ascii NOT NULL`,
    ...DOCUMENTS.map(
      ([table, column]) =>
        `UPDATE ${table} SET ${column} = ${replaced(column, [...FIELDS, ['lots', 'portions'] as const].map(field))}`,
    ),
    ...[...DOCUMENTS, ['formula_version', 'body'] as const].map(
      ([table, column]) =>
        `UPDATE ${table} SET ${column} = ${replaced(
          column,
          FAMILIES.map(([was, is]) => [`"family":"${was}"`, `"family":"${is}"`]),
        )}`,
    ),
    // A stove keeps what had been learnt when it was lit, by family.
    `UPDATE stove_session SET kitchen = ${replaced('kitchen', FAMILIES.map(field))}`,
    `UPDATE ledger_looks SET body = ${replaced('body', [field(['opened', 'burst'])])}`,
    "UPDATE observation SET kind = 'bursts' WHERE kind = 'opens'",
    "UPDATE unlearnt SET kind = 'bursts' WHERE kind = 'opens'",
    ...FAMILIES.flatMap(([was, is]) => [
      `UPDATE observation SET obs_key = '${is}' WHERE kind = 'browning' AND obs_key = '${was}'`,
      `UPDATE unlearnt SET obs_key = '${is}' WHERE kind = 'browning' AND obs_key = '${was}'`,
    ]),
    `UPDATE stove_session SET figures = ${replaced('figures', FIGURES.map(field))}`,
    'RENAME TABLE IF EXISTS fire_act TO stove_act',
    ...(
      [
        ['flip', 'turn'],
        ['lift', 'take-out'],
      ] as const
    ).flatMap(([was, is]) => [
      `UPDATE stove_act SET body = ${replaced('body', [[`"kind":"${was}"`, `"kind":"${is}"`]])} WHERE kind = '${was}'`,
      `UPDATE stove_act SET kind = '${is}' WHERE kind = '${was}'`,
    ]),
    `UPDATE cook_act SET body = ${replaced('body', [
      ['"line":"lot ', '"line":"portion '],
      ['"step":"put-by', '"step":"stored'],
    ])}`,
  ],
};
