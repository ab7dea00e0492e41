import { SHARED as T } from '#text/shared/sharedPhrases';
import type { ReactNode } from 'react';
import { problemOf } from '../../../data/api/api';
import { Button } from '../button/Button';
import { Panel, Problem, Soft } from '../../layout/Panel';

interface AskedProps<T> {
  readonly of: { readonly data?: T | undefined; readonly error?: unknown; readonly refetch: () => unknown };
  /** What is being opened, for "Opening the ledger…". */
  readonly what: string;
  readonly children: (data: T) => ReactNode;
}

/** Server data on its way: loading, failed with a way on, or there. */
export function Asked<T>({ of, what, children }: AskedProps<T>) {
  if (of.data !== undefined) return <>{children(of.data)}</>;
  if (of.error) {
    return (
      <Panel>
        <Problem>{problemOf(of.error).message}</Problem>
        <Button onPress={() => void of.refetch()}>{T.tryAgain}</Button>
      </Panel>
    );
  }
  return <Soft role="status">{T.opening(what)}</Soft>;
}
