import type { LedgerRecord } from '@ember-fold/core/ledger';
import { REOPEN_MS } from '@ember-fold/core/stove';
import { Undo2 } from 'lucide-react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api, problemOf } from '../data/api/api';
import { serverNowMs } from '../data/live/serverClock';
import { LEDGER as T } from '#text/ledger/ledgerPhrases';
import { Button } from '../ui/controls/button/Button';
import { Problem } from '../ui/layout/Panel';

/** The way back of a batch that was finished by mistake; nothing once it is too long ago. */
export function BackToStove({ record }: { readonly record: Pick<LedgerRecord, 'id' | 'endedAt'> }) {
  const navigate = useNavigate();
  const [reopen, { isLoading, error }] = api.useReopenBatchMutation();
  const [isFresh] = useState(() => serverNowMs() - Date.parse(record.endedAt) < REOPEN_MS);
  if (!isFresh) return null;
  const goBack = async () => {
    const result = await reopen(record.id);
    if ('data' in result && result.data) await navigate(`/stove/${record.id}`);
  };
  return (
    <>
      {error && <Problem>{problemOf(error).message}</Problem>}
      <Button isDisabled={isLoading} onPress={() => void goBack()}>
        <Undo2 size={17} aria-hidden />
        {T.backToTheStove}
      </Button>
    </>
  );
}
