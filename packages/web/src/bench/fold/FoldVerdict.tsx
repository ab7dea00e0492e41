import { withSizeFor, worstTone } from '@ember-fold/core';
import { Suspense } from 'react';
import { useTheme } from 'styled-components';
import { useEdit } from '../../data/useEdit';
import type { Line } from '../../data/useLine';
import { FOLD as T } from '../../text/foldPhrases';
import { Button } from '../../ui/controls/Button';
import { Findings, toneColour } from '../../ui/controls/Findings';
import { Figure, Soft } from '../../ui/controls/Panel';
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
  return (
    <>
      <Soft>{T.pocketFilled}</Soft>
      <Figure>{piece ? printer.percent(piece.fill) : T.noPocket}</Figure>
      {piece && <FillGauge fill={piece.fill} colour={theme[toneColour(worstTone(findings))]} />}
      {piece && (piece.fill < 0.6 || piece.fill > 0.85) && (
        <Button
          style={{ width: '100%' }}
          onPress={() => edit('fold.size', (d, known) => withSizeFor(d, { fill: 0.75 }, known))}
        >
          {T.sizeItToBe75}
        </Button>
      )}
      <Findings findings={findings} printer={printer} />
      <Suspense fallback={null}>{shown && <FoldWays line={line} />}</Suspense>
    </>
  );
}
