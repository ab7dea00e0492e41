import { BENCH_SHEETS as T } from '#text/bench/benchSheetPhrases';
import { type Limit, PAN_FULL, withLimit, withPan, RANGES } from '@ember-fold/core/plan';
import { useState } from 'react';
import { useEdit } from '../data/draft/useEdit';
import { type Line, usePantry } from '../data/draft/useLine';
import { Button } from '../ui/controls/button/Button';
import { Choice } from '../ui/controls/choice/Choice';
import { Problem, Row, Soft } from '../ui/layout/Panel';
import { Pick } from '../ui/controls/choice/Pick';
import { Actions, Sheet } from '../ui/controls/sheet/Sheet';
import { LitreField, MeasureField } from '../ui/controls/field/MoreFields';
import { GramField } from '../ui/controls/field/UnitFields';

type By = 'line' | 'all' | 'pan';

interface ScaleSheetProps {
  readonly of: Limit['of'];
  readonly line: Line;
  readonly onClose: () => void;
}

/** "I have only 640 g of flour", "900 g in all", "this pan": pieces and the other formula follow. */
export function ScaleSheet({ of, line, onClose }: ScaleSheetProps) {
  const edit = useEdit();
  const pantry = usePantry();
  const { draft, kitchen, printer, cold } = line;
  const { lines } = draft[of];
  const madeKg = of === 'dough' ? cold.dough.figures.massKg : cold.filling.figures.targetKg;
  const [by, setBy] = useState<By>('line');
  const [index, setIndex] = useState('0');
  const [haveKg, setHaveKg] = useState<number | null>(null);
  const [allKg, setAllKg] = useState(madeKg);
  const [panM3, setPanM3] = useState(0.004);
  const chosen = lines[Number(index)];
  const names = Object.fromEntries(lines.map((l, i) => [String(i), pantry.find(l.ingredientId).name])) as Record<
    string,
    string
  >;
  const scaled = () => {
    if (by === 'pan') return withPan(draft, panM3, kitchen);
    const massKg = by === 'all' ? allKg : (haveKg ?? chosen?.massKg ?? 0);
    return withLimit(draft, { of, line: by === 'all' ? null : Number(index), massKg }, kitchen);
  };
  const next = scaled();
  const apply = () => {
    edit(`${of}.limit`, () => next);
    onClose();
  };
  const options: Partial<Record<By, string>> = { line: T.oneIngredient, all: T.inAll(of) };
  if (of === 'filling') options.pan = 'a pan';
  return (
    <Sheet title={T.scaleThe(of)} isOpen onClose={onClose}>
      <Choice label={T.byWhatThereIsOf} value={by} options={options as Record<By, string>} onChange={setBy} />
      {by === 'line' && chosen && (
        <>
          <Pick
            label={T.ingredient}
            value={index}
            options={names}
            onChange={(next) => {
              setIndex(next);
              setHaveKg(null);
            }}
          />
          <Row>
            <MeasureField
              label={T.iHave}
              value={haveKg ?? chosen.massKg}
              {...RANGES.draft.lineKg}
              printer={printer}
              densityKgPerM3={pantry.find(chosen.ingredientId).densityKgPerM3}
              onChange={setHaveKg}
            />
          </Row>
        </>
      )}
      {by === 'all' && (
        <Row>
          <GramField
            label={T.totalOf(of === 'dough' ? T.dough : T.cookedFilling)}
            value={allKg}
            {...RANGES.draft.lineKg}
            printer={printer}
            onChange={setAllKg}
          />
        </Row>
      )}
      {by === 'pan' && (
        <>
          <Row>
            <LitreField label={T.panHoldsToTheBrim} value={panM3} {...RANGES.store.panM3} onChange={setPanM3} />
          </Row>
          <Soft>{T.filledToItNeitherSpits(printer.percent(PAN_FULL))}</Soft>
        </>
      )}
      {next ? (
        <p role="status">{T.thatMakes(next.pieces, draft.pieces)}</p>
      ) : (
        <Problem>{T.notOnePieceComesOut}</Problem>
      )}
      <Actions>
        <Button onPress={onClose}>{T.leaveIt}</Button>
        <Button $look="primary" isDisabled={!next} onPress={apply}>
          {next ? T.scaleToPieces(next.pieces) : T.scale}
        </Button>
      </Actions>
    </Sheet>
  );
}
