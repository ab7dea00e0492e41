import { Stack } from '../../ui/layout/layout';
import { Suspense, useState } from 'react';
import { styled } from 'styled-components';
import type { Line } from '../../data/draft/useLine';
import { FRY as T } from '#text/bench/fry/fryPhrases';
import { Button } from '../../ui/controls/button/Button';
import { Choice } from '../../ui/controls/choice/Choice';
import { PanelTitle, Soft } from '../../ui/layout/Panel';
import { lazyPart } from '../../ui/lazyPart';
import type { MapSize } from './useMapSpec';

const FryChart = lazyPart(() => import('../../ui/charts/FryChart').then((m) => ({ default: m.FryChart })));
const FryMap = lazyPart(() => import('./FryMap').then((m) => ({ default: m.FryMap })));

const Views = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0 12px;
  h2 {
    margin: 0;
  }
  button {
    min-height: 36px;
    margin-left: auto;
    padding: 0;
  }
`;

/** A sixth either way: what rolling and filling by hand may do. */
const SIZE_NAME: Record<MapSize, string> = { thinner: 'thinner', 'as-folded': T.asFolded, thicker: 'thicker' };

type View = 'map' | 'inside';
const VIEWS: Record<View, string> = { map: T.whatComesOut, inside: T.insideOnePiece };

/** The map of what comes out, or one piece from inside. */
export function FryPicture({ line }: { readonly line: Line }) {
  const { draft, printer, hot } = line;
  const plan = hot?.fry ?? null;
  const [view, setView] = useState<View>('map');
  const [size, setSize] = useState<MapSize>('as-folded');
  if (!plan) return <Soft>{hot ? T.noPieceYet : 'Computing…'}</Soft>;
  return (
    <Stack $gap={6}>
      <Views>
        <PanelTitle>{VIEWS[view]}</PanelTitle>
        {view === 'map' && (
          <Choice<MapSize> label={T.mapForAPiece} hideLabel value={size} options={SIZE_NAME} onChange={setSize} />
        )}
        <Button $look="quiet" onPress={() => setView(view === 'map' ? 'inside' : 'map')}>
          {view === 'map' ? T.lookInsideOnePiece : T.backToTheMap}
        </Button>
      </Views>
      <Suspense fallback={<div style={{ height: 300 }} />}>
        {view === 'map' ? (
          <FryMap line={line} size={size} />
        ) : (
          <FryChart fry={plan} coreTargetC={draft.filling.coreTargetC} printer={printer} />
        )}
      </Suspense>
    </Stack>
  );
}
