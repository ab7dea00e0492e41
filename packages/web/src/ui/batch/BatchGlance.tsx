import type { PlannedTray } from '@ember-fold/core/plan';
import { supperPart, type SupperPart } from '@ember-fold/core/supper';
import { skipToken } from '@reduxjs/toolkit/query/react';
import { useEffect, useRef, useState } from 'react';
import { styled } from 'styled-components';
import { api } from '../../data/api/api';
import { selectKitchenFor } from '../../data/draft/selectKitchen';
import { useAppSelector } from '../../data/draft/store';
import { inDayPlan, timesOf } from '../../data/draft/useLine';
import { BENCH_SHEETS as T } from '#text/bench/benchSheetPhrases';
import { lineText } from '#text/bench/lineText';
import { makePrinter } from '../../text/printer';
import { SHAPE_WORDS } from '#text/shared/shapeWords';
import { FAMILY_WORDS } from '#text/shared/familyWords';
import { ToneMark, toneColour } from '../controls/list/Findings';
import { ShapePicture } from '../drawing/ShapePicture';
import { figureFont, PHONE } from '../theme';
import { planOnce } from '../../workers/planClient';

const Glance = styled.div`
  flex-basis: 100%;
  display: flex;
  align-items: center;
  gap: 16px;
  min-height: 62px;
  > svg {
    flex: none;
    width: 76px;
    height: 54px;
  }
  ol {
    flex: 1;
    display: grid;
    grid-template-columns: 0.85fr 1.15fr 1.1fr 1.1fr 0.9fr;
    gap: 4px 12px;
  }
  li {
    display: block;
    background: none;
  }
  b {
    ${figureFont}
    display: block;
    font-size: 16px;
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
  }
  li > span {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0 4px;
    font-size: 13px;
  }
  ${PHONE} {
    min-height: 150px;
    > svg {
      display: none;
    }
    ol {
      grid-template-columns: repeat(2, minmax(0, 1fr));
    }
  }
`;

const Word = styled.span<{ $colour: 'good' | 'lookOut' | 'stop' | 'know' }>`
  display: inline-flex;
  align-items: center;
  gap: 3px;
  font-weight: 600;
  white-space: nowrap;
  color: ${({ theme, $colour }) => theme[$colour]};
`;

interface BatchGlanceProps {
  readonly id: string;
  readonly version: number;
  /** Told once it is planned. */
  readonly onPlan?: (trays: readonly PlannedTray[], part: SupperPart) => void;
}

/** A batch in the list as what it is: its piece, and its line with figure and verdict of each station. */
export function BatchGlance({ id, version, onPlan }: BatchGlanceProps) {
  const { data } = api.useBatchAtQuery({ id, version });
  const draft = data?.draft ?? null;
  const onPlanned = useRef(onPlan);
  useEffect(() => {
    onPlanned.current = onPlan;
  });
  const kitchen = useAppSelector((state) => selectKitchenFor(state, draft));
  const told = api.useDayPlanQuery(draft?.supper ?? skipToken);
  const [plan, setPlan] = useState<readonly PlannedTray[] | 'none' | null>(null);
  useEffect(() => {
    if (!draft || !kitchen) return;
    let isNewest = true;
    // A batch that cannot be planned says why on its own page.
    const show = (next: typeof plan) => isNewest && setPlan(next);
    void planOnce(draft, kitchen, Date.now()).then(
      (trays) => {
        show(trays);
        if (isNewest) onPlanned.current?.(trays, supperPart(id, draft, trays, kitchen));
      },
      () => show('none'),
    );
    return () => {
      isNewest = false;
    };
  }, [id, draft, kitchen]);
  if (plan === 'none') return null;
  if (!draft || !kitchen || !plan) return <Glance aria-busy />;
  const [first] = plan;
  if (!first) return null;
  const { piece } = first.plan.fold;
  const { shape, fold, dough } = first.draft;
  const line = {
    batch: draft,
    draft: first.draft,
    kitchen,
    printer: makePrinter(kitchen),
    cold: first.plan,
    hot: inDayPlan(first.plan, told.data?.dayPlan ?? null, id),
    times: timesOf(draft.supper, told),
    hotIsCurrent: true,
    hotProblem: null,
    trays: [],
  };
  return (
    <Glance>
      {piece && (
        <ShapePicture
          piece={piece}
          fold={fold}
          crust={0.9}
          label={T.shapeOf(SHAPE_WORDS[shape].name, FAMILY_WORDS[dough.family].name)}
        />
      )}
      <ol>
        {lineText(line).map(({ station, name, figure, tone, verdict }) => (
          <li key={station}>
            <span>
              {name}
              <Word $colour={toneColour(tone)}>
                <ToneMark tone={tone} size={13} />
                {verdict}
              </Word>
            </span>
            <b>{figure}</b>
          </li>
        ))}
      </ol>
    </Glance>
  );
}
