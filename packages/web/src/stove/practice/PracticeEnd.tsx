import { Grid } from '../../ui/layout/layout';
import {
  type BestWay,
  practiceOutcome,
  type PracticeRun,
  practiceScore,
  type Situation,
  withActMoved,
} from '@ember-fold/core/stove';
import { useEffect, useMemo, useRef, useState } from 'react';
import { styled } from 'styled-components';
import { usePracticeResults } from '../../data/draft/practiceResults';
import { pageOf } from '#text/learn/handbook/handbook';
import { PRACTICE as T } from '#text/learn/practicePhrases';
import type { Printer } from '../../text/printer';
import { Link } from 'react-router';
import { Button } from '../../ui/controls/button/Button';
import { Figure, Panel, PanelTitle, Soft } from '../../ui/layout/Panel';
import { Tally } from '../../ui/controls/list/Tally';
import { PHONE } from '../../ui/theme';
import type { PracticeDesk } from '../../workers/practiceClient';
import { ActList } from './ActList';
import { PracticeTrace } from './PracticeTrace';
import { useActCosts } from './useActCosts';

const Sides = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 2fr) minmax(0, 3fr);
  align-items: start;
  gap: 14px;
  ${PHONE} {
    grid-template-columns: minmax(0, 1fr);
  }
`;

const Keys = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-top: 12px;
`;

interface PracticeEndProps {
  readonly of: Situation;
  readonly run: PracticeRun;
  readonly whispered: boolean;
  readonly desk: PracticeDesk;
  /** `null` while it is looked for; `share` of the way there. */
  readonly best: BestWay | null;
  readonly share: number;
  readonly printer: Printer;
  readonly onAgain: (another: boolean) => void;
}

/** How an session went: the score with its reasons, what each act did, and what if. */
export function PracticeEnd({ of, run, whispered, desk, best, share, printer, onAgain }: PracticeEndProps) {
  const outcome = useMemo(() => practiceOutcome(run), [run]);
  const pieces = outcome.pieces.length;
  const score = best && practiceScore(outcome.lost, Math.min(best.outcome.lost, outcome.lost), pieces);
  useKeptOnce(of, score, whispered);
  const costs = useActCosts(desk, of, run.acts, best !== null);
  const [chosen, setChosen] = useState<string | null>(null);
  const { lesson, page } = T.of(of.kind);
  const moving = run.acts.find(({ id }) => id === chosen) ?? null;
  return (
    <Sides>
      <Grid $columns="minmax(0, 1fr)" $gap={14}>
        <Panel aria-label={T.judged}>
          <PanelTitle>{T.judged}</PanelTitle>
          <div role="status">
            {score === null ? (
              <Soft>{T.searching(share)}</Soft>
            ) : (
              <>
                <Figure>{T.score(score)}</Figure>
                <p>{T.beside(outcome.lost, best!.outcome.lost)}</p>
              </>
            )}
          </div>
          <Tally counts={T.fates(outcome)} />
          <ul>
            {T.reasons(outcome, printer).map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
        </Panel>
        <Panel>
          <PanelTitle>{T.lesson}</PanelTitle>
          <p>{lesson}</p>
          <p>
            <Link to={`/learn/${page}`}>
              {T.read}: {pageOf(page)?.title}
            </Link>
          </p>
          <Keys>
            <Button $look="primary" onPress={() => onAgain(true)}>
              {T.another}
            </Button>
            <Button onPress={() => onAgain(false)}>{T.again}</Button>
          </Keys>
        </Panel>
      </Grid>
      <Grid $columns="minmax(0, 1fr)" $gap={14}>
        <PracticeTrace
          key={chosen}
          of={of}
          run={run}
          best={best}
          desk={desk}
          moving={moving}
          actsWith={(byS) => (moving ? withActMoved(run.acts, moving.id, byS) : run.acts)}
          printer={printer}
        />
        <ActList
          acts={run.acts}
          costs={costs}
          isWeighing={best !== null}
          chosen={chosen}
          pieces={pieces}
          onChoose={(id) => setChosen((now) => (now === id ? null : id))}
          printer={printer}
        />
      </Grid>
    </Sides>
  );
}

/** The session is kept once, as soon as its score is known. */
function useKeptOnce(of: Situation, score: number | null, whispered: boolean): void {
  const [, keep] = usePracticeResults();
  const isKept = useRef(false);
  useEffect(() => {
    if (score === null || isKept.current) return;
    isKept.current = true;
    keep({ kind: of.kind, seed: of.seed, score, whispered, atMs: Date.now() });
  }, [score, of, whispered, keep]);
}
