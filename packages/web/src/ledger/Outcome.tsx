import type { LedgerRecord } from '@ember-fold/core/ledger';
import { trayOf } from '@ember-fold/core/plan';
import { styled } from 'styled-components';
import { LEDGER as T } from '#text/ledger/ledgerPhrases';
import { plannedAndHappened } from '#text/ledger/ledgerText';
import type { Printer } from '../text/printer';
import { trayName } from '#text/bench/trayText';
import { figureFont } from '../ui/theme';

/** Figures planned beside happened. */
export const OutcomeTable = styled.table`
  width: 100%;
  border-collapse: collapse;
  th,
  td {
    padding: 9px 8px 9px 0;
    text-align: left;
    vertical-align: top;
    border-top: 1px solid ${({ theme }) => theme.line};
  }
  thead th {
    border: 0;
    padding-top: 0;
    font-weight: 400;
    font-size: 13px;
    color: ${({ theme }) => theme.soft};
  }
  tbody th {
    font-weight: 400;
    small {
      display: block;
      font-size: 13px;
      color: ${({ theme }) => theme.soft};
    }
  }
  td {
    ${figureFont}
  }
`;

const Scroll = styled.div`
  overflow-x: auto;
  td small {
    display: block;
    font-size: 13px;
    color: ${({ theme }) => theme.soft};
  }
`;

interface OutcomeProps {
  readonly record: LedgerRecord;
  readonly printer: Printer;
}

/** What was planned and what happened; of several trays what happened side by side, with what was planned below each. */
export function Outcome({ record, printer }: OutcomeProps) {
  const trays = record.trays.map((one) => {
    const draft = trayOf(record.draft, one.mark);
    return { mark: one.mark, name: trayName(draft), rows: plannedAndHappened(draft, one, printer) };
  });
  const [first] = trays;
  if (!first) return null;
  const single = trays.length === 1;
  return (
    <Scroll
      tabIndex={single ? undefined : 0}
      role={single ? undefined : 'group'}
      aria-label={single ? undefined : T.sideBySide}
    >
      <OutcomeTable>
        <thead>
          <tr>
            <th scope="col">{T.figure}</th>
            {single && <th scope="col">{T.planned}</th>}
            {single && <th scope="col">{T.happened}</th>}
            {!single &&
              trays.map(({ mark, name }) => (
                <th key={mark} scope="col">
                  {name}
                </th>
              ))}
          </tr>
        </thead>
        <tbody>
          {first.rows.map((row, i) => (
            <tr key={row.name}>
              <th scope="row">{row.name}</th>
              {single && <td>{row.planned}</td>}
              {single && <td>{row.happened}</td>}
              {!single &&
                trays.map(({ mark, rows }) => (
                  <td key={mark}>
                    {rows[i]!.happened}
                    <small>{T.wasPlanned(rows[i]!.planned)}</small>
                  </td>
                ))}
            </tr>
          ))}
        </tbody>
      </OutcomeTable>
    </Scroll>
  );
}
