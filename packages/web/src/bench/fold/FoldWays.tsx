import { Stack } from '../../ui/layout/layout';
import { balanceWays } from '@ember-fold/core/plan';
import { useMemo } from 'react';
import { useEdit } from '../../data/draft/useEdit';
import type { Line } from '../../data/draft/useLine';
import { balanceText } from '#text/bench/balanceText';
import { FOLD as T } from '#text/bench/fold/foldPhrases';
import { Button } from '../../ui/controls/button/Button';

/** The ways to make dough and filling end together, one tap each. */
export function FoldWays({ line: { draft, kitchen, printer } }: { readonly line: Line }) {
  const edit = useEdit();
  const ways = useMemo(() => balanceWays(draft, kitchen), [draft, kitchen]);
  if (ways.length === 0) return null;
  return (
    <Stack as="ul" $gap={8} $top={8} aria-label={T.waysToEndTogether}>
      {ways.map((way) => (
        <li key={way.code}>
          <Button style={{ width: '100%' }} onPress={() => edit(`fold.${way.code}`, () => way.next)}>
            {balanceText(way, printer)}
          </Button>
        </li>
      ))}
    </Stack>
  );
}
