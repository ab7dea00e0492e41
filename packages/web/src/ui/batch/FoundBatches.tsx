import type { BatchSummary } from '@ember-fold/core/plan';
import { type ReactNode, useDeferredValue, useState } from 'react';
import { api } from '../../data/api/api';
import { BENCH_SHEETS as T } from '#text/bench/benchSheetPhrases';
import { Asked } from '../controls/choice/Asked';
import { FilterField } from '../controls/field/FilterField';
import { Soft } from '../layout/Panel';

/** So many batches are seen at a glance; more are searched. */
const FEW = 6;

interface FoundBatchesProps {
  readonly what: string;
  readonly nothing: ReactNode;
  readonly children: (found: readonly BatchSummary[]) => ReactNode;
}

/** All batches, what is eaten next first; where there are many, with a field to find one by its name. */
export function FoundBatches({ what, nothing, children }: FoundBatchesProps) {
  const [text, setText] = useState('');
  const wanted = useDeferredValue(text.trim());
  const all = api.useBatchesQuery();
  const found = api.useBatchesQuery(wanted, { skip: wanted === '' });
  const list = wanted === '' ? all.data : (found.data ?? all.data);
  return (
    <Asked of={all} what={what}>
      {(every) =>
        every.length === 0 ? (
          nothing
        ) : (
          <>
            {every.length > FEW && (
              <div style={{ maxWidth: 420, marginBottom: 10 }}>
                <FilterField label={T.find} value={text} onChange={setText} />
              </div>
            )}
            {list?.length === 0 && <Soft role="status">{T.noneFound}</Soft>}
            {list && list.length > 0 && children(list)}
          </>
        )
      }
    </Asked>
  );
}
