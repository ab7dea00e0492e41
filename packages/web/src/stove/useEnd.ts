import { useEffect, useRef } from 'react';
import { useNavigate } from 'react-router';
import { problemOf } from '../data/api/api';
import { finishApi } from '../data/api/finishApi';

/** Where pieces go that were never fried. */
export type LeftGoes = 'freezer' | 'fridge' | 'bin';

/**
 * Ends a batch, and goes on from there: to the ledger, or to what is fried next.
 * @param ended by this hand or by another
 */
export function useEnd(batchId: string, ended: boolean) {
  const navigate = useNavigate();
  const [finish, finishing] = finishApi.useFinishBatchMutation();
  const goOn = useRef(`/ledger/${batchId}`);
  useEffect(() => {
    if (ended) void navigate(goOn.current, { replace: true });
  }, [ended, navigate]);
  const end = async (then = `/ledger/${batchId}`, left?: LeftGoes) => {
    goOn.current = then;
    const result = await finish({ id: batchId, left });
    if ('data' in result && result.data) await navigate(then, { replace: true });
  };
  return { end, problem: finishing.error ? problemOf(finishing.error).message : null };
}
