import { type TrayDraft, withSizeFor, worstTone } from '@ember-fold/core/plan';
import { Suspense, useState } from 'react';
import { useTheme } from 'styled-components';
import { useEdit } from '../../data/draft/useEdit';
import type { Line } from '../../data/draft/useLine';
import { FOLD as T } from '#text/bench/fold/foldPhrases';
import { Button } from '../../ui/controls/button/Button';
import { foldFindingText } from '#text/shared/findingText';
import { Findings, toneColour } from '../../ui/controls/list/Findings';
import { Figure, Problem, Soft } from '../../ui/layout/Panel';
import { FillGauge } from '../../ui/drawing/FillGauge';
import { lazyPart } from '../../ui/lazyPart';

// What can be done comes a moment after what is found.
const FoldWays = lazyPart(() => import('./FoldWays').then((m) => ({ default: m.FoldWays })));

/** How full the pocket is, what is found, and what would make dough and filling end together. */
export function FoldVerdict({ line, shown }: { readonly line: Line; readonly shown: boolean }) {
  const edit = useEdit();
  const theme = useTheme();
  const { printer, cold } = line;
  const { piece, findings } = cold.fold;
  const [noSize, setNoSize] = useState<TrayDraft['fold'] | null>(null);
  // Of a sheet that is wound, and of a plain piece, room says nothing.
  const isWound = piece?.shape === 'roll' || line.draft.fold.fillingEachKg === 0;
  const resize = () =>
    edit('fold.size', (d, known) => {
      const next = withSizeFor(d, { fill: 0.75 }, known);
      setNoSize(next ? null : d.fold);
      return next;
    });
  return (
    <>
      <Soft>{isWound ? T.fillingOfPiece : T.pocketFilled}</Soft>
      <Figure>{!piece ? T.noPocket : printer.percent(isWound ? cold.fold.fillingShare : piece.fill)}</Figure>
      {piece && !isWound && <FillGauge fill={piece.fill} colour={theme[toneColour(worstTone(findings))]} />}
      {piece && !isWound && (piece.fill < 0.6 || piece.fill > 0.85) && (
        <Button style={{ width: '100%' }} onPress={resize}>
          {T.resizeToFill}
        </Button>
      )}
      {noSize === line.draft.fold && <Problem>{T.noSizeIsSo}</Problem>}
      <Findings findings={findings} printer={printer} say={foldFindingText} />
      <Suspense fallback={null}>{shown && <FoldWays line={line} />}</Suspense>
    </>
  );
}
