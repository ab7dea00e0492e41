import { FOLD as T } from '../../text/foldPhrases';
import { lazyPart } from '../../ui/lazyPart';
import {
  balanceWays,
  blankLengthM,
  doughEachKg,
  formOf,
  withDoughEach,
  withFold,
  withSizeFor,
  worstTone,
  RANGES,
} from '@ember-fold/core';
import { Box, Grid3x3, PenTool, Ruler, Scale, Snowflake, Spline } from 'lucide-react';
import { type ComponentType, Suspense, useEffect, useMemo, useState } from 'react';
import { styled, useTheme } from 'styled-components';
import { useEdit } from '../../data/useEdit';
import type { Line } from '../../data/useLine';
import { Button } from '../../ui/controls/Button';
import { Findings, toneColour } from '../../ui/controls/Findings';
import { Figure, PanelTitle, Row, Soft } from '../../ui/controls/Panel';
import { GramField, MmField } from '../../ui/controls/UnitFields';
import { BlankDrawing, drawingHalfM } from '../../ui/drawing/BlankDrawing';
import { FillGauge } from '../../ui/drawing/FillGauge';
import { PieceDrawing } from '../../ui/drawing/PieceDrawing';
import { balanceText } from '../../text/balanceText';
import { BLANK_SIZE, FORM_NAME } from '../../text/formWords';
import { PiecesField } from '../PiecesField';
import { StationLayout, StationTools } from '../StationLayout';

// A batch opens here: what is heavy, or opens by a tap, comes after it.
const FormPick = lazyPart(() => import('./FormPick').then((m) => ({ default: m.FormPick })));
const FoldMore = lazyPart(() => import('./FoldMore').then((m) => ({ default: m.FoldMore })));
const FoldProfile = lazyPart(() => import('./FoldMore').then((m) => ({ default: m.FoldProfile })));
const Handles = lazyPart(() => import('./FoldHandles').then((m) => ({ default: m.BlankHandles })));
const WallHandle = lazyPart(() => import('./FoldHandles').then((m) => ({ default: m.WallHandle })));
type SheetProps = { readonly line: Line; readonly onClose: () => void };
const SHEETS = {
  seal: lazyPart(() => import('./SealSheet').then((m) => ({ default: m.SealSheet }))),
  cut: lazyPart(() => import('./CutSheet').then((m) => ({ default: m.CutSheet }))),
  portions: lazyPart(() => import('./PortionSheet').then((m) => ({ default: m.PortionSheet }))),
  hold: lazyPart(() => import('../fry/HoldSheet').then((m) => ({ default: m.HoldSheet }))),
  model: lazyPart(() => import('./ModelSheet').then((m) => ({ default: m.ModelSheet }))),
  template: lazyPart(() => import('./TemplateSheet').then((m) => ({ default: m.TemplateSheet }))),
  outline: lazyPart(() => import('./OutlineSheet').then((m) => ({ default: m.OutlineSheet }))),
} satisfies Record<string, ComponentType<SheetProps>>;
type SheetId = keyof typeof SHEETS;
const TOOLS: readonly { id: SheetId; name: string; icon: typeof Box }[] = [
  { id: 'seal', name: T.sealAndCoat, icon: Spline },
  { id: 'cut', name: T.cutFromSheet, icon: Grid3x3 },
  { id: 'portions', name: T.weighARun, icon: Scale },
  { id: 'hold', name: T.holdOrFreeze, icon: Snowflake },
  { id: 'model', name: T.inTheRound, icon: Box },
  { id: 'template', name: 'Template 1:1', icon: Ruler },
];

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

const Ways = styled.ul`
  display: grid;
  gap: 8px;
  margin-top: 8px;
`;

/** Disc, pocket, walls, seal; dough and filling made to end together. */
export function FoldStation({ line }: { readonly line: Line }) {
  const edit = useEdit();
  const theme = useTheme();
  const { draft, kitchen, printer, cold } = line;
  const { piece, balance, costEach, findings } = cold.fold;
  const { fold } = draft;
  const form = formOf(draft.form);
  const [open, setOpen] = useState<SheetId | null>(null);
  const Open = open && SHEETS[open];
  // The list of forms is fetched once the station is on the page, not before.
  const [shown, setShown] = useState(false);
  useEffect(() => {
    const frame = requestAnimationFrame(() => setShown(true));
    return () => cancelAnimationFrame(frame);
  }, []);
  const formName = <div style={{ height: 62 }}>{FORM_NAME[draft.form]}</div>;
  const lengthM = blankLengthM(draft);
  const halfM = drawingHalfM(draft.form, fold.discM, lengthM);
  const eachAt = (thicknessM: number) => doughEachKg({ ...draft, fold: { ...fold, thicknessM } });
  const ways = useMemo(() => balanceWays(draft, kitchen), [draft, kitchen]);
  return (
    <StationLayout
      controls={
        <>
          <PanelTitle>{T.foldAndSeal}</PanelTitle>
          <Suspense fallback={formName}>{shown ? <FormPick form={draft.form} /> : formName}</Suspense>
          {draft.form === 'own-cutter' && (
            <Button style={{ width: '100%', margin: '6px 0' }} onPress={() => setOpen('outline')}>
              <PenTool size={16} aria-hidden />
              {T.drawOrImportItsOutline}
            </Button>
          )}
          <PiecesField pieces={draft.pieces} />
          <Row>
            <MmField
              label={BLANK_SIZE[form.blank]}
              value={fold.discM}
              {...RANGES.draft.discM}
              onChange={(discM) => edit('fold.discM', (d) => withFold(d, { discM }))}
            />
          </Row>
          {form.hasLength && (
            <Row>
              <MmField
                label={T.itsLength}
                value={lengthM}
                {...RANGES.draft.lengthM}
                onChange={(length) => edit('fold.lengthM', (d) => withFold(d, { lengthM: length }))}
              />
            </Row>
          )}
          <Row>
            <MmField
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
            <MmField
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
      }
      drawing={
        <>
          <Head>
            <PanelTitle>{T.rolledBlankAndFoldedPiece}</PanelTitle>
            <Soft as="span">{T.drawnToScaleDragSize}</Soft>
          </Head>
          <Pair>
            <div>
              <BlankDrawing
                form={draft.form}
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
          <Suspense fallback={null}>{Open && <Open line={line} onClose={() => setOpen(null)} />}</Suspense>
        </>
      }
      findings={
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
          {ways.length > 0 && (
            <Ways aria-label={T.waysToEndTogether}>
              {ways.map((way) => (
                <li key={way.code}>
                  <Button style={{ width: '100%' }} onPress={() => edit(`fold.${way.code}`, () => way.next)}>
                    {balanceText(way, printer)}
                  </Button>
                </li>
              ))}
            </Ways>
          )}
          <StationTools>
            {TOOLS.map(({ id, name, icon: Icon }) => (
              <Button key={id} $look="quiet" onPress={() => setOpen(id)}>
                <Icon size={16} aria-hidden />
                {name}
              </Button>
            ))}
          </StationTools>
        </>
      }
    />
  );

  function signed(kg: number): string {
    const grams = Math.round(kg * 1000);
    return `${grams < 0 ? '−' : ''}${printer.mass(Math.abs(grams) / 1000)}`;
  }
}
