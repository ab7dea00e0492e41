import { BENCH_SHEETS as T } from '#text/bench/benchSheetPhrases';
import type { BatchSummary } from '@ember-fold/core/plan';
import { lazyPart } from '../ui/lazyPart';
import { Plus, Trash2 } from 'lucide-react';
import { Suspense, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { styled } from 'styled-components';
import { api, problemOf } from '../data/api/api';
import { FoundBatches } from '../ui/batch/FoundBatches';
import { Button } from '../ui/controls/button/Button';
import { LinkList, Page, TitleRow, PageTitle } from '../ui/layout/Page';
import { Panel, Soft } from '../ui/layout/Panel';
import { PHONE } from '../ui/theme';

import { CopyButton } from './CopyButton';
import { usePrinter } from '../ui/printing';

const BatchGlance = lazyPart(() => import('../ui/batch/BatchGlance').then((m) => ({ default: m.BatchGlance })));
const DeleteSheet = lazyPart(() => import('./DeleteSheet').then((m) => ({ default: m.DeleteSheet })));

/** What can be done to a batch of the list: on a phone one over the other, so that its line has room. */
const Hands = styled.span`
  display: flex;
  ${PHONE} {
    flex-direction: column;
    button {
      padding: 0 12px;
    }
  }
`;

/** Lines of so many batches are shown in the list; each is planned for it. */
const MOST_GLANCES = 12;

/** All batches being planned, and the way to a new one. */
export function BenchList() {
  const { data: every = [] } = api.useBatchesQuery();
  const navigate = useNavigate();
  const [leaving, setLeaving] = useState<BatchSummary | null>(null);
  const [remove, removal] = api.useDeleteBatchMutation();
  const printer = usePrinter();
  const when = (eatAt: string) => {
    const ms = Date.parse(eatAt);
    return T.eatAt(printer.clock(ms), printer.day(ms), printer.date(ms));
  };
  const confirm = async () => {
    if (!leaving) return;
    const result = await remove(leaving.id);
    if ('error' in result && result.error) return;
    setLeaving(null);
  };
  return (
    <Page>
      <PageTitle of={[T.bench]} />
      <TitleRow>
        <h1>{T.bench}</h1>
        <span className="grow" />
        <Button $look="primary" onPress={() => void navigate('/bench/new')}>
          <Plus size={18} aria-hidden />
          {T.newBatch}
        </Button>
      </TitleRow>
      <FoundBatches
        what={T.theBench}
        nothing={
          <Panel>
            <h2>{T.noBatchIsPlannedYet}</h2>
            <Soft>{T.aNewBatchAsksFour}</Soft>
          </Panel>
        }
      >
        {(list) => (
          <LinkList aria-label={T.plannedBatches}>
            {list.map((batch, at) => (
              <li key={batch.id}>
                <Link to={`/bench/${batch.id}`}>
                  <strong>{batch.name}</strong>
                  <span>
                    {batch.pieces} {T.pieces}
                  </span>
                  <small>{when(batch.eatAt)}</small>
                  {batch.status === 'frying' && <small>{T.atTheStoveNow}</small>}
                  <Suspense fallback={null}>
                    {at < MOST_GLANCES && <BatchGlance id={batch.id} version={batch.version} />}
                  </Suspense>
                </Link>
                <Hands>
                  <CopyButton batch={batch} batches={every} />
                  {batch.status !== 'frying' && (
                    <Button $look="quiet" aria-label={T.deleteNamed(batch.name)} onPress={() => setLeaving(batch)}>
                      <Trash2 size={18} aria-hidden />
                    </Button>
                  )}
                </Hands>
              </li>
            ))}
          </LinkList>
        )}
      </FoundBatches>
      {leaving && (
        <Suspense fallback={null}>
          <DeleteSheet
            batch={leaving}
            problem={removal.error ? problemOf(removal.error).message : null}
            onKeep={() => setLeaving(null)}
            onDelete={confirm}
          />
        </Suspense>
      )}
    </Page>
  );
}
