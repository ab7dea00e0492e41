import { BENCH_SHEETS as BENCH } from '#text/bench/benchSheetPhrases';
import { FOLD as T } from '#text/bench/fold/foldPhrases';
import { FOLD_SHEETS } from '#text/bench/fold/foldSheetPhrases';
import { eachOf, type Portioning, portioning, type PortionRun, portionRun, RANGES } from '@ember-fold/core/plan';
import { stepKey } from '@ember-fold/core/stove';
import { useState } from 'react';
import { styled, useTheme } from 'styled-components';
import { useAppSelector } from '../../data/draft/store';
import { useCookActs } from '../../data/live/useCookActs';
import { useKept } from '../../data/offline/useKept';
import type { Line } from '../../data/draft/useLine';
import { Button } from '../../ui/controls/button/Button';
import { Choice } from '../../ui/controls/choice/Choice';
import { LiveScale } from '../../ui/controls/field/LiveScale';
import { LongText } from '../../ui/controls/field/LongText';
import { PanelTitle, Problem, Row, Soft } from '../../ui/layout/Panel';
import { Actions, Sheet } from '../../ui/controls/sheet/Sheet';
import { CountField, GramField } from '../../ui/controls/field/UnitFields';
import { PortionDots } from '../../ui/drawing/PortionDots';
import { portioningText, portionText, readWeights } from '#text/bench/fold/portionText';

/** Fewer weighings say little of a hand. */
const LEAST_RUN = 4;

type Weighed = 'dough' | 'piece';
const WEIGHED: Record<Weighed, string> = { dough: FOLD_SHEETS.doughPortions, piece: FOLD_SHEETS.filledPieces };
const isText = (value: unknown): value is string => typeof value === 'string';

const Half = styled.section`
  margin-top: 14px;
`;

/** A run of portions weighed: are they what was wanted, and alike? */
export function PortionSheet({ line, onClose }: { readonly line: Line; readonly onClose: () => void }) {
  const { draft, printer, cold } = line;
  const theme = useTheme();
  const batchId = useAppSelector((state) => state.draft.batchId) ?? '';
  const { tell } = useCookActs(batchId);
  const [what, setWhat] = useState<Weighed>('dough');
  const [text, setText] = useKept(`portions.${batchId}`, isText);
  const doughKg = cold.fold.piece?.doughKg ?? 0;
  const wantedKg = what === 'dough' ? doughKg : doughKg + draft.fold.fillingEachKg;
  const { weightsKg, wrong } = readWeights(text ?? '', printer);
  const run: PortionRun | null = weightsKg.length > 0 && wantedKg > 0 ? portionRun(weightsKg, wantedKg) : null;
  /** How even the hand is, is learnt from it. */
  const tellRun = ({ spread, count }: PortionRun) => {
    const step = stepKey('fold', draft.mark);
    tell({ step, kind: 'measure', measure: 'portion-spread', value: Math.min(1, spread) });
    tell({ step, kind: 'measure', measure: 'portions', value: count });
  };
  return (
    <Sheet title={T.weighARun} isOpen onClose={onClose}>
      <Choice<Weighed> label={FOLD_SHEETS.onTheScale} value={what} options={WEIGHED} onChange={setWhat} />
      <Soft>{FOLD_SHEETS.eachShouldWeigh(printer.mass(wantedKg))}</Soft>
      <LiveScale
        printer={printer}
        wantedKg={wantedKg}
        onTake={(kg) => setText(`${text ?? ''} ${printer.fineMass(kg)}`.trim())}
      />
      <LongText
        label={FOLD_SHEETS.weightsInTheOrderThey}
        value={text ?? ''}
        most={4000}
        onChange={(next) => setText(next === '' ? null : next)}
      />
      {wrong && <Problem>{T.notAWeight(wrong, printer.massUnit)}</Problem>}
      {run && (
        <>
          <PortionDots weightsKg={weightsKg} wantedKg={wantedKg} printMass={printer.mass} colour={theme.know} />
          <p role="status">{portionText(run, wantedKg, printer)}</p>
        </>
      )}
      <BothWays line={line} doughKg={doughKg} />
      <AllAtOnce line={line} wantedKg={wantedKg} />
      <Actions>
        <Button isDisabled={text === null} onPress={() => setText(null)}>
          {BENCH.beginAnew}
        </Button>
        <Button
          $look="primary"
          onPress={() => {
            if (run && run.count >= LEAST_RUN) tellRun(run);
            onClose();
          }}
        >
          {BENCH.done}
        </Button>
      </Actions>
    </Sheet>
  );
}

/** Whole portions of the dough and filling there are, both ways. */
function BothWays({ line, doughKg }: { readonly line: Line; readonly doughKg: number }) {
  const { draft, cold, printer } = line;
  const divide = (totalKg: number, eachKg: number): Portioning | null =>
    eachKg > 1e-4 && eachKg <= 5 ? portioning(Math.min(100, totalKg), eachKg) : null;
  const dough = divide(cold.dough.figures.massKg, doughKg);
  const filling = divide(cold.filling.figures.targetKg, draft.fold.fillingEachKg);
  return (
    <Half>
      <PanelTitle as="h3">{FOLD_SHEETS.whatThereIsDivided}</PanelTitle>
      {dough && <p>{portioningText('dough', dough, printer)}</p>}
      {filling && <p>{portioningText('filling', filling, printer)}</p>}
    </Half>
  );
}

/** All of them on the scale at once, less the bowl. */
function AllAtOnce({ line, wantedKg }: { readonly line: Line; readonly wantedKg: number }) {
  const { draft, printer } = line;
  const [tareKg, setTareKg] = useState(0.2);
  const [count, setCount] = useState(draft.pieces);
  const [grossKg, setGrossKg] = useState(tareKg + count * wantedKg);
  const each = eachOf(grossKg, tareKg, count);
  return (
    <Half>
      <PanelTitle as="h3">{FOLD_SHEETS.orAllAtOnce}</PanelTitle>
      <Row>
        <GramField
          label={FOLD_SHEETS.scaleShows}
          value={grossKg}
          {...RANGES.weighing.grossKg}
          printer={printer}
          onChange={setGrossKg}
        />
      </Row>
      <Row>
        <GramField
          label={FOLD_SHEETS.bowlWeighs}
          value={tareKg}
          {...RANGES.weighing.grossKg}
          printer={printer}
          onChange={setTareKg}
        />
      </Row>
      <Row>
        <CountField label={FOLD_SHEETS.piecesOnIt} value={count} {...RANGES.draft.pieces} onChange={setCount} />
      </Row>
      {each === null ? (
        <Problem>{FOLD_SHEETS.theScaleShowsNoMore}</Problem>
      ) : (
        <p role="status">
          {FOLD_SHEETS.eachWhatWasWanted(
            printer.mass(each),
            printer.mass(Math.abs(each - wantedKg)),
            each >= wantedKg ? 'over' : 'under',
          )}
        </p>
      )}
    </Half>
  );
}
