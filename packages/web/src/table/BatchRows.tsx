import type { BatchSummary } from '@ember-fold/core/plan';
import { type ReactNode, Suspense } from 'react';
import { Link } from 'react-router';
import { LinkList } from '../ui/layout/Page';
import { lazyPart } from '../ui/lazyPart';
import { SUPPER as S } from '#text/table/supperPhrases';
import type { Planned } from './planned';

const BatchGlance = lazyPart(() => import('../ui/batch/BatchGlance').then((m) => ({ default: m.BatchGlance })));

interface BatchRowsProps {
  readonly batches: readonly BatchSummary[];
  /** Whose lines are shown: each is planned for it. */
  readonly shows: (batch: BatchSummary) => boolean;
  readonly onPlan: (id: string, planned: Planned) => void;
  /** What stands beside a batch. */
  readonly beside?: (batch: BatchSummary) => ReactNode;
}

/** Batches, each with its five verdicts. */
export function BatchRows({ batches, shows, onPlan, beside }: BatchRowsProps) {
  return (
    <LinkList>
      {batches.map((batch) => (
        <li key={batch.id}>
          <Link to={batch.status === 'done' ? `/ledger/${batch.id}` : `/bench/${batch.id}`}>
            <strong>{batch.name}</strong>
            {batch.status === 'done' && <small>{S.cooked}</small>}
            <Suspense fallback={null}>
              {shows(batch) && (
                // What is cooked has no plan to show any more; who eats it is still worked out from it.
                <div hidden={batch.status === 'done'}>
                  <BatchGlance
                    id={batch.id}
                    version={batch.version}
                    onPlan={(trays, part) => onPlan(batch.id, { name: batch.name, trays, part })}
                  />
                </div>
              )}
            </Suspense>
          </Link>
          {beside?.(batch)}
        </li>
      ))}
    </LinkList>
  );
}
