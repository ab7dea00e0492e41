import { useEdit } from '../../data/draft/useEdit';
import type { Line } from '../../data/draft/useLine';
import { FRY as T } from '#text/bench/fry/fryPhrases';
import { hotFindingText } from '#text/bench/fry/hotFindingText';
import { keepsFor } from '../../text/printer';
import { Button } from '../../ui/controls/button/Button';
import { Findings } from '../../ui/controls/list/Findings';
import { MomentField } from '../../ui/controls/field/MomentField';
import { Figure, PanelTitle, Row, Soft } from '../../ui/layout/Panel';
import { ShapePicture } from '../../ui/drawing/ShapePicture';
import { PiecesField } from '../PiecesField';
import { StationLayout } from '../StationLayout';
import { WayField } from './WayField';

const DAY_MS = 86_400_000;

/** A tray that is frozen, chilled, or left as it is: no oil and no oven, but time and a date. */
export function StoredStation({ line }: { readonly line: Line }) {
  const edit = useEdit();
  const { draft, hot, printer, cold } = line;
  const stored = hot?.stored ?? null;
  const { piece } = cold.fold;
  const keepUntil = (iso: string | null) =>
    edit('keepUntil', (d) => {
      const { keepUntil: _before, ...rest } = d;
      return iso === null ? rest : { ...rest, keepUntil: iso };
    });
  return (
    <StationLayout
      controls={
        <>
          <PanelTitle>{T.forAnotherDay}</PanelTitle>
          <WayField draft={draft} />
          <PiecesField pieces={draft.pieces} />
          {stored &&
            (draft.keepUntil === undefined ? (
              <Row>
                <Button onPress={() => keepUntil(new Date(Date.parse(draft.eatAt) + 7 * DAY_MS).toISOString())}>
                  {T.setUseBy}
                </Button>
              </Row>
            ) : (
              <>
                <MomentField label={T.useBy} value={draft.keepUntil} onChange={keepUntil} />
                <Button $look="quiet" onPress={() => keepUntil(null)}>
                  {T.noUseBy}
                </Button>
              </>
            ))}
        </>
      }
      drawing={
        <>
          <PanelTitle>
            {stored ? (stored.place === 'freezer' ? T.intoFreezer : T.intoFridge) : T.leftAsTheyAre}
          </PanelTitle>
          {piece && (
            <div style={{ maxWidth: 320, marginInline: 'auto', paddingBlock: 12 }}>
              <ShapePicture piece={piece} fold={draft.fold} crust={0.1} label={T.rawPiece} />
            </div>
          )}
          <Soft>{stored ? T.thenStock : T.plainSays}</Soft>
        </>
      }
      findings={
        <>
          <Soft>{stored ? T.keeps : T.pieces}</Soft>
          <Figure>{stored ? keepsFor(stored.keepS, printer) : String(draft.pieces)}</Figure>
          {stored && <Findings findings={stored.findings} printer={printer} say={hotFindingText} />}
        </>
      }
    />
  );
}
