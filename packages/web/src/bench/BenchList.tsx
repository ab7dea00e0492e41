import type { BatchSummary } from '@ember-fold/core';
import { lazyPart } from '../ui/lazyPart';
import { Plus, Trash2 } from 'lucide-react';
import { Suspense, useState } from 'react';
import { Link } from 'react-router';
import { api } from '../data/api';
import { useKitchen } from '../data/useLine';
import { Asked } from '../ui/controls/Asked';
import { Button } from '../ui/controls/Button';
import { LinkList, Page, TitleRow } from '../ui/controls/Page';
import { Panel, Soft } from '../ui/controls/Panel';
import { printDate } from '../text/printer';

const DeleteSheet = lazyPart(() => import('./DeleteSheet').then((m) => ({ default: m.DeleteSheet })));
const NewBatch = lazyPart(() => import('./NewBatch').then((m) => ({ default: m.NewBatch })));

/** All batches being planned, and the way to a new one. */
export function BenchList() {
  const batches = api.useBatchesQuery();
  const [making, setMaking] = useState(false);
  const [leaving, setLeaving] = useState<BatchSummary | null>(null);
  const [remove, removal] = api.useDeleteBatchMutation();
  const known = useKitchen();
  const when = (eatAt: string) => {
    const ms = Date.parse(eatAt);
    return `eat at ${known?.printer.clock(ms) ?? ''} ${known?.printer.day(ms) ?? ''}, ${printDate(ms)}`;
  };
  const confirm = async () => {
    if (!leaving) return;
    const result = await remove(leaving.id);
    if ('error' in result && result.error) return;
    setLeaving(null);
  };
  return (
    <Page>
      <TitleRow>
        <h1>Bench</h1>
        <span className="grow" />
        <Button $look="primary" onPress={() => setMaking(true)}>
          <Plus size={18} aria-hidden />
          New batch
        </Button>
      </TitleRow>
      <Asked of={batches} what="the bench">
        {(list) =>
          list.length === 0 ? (
            <Panel>
              <h2>No batch is planned yet</h2>
              <Soft>A new batch asks four things and gives a whole plan: form, filling, how many, when to eat.</Soft>
            </Panel>
          ) : (
            <LinkList aria-label="Planned batches">
              {list.map((batch) => (
                <li key={batch.id}>
                  <Link to={`/bench/${batch.id}`}>
                    <strong>{batch.name}</strong>
                    <span>{batch.pieces} pieces</span>
                    <small>{when(batch.eatAt)}</small>
                    {batch.status === 'frying' && <small>at the stove now</small>}
                  </Link>
                  <Button $look="quiet" aria-label={`Delete ${batch.name}`} onPress={() => setLeaving(batch)}>
                    <Trash2 size={18} aria-hidden />
                  </Button>
                </li>
              ))}
            </LinkList>
          )
        }
      </Asked>
      {making && (
        <Suspense fallback={null}>
          <NewBatch onClose={() => setMaking(false)} />
        </Suspense>
      )}
      {leaving && (
        <Suspense fallback={null}>
          <DeleteSheet batch={leaving} failed={removal.isError} onKeep={() => setLeaving(null)} onDelete={confirm} />
        </Suspense>
      )}
    </Page>
  );
}
