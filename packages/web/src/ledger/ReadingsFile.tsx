import {
  type LedgerRecord,
  type ReadingColumns,
  readingsOf,
  type ReadingsRead,
  type ReadingTable,
  readingTable,
  type TimeKind,
} from '@ember-fold/core';
import { useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import { problemOf } from '../data/api';
import { exchangeApi } from '../data/exchangeApi';
import { READINGS as T } from '../text/filePhrases';
import { plain, type Printer } from '../text/printer';
import { Button } from '../ui/controls/Button';
import { FigureField } from '../ui/controls/FigureField';
import { Soft, Problem } from '../ui/controls/Panel';
import { Pick } from '../ui/controls/Pick';
import { Actions, Sheet } from '../ui/controls/Sheet';

interface ReadingsFileProps {
  readonly record: LedgerRecord;
  readonly printer: Printer;
  readonly onClose: () => void;
}

const UNITS = { C: '°C', F: '°F' } as const;
/** A logger is not started later than a day after the stove, s. */
const MOST_FROM_S = 86_400;

/** A file as it was read, and what the cook says of it. */
interface Chosen {
  readonly table: ReadingTable;
  readonly columns: ReadingColumns;
  /** Of the first reading, after the stove was lit, s. */
  readonly fromS: number;
}

/** What another thermometer wrote down, put into a record: columns guessed, shown, mended. */
export function ReadingsFile({ record, printer, onClose }: ReadingsFileProps) {
  const [chosen, setChosen] = useState<Chosen | null>(null);
  const [isNone, setNone] = useState(false);
  const [ask] = exchangeApi.useLazyDocumentQuery();
  const [take, taking] = exchangeApi.useTakeFileMutation();
  const [problem, setProblem] = useState<string | null>(null);
  const read = chosen && readingsOf(chosen.table, chosen.columns);
  const open = async (file: File) => {
    const table = readingTable(await file.text());
    setNone(table.guess === null);
    if (!table.guess) return setChosen(null);
    const { firstMs: saidMs, isLocal } = readingsOf(table, table.guess);
    // A file that says no zone means the clock on the wall.
    const zoneMs = saidMs === null || !isLocal ? 0 : new Date(saidMs).getTimezoneOffset() * 60_000;
    const firstMs = saidMs === null ? null : saidMs + zoneMs;
    const litMs = Date.parse(record.startedAt);
    // A file that says the day says where it belongs, if it is this evening's.
    const isNear = firstMs !== null && Math.abs(firstMs - litMs) < 12 * 3_600_000;
    setChosen({ table, columns: table.guess, fromS: isNear ? Math.max(0, (firstMs - litMs) / 1000) : 0 });
  };
  const put = async (found: ReadingsRead, fromS: number) => {
    setProblem(null);
    const { data, error } = await ask({ of: 'record', id: record.id });
    if (!data) return setProblem(problemOf(error).message);
    const readings = found.readings.map(([s, c]) => [s + fromS, c]);
    const items = data.items.map((item) => (item.kind === 'record' ? { ...item, readings } : item));
    const done = await take({
      ...{ id: crypto.randomUUID(), document: { ...data, items } },
      chosen: [{ kind: 'record', id: record.id }],
    });
    if ('data' in done && done.data) onClose();
    else setProblem(problemOf('error' in done ? done.error : null).message);
  };
  return (
    <Sheet isOpen title={T.title} onClose={onClose}>
      <Soft>{T.says}</Soft>
      <FileTrigger
        onSelect={(files) => {
          const file = files?.[0];
          if (file) void open(file);
        }}
      >
        <Button>{T.choose}</Button>
      </FileTrigger>
      {isNone && <Problem>{T.none}</Problem>}
      {chosen && read && (
        <>
          <Columns chosen={chosen} onChange={setChosen} />
          <Found read={read} printer={printer} />
          <Soft>{T.replace}</Soft>
        </>
      )}
      {problem && <Problem>{problem}</Problem>}
      <Actions>
        {chosen && read && (
          <Button
            $look="primary"
            isDisabled={taking.isLoading || read.readings.length === 0}
            onPress={() => void put(read, chosen.fromS)}
          >
            {T.take}
          </Button>
        )}
      </Actions>
    </Sheet>
  );
}

function Columns({ chosen, onChange }: { readonly chosen: Chosen; readonly onChange: (chosen: Chosen) => void }) {
  const { table, columns, fromS } = chosen;
  const set = (change: Partial<ReadingColumns>) => onChange({ ...chosen, columns: { ...columns, ...change } });
  const names: Readonly<Record<string, string>> = Object.fromEntries(table.columns.map((name, i) => [String(i), name]));
  return (
    <div style={{ display: 'grid', gap: 10, margin: '12px 0' }}>
      <Pick label={T.time} value={String(columns.time)} options={names} onChange={(id) => set({ time: Number(id) })} />
      <Pick
        label={T.kind}
        value={columns.timeKind}
        options={T.kinds}
        onChange={(timeKind: TimeKind) => set({ timeKind })}
      />
      <Pick label={T.temp} value={String(columns.temp)} options={names} onChange={(id) => set({ temp: Number(id) })} />
      <Pick label={T.unit} value={columns.unit} options={UNITS} onChange={(unit: 'C' | 'F') => set({ unit })} />
      <FigureField
        label={T.from}
        value={fromS}
        print={(s) => plain(s / 60)}
        read={(text) => (Number.isFinite(Number(text)) ? Number(text) * 60 : null)}
        least={0}
        most={MOST_FROM_S}
        expected={T.minutes}
        onChange={(s) => onChange({ ...chosen, fromS: s })}
      />
    </div>
  );
}

function Found({ read, printer }: { readonly read: ReadingsRead; readonly printer: Printer }) {
  const { readings, refused, refusedCount } = read;
  const temps = readings.map(([, c]) => c);
  const low = temps.reduce((least, c) => Math.min(least, c), Infinity);
  const high = temps.reduce((most, c) => Math.max(most, c), -Infinity);
  return (
    <p role="status">
      {readings.length > 0 &&
        T.found(readings.length, printer.span(readings.at(-1)![0]), printer.temp(low), printer.temp(high))}{' '}
      {refusedCount > 0 && T.refused(refusedCount, refused)}
    </p>
  );
}
