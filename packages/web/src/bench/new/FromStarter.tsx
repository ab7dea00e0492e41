import { batchOf, newTray, LIMITS, type StarterId, STARTERS, withFlour, withRaw } from '@ember-fold/core/plan';
import { useState } from 'react';
import { SHAPE_WORDS } from '#text/shared/shapeWords';
import { BENCH_SHEETS } from '#text/bench/benchSheetPhrases';
import { NEW_BATCH as T, SOURCE_NAME } from '#text/bench/new/recipePhrases';
import { STARTER_NAME } from '#text/shared/words';
import { Panel } from '../../ui/layout/Panel';
import { Pick } from '../../ui/controls/choice/Pick';
import { HowMany, piecesOf } from './HowMany';
import { ShapeAndWhen } from './ShapeAndWhen';
import { useAsk } from './useAsk';
import type { NewBatchProps } from './NewBatchPage';

const FILLINGS = Object.fromEntries(STARTERS.map(({ id }) => [id, STARTER_NAME[id]])) as Record<StarterId, string>;

/** One of the shipped doughs and fillings, as it stands. */
export function FromStarter({ kitchen, printer, forWhom, make, isBusy, problem }: NewBatchProps) {
  const [starterId, setStarterId] = useState<StarterId>('squash-sage');
  const [tooLittle, setTooLittle] = useState(false);
  const { count, details, onCount, onDetails } = useAsk(forWhom, {
    pieces: 24,
    shape: 'half-moon',
    nameOf: (shape) => `${STARTER_NAME[starterId]} ${SHAPE_WORDS[shape].plural}`,
  });
  const plan = () => {
    const tray = newTray(details.name.trim(), starterId, piecesOf(count), details.eatAt, details.shape);
    const asked = count.way === 'flour' ? withFlour(tray, count.flourKg, kitchen) : tray;
    setTooLittle(!asked);
    if (asked) void make(batchOf(withRaw(asked, null, kitchen.reheatC ?? LIMITS.core.reheatC)));
  };
  return (
    <Panel aria-label={SOURCE_NAME.starter} style={{ maxWidth: 900 }}>
      <Pick label={BENCH_SHEETS.filling} value={starterId} options={FILLINGS} onChange={setStarterId} />
      <ShapeAndWhen
        details={details}
        onDetails={onDetails}
        forWhom={forWhom}
        printer={printer}
        problem={tooLittle ? T.notOne : problem}
        isBusy={isBusy}
        onPlan={plan}
      >
        <HowMany count={count} ways={['pieces', 'guests', 'flour']} onCount={onCount} printer={printer} />
      </ShapeAndWhen>
    </Panel>
  );
}
