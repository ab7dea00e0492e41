import { blankLengthM } from '@ember-fold/core/plan';
import { Suspense } from 'react';
import { styled } from 'styled-components';
import type { Line } from '../../data/draft/useLine';
import { FOLD as T } from '#text/bench/fold/foldPhrases';
import { PanelTitle, Soft } from '../../ui/layout/Panel';
import { BlankDrawing, drawingHalfM } from '../../ui/drawing/BlankDrawing';
import { PieceDrawing } from '../../ui/drawing/PieceDrawing';
import { lazyPart } from '../../ui/lazyPart';

const FoldMore = lazyPart(() => import('./FoldMore').then((m) => ({ default: m.FoldMore })));
const FoldProfile = lazyPart(() => import('./FoldMore').then((m) => ({ default: m.FoldProfile })));
const Handles = lazyPart(() => import('./FoldHandles').then((m) => ({ default: m.BlankHandles })));
const WallHandle = lazyPart(() => import('./FoldHandles').then((m) => ({ default: m.WallHandle })));

const Pair = styled.div`
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
  align-items: center;
  min-height: 300px;
  @media (max-width: 480px) {
    grid-template-columns: 1fr;
    min-height: 0;
  }
`;

const Head = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0 12px;
  h2 {
    margin: 0;
  }
`;

/** Blank and folded piece, drawn to scale; handles and more come once the station is on the page. */
export function FoldPicture({ line, shown }: { readonly line: Line; readonly shown: boolean }) {
  const { draft, cold } = line;
  const { piece } = cold.fold;
  const { fold } = draft;
  const lengthM = blankLengthM(draft);
  const halfM = drawingHalfM(draft.shape, fold.discM, lengthM);
  return (
    <>
      <Head>
        <PanelTitle>{T.rolledBlankAndFoldedPiece}</PanelTitle>
        <Soft as="span">{T.drawnToScaleDragSize}</Soft>
      </Head>
      <Pair>
        <div>
          <BlankDrawing
            shape={draft.shape}
            discM={fold.discM}
            lengthM={lengthM}
            sealM={fold.sealM}
            piece={piece}
            outline={fold.outline}
            handles={shown && <Suspense fallback={null}>{<Handles line={line} />}</Suspense>}
          />
          {shown && piece?.gathered && (
            <Suspense fallback={null}>
              <FoldProfile line={line} piece={piece} />
            </Suspense>
          )}
        </div>
        {piece && (
          <PieceDrawing
            piece={piece}
            fold={fold}
            halfM={halfM}
            {...(shown && {
              handles: (x, y, scale) => (
                <Suspense fallback={null}>
                  <WallHandle line={line} x={x} y={y} scale={scale} size={halfM * 1000} />
                </Suspense>
              ),
            })}
          />
        )}
      </Pair>
      <div style={{ minHeight: 112 }}>
        {shown && piece && (
          <Suspense fallback={null}>
            <FoldMore line={line} piece={piece} />
          </Suspense>
        )}
      </div>
    </>
  );
}
