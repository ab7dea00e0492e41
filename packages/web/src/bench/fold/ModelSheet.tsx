import { BENCH_SHEETS as BENCH } from '#text/bench/benchSheetPhrases';
import { FOLD as T } from '#text/bench/fold/foldPhrases';
import { FOLD_SHEETS } from '#text/bench/fold/foldSheetPhrases';
import { lazyPart } from '../../ui/lazyPart';
import { pieceMesh, shapeOf } from '@ember-fold/core/plan';
import { Suspense, useMemo, useState } from 'react';
import type { Line } from '../../data/draft/useLine';
import { Button } from '../../ui/controls/button/Button';
import { Soft } from '../../ui/layout/Panel';
import { Actions, Sheet } from '../../ui/controls/sheet/Sheet';
import { TickField } from '../../ui/controls/field/TickField';
import { SHAPE_WORDS } from '#text/shared/shapeWords';

// The library that draws it is as large as the rest of the page.
const PieceModel = lazyPart(() => import('../../ui/drawing/PieceModel').then((m) => ({ default: m.PieceModel })));

/** The piece in the round, with a cut-away. */
export function ModelSheet({ line, onClose }: { readonly line: Line; readonly onClose: () => void }) {
  const { draft, cold, printer } = line;
  const { piece } = cold.fold;
  const [cut, setCut] = useState(true);
  const { sealM, outline } = draft.fold;
  const mesh = useMemo(() => (piece ? pieceMesh(piece, sealM, outline) : null), [piece, sealM, outline]);
  return (
    <Sheet title={T.inTheRound} isOpen wide onClose={onClose}>
      {!piece || !mesh ? (
        <p>{FOLD_SHEETS.thereIsNoPieceTo}</p>
      ) : (
        <>
          <Suspense fallback={<Soft role="status">{FOLD_SHEETS.openingTheView}</Soft>}>
            <PieceModel
              mesh={mesh}
              sizeM={Math.max(piece.widthM, piece.depthM, piece.thicknessM)}
              cut={cut}
              across={shapeOf(draft.shape).look.meshCut}
              label={FOLD_SHEETS.inTheRound(
                SHAPE_WORDS[draft.shape].name,
                printer.length(piece.widthM),
                printer.length(piece.thicknessM),
                cut ? FOLD_SHEETS.cutOpen : '',
              )}
            />
          </Suspense>
          <TickField label={FOLD_SHEETS.cutOpenTitle} value={cut} onChange={setCut} />
          <Soft>{FOLD_SHEETS.dragItOrTurnIt}</Soft>
        </>
      )}
      <Actions>
        <Button $look="primary" onPress={onClose}>
          {BENCH.done}
        </Button>
      </Actions>
    </Sheet>
  );
}
