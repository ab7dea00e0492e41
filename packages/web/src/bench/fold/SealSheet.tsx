import { BENCH_SHEETS as BENCH } from '#text/bench/benchSheetPhrases';
import { FOLD as T } from '#text/bench/fold/foldPhrases';
import { FOLD_SHEETS } from '#text/bench/fold/foldSheetPhrases';
import {
  type BurstCause,
  type CoatingChoices,
  shapeOf,
  NO_COATING,
  METHODS,
  type SealChoices,
  type TrayDraft,
  sealTrade,
  USUAL_SEAL,
  withFill,
  withFold,
  RANGES,
} from '@ember-fold/core/plan';
import { useMemo } from 'react';
import { styled } from 'styled-components';
import { usePantry } from '../../data/draft/useLine';
import { useEdit } from '../../data/draft/useEdit';
import type { Line } from '../../data/draft/useLine';
import { Button } from '../../ui/controls/button/Button';
import { Choice } from '../../ui/controls/choice/Choice';
import { PanelTitle, Row, Soft } from '../../ui/layout/Panel';
import { Actions, Sheet } from '../../ui/controls/sheet/Sheet';
import { Slide } from '../../ui/controls/choice/Slide';
import { TickField } from '../../ui/controls/field/TickField';
import { CountField } from '../../ui/controls/field/UnitFields';
import { BurstCurve } from '../../ui/drawing/BurstCurve';
import { FILLING_STATE_NAME } from '#text/shared/words';
import { EDGE_NAME } from '#text/shared/shapeWords';
import { CAUSE_NAME, DRY_NAME, factorText, SEAL_WITH_NAME, shareText, WET_NAME } from '#text/bench/fold/sealText';

const Columns = styled.div`
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 14px 28px;
  @media (max-width: 760px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;

const Causes = styled.ul`
  li {
    display: flex;
    justify-content: space-between;
    gap: 12px;
    min-height: 32px;
    align-items: center;
    border-top: 1px solid ${({ theme }) => theme.line};
    font-size: 14px;
  }
  strong {
    font-weight: 600;
    color: ${({ theme }) => theme.lookOut};
  }
`;

/** How cold the filling goes into the pieces of this tray. */
function GoesIn({ fold }: Pick<TrayDraft, 'fold'>) {
  const edit = useEdit();
  if (fold.fillingEachKg === 0) return null;
  return (
    <Choice<keyof typeof FILLING_STATE_NAME>
      label={FOLD_SHEETS.fillingGoesIn}
      value={fold.fillingState ?? 'cool'}
      options={FILLING_STATE_NAME}
      onChange={(state) =>
        edit('fold.fillingState', (d) => {
          const { fillingState: _before, ...rest } = d.fold;
          return { ...d, fold: state === 'cool' ? rest : { ...rest, fillingState: state } };
        })
      }
    />
  );
}

/** Rim, what seals the rim, coating and how full: what keeps a piece shut, and what that costs. */
export function SealSheet({ line, onClose }: { readonly line: Line; readonly onClose: () => void }) {
  const edit = useEdit();
  const { draft, cold, printer } = line;
  const { burst, piece } = cold.fold;
  const seal = draft.seal ?? USUAL_SEAL;
  const shape = shapeOf(draft.shape);
  const setSeal = (change: Partial<SealChoices>) =>
    edit('seal', (d) => ({ ...d, seal: { ...(d.seal ?? USUAL_SEAL), ...change } }));
  const trade = useMemo(() => sealTrade(draft, cold), [draft, cold]);
  const isUsual = ({ factor }: BurstCause) => Math.abs(factor - 1) < 0.03;
  const usual = burst?.causes.filter(isUsual) ?? [];
  const unusual = burst?.causes.filter((cause) => !isUsual(cause)) ?? [];
  const opened = burst ? burst.share * draft.pieces : 0;
  return (
    <Sheet title={T.sealAndCoating} isOpen wide onClose={onClose}>
      <Columns>
        <section>
          <PanelTitle as="h3">{FOLD_SHEETS.safeSealOrGenerous}</PanelTitle>
          {piece && burst && (
            <>
              <Slide
                label={FOLD_SHEETS.ofFillingInOfDough(
                  printer.mass(draft.fold.fillingEachKg),
                  printer.mass(piece.doughKg),
                  printer.percent(piece.fill),
                )}
                value={piece.fill}
                least={METHODS.safe}
                most={METHODS.generous}
                step={0.01}
                ends={[FOLD_SHEETS.safeSeal, 'generous']}
                onChange={(fill) => edit('fold.fill', (d, known) => withFill(d, fill, known))}
              />
              <BurstCurve trade={trade} fill={piece.fill} share={burst.share} />
              <p role="status">
                {FOLD_SHEETS.aboutOpensOf(
                  shareText(burst.share),
                  opened < 0.5 ? FOLD_SHEETS.hardlyAny : Math.round(opened),
                  draft.pieces,
                )}
              </p>
              <Causes aria-label={FOLD_SHEETS.whatTheSeamBearsWorst}>
                {unusual.map(({ id, factor }) => (
                  <li key={id}>
                    <span>{CAUSE_NAME[id]}</span>
                    {factor > 1 ? <strong>{factorText(factor)}</strong> : <Soft as="span">{factorText(factor)}</Soft>}
                  </li>
                ))}
              </Causes>
              <Soft>{FOLD_SHEETS.asUsual(usual.map(({ id }) => CAUSE_NAME[id].toLowerCase()).join(', '))}</Soft>
            </>
          )}
          <GoesIn fold={draft.fold} />
        </section>
        <section>
          <PanelTitle as="h3">{FOLD_SHEETS.theRim}</PanelTitle>
          <Choice
            label={FOLD_SHEETS.brushedWith}
            value={seal.sealWith}
            options={SEAL_WITH_NAME}
            onChange={(sealWith) => setSeal({ sealWith })}
          />
          {shape.hasEdge && (
            <Choice
              label={FOLD_SHEETS.edge}
              value={draft.fold.edge ?? 'plain'}
              options={EDGE_NAME}
              onChange={(edge) => edit('fold.edge', (d) => withFold(d, { edge }))}
            />
          )}
          <TickField
            label={FOLD_SHEETS.airPressedOutMiddleTo}
            value={seal.airPressed}
            onChange={(airPressed) => setSeal({ airPressed })}
          />
          <TickField
            label={FOLD_SHEETS.rimCleanOfBenchFlour}
            value={!seal.flouredRim}
            onChange={(clean) => setSeal({ flouredRim: !clean })}
          />
          <TickField
            label={FOLD_SHEETS.pinchedOnceMoreBeforeThe}
            value={seal.finalPinch}
            onChange={(finalPinch) => setSeal({ finalPinch })}
          />
          <TickField
            label={FOLD_SHEETS.discsWaitUnderADamp}
            value={seal.covered}
            onChange={(covered) => setSeal({ covered })}
          />
          <Row>
            <CountField
              label={FOLD_SHEETS.aDiscWaitsMinutes}
              value={Math.round(seal.waitS / 60)}
              least={RANGES.draft.waitS.least / 60}
              most={RANGES.draft.waitS.most / 60}
              onChange={(minutes) => setSeal({ waitS: minutes * 60 })}
            />
          </Row>
          <CoatingPart line={line} />
        </section>
      </Columns>
      <Actions>
        <Button
          isDisabled={draft.seal === undefined && draft.coating === undefined}
          onPress={() => edit('seal', ({ seal: _seal, coating: _coating, ...d }) => d)}
        >
          {FOLD_SHEETS.asUsualAgain}
        </Button>
        <Button $look="primary" onPress={onClose}>
          {BENCH.done}
        </Button>
      </Actions>
    </Sheet>
  );
}

/** Wet, then dry, and what to set out for it. */
function CoatingPart({ line }: { readonly line: Line }) {
  const edit = useEdit();
  const pantry = usePantry();
  const { draft, cold, printer } = line;
  const coating = draft.coating ?? NO_COATING;
  const setCoating = (change: Partial<CoatingChoices>) =>
    edit('coating', (d) => ({ ...d, coating: { ...(d.coating ?? NO_COATING), ...change } }));
  const supplies = cold.fold.supplies
    .filter(({ massKg }) => massKg >= 0.0005)
    .map(({ ingredientId, massKg }) => `${printer.mass(massKg)} ${pantry.find(ingredientId).name.toLowerCase()}`);
  return (
    <>
      <PanelTitle as="h3" style={{ marginTop: 12 }}>
        {FOLD_SHEETS.theCoating}
      </PanelTitle>
      <Choice label={FOLD_SHEETS.wet} value={coating.wet} options={WET_NAME} onChange={(wet) => setCoating({ wet })} />
      <Choice
        label={FOLD_SHEETS.thenDry}
        value={coating.dry}
        options={DRY_NAME}
        onChange={(dry) => setCoating({ dry })}
      />
      {coating.wet !== 'none' && coating.dry !== 'none' && (
        <TickField label={FOLD_SHEETS.bothTwice} value={coating.double} onChange={(double) => setCoating({ double })} />
      )}
      <Soft>
        {supplies.length > 0
          ? FOLD_SHEETS.setOutForOneHand(draft.pieces, supplies.join(', '))
          : FOLD_SHEETS.nothingToSetOut}
      </Soft>
    </>
  );
}
