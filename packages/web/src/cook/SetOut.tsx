import { COOK as T } from '#text/cook/cookPhrases';
import { stepAmounts } from '@ember-fold/core/ledger';
import type { RunStep } from '@ember-fold/core/plan';
import { stepState } from '@ember-fold/core/stove';
import { styled } from 'styled-components';
import { AmountTicks } from '../ui/controls/choice/AmountTicks';
import { figureFont } from '../ui/theme';
import type { Printer } from '../text/printer';
import type { Cook } from './useCook';

const Amounts = styled.div`
  padding-top: 12px;
  border-top: 1px solid ${({ theme }) => theme.line};
  h3 {
    ${figureFont}
    margin-bottom: 6px;
    font-size: 18px;
  }
  > div {
    columns: 2 260px;
    column-gap: 28px;
    font-size: 17px;
  }
  label {
    break-inside: avoid;
  }
  p {
    margin-top: 6px;
  }
`;

interface SetOutProps {
  readonly step: RunStep;
  readonly cook: Cook;
  readonly printer: Printer;
}

/** What the step takes, each ticked when it is weighed and within reach. */
export function SetOut({ step, cook, printer }: SetOutProps) {
  const amounts = stepAmounts(step.id, cook.amounts);
  if (amounts.length === 0) return null;
  const ticked = new Set(stepState(cook.state, step.id).ticked);
  const left = amounts.filter(({ key }) => !ticked.has(key)).length;
  return (
    <Amounts role="group" aria-label={T.setOut}>
      <h3>{T.setOut}</h3>
      <div>
        <AmountTicks
          amounts={amounts}
          ticked={ticked}
          printer={printer}
          onTick={({ key }, on) => cook.tell({ kind: 'tick', step: step.id, line: key, on })}
        />
      </div>
      <p role="status">{left === 0 ? T.allSetOut : T.stillToSetOut(left)}</p>
    </Amounts>
  );
}
