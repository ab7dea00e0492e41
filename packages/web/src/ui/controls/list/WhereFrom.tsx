import { Suspense, useState } from 'react';
import { SHARED as T } from '#text/shared/sharedPhrases';
import { lazyPart } from '../../lazyPart';
import { Button } from '../button/Button';
import type { WhereFromProps } from './Sources';

const Sources = lazyPart(() => import('./Sources').then((m) => ({ default: m.Sources })));

/** The way to where each figure of a plan comes from. */
export function WhereFrom(props: WhereFromProps) {
  const [isOpen, setOpen] = useState(false);
  return (
    <>
      <Button
        $look="quiet"
        style={{ flex: 'none', width: 44, minHeight: 44, padding: 0 }}
        aria-label={T.whereFrom}
        onPress={() => setOpen(true)}
      >
        ?
      </Button>
      <Suspense fallback={null}>{isOpen && <Sources {...props} onClose={() => setOpen(false)} />}</Suspense>
    </>
  );
}
