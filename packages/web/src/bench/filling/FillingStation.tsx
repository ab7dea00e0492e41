import { FILLING as T } from '#text/bench/filling/fillingPhrases';
import { lazyPart } from '../../ui/lazyPart';
import {
  type CoolingPlace,
  type FillingMethod,
  type FindingCode,
  isUncooked,
  LIMITS,
  thickenersFor,
  withCookTo,
  withMethod,
  marksOf,
  withFillingOf,
  withLinesAsked,
  withRaw,
  withThickener,
  RANGES,
  type TrayDraft,
} from '@ember-fold/core/plan';
import { Suspense, useState } from 'react';
import { styled } from 'styled-components';
import { editBatch, useEdit } from '../../data/draft/useEdit';
import { listNames } from '../../text/printer';
import { trayNames } from '#text/bench/trayText';
import { TRAY_SHEET } from '#text/bench/traySheetPhrases';
import { type Line, usePantry } from '../../data/draft/useLine';
import { Button } from '../../ui/controls/button/Button';
import { TickField } from '../../ui/controls/field/TickField';
import { Choice } from '../../ui/controls/choice/Choice';
import { mixFindingText } from '#text/bench/dough/mixFindingText';
import { Findings } from '../../ui/controls/list/Findings';
import { FormulaTable } from '../../ui/controls/list/FormulaTable';
import { Figure, PanelTitle, Row, Soft } from '../../ui/layout/Panel';
import { Pick } from '../../ui/controls/choice/Pick';
import { RawPick } from '../../ui/controls/choice/RawPick';
import { PercentField, TempField } from '../../ui/controls/field/MoreFields';
import { GramField } from '../../ui/controls/field/UnitFields';
import { AHEAD_NAME, METHOD_NAME, PLACE_NAME } from '#text/shared/words';
import { CoolingSheet } from './CoolingSheet';
import { FormulaTools } from '../FormulaTools';
import { PiecesField } from '../PiecesField';
import { StationLayout } from '../StationLayout';

const CoolingChart = lazyPart(() => import('../../ui/charts/CoolingChart').then((m) => ({ default: m.CoolingChart })));

const LOOSE: readonly FindingCode[] = ['filling.loose', 'filling.runs'];

const Binders = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 8px;
  margin-top: 10px;
`;

/** What binds the free liquid, each with its grams, one tap each. */
function Thickeners({ line }: { readonly line: Line }) {
  const edit = useEdit();
  const pantry = usePantry();
  const { printer, cold } = line;
  const { freeKg } = cold.filling.figures;
  const choices = thickenersFor(freeKg);
  // What stays put needs no binding.
  if (choices.length === 0 || !cold.filling.findings.some((f) => LOOSE.includes(f.code))) return null;
  return (
    <Binders role="group" aria-label={T.thickenIt}>
      <Soft as="span">{T.bindOfFreeLiquidWith(printer.mass(freeKg))}</Soft>
      {choices.map((choice) => {
        const { name, densityKgPerM3 } = pantry.find(choice.ingredientId);
        const mass = printer.measure(choice.massKg, densityKgPerM3);
        return (
          <Button
            key={choice.ingredientId}
            onPress={() => edit('filling.thicken', (d, known) => withThickener(d, choice, known))}
          >{`${mass} ${name.toLowerCase()}`}</Button>
        );
      })}
    </Binders>
  );
}

/** Cooking, keeping and cooling: what is decided of a filling besides its formula. */
function Decisions({ line }: { readonly line: Line }) {
  const edit = useEdit();
  const { draft, kitchen, printer } = line;
  const { filling } = draft;
  const method = filling.method ?? 'pan';
  const [comparing, setComparing] = useState(false);
  const set = (field: string, change: Partial<typeof filling>) =>
    edit(`filling.${field}`, (d) => ({ ...d, filling: { ...d.filling, ...change } }));
  return (
    <>
      <PiecesField pieces={draft.pieces} />
      <Pick<FillingMethod>
        label={T.itsWaterIs}
        value={method}
        options={METHOD_NAME}
        onChange={(next) => edit('filling.method', (d, known) => withMethod(d, next, known))}
      />
      {method !== 'thicken' && (
        <Row>
          <PercentField
            label={T.downTo}
            value={filling.cookToShare}
            {...RANGES.draft.cookToShare}
            onChange={(share) => edit('filling.cookToShare', (d, known) => withCookTo(d, share, known))}
          />
        </Row>
      )}
      <Row>
        <GramField
          label={T.panWeighs}
          value={filling.panKg}
          {...RANGES.draft.panKg}
          printer={printer}
          onChange={(panKg) => set('panKg', { panKg })}
        />
      </Row>
      <RawPick
        filling={filling}
        onSay={(raw) => edit('filling.raw', (d) => withRaw(d, raw, kitchen.reheatC ?? LIMITS.core.reheatC))}
      />
      <Choice
        label={T.madeAhead}
        value={String(filling.aheadDays ?? 0) as keyof typeof AHEAD_NAME}
        options={AHEAD_NAME}
        onChange={(days) => set('aheadDays', { aheadDays: Number(days) })}
      />
      {!isUncooked(filling) && (
        <>
          <Row>
            <TempField
              label={T.hotIntoTheDish}
              value={filling.hotC}
              {...RANGES.draft.hotC}
              printer={printer}
              onChange={(hotC) => set('hotC', { hotC })}
            />
          </Row>
          <Choice<CoolingPlace>
            label={T.coolsIn}
            value={filling.place}
            options={PLACE_NAME}
            onChange={(place) => set('place', { place })}
          />
          <Row style={{ border: 0 }}>
            <Choice
              label={T.dish}
              hideLabel
              value={filling.covered ? 'covered' : 'open'}
              options={{ open: 'open', covered: 'covered' }}
              onChange={(choice) => set('covered', { covered: choice === 'covered' })}
            />
            <Button $look="quiet" style={{ padding: 0 }} onPress={() => setComparing(true)}>
              {T.compareWays}
            </Button>
          </Row>
          {comparing && <CoolingSheet line={line} onClose={() => setComparing(false)} />}
        </>
      )}
    </>
  );
}

/** Which other trays hold the same filling, and the way to one of its own. */
function Shared({ line: { batch, draft } }: { readonly line: Line }) {
  const { mark, fillingOf = mark } = draft;
  const others = marksOf(batch).filter((one) => one !== mark && batch.trays[one]!.filling === fillingOf);
  if (mark === undefined || others.length === 0) return null;
  const names = trayNames(batch);
  return (
    <>
      <Soft>{TRAY_SHEET.sharedWith(listNames(others.map((one) => names.get(one)!)))}</Soft>
      <Button
        $look="quiet"
        style={{ padding: 0 }}
        onPress={() => editBatch(`own-filling-${mark}`, (now) => withFillingOf(now, mark, 'own'))}
      >
        {TRAY_SHEET.makeOwn}
      </Button>
    </>
  );
}

/** What it leaves in oil that others share. */
function Strong({ draft }: { readonly draft: TrayDraft }) {
  const edit = useEdit();
  return (
    <TickField
      label={T.strong}
      value={draft.filling.strong ?? false}
      onChange={(strong) =>
        edit('filling.strong', (d) => {
          const { strong: _before, ...rest } = d.filling;
          return { ...d, filling: strong ? { ...rest, strong } : rest };
        })
      }
    />
  );
}

/** Formula, salt, cooking dry by the scale, cooling. */
export function FillingStation({ line }: { readonly line: Line }) {
  const edit = useEdit();
  const pantry = usePantry();
  const [byPercent, setByPercent] = useState(false);
  const { draft, kitchen, printer, cold } = line;
  const { figures, cooling, split, findings } = cold.filling;
  const { filling } = draft;
  return (
    <StationLayout
      controls={
        <>
          <PanelTitle>{T.cookThenCool}</PanelTitle>
          <Shared line={line} />
          <Decisions line={line} />
        </>
      }
      drawing={
        <>
          <FormulaTools
            of="filling"
            line={line}
            cost={figures.totals.cost}
            byPercent={byPercent}
            onByPercent={setByPercent}
          />
          <FormulaTable
            kind="filling"
            lines={filling.lines}
            percents={figures.linePercents}
            byPercent={byPercent}
            printer={printer}
            onLines={(field, change) =>
              edit(`filling.${field}`, (d) => ({
                ...d,
                filling: withLinesAsked(
                  d.filling,
                  change(d.filling.lines),
                  pantry,
                  kitchen.reheatC ?? LIMITS.core.reheatC,
                ),
              }))
            }
          />
          <Thickeners line={line} />
          {cooling && (
            <Suspense fallback={<div style={{ height: 136 }} />}>
              <CoolingChart cooling={cooling} split={split} printer={printer} />
            </Suspense>
          )}
        </>
      }
      findings={
        <>
          <Soft>{filling.method === 'thicken' ? T.theScaleShows : T.stopWhenTheScaleShows}</Soft>
          <Figure>{printer.mass(figures.targetWithPanKg)}</Figure>
          <Soft>{T.ofFillingInAPan(printer.mass(figures.targetKg), printer.mass(filling.panKg))}</Soft>
          <Findings findings={findings} printer={printer} say={mixFindingText} />
          <Strong draft={draft} />
        </>
      }
    />
  );
}
