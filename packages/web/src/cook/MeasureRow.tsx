import { MEASURE_RANGE, printDuration, type RunStep, type StepMeasure } from '@ember-fold/core/plan';
import { useState } from 'react';
import { styled } from 'styled-components';
import type { NewCookAct } from '../data/live/live';
import { COOK as T } from '#text/cook/cookPhrases';
import { MEASURE_NAME, measureText } from '#text/cook/cookText';
import type { Printer } from '../text/printer';
import { Button } from '../ui/controls/button/Button';
import { LiveScale } from '../ui/controls/field/LiveScale';
import { MinutesField, TempField } from '../ui/controls/field/MoreFields';
import { CountField, GramField, LengthField } from '../ui/controls/field/UnitFields';
import { PHONE } from '../ui/theme';

const Measure = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 14px;
  padding-top: 12px;
  border-top: 1px solid ${({ theme }) => theme.line};
  > :first-child {
    flex: 0 1 300px;
  }
  button {
    min-height: 64px;
  }
  ${PHONE} {
    > :first-child {
      flex: 1 1 100%;
    }
  }
`;

interface MeasureRowProps {
  readonly step: RunStep;
  readonly of: StepMeasure;
  readonly value: number | null;
  readonly printer: Printer;
  readonly onTell: (act: NewCookAct) => void;
}

/** What was measured: typed, from the scale, or with one tap as planned. */
export function MeasureRow({ step, of: { what: measure, planned: usual }, value, printer, onTell }: MeasureRowProps) {
  const [typed, setTyped] = useState<number | null>(null);
  const shown = typed ?? value ?? usual;
  const note = (figure: number) => {
    onTell({ kind: 'measure', step: step.id, measure, value: figure });
    setTyped(null);
  };
  const { least, most } = MEASURE_RANGE[measure];
  const props = { label: MEASURE_NAME[measure], value: shown, least, most, onChange: setTyped };
  const weighs = measure === 'pan-kg' || measure === 'poured-kg' || measure === 'dough-kg';
  return (
    <Measure role="group" aria-label={MEASURE_NAME[measure]}>
      {weighs && <GramField {...props} printer={printer} />}
      {(measure === 'filling-c' || measure === 'liquid-c' || measure === 'dough-c') && (
        <TempField {...props} printer={printer} />
      )}
      {measure === 'golden-s' && (
        <MinutesField {...props} whenNull={printDuration(usual)} onClear={() => setTyped(null)} />
      )}
      {measure === 'rolled-m' && <LengthField {...props} />}
      {measure === 'pieces' && <CountField {...props} />}
      <Button isDisabled={typed === null || typed === value} onPress={() => note(shown)}>
        {T.note(measureText(measure, shown, printer))}
      </Button>
      <Button aria-pressed={value === usual} onPress={() => note(usual)}>
        {T.asPlanned(measureText(measure, usual, printer))}
      </Button>
      <span role="status">{value === null ? '' : T.noted(measureText(measure, value, printer))}</span>
      {weighs && <LiveScale printer={printer} wantedKg={usual} onTake={note} />}
    </Measure>
  );
}
