import { crustName, RANGES, type StartState, USUAL_BAKE } from '@ember-fold/core/plan';
import { styled } from 'styled-components';
import { useEdit } from '../../data/draft/useEdit';
import type { Line } from '../../data/draft/useLine';
import { FRY as T } from '#text/bench/fry/fryPhrases';
import { hotFindingText } from '#text/bench/fry/hotFindingText';
import { CRUST_WORD, START_NAME } from '#text/shared/words';
import { Choice } from '../../ui/controls/choice/Choice';
import { Findings } from '../../ui/controls/list/Findings';
import { Figure, PanelTitle, Row, Soft } from '../../ui/layout/Panel';
import { MinutesField, TempField } from '../../ui/controls/field/MoreFields';
import { CountField } from '../../ui/controls/field/UnitFields';
import { crustColour } from '../../ui/drawing/crust';
import { Drawing } from '../../ui/drawing/Drawing';
import { ShapeDrawing } from '../../ui/drawing/ShapeDrawing';
import { PiecesField } from '../PiecesField';
import { StationLayout } from '../StationLayout';
import { OvenSeen } from './OvenSeen';
import { OvenTime } from './OvenTime';
import { WayField } from './WayField';

const Faces = styled.div`
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 240px));
  gap: 20px;
  justify-content: center;
  margin: 10px 0 16px;
  text-align: center;
  font-size: 13px;
  color: ${({ theme }) => theme.soft};
  figure {
    margin: 0;
  }
`;

/** A tray that is baked: oven, minutes, sheets; how it looks when it comes out. */
export function BakeStation({ line }: { readonly line: Line }) {
  const edit = useEdit();
  const { draft, hot, printer, cold } = line;
  const how = draft.bake ?? USUAL_BAKE;
  const set = (field: string, change: Partial<typeof how>) =>
    edit(`bake.${field}`, (d) => ({ ...d, bake: { ...(d.bake ?? USUAL_BAKE), ...change } }));
  const bake = hot?.bake ?? null;
  const { piece } = cold.fold;
  return (
    <StationLayout
      controls={
        <>
          <PanelTitle>{T.bakeTitle}</PanelTitle>
          <WayField draft={draft} />
          <PiecesField pieces={draft.pieces} />
          <Row>
            <TempField
              label={T.oven}
              value={how.ovenC}
              {...RANGES.oven.ovenC}
              printer={printer}
              onChange={(ovenC) => set('ovenC', { ovenC })}
            />
          </Row>
          <Row>
            <MinutesField
              label={T.inOvenFor}
              value={how.minutesS}
              {...RANGES.oven.minutesS}
              whenNull={bake?.minutesS == null ? T.byModel : printer.time(bake.minutesS)}
              onChange={(minutesS) => set('minutesS', { minutesS })}
              onClear={() => set('minutesS', { minutesS: null })}
            />
          </Row>
          <Row>
            <CountField
              label={T.onOneSheet}
              value={how.perSheet}
              {...RANGES.oven.perTray}
              onChange={(perSheet) => set('perSheet', { perSheet })}
            />
          </Row>
          <Choice<StartState>
            label={T.startsFrom}
            value={draft.fry.start}
            options={START_NAME}
            onChange={(start) => edit('fry.start', (d) => ({ ...d, fry: { ...d.fry, start } }))}
          />
          <OvenSeen line={line} ovenC={how.ovenC} />
        </>
      }
      drawing={
        <>
          <PanelTitle>{T.comesOutLike}</PanelTitle>
          {bake?.colours && piece ? (
            <Faces>
              {bake.colours.map((colour, i) => {
                const words = `${i === 0 ? T.onSheet : T.onTop}, ${CRUST_WORD[crustName(colour)]}`;
                return (
                  <figure key={i}>
                    <Drawing
                      box={[-piece.widthM * 520, -piece.depthM * 1060, piece.widthM * 1040, piece.depthM * 1200]}
                      label={words}
                    >
                      <ShapeDrawing piece={piece} fold={draft.fold} colour={crustColour(colour)} />
                    </Drawing>
                    <figcaption>{words}</figcaption>
                  </figure>
                );
              })}
            </Faces>
          ) : (
            <Soft>{hot ? T.noBakePiece : T.computing}</Soft>
          )}
          {bake && <OvenTime bake={bake} printer={printer} />}
        </>
      }
      findings={
        <>
          <Soft>{T.inTheOvenFor}</Soft>
          <Figure>{bake?.minutesS == null ? '–' : printer.span(bake.minutesS)}</Figure>
          {bake && <Soft>{T.sheetsOf(bake.sheets, how.perSheet, printer.span(bake.totalS))}</Soft>}
          {bake && <Findings findings={bake.findings} printer={printer} say={hotFindingText} />}
        </>
      }
    />
  );
}
