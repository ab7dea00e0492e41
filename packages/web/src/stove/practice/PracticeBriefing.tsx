import { Row } from '../../ui/layout/layout';
import type { Situation } from '@ember-fold/core/stove';
import { useState } from 'react';
import { styled } from 'styled-components';
import { useKept } from '../../data/offline/useKept';
import { PRACTICE as T } from '#text/learn/practicePhrases';
import type { Printer } from '../../text/printer';
import { Button } from '../../ui/controls/button/Button';
import { Choice } from '../../ui/controls/choice/Choice';
import { Panel, Soft } from '../../ui/layout/Panel';
import { figureFont } from '../../ui/theme';

const Story = styled.p`
  ${figureFont}
  max-width: 44em;
  font-size: 22px;
  line-height: 1.3;
`;

/** How fast, and with whose help. */
export interface PracticeChoices {
  readonly pace: keyof typeof T.paces;
  readonly whispers: boolean;
}

export const isChoices = (value: unknown): value is PracticeChoices => {
  const one = value as Partial<PracticeChoices> | null;
  return typeof one?.whispers === 'boolean' && typeof one.pace === 'string' && Object.hasOwn(T.paces, one.pace);
};
const USUAL: PracticeChoices = { pace: '4', whispers: true };

interface PracticeBriefingProps {
  readonly of: Situation;
  readonly printer: Printer;
  readonly onBegin: (choices: PracticeChoices) => void;
}

/** What the cook is told before the session begins. */
export function PracticeBriefing({ of, printer, onBegin }: PracticeBriefingProps) {
  const [kept, keep] = useKept('practice-choices', isChoices);
  const [choices, setChoices] = useState(kept ?? USUAL);
  const change = (next: PracticeChoices) => {
    setChoices(next);
    keep(next);
  };
  return (
    <Panel>
      <Story>{T.of(of.kind).told(of, printer)}</Story>
      <p>{T.planned(of, printer)}.</p>
      <Row $gap="8px 24px" $top={12} $bottom={6} $align="end">
        <Choice
          label={T.pace}
          value={choices.pace}
          options={T.paces}
          onChange={(pace) => change({ ...choices, pace })}
        />
        <Choice
          label={T.help}
          value={choices.whispers ? 'whispers' : 'silent'}
          options={T.helps}
          onChange={(help) => change({ ...choices, whispers: help === 'whispers' })}
        />
        <Button $look="primary" onPress={() => onBegin(choices)}>
          {T.begin}
        </Button>
      </Row>
      <Soft>{T.helpSays}</Soft>
      <Soft>{T.apart}</Soft>
    </Panel>
  );
}
