import { STOVE_ROOM as T } from '#text/stove/stovePhrases';
import { RANGES } from '@ember-fold/core/plan';
import type { StoveBelief, Judge, SeenLooks } from '@ember-fold/core/stove';
import { useState } from 'react';
import { styled } from 'styled-components';
import { Button } from '../ui/controls/button/Button';
import { Panel, Soft } from '../ui/layout/Panel';
import { TempField } from '../ui/controls/field/MoreFields';
import { beliefText, listText, LOOKS_NAME } from '#text/stove/stoveWords';
import type { Printer } from '../text/printer';

const Four = styled.div`
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  gap: 8px;
  margin-top: 6px;
  button {
    min-height: 64px;
    padding: 4px;
  }
`;

const Core = styled.div`
  display: grid;
  grid-template-columns: 1fr 2fr;
  align-items: center;
  gap: 8px;
  margin-top: 8px;
  button {
    min-height: 64px;
  }
  > div:first-child {
    grid-column: 1 / -1;
  }
`;

interface JudgeBarProps {
  readonly judge: Judge;
  /** What a core should reach, °C: where the field begins. */
  readonly targetC: number;
  readonly belief: StoveBelief;
  readonly printer: Printer;
  readonly onLooks: (looks: SeenLooks) => void;
  readonly onCore: (tempC: number) => void;
  /** Cut, and raw: they go to the oven. */
  readonly onRaw: () => void;
}

/** How the last taking out looks beside what was shown; and a core, if one was probed. It corrects all that follows. */
export function JudgeBar({ judge, targetC, belief, printer, onLooks, onCore, onRaw }: JudgeBarProps) {
  const { pieces: takenOut, predictedC } = judge;
  const [coreC, setCoreC] = useState(targetC);
  const [probing, setProbing] = useState(false);
  const text = beliefText(belief, printer);
  if (takenOut.length === 0) return text === '' ? null : <Soft style={{ padding: '8px 4px' }}>{text}</Soft>;
  return (
    <Panel aria-label={T.howTheyLook} style={{ marginTop: 10 }}>
      <strong>{T.howDoLook(listText(takenOut.map((piece) => piece.number)))}</strong>
      <Four>
        {(Object.keys(LOOKS_NAME) as SeenLooks[]).map((looks) => (
          <Button key={looks} onPress={() => onLooks(looks)}>
            {LOOKS_NAME[looks]}
          </Button>
        ))}
        <Button aria-expanded={probing} onPress={() => setProbing((now) => !now)}>
          {T.core}
        </Button>
      </Four>
      {probing && (
        <Core>
          <TempField
            label={predictedC === null ? T.coreIfProbed : T.coreReads(printer.temp(predictedC))}
            value={coreC}
            {...RANGES.stove.coreC}
            printer={printer}
            onChange={setCoreC}
          />
          <Button onPress={() => onCore(coreC)}>{T.noteIt}</Button>
          <Button onPress={onRaw}>{T.rawInsideToTheOven}</Button>
        </Core>
      )}
    </Panel>
  );
}
