import {
  type TrayDraft,
  blankLengthM,
  doughEachKg,
  shapeOf,
  type Piece,
  RANGES,
  withDoughEach,
  withFold,
} from '@ember-fold/core/plan';
import { PenTool } from 'lucide-react';
import { Suspense, useState } from 'react';
import { styled } from 'styled-components';
import { useEdit } from '../../data/draft/useEdit';
import type { Line } from '../../data/draft/useLine';
import { BENCH } from '#text/bench/benchPhrases';
import { FOLD as T } from '#text/bench/fold/foldPhrases';
import { BLANK_SIZE, SHAPE_WORDS } from '#text/shared/shapeWords';
import { Button } from '../../ui/controls/button/Button';
import { PanelTitle, Row } from '../../ui/layout/Panel';
import { GramField, LengthField } from '../../ui/controls/field/UnitFields';
import { ShapePicture } from '../../ui/drawing/ShapePicture';
import { lazyPart } from '../../ui/lazyPart';
import { PiecesField } from '../PiecesField';

const ShapePick = lazyPart(() => import('./ShapePick').then((m) => ({ default: m.ShapePick })));

const Open = styled(Button)`
  width: 100%;
  height: 62px;
  justify-content: flex-start;
  gap: 12px;
  > svg {
    width: 62px;
    height: 44px;
  }
`;

/** The shape as it is, drawn; pressed, the others. */
function ShapeButton({ shape, fold, piece }: Pick<TrayDraft, 'shape' | 'fold'> & { readonly piece: Piece | null }) {
  const [choosing, setChoosing] = useState(false);
  return (
    <>
      <Open onPress={() => setChoosing(true)} aria-label={BENCH.shapeIs(SHAPE_WORDS[shape].name)}>
        {piece && <ShapePicture piece={piece} fold={fold} crust={0.2} />}
        {SHAPE_WORDS[shape].name}
      </Open>
      {choosing && (
        <Suspense fallback={null}>
          <ShapePick shape={shape} onClose={() => setChoosing(false)} />
        </Suspense>
      )}
    </>
  );
}

/** Form, count, and the sizes of blank, dough and filling of one piece. */
export function FoldFields({ line, onOutline }: { readonly line: Line; readonly onOutline: () => void }) {
  const edit = useEdit();
  const { draft, printer, cold } = line;
  const { balance, costEach } = cold.fold;
  const { fold } = draft;
  const shape = shapeOf(draft.shape);
  const lengthM = blankLengthM(draft);
  const eachAt = (thicknessM: number) => doughEachKg({ ...draft, fold: { ...fold, thicknessM } });
  const signed = (kg: number): string => {
    const grams = Math.round(kg * 1000);
    return `${grams < 0 ? '−' : ''}${printer.mass(Math.abs(grams) / 1000)}`;
  };
  return (
    <>
      <PanelTitle>{T.foldAndSeal}</PanelTitle>
      <ShapeButton shape={draft.shape} fold={fold} piece={cold.fold.piece} />
      {draft.shape === 'own-cutter' && (
        <Button style={{ width: '100%', margin: '6px 0' }} onPress={onOutline}>
          <PenTool size={16} aria-hidden />
          {T.drawOrImportItsOutline}
        </Button>
      )}
      <PiecesField pieces={draft.pieces} />
      <Row>
        <LengthField
          label={BLANK_SIZE[shape.blank]}
          value={fold.discM}
          {...RANGES.draft.discM}
          onChange={(discM) => edit('fold.discM', (d) => withFold(d, { discM }))}
        />
      </Row>
      {shape.hasLength && (
        <Row>
          <LengthField
            label={T.itsLength}
            value={lengthM}
            {...RANGES.draft.lengthM}
            onChange={(length) => edit('fold.lengthM', (d) => withFold(d, { lengthM: length }))}
          />
        </Row>
      )}
      <Row>
        <LengthField
          label={T.rolledThickness}
          value={fold.thicknessM}
          {...RANGES.draft.thicknessM}
          onChange={(thicknessM) => edit('fold.thicknessM', (d) => withFold(d, { thicknessM }))}
        />
      </Row>
      <Row>
        <GramField
          label={T.doughEach}
          value={doughEachKg(draft)}
          least={eachAt(RANGES.draft.thicknessM.least)}
          most={eachAt(RANGES.draft.thicknessM.most)}
          printer={printer}
          onChange={(kg) => edit('fold.doughEach', (d) => withDoughEach(d, kg))}
        />
      </Row>
      <Row>
        <GramField
          label={T.fillingEach}
          value={fold.fillingEachKg}
          {...RANGES.draft.fillingEachKg}
          printer={printer}
          onChange={(fillingEachKg) => edit('fold.fillingEachKg', (d) => withFold(d, { fillingEachKg }))}
        />
      </Row>
      <Row>
        <LengthField
          label={T.sealMargin}
          value={fold.sealM}
          {...RANGES.draft.sealM}
          onChange={(sealM) => edit('fold.sealM', (d) => withFold(d, { sealM }))}
        />
      </Row>
      <Row>
        <span>{T.leftOver}</span>
        <span>{T.doughFilling(signed(balance.doughLeftKg), signed(balance.fillingLeftKg))}</span>
      </Row>
      {costEach !== null && (
        <Row>
          <span>{T.ingredientsOfOne}</span>
          <strong>{printer.money(costEach)}</strong>
        </Row>
      )}
    </>
  );
}
