import type { FormulaItem, KitchenDocument, Table } from '@ember-fold/core/files';
import type { LedgerEntry, LedgerRecord, Shopping } from '@ember-fold/core/ledger';
import type { Pantry } from '@ember-fold/core/plan';
import { FILES } from './filePhrases';

const { columns } = FILES;
const grams = (kg: number): number => Math.round(kg * 10_000) / 10;
const nameOf = (pantry: Pantry, id: string): string => pantry.all.find((one) => one.id === id)?.name ?? id;
const isFormula = (item: KitchenDocument['items'][number]): item is FormulaItem => item.kind === 'formula';

/** Every line of the newest version of every formula. */
export function formulasTable(document: KitchenDocument, pantry: Pantry): Table {
  const rows = document.items.filter(isFormula).flatMap(({ name, versions }) => {
    const { version, body } = versions.at(-1)!;
    return body.lines.map(({ ingredientId, massKg, part }) => [
      name,
      body.kind,
      version,
      part ?? 0,
      nameOf(pantry, ingredientId),
      grams(massKg),
    ]);
  });
  return { columns: columns.formulas, rows };
}

export function shoppingTable({ rows }: Shopping, pantry: Pantry): Table {
  return {
    columns: columns.shopping,
    rows: rows.map((row) => [
      row.sold.as ?? nameOf(pantry, row.ingredientId),
      grams(row.buyKg),
      row.units,
      row.sold.unit,
      grams(row.neededKg),
      grams(row.haveKg),
      Math.round(row.cost * 100) / 100,
      row.batches.join('; '),
    ]),
  };
}

export function ledgerTable(entries: readonly LedgerEntry[]): Table {
  return {
    columns: columns.ledger,
    rows: entries.map(({ name, startedAt, pieces, figures: f, tags }) => [
      name,
      startedAt,
      pieces,
      f.fried,
      f.burst,
      f.oilMeanC,
      f.oilLeastC,
      f.oilMostC,
      f.inRangeShare === null ? null : f.inRangeShare * 100,
      f.meanInOilS,
      tags.join(' '),
    ]),
  };
}

export const readingsTable = ({ readings }: Pick<LedgerRecord, 'readings'>): Table => ({
  columns: columns.readings,
  rows: readings.map(({ atS, probeC }) => [atS, probeC]),
});
