import { COOK as T } from '#text/cook/cookPhrases';
import { type TrayDraft, type RunStep, stepFindings } from '@ember-fold/core/plan';
import { type CheckAnswer, stepState } from '@ember-fold/core/stove';
import { AlarmClock, ArrowRight, Check, Flame } from 'lucide-react';
import { Link } from 'react-router';
import { styled } from 'styled-components';
import { figureFont, PHONE } from '../ui/theme';
import { startTimer, useTimers } from '../data/live/useTimers';
import { Button } from '../ui/controls/button/Button';
import { Findings } from '../ui/controls/list/Findings';
import { Panel, Soft } from '../ui/layout/Panel';
import { CHECK, checkAsk } from '#text/cook/checkText';
import { mixFindingText } from '#text/bench/dough/mixFindingText';
import { runLines } from '#text/cook/cookText';
import { stepName } from '#text/cook/runNames';
import type { Printer } from '../text/printer';
import { CheckDrawing } from './CheckDrawing';
import { MeasureRow } from './MeasureRow';
import { SetOut } from './SetOut';
import type { Cook } from './useCook';

const Big = styled(Panel)`
  display: grid;
  gap: 14px;
  align-content: start;
  padding: 22px 26px;
  h2 {
    ${figureFont}
    font-size: 44px;
    line-height: 1.05;
  }
  ${PHONE} {
    padding: 16px;
    h2 {
      font-size: 32px;
    }
  }
`;

const Lines = styled.ol`
  display: grid;
  gap: 8px;
  font-size: 19px;
  line-height: 1.35;
  li {
    display: grid;
    grid-template-columns: 26px 1fr;
  }
  li::before {
    content: '';
    width: 9px;
    height: 9px;
    margin-top: 9px;
    border-radius: 50%;
    background: ${({ theme }) => theme.accent};
  }
`;

const Question = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 10px 18px;
  align-items: center;
  padding-top: 12px;
  border-top: 1px solid ${({ theme }) => theme.line};
  > div {
    flex: 1 1 300px;
  }
  strong {
    font-size: 17px;
  }
`;

const Answers = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-top: 8px;
  button {
    min-height: 64px;
    min-width: 110px;
  }
  button[aria-pressed='true'] {
    color: ${({ theme }) => theme.barInk};
    background: ${({ theme }) => theme.bar};
  }
`;

/** What was measured means: read while hands are in the dough. */
const Said = styled.div`
  font-size: 17px;
  li,
  p {
    font-size: inherit;
  }
`;

const Keys = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  padding-top: 12px;
  border-top: 1px solid ${({ theme }) => theme.line};
  button,
  a {
    min-height: 64px;
    font-size: 19px;
  }
  a {
    ${figureFont}
    display: inline-flex;
    align-items: center;
    gap: 8px;
    padding: 0 20px;
    border-radius: 10px;
    color: ${({ theme }) => theme.onAccent};
    background: ${({ theme }) => theme.action};
    text-decoration: none;
  }
`;

interface CurrentStepProps {
  readonly batchId: string;
  readonly cook: Cook;
  readonly step: RunStep;
  readonly printer: Printer;
}

/** The one large step: what to do, what to look for, what was measured. */
export function CurrentStep({ batchId, cook, step, printer }: CurrentStepProps) {
  const { trays, state, now, tell } = cook;
  const timers = useTimers();
  const { answer, measured } = stepState(state, step.id);
  const findings = stepFindings(step, trays, state);
  const lines = runLines(step, trays, printer);
  const title = stepName(step, trays);
  const { draft } = trays.find((tray) => tray.draft.mark === step.mark) ?? trays[0]!;
  const name = `${title}, ${cook.name}`;
  const runs = timers.some((timer) => timer.batchId === batchId && timer.step === step.id);
  return (
    <Big data-step={step.id} aria-label={T.now}>
      <Soft role="status">{now.waits ? T.nothingForTheHands : T.now}</Soft>
      <h2>{title}</h2>
      <Lines>
        {lines.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </Lines>
      <SetOut step={step} cook={cook} printer={printer} />
      {step.check && (
        <CheckQuestion
          step={step}
          draft={draft}
          answer={answer}
          onAnswer={(given) => tell({ kind: 'check', step: step.id, answer: given })}
        />
      )}
      {step.measures.map((one) => (
        <MeasureRow
          key={one.what}
          step={step}
          of={one}
          value={measured[one.what] ?? null}
          printer={printer}
          onTell={tell}
        />
      ))}
      <Said role="status">
        <Findings findings={findings} printer={printer} say={mixFindingText} />
      </Said>
      <Keys>
        {step.kind === 'stove' && (
          <Link to={`/stove/${batchId}`}>
            <Flame size={20} aria-hidden />
            {T.toTheStove}
          </Link>
        )}
        <Button
          $look={step.kind === 'stove' ? 'plain' : 'primary'}
          onPress={() => tell({ kind: 'done', step: step.id })}
        >
          <Check size={20} aria-hidden />
          {T.done}
        </Button>
        {!runs && (
          <Button onPress={() => startTimer({ name, seconds: step.durationS, batchId, step: step.id })}>
            <AlarmClock size={20} aria-hidden />
            {T.timerOf(printer.span(step.durationS))}
          </Button>
        )}
        <Button $look="quiet" onPress={() => tell({ kind: 'skip', step: step.id })}>
          <ArrowRight size={20} aria-hidden />
          {T.skip}
        </Button>
      </Keys>
    </Big>
  );
}

interface CheckQuestionProps {
  readonly step: RunStep;
  readonly draft: TrayDraft;
  readonly answer: CheckAnswer | null;
  readonly onAnswer: (answer: CheckAnswer) => void;
}

/** What hands or eyes find out, and what to do when it is not so. */
function CheckQuestion({ step, draft, answer, onAnswer }: CheckQuestionProps) {
  if (!step.check) return null;
  const { answers, remedy } = CHECK[step.check];
  const ask = checkAsk(step.check, draft);
  return (
    <Question role="group" aria-label={ask}>
      <CheckDrawing check={step.check} />
      <div>
        <strong>{ask}</strong>
        <Answers>
          {(Object.keys(answers) as CheckAnswer[]).map((one) => (
            <Button key={one} aria-pressed={answer === one} onPress={() => onAnswer(one)}>
              {answers[one]}
            </Button>
          ))}
        </Answers>
        <p role="status" style={{ minHeight: 24, marginTop: 6 }}>
          {answer === null ? '' : answer === 'yes' ? T.goodOnToTheNext : remedy[answer]}
        </p>
      </div>
    </Question>
  );
}
