import type { WholeRecord } from '@ember-fold/core/ledger';
import { styled } from 'styled-components';
import { LEDGER } from '#text/ledger/ledgerPhrases';
import type { Printer } from '../text/printer';
import { differenceText, effectOf, WHOLE as T, wholeName, wholeStation, wholeValue } from '#text/ledger/wholePhrases';
import { Panel, PanelTitle, Soft } from '../ui/layout/Panel';
import { OutcomeTable } from './Outcome';

const Figures = styled(OutcomeTable)`
  td {
    white-space: nowrap;
  }
`;

const Differences = styled.ol`
  li {
    padding: 8px 0;
    border-top: 1px solid ${({ theme }) => theme.line};
  }
  small {
    display: block;
    font-size: 14px;
    color: ${({ theme }) => theme.soft};
  }
`;

interface WholeProps {
  readonly whole: WholeRecord;
  readonly printer: Printer;
  /** The batch has several trays. */
  readonly several: boolean;
}

/** Which differences from the plan mattered, and what each did. */
export function MatteredPanel({ whole: { mattered }, printer, several }: WholeProps) {
  return (
    <Panel aria-label={T.mattered}>
      <PanelTitle>{T.mattered}</PanelTitle>
      {mattered.length === 0 ? (
        <Soft>{T.nothing}</Soft>
      ) : (
        <>
          <Soft>{T.matteredSays}</Soft>
          <Differences>
            {mattered.map((one) => (
              <li key={`${one.mark} ${one.what}`}>
                {differenceText(one, several, printer)}
                <small>{effectOf(one, printer)}</small>
              </li>
            ))}
          </Differences>
        </>
      )}
    </Panel>
  );
}

/** Every station planned beside happened, from the flour to the table. */
export function WholePanel({ whole: { rows }, printer }: Omit<WholeProps, 'several'>) {
  return (
    <Panel aria-label={T.whole}>
      <PanelTitle>{T.whole}</PanelTitle>
      <Figures>
        <thead>
          <tr>
            <th scope="col">{LEDGER.figure}</th>
            <th scope="col">{LEDGER.planned}</th>
            <th scope="col">{LEDGER.happened}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row, i) => (
            <tr key={`${row.station} ${row.what} ${row.mark ?? ''}`}>
              <th scope="row">
                {rows[i - 1]?.station !== row.station && <small>{wholeStation(row)}</small>}
                {wholeName(row)}
              </th>
              <td>{wholeValue(row.what, row.planned, printer)}</td>
              <td>{row.happened === null ? T.notTold : wholeValue(row.what, row.happened, printer)}</td>
            </tr>
          ))}
        </tbody>
      </Figures>
    </Panel>
  );
}
