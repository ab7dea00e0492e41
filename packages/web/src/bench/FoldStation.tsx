import { balanceWays, doughEachKg, withDoughEach, withFold, worstTone } from '@ember-fold/core';
import { useMemo } from 'react';
import { styled, useTheme } from 'styled-components';
import { useEdit } from '../app/useEdit';
import type { Line } from '../app/useLine';
import { Button } from '../controls/Button';
import { Findings, toneColour } from '../controls/Findings';
import { Figure, PanelTitle, Row, Soft } from '../controls/Panel';
import { GramField, MmField } from '../controls/UnitFields';
import { DiscDrawing } from '../drawing/DiscDrawing';
import { FillGauge } from '../drawing/FillGauge';
import { PieceDrawing } from '../drawing/PieceDrawing';
import { balanceText } from '../text/balanceText';
import { PiecesField } from './PiecesField';
import { StationLayout } from './StationLayout';

const Pair = styled.div`
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
  align-items: center;
  min-height: 380px;
  @media (max-width: 480px) {
    grid-template-columns: 1fr;
    min-height: 0;
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
  const eachAt = (thicknessM: number) => doughEachKg({ ...draft, fold: { ...fold, thicknessM } });
  const ways = useMemo(() => balanceWays(draft, kitchen), [draft, kitchen]);
  return (
    <StationLayout
      controls={
        <>
          <PanelTitle>Half-moon</PanelTitle>
          <PiecesField pieces={draft.pieces} />
          <Row>
            <MmField
              label="Disc"
              value={fold.discM}
              least={0.02}
              most={0.4}
              onChange={(discM) => edit('fold.discM', (d) => withFold(d, { discM }))}
            />
          </Row>
          <Row>
            <MmField
              label="Rolled thickness"
              value={fold.thicknessM}
              least={0.0004}
              most={0.012}
              onChange={(thicknessM) => edit('fold.thicknessM', (d) => withFold(d, { thicknessM }))}
            />
          </Row>
          <Row>
            <GramField
              label="Dough each"
              value={doughEachKg(draft)}
              least={eachAt(0.0004)}
              most={eachAt(0.012)}
              printer={printer}
              onChange={(kg) => edit('fold.doughEach', (d) => withDoughEach(d, kg))}
            />
          </Row>
          <Row>
            <GramField
              label="Filling each"
              value={fold.fillingEachKg}
              least={0}
              most={1}
              printer={printer}
              onChange={(fillingEachKg) => edit('fold.fillingEachKg', (d) => withFold(d, { fillingEachKg }))}
            />
          </Row>
          <Row>
            <MmField
              label="Seal margin"
              value={fold.sealM}
              least={0.002}
              most={0.04}
              onChange={(sealM) => edit('fold.sealM', (d) => withFold(d, { sealM }))}
            />
          </Row>
          <Row>
            <span>Left over</span>
            <span>{`${signed(balance.doughLeftKg)} dough, ${signed(balance.fillingLeftKg)} filling`}</span>
          </Row>
          {costEach !== null && (
            <Row>
              <span>Ingredients of one</span>
              <strong>{printer.money(costEach)}</strong>
            </Row>
          )}
        </>
      }
      drawing={
        <>
          <PanelTitle>Rolled disc and folded piece</PanelTitle>
          <Soft>drawn to scale</Soft>
          <Pair>
            <DiscDrawing discM={fold.discM} sealM={fold.sealM} fill={piece?.fill ?? 0} />
            {piece && <PieceDrawing piece={piece} sealM={fold.sealM} discM={fold.discM} />}
          </Pair>
        </>
      }
      findings={
        <>
          <Soft>Pocket filled</Soft>
          <Figure>{piece ? printer.percent(piece.fill) : 'no pocket'}</Figure>
          {piece && <FillGauge fill={piece.fill} colour={theme[toneColour(worstTone(findings))]} />}
          <Findings findings={findings} printer={printer} />
          {ways.length > 0 && (
            <Ways aria-label="Ways to end together">
              {ways.map((way) => (
                <li key={way.code}>
                  <Button style={{ width: '100%' }} onPress={() => edit(`fold.${way.code}`, () => way.next)}>
                    {balanceText(way, printer)}
                  </Button>
                </li>
              ))}
            </Ways>
          )}
        </>
      }
    />
  );

  function signed(kg: number): string {
    const grams = Math.round(kg * 1000);
    return `${grams < 0 ? '−' : ''}${printer.mass(Math.abs(grams) / 1000)}`;
  }
}
