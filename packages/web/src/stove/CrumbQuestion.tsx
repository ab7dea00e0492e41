import { CRUMB_ANSWERS, readCrumb } from '@ember-fold/core/stove';
import { styled } from 'styled-components';
import { STOVE_ROOM as T } from '#text/stove/stovePhrases';
import { CRUMB_NAME } from '#text/bench/fry/methodText';
import { Button } from '../ui/controls/button/Button';

const Answers = styled.div`
  display: grid;
  gap: 6px;
  margin: 8px 0;
  button {
    min-height: 56px;
    font-size: 17px;
  }
`;

interface CrumbQuestionProps {
  /** Oil of the plan, °C. */
  readonly oilC: number;
  readonly onOil: (tempC: number, spreadC: number) => void;
}

/** Oil that no probe measures is judged by a crumb of dough, against what this plan wants. */
export function CrumbQuestion({ oilC, onOil }: CrumbQuestionProps) {
  return (
    <div role="group" aria-label={T.whatDoesACrumbDo} style={{ gridColumn: '1 / -1' }}>
      <strong>{T.whatDoesACrumbDo}</strong>
      <Answers>
        {CRUMB_ANSWERS.map((answer) => {
          const { tempC, spreadC } = readCrumb(answer, oilC);
          return (
            <Button key={answer} onPress={() => onOil(tempC, spreadC)}>
              {CRUMB_NAME[answer]}
            </Button>
          );
        })}
      </Answers>
    </div>
  );
}
