import type { ReadingColumns, TimeKind } from '@ember-fold/core/files';
import type { LedgerRecord } from '@ember-fold/core/ledger';
import { useEffect, useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import { problemOf } from '../data/api/api';
import { exchangeApi } from '../data/api/exchangeApi';
import { READINGS as T } from '#text/store/filePhrases';
import { plain, type Printer } from '../text/printer';
import { Button } from '../ui/controls/button/Button';
import type { ReadingsGlance } from '../workers/readings.worker';
import { readingsWorker } from '../workers/readingsClient';
import { FigureField } from '../ui/controls/field/FigureField';
import { Soft, Problem } from '../ui/layout/Panel';
import { Pick } from '../ui/controls/choice/Pick';
import { Actions, Sheet } from '../ui/controls/sheet/Sheet';

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
  /** Names of its columns. */
  readonly names: readonly string[];
  readonly columns: ReadingColumns;
  /** Of the first reading, after the stove was lit, s. */
  readonly fromS: number;
}

/** What another thermometer wrote down, put into a record: columns guessed, shown, mended. */
export function ReadingsFile({ record, printer, onClose }: ReadingsFileProps) {
  const [chosen, setChosen] = useState<Chosen | null>(null);
  const [isNone, setNone] = useState(false);
  const [ask] = exchangeApi.useLazyDocumentTextQuery();
  const [take, taking] = exchangeApi.useTakeFileMutation();
  const [problem, setProblem] = useState<string | null>(null);
  const read = useGlance(chosen?.columns ?? null);
  const open = async (file: File) => {
    const { columns: names, guess, firstMs: saidMs, isLocal } = await readingsWorker().open(file);
    setNone(guess === null);
    if (!guess) return setChosen(null);
    // A file that says no zone means the clock on the wall.
    const zoneMs = saidMs === null || !isLocal ? 0 : new Date(saidMs).getTimezoneOffset() * 60_000;
    const firstMs = saidMs === null ? null : saidMs + zoneMs;
    const litMs = Date.parse(record.startedAt);
    // If the file gives a date and it is this session's, the readings can be placed in time.
    const isNear = firstMs !== null && Math.abs(firstMs - litMs) < 12 * 3_600_000;
    setChosen({ names, columns: { ...guess }, fromS: isNear ? Math.max(0, (firstMs - litMs) / 1000) : 0 });
  };
  const put = async ({ columns, fromS }: Chosen) => {
    setProblem(null);
    const { data, error } = await ask({ of: 'record', id: record.id });
    if (!data) return setProblem(problemOf(error).message);
    const document = await readingsWorker().place(data, { columns, fromS });
    const done = await take({ id: crypto.randomUUID(), document, chosen: [{ kind: 'record', id: record.id }] });
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
      {chosen && (
        <>
          <Columns chosen={chosen} onChange={setChosen} />
          {read && <Found read={read} printer={printer} />}
          <Soft>{T.replace}</Soft>
        </>
      )}
      {problem && <Problem>{problem}</Problem>}
      <Actions>
        {chosen && read && (
          <Button $look="primary" isDisabled={taking.isLoading || read.count === 0} onPress={() => void put(chosen)}>
            {T.take}
          </Button>
        )}
      </Actions>
    </Sheet>
  );
}

function Columns({ chosen, onChange }: { readonly chosen: Chosen; readonly onChange: (chosen: Chosen) => void }) {
  const { names: columnNames, columns, fromS } = chosen;
  const set = (change: Partial<ReadingColumns>) => onChange({ ...chosen, columns: { ...columns, ...change } });
  const names: Readonly<Record<string, string>> = Object.fromEntries(columnNames.map((name, i) => [String(i), name]));
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

/** What the opened file says by these columns; `null` until it is known. */
function useGlance(columns: ReadingColumns | null): ReadingsGlance | null {
  const [known, setKnown] = useState<{ readonly columns: ReadingColumns; readonly glance: ReadingsGlance } | null>(
    null,
  );
  useEffect(() => {
    if (!columns) return;
    let isNewest = true;
    void readingsWorker()
      .glance(columns)
      .then((glance) => isNewest && setKnown({ columns, glance }));
    return () => {
      isNewest = false;
    };
  }, [columns]);
  return known?.columns === columns ? known.glance : null;
}

function Found({ read, printer }: { readonly read: ReadingsGlance; readonly printer: Printer }) {
  const { count, lastS, lowC, highC, refused, refusedCount } = read;
  return (
    <p role="status">
      {count > 0 && T.found(count, printer.span(lastS), printer.temp(lowC), printer.temp(highC))}{' '}
      {refusedCount > 0 && T.refused(refusedCount, refused)}
    </p>
  );
}
