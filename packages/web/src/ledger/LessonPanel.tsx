import type { LedgerRecord, Proposal, RecordLooks, TrayLesson } from '@ember-fold/core/ledger';
import { styled } from 'styled-components';
import {
  CAUSE_NAME,
  CHANGE_NAME,
  effectTexts,
  evidenceText,
  isJudged,
  LESSON as L,
  SYMPTOM_NAME,
} from '#text/ledger/lessonPhrases';
import { listNames, type Printer } from '../text/printer';
import { Button } from '../ui/controls/button/Button';
import { Figure, Panel, PanelTitle, Soft } from '../ui/layout/Panel';
import type { Lesson } from '../workers/plan.worker';

const Causes = styled.ol`
  li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 2px 10px;
    padding: 8px 0;
    border-top: 1px solid ${({ theme }) => theme.line};
  }
  small {
    grid-column: 1 / -1;
    font-size: 13px;
    color: ${({ theme }) => theme.soft};
  }
  meter {
    grid-column: 1 / -1;
    width: 100%;
    height: 7px;
    appearance: none;
  }
  meter::-webkit-meter-bar {
    height: 7px;
    border: 0;
    border-radius: 4px;
    background: ${({ theme }) => theme.well};
  }
  meter::-webkit-meter-optimum-value {
    border-radius: 4px;
    background: ${({ theme }) => theme.ink};
  }
`;

/** As many causes are shown. */
const MOST = 4;
const LEAST = 0.05;

interface LessonPanelProps {
  readonly record: LedgerRecord;
  readonly looks: RecordLooks;
  readonly lesson: Lesson | null;
  readonly printer: Printer;
  readonly isMaking: boolean;
  readonly onNext: (proposal: Proposal) => void;
}

/** Why it came out as it did, and the one thing to change. */
export function LessonPanel({ record, looks, lesson, printer, isMaking, onNext }: LessonPanelProps) {
  const told = lesson?.lessons.filter(({ present }) => present.length > 0) ?? [];
  const judged = record.trays.some(({ mark, figures }) => isJudged(looks.trays[mark]) || figures.burst > 0);
  const proposal = lesson?.proposal ?? null;
  return (
    <Panel aria-label={L.why}>
      {told.length === 0 && <Soft>{judged ? L.nothingWrong : L.notJudged}</Soft>}
      {told.map((tray) => (
        <Why key={tray.mark} lesson={tray} printer={printer} />
      ))}
      {told.length > 0 && (
        <>
          <PanelTitle style={{ marginTop: 12 }}>{L.change}</PanelTitle>
          {proposal ? (
            <>
              <Figure as="p">{CHANGE_NAME[proposal.change]}</Figure>
              <ul>
                {effectTexts(proposal, printer).map((text) => (
                  <li key={text}>{text}</li>
                ))}
              </ul>
              <Button $look="primary" style={{ marginTop: 10 }} isDisabled={isMaking} onPress={() => onNext(proposal)}>
                {L.next}
              </Button>
            </>
          ) : (
            <Soft>{L.noChange}</Soft>
          )}
        </>
      )}
    </Panel>
  );
}

/** The likeliest causes of one tray, each with the numbers that speak for it. */
function Why({
  lesson: { present, causes, evidence },
  printer,
}: {
  readonly lesson: TrayLesson;
  readonly printer: Printer;
}) {
  return (
    <>
      <PanelTitle>{L.whyOf(listNames(present.map((symptom) => SYMPTOM_NAME[symptom])))}</PanelTitle>
      <Causes>
        {causes
          .filter(({ chance }) => chance >= LEAST)
          .slice(0, MOST)
          .map(({ id, chance }) => (
            <li key={id}>
              <span>{CAUSE_NAME[id]}</span>
              <strong>{L.chance(chance)}</strong>
              <meter value={chance} max={1} aria-label={CAUSE_NAME[id]} />
              <small>
                {evidence
                  .filter(({ cause }) => cause === id)
                  .map((one) => evidenceText(one, printer))
                  .join('; ')}
              </small>
            </li>
          ))}
      </Causes>
    </>
  );
}
