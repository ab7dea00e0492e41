import { STOVE_ROOM as T } from '#text/stove/stovePhrases';
import { isDueNow, type NextStep } from '@ember-fold/core/stove';
import { Button } from 'react-aria-components';
import { styled } from 'styled-components';
import { figureFont } from '../ui/theme';
import { Panel, Soft } from '../ui/layout/Panel';
import type { Printer } from '../text/printer';
import { nextText } from '#text/stove/stoveWords';

const Box = styled(Panel)`
  padding: 0 0 6px;
  overflow: hidden;
  h2 {
    padding: 14px 18px 8px;
  }
`;

const Step = styled(Button)`
  display: grid;
  grid-template-columns: 74px minmax(0, 1fr) auto;
  align-items: center;
  gap: 10px;
  width: 100%;
  min-height: 74px;
  padding: 10px 18px;
  text-align: left;
  color: inherit;
  background: none;
  border: 0;
  border-top: 1px solid ${({ theme }) => theme.line};
  cursor: pointer;
  font-size: 18px;
  line-height: 1.25;
  &[data-now] {
    color: #1c130a;
    background: ${({ theme }) => theme.hand};
  }
  &[data-danger] {
    color: #fff;
    background: ${({ theme }) => theme.danger};
  }
  &[data-hovered] {
    filter: brightness(1.08);
  }
  .when {
    ${figureFont}
    font-size: 25px;
  }
  strong {
    ${figureFont}
    display: block;
    font-size: 24px;
    line-height: 1.1;
  }
  &[data-now] strong {
    font-size: 29px;
  }
  &[data-now] .when {
    font-size: 30px;
  }
  kbd {
    ${figureFont}
    padding: 2px 9px;
    border: 1px solid currentColor;
    border-radius: 6px;
    font-size: 14px;
  }
`;

const KEY: Record<NextStep['act'], string | null> = {
  turn: 'T',
  'take-out': 'O',
  'to-oven': 'O',
  drop: 'D',
  skim: 'K',
  burner: null,
  aside: null,
  'oven-out': null,
  judge: null,
  finish: null,
};
interface DoNextListProps {
  readonly steps: readonly NextStep[];
  /** Oil to fry in, °C. */
  readonly targetC: number;
  readonly printer: Printer;
  /** The cook says it is done. */
  readonly onDone: (step: NextStep) => void;
}

/** What to do next and when; a tap says it is done. */
export function DoNextList({ steps, targetC, printer, onDone }: DoNextListProps) {
  const first = steps[0];
  const spoken = first && isDueNow(first) ? wording(first).what : '';
  function wording(step: NextStep) {
    return nextText(step, printer, targetC);
  }
  return (
    <Box aria-label={T.doNext}>
      <Soft as="h2">{T.doNext}</Soft>
      <p role="status" className="visually-hidden">
        {spoken}
      </p>
      <ol>
        {steps.map((step) => {
          const { what, why } = wording(step);
          const now = isDueNow(step);
          return (
            // Why and when may change under the finger: what is to be done is still the same.
            <li key={`${step.act}-${step.value}-${step.pieces.join('-')}`}>
              <Step
                data-now={now || undefined}
                data-danger={step.reason === 'cut-heat' || undefined}
                data-act={step.act}
                onPress={() => onDone(step)}
              >
                <span className="when">{step.inS === null ? '–' : now ? T.now : printer.soon(step.inS)}</span>
                <span>
                  <strong>{what}</strong>
                  {why}
                </span>
                {KEY[step.act] ? <kbd aria-hidden>{KEY[step.act]}</kbd> : <span />}
              </Step>
            </li>
          );
        })}
      </ol>
      {steps.length === 0 && <Soft style={{ padding: '0 18px 12px' }}>{T.nothingJustNowStayWith}</Soft>}
    </Box>
  );
}
