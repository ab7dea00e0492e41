import Papa from 'papaparse';

/** A value in a table: text, a number, or nothing. */
export type Cell = string | number | null;

export interface Table {
  readonly columns: readonly string[];
  readonly rows: readonly (readonly Cell[])[];
}

/** How numbers are written where the file is opened: with a point, or with a comma and semicolons between. */
export type Decimal = '.' | ',';

/** As many digits as any scale or probe here has. */
const DIGITS = 6;

function cellText(cell: Cell, decimal: Decimal): string {
  if (cell === null) return '';
  if (typeof cell === 'string') return cell;
  if (!Number.isFinite(cell)) return '';
  return String(Number(cell.toFixed(DIGITS))).replace('.', decimal);
}

/** What a spreadsheet would take for a formula is marked as text. */
const asText = (cell: string): string => (/^[=+\-@\t\r]/.test(cell) ? `'${cell}` : cell);

/**
 * A table as CSV by RFC 4180: quotes where they are needed, lines that end in CR LF.
 * @example csvText({ columns: ['oil_c'], rows: [[158.5]] }, ',') // 'oil_c\r\n158,5\r\n'
 */
export function csvText({ columns, rows }: Table, decimal: Decimal = '.'): string {
  const data = rows.map((row) =>
    row.map((cell) => (typeof cell === 'string' ? asText(cell) : cellText(cell, decimal))),
  );
  const text = Papa.unparse([[...columns], ...data], { delimiter: decimal === ',' ? ';' : ',', newline: '\r\n' });
  return `${text}\r\n`;
}
