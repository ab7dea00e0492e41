import type { ActCost, PracticeAct } from '@ember-fold/core/stove';
import { styled } from 'styled-components';
import { PRACTICE as T } from '#text/learn/practicePhrases';
import type { Printer } from '../../text/printer';
import { Panel, PanelTitle, Soft } from '../../ui/layout/Panel';

const List = styled.ol`
  display: grid;
  gap: 2px;
`;

const Row = styled.button<{ $bad: boolean }>`
  display: grid;
  grid-template-columns: minmax(0, 2fr) minmax(0, 3fr);
  gap: 4px 12px;
  width: 100%;
  min-height: 44px;
  align-items: center;
  padding: 4px 10px;
  border: 1px solid transparent;
  border-radius: 8px;
  font: inherit;
  text-align: left;
  color: inherit;
  background: none;
  cursor: pointer;
  &[aria-pressed='true'] {
    border-color: ${({ theme }) => theme.edge};
    background: ${({ theme }) => theme.well};
  }
  span:last-child {
    color: ${({ theme, $bad }) => ($bad ? theme.stop : theme.soft)};
  }
`;

interface ActListProps {
  readonly acts: readonly PracticeAct[];
  readonly costs: ReadonlyMap<string, ActCost>;
  /** Acts are being weighed, or are to be. */
  readonly isWeighing: boolean;
  readonly chosen: string | null;
  readonly onChoose: (id: string) => void;
  /** Of the whole session. */
  readonly pieces: number;
  readonly printer: Printer;
}

/** An act that cost at least this much is shown in red; in lost pieces. */
const BAD = 0.15;

/** Everything that was done, with what it cost or saved; one of them chosen to be moved. */
export function ActList({ acts, costs, isWeighing, chosen, onChoose, pieces, printer }: ActListProps) {
  return (
    <Panel aria-label={T.acts}>
      <PanelTitle>{T.acts}</PanelTitle>
      {isWeighing && costs.size < acts.length && <Soft role="status">{T.weighing(costs.size, acts.length)}</Soft>}
      {acts.length === 0 && <Soft>{T.noActs}</Soft>}
      <List>
        {acts.map((act) => {
          const cost = costs.get(act.id);
          return (
            <li key={act.id}>
              <Row
                type="button"
                $bad={cost !== undefined && (cost.cost > BAD || cost.saves > BAD)}
                aria-pressed={chosen === act.id}
                onClick={() => onChoose(act.id)}
              >
                <span>{T.actAt(act, printer)}</span>
                <span>{cost ? T.cost(cost, pieces, printer) : ''}</span>
              </Row>
            </li>
          );
        })}
      </List>
    </Panel>
  );
}
