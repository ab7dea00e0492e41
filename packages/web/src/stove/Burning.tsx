import { useAwake } from '../data/device/useAwake';
import { STOVE_ROOM as T } from '#text/stove/stovePhrases';
import { type FinishAsks, finishAsks, type NextStep } from '@ember-fold/core/stove';
import { Suspense, useCallback, useEffect, useState } from 'react';
import { lazyPart } from '../ui/lazyPart';
import { useKitchen } from '../data/draft/useLine';
import { watchPot } from '../data/live/watched';
import { Page, PageTitle } from '../ui/layout/Page';
import { Problem, Soft } from '../ui/layout/Panel';
import { STOVE_TEXT, nextText } from '#text/stove/stoveWords';
import type { Printer } from '../text/printer';
import type { PieceLook } from './PotView';
import { StoveView, useLooks } from './StoveView';
import { useEnd } from './useEnd';
import { type StoveFigures, useStoveFigures } from './useStoveFigures';
import { useStoveCalls } from './useStoveCalls';
import { usePad } from './usePad';
import type { useLiveStove } from './useLiveStove';

const FinishSheet = lazyPart(() => import('./FinishSheet').then((m) => ({ default: m.FinishSheet })));

const NO_STEPS: readonly NextStep[] = [];
const NO_TRAYS: StoveFigures['trays'] = [];

type Open = ReturnType<typeof useLiveStove> & { readonly live: NonNullable<ReturnType<typeof useLiveStove>['live']> };

/** A stove that burns: the oil, the pot, what to do next, what was done. */
export function Burning({ batchId, stove }: { readonly batchId: string; readonly stove: Open }) {
  useAwake();
  const { live } = stove;
  const { kitchen } = live.stove;
  const printer = useKitchen()?.printer;
  const { figures, failed } = useStoveFigures(live);
  const pad = usePad(live, figures, stove.act);
  const oilC = figures?.tray.draft.fry.oilC ?? 0;
  const wording = useCallback((step: NextStep) => (printer ? nextText(step, printer, oilC).what : ''), [printer, oilC]);
  useStoveCalls(figures?.steps ?? NO_STEPS, wording);
  const looks = useLooks(figures?.trays ?? NO_TRAYS, kitchen);
  // Whoever looks at a pot keeps an eye on it, in other rooms too.
  useEffect(() => watchPot(batchId), [batchId]);
  if (failed) {
    return (
      <Page>
        <Problem>{failed}</Problem>
      </Page>
    );
  }
  if (!figures || !printer) {
    return (
      <Page>
        <Soft role="status">{STOVE_TEXT.opening}</Soft>
      </Page>
    );
  }
  return <Stove batchId={batchId} stove={stove} figures={figures} pad={pad} looks={looks} printer={printer} />;
}

interface StoveProps {
  readonly batchId: string;
  readonly stove: Open;
  readonly figures: StoveFigures;
  readonly pad: ReturnType<typeof usePad>;
  readonly looks: (number: number) => PieceLook | null;
  readonly printer: Printer;
}

/** An end that was asked for, and what is to be thought of first. */
interface Ending {
  readonly asks: FinishAsks;
  readonly then: string | undefined;
}

/** The page of one pot, and its end. */
function Stove({ batchId, stove, figures, pad, looks, printer }: StoveProps) {
  const { live } = stove;
  const { name } = live.stove.draft;
  const { end, problem } = useEnd(batchId, live.ended);
  const [ending, setEnding] = useState<Ending | null>(null);
  const askEnd = (then?: string) => {
    const asks = finishAsks(figures.state, figures.oil, then !== undefined);
    if (asks) setEnding({ asks, then });
    else void end(then);
  };
  return (
    <Page>
      <PageTitle of={[T.atTheStove, name]} />
      <h1 className="visually-hidden">{STOVE_TEXT.title(name)}</h1>
      <StoveView
        live={live}
        figures={figures}
        pad={pad}
        looks={looks}
        printer={printer}
        problem={stove.refusal ?? problem}
        onEnd={askEnd}
      />
      <Suspense fallback={null}>
        {ending && !figures.danger && (
          <FinishSheet
            asks={ending.asks}
            printer={printer}
            onFinish={(left) => void end(ending.then, left)}
            onClose={() => setEnding(null)}
          />
        )}
      </Suspense>
    </Page>
  );
}
