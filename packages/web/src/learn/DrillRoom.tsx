import { Stack } from '../ui/layout/layout';
import { type Drill, drill, type DrillAnswer, DRILL_KINDS, drillSkills, nextDrill } from '@ember-fold/core/stove';
import { useState } from 'react';
import { Link } from 'react-router';
import { styled, useTheme } from 'styled-components';
import { useKept } from '../data/offline/useKept';
import { useKitchen } from '../data/draft/useLine';
import { DRILL as T, drillText } from '#text/learn/drillPhrases';
import { PRACTICE } from '#text/learn/practicePhrases';
import type { Printer } from '../text/printer';
import { Button } from '../ui/controls/button/Button';
import { Page, PageTitle, TitleRow } from '../ui/layout/Page';
import { Panel, PanelTitle, Soft } from '../ui/layout/Panel';
import { figureFont, PHONE } from '../ui/theme';
import { DrillPicture } from './DrillPicture';

const Sides = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 3fr) minmax(260px, 2fr);
  align-items: start;
  gap: 14px;
  ${PHONE} {
    grid-template-columns: minmax(0, 1fr);
  }
`;

const Asks = styled.p`
  ${figureFont}
  margin-bottom: 12px;
  font-size: 22px;
  line-height: 1.25;
`;

const Answers = styled.ul`
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 8px;
  margin: 14px 0;
  button {
    width: 100%;
    height: 100%;
    min-height: 56px;
  }
`;

/** As many answers are kept in this browser. */
const MOST_KEPT = 400;
const isAnswers = (value: unknown): value is readonly DrillAnswer[] =>
  Array.isArray(value) &&
  value.every((one: Partial<DrillAnswer> | null) => {
    const isKind = DRILL_KINDS.some((kind) => kind === one?.kind);
    return isKind && typeof one?.isRight === 'boolean' && Number.isFinite(one.atMs) && Number.isInteger(one.level);
  });

const answered = ({ kind, level, right }: Drill, given: number): DrillAnswer => ({
  kind,
  level,
  isRight: given === right,
  atMs: Date.now(),
});

function asked(answers: readonly DrillAnswer[], nowMs: number): Drill {
  const { kind, level } = nextDrill(answers, nowMs);
  return drill(kind, Math.floor(nowMs) % 2 ** 31, level);
}

/** Eye and hand: one question after the other, what is missed sooner again. */
export function DrillRoom() {
  const printer = useKitchen()?.printer;
  const [kept, keep] = useKept('drills', isAnswers);
  const answers = kept ?? [];
  const [one, setOne] = useState(() => asked(answers, Date.now()));
  const [given, setGiven] = useState<number | null>(null);
  if (!printer) return null;
  const { asks, options, why } = drillText(one, printer);
  const give = (i: number) => {
    setGiven(i);
    keep([...answers, answered(one, i)].slice(-MOST_KEPT));
  };
  const next = () => {
    setOne(asked(answers, Date.now()));
    setGiven(null);
  };
  return (
    <Page>
      <PageTitle of={[T.title]} />
      <TitleRow>
        <h1>{T.title}</h1>
        <Link to="/learn/practice">{PRACTICE.room}</Link>
        <Link to="/learn">{T.handbook}</Link>
      </TitleRow>
      <Sides>
        <Panel>
          <Asks>{asks}</Asks>
          <DrillPicture of={one} printer={printer} />
          <Answers aria-label={T.answers}>
            {options.map((text, i) => (
              <li key={text}>
                <Button
                  $look={given !== null && i === one.right ? 'primary' : 'plain'}
                  isDisabled={given !== null && i !== one.right && i !== given}
                  onPress={() => given === null && give(i)}
                >
                  {text}
                </Button>
              </li>
            ))}
          </Answers>
          <p role="status" style={{ minHeight: 48 }}>
            {given !== null && (
              <>
                <strong>{given === one.right ? T.right : T.wrong}</strong> {why}
              </>
            )}
          </p>
          {given !== null && (
            <Button $look="primary" onPress={next}>
              {T.next}
            </Button>
          )}
        </Panel>
        <SkillList answers={answers} printer={printer} />
      </Sides>
    </Page>
  );
}

function SkillList({ answers, printer }: { readonly answers: readonly DrillAnswer[]; readonly printer: Printer }) {
  const theme = useTheme();
  const [openedMs] = useState(Date.now);
  const nowMs = Math.max(openedMs, answers.at(-1)?.atMs ?? 0);
  return (
    <Panel>
      <PanelTitle>{T.skills}</PanelTitle>
      <Soft>{T.says}</Soft>
      <Stack as="ul" $gap={12} $top={6}>
        {drillSkills(answers).map((skill) => (
          <li key={skill.kind}>
            <strong>{T.skill(skill.kind)}</strong> <Soft as="span">{T.level(skill.level)}</Soft>
            <svg
              viewBox="0 0 200 12"
              width="100%"
              height="12"
              preserveAspectRatio="none"
              role="img"
              aria-label={T.barSays(skill.kind, skill.low, skill.high)}
            >
              <rect y={4} width={200} height={4} fill={theme.line} />
              <rect x={200 * skill.low} y={2} width={200 * (skill.high - skill.low)} height={8} fill={theme.know} />
            </svg>
            <Soft>
              {skill.asked === 0 ? T.none : T.share(skill)}
              {skill.asked > 0 &&
                `, ${skill.dueMs <= nowMs ? T.due : T.later(printer.span((skill.dueMs - nowMs) / 1000))}`}
            </Soft>
          </li>
        ))}
      </Stack>
      <Soft style={{ marginTop: 12 }}>{T.apart}</Soft>
    </Panel>
  );
}
