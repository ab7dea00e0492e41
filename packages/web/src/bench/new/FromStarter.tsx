import { batchOf, newTray, REHEAT_C, type StarterId, STARTERS, withRaw } from '@ember-fold/core';
import { useState } from 'react';
import { FORM_PLURAL } from '../../text/formWords';
import { BENCH_SHEETS } from '../../text/benchSheetPhrases';
import { SOURCE_NAME } from '../../text/recipePhrases';
import { STARTER_NAME } from '../../text/words';
import { Panel } from '../../ui/controls/Panel';
import { Pick } from '../../ui/controls/Pick';
import { type Count, HowMany, piecesOf, usualCount } from './HowMany';
import { nextSupper, ShapeAndWhen, type ShapeAsk } from './ShapeAndWhen';
import type { NewBatchProps } from './NewBatchPage';

const FILLINGS = Object.fromEntries(STARTERS.map(({ id }) => [id, STARTER_NAME[id]])) as Record<StarterId, string>;

/** One of the shipped doughs and fillings, as it stands. */
export function FromStarter({ kitchen, printer, make, isBusy, problem }: NewBatchProps) {
  const [starterId, setStarterId] = useState<StarterId>('squash-sage');
  const guests = (kitchen.guests ?? []).reduce((sum, { count }) => sum + count, 0);
  const [count, setCount] = useState<Count>(() => usualCount(24, guests));
  const [own, setOwn] = useState<Partial<ShapeAsk>>({});
  const [eatAt] = useState(nextSupper);
  const form = own.form ?? 'half-moon';
  const shape: ShapeAsk = { name: `${STARTER_NAME[starterId]} ${FORM_PLURAL[form]}`, eatAt, form, ...own };
  const plan = () => {
    const tray = newTray(shape.name.trim(), starterId, piecesOf(count), shape.eatAt, form);
    return make(batchOf(withRaw(tray, null, kitchen.reheatC ?? REHEAT_C)));
  };
  return (
    <Panel aria-label={SOURCE_NAME.starter} style={{ maxWidth: 900 }}>
      <Pick label={BENCH_SHEETS.filling} value={starterId} options={FILLINGS} onChange={setStarterId} />
      <ShapeAndWhen
        shape={shape}
        onShape={(change) => setOwn((now) => ({ ...now, ...change }))}
        problem={problem}
        isBusy={isBusy}
        onPlan={() => void plan()}
      >
        <HowMany
          count={count}
          ways={['pieces', 'guests']}
          onCount={(change) => setCount((now) => ({ ...now, ...change }))}
          printer={printer}
        />
      </ShapeAndWhen>
    </Panel>
  );
}
