import { type BatchSummary, copyDraft } from '@ember-fold/core/plan';
import { Copy } from 'lucide-react';
import { useNavigate } from 'react-router';
import { api, problemOf } from '../data/api/api';
import { BENCH_SHEETS as T } from '#text/bench/benchSheetPhrases';
import { Button } from '../ui/controls/button/Button';
import { Problem } from '../ui/layout/Panel';

interface CopyButtonProps {
  readonly batch: BatchSummary;
  /** All there are: a copy has a name of its own. */
  readonly batches: readonly BatchSummary[];
}

/** Plans the same batch once more, and opens it. */
export function CopyButton({ batch, batches }: CopyButtonProps) {
  const navigate = useNavigate();
  const [read, reading] = api.useLazyBatchQuery();
  const [make, making] = api.useMakeBatchFromMutation();
  const error = reading.error ?? making.error;
  const copy = async () => {
    const { data } = await read(batch.id);
    if (!data) return;
    const draft = copyDraft(
      data.draft,
      batches.map(({ name }) => name),
    );
    const made = await make({ id: crypto.randomUUID(), draft });
    if ('data' in made && made.data) await navigate(`/bench/${made.data.id}/fold`);
  };
  return (
    <>
      {error && <Problem>{problemOf(error).message}</Problem>}
      <Button
        $look="quiet"
        aria-label={T.theCopy(batch.name)}
        isDisabled={reading.isFetching || making.isLoading}
        onPress={() => void copy()}
      >
        <Copy size={18} aria-hidden />
      </Button>
    </>
  );
}
