import { Stack } from '../ui/layout/layout';
import type { BatchSummary, SupperRow } from '@ember-fold/core/plan';
import { headsOf, type SupperDay } from '@ember-fold/core/supper';
import { Printer as PrinterIcon, Trash2 } from 'lucide-react';
import { type ReactNode, useCallback, useMemo, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { styled } from 'styled-components';
import { api, problemOf } from '../data/api/api';
import { useMinute } from '../data/live/useMinute';
import { useKitchen } from '../data/draft/useLine';
import { useSave } from '../data/draft/useSave';
import { DAY_PLAN as E } from '#text/table/dayPlanPhrases';
import { listNames } from '../text/printer';
import { SUPPER as S } from '#text/table/supperPhrases';
import { Asked } from '../ui/controls/choice/Asked';
import { Button } from '../ui/controls/button/Button';
import { Page, PageTitle, TitleRow } from '../ui/layout/Page';
import { Panel, Problem, Soft } from '../ui/layout/Panel';
import { SaveAs } from '../ui/controls/button/SaveAs';
import { Actions, Sheet } from '../ui/controls/sheet/Sheet';
import { PHONE } from '../ui/theme';
import { type Planned, partsOf, type Plans } from './planned';
import { SupperBatches } from './SupperBatches';
import { SupperFigures } from './SupperFigures';
import { SupperGuests, SupperWhen } from './SupperGuests';
import { Cooks } from './day/Cooks';
import { useDayEdits } from './day/editDay';
import { DayPanel } from './day/DayPanel';
import { daySvg } from './day/daySvg';
import { DayPrint } from './day/DayPrint';
import { Ways } from './day/Ways';
import { useSupperEats } from './useSupperEats';

const Two = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 350px;
  gap: 14px;
  align-items: start;
  @media (max-width: 1100px) {
    grid-template-columns: minmax(0, 1fr);
  }
  > div {
    display: grid;
    gap: 14px;
  }
  ${PHONE} {
    gap: 12px;
  }
`;

const Wide = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 292px;
  gap: 14px;
  align-items: start;
  margin-bottom: 14px;
  > div:not([data-print]) {
    display: grid;
    gap: 14px;
  }
  @media (max-width: 1100px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;

/** Why there is no day plan to be seen. */
function NoDayPlan({ told, children }: { readonly told: SupperDay; readonly children: ReactNode }) {
  const isNobody = told.batches.length > 0 && told.cooks.length === 0;
  return (
    <Stack $gap={14} $bottom={14}>
      <Panel>
        <Soft>
          {told.problem !== null
            ? E.problem[told.problem]
            : told.unplanned.length > 0
              ? E.unplanned(listNames(told.unplanned))
              : isNobody
                ? E.nobody
                : told.batches.length > 0
                  ? E.over
                  : E.nothing}
        </Soft>
      </Panel>
      {isNobody && children}
    </Stack>
  );
}

/** One supper: when it is, who eats, what there is for them. */
export function SupperPage() {
  const { id = '' } = useParams();
  const suppers = api.useSuppersQuery();
  const batches = api.useBatchesQuery();
  return (
    <Asked of={suppers} what={S.theSupper}>
      {(rows) => {
        const row = rows.find((one) => one.id === id);
        return row ? (
          <Asked of={batches} what={S.theSupper}>
            {(list) => <Supper key={id} row={row} list={list} />}
          </Asked>
        ) : (
          <Page>
            <PageTitle of={[S.gone]} />
            <Panel>
              <h1>{S.gone}</h1>
              <Soft>{S.goneSays}</Soft>
              <Link to="/table">{S.toTable}</Link>
            </Panel>
          </Page>
        );
      }}
    </Asked>
  );
}

interface SupperProps {
  readonly row: SupperRow;
  /** All batches there are. */
  readonly list: readonly BatchSummary[];
}

function Supper({ row, list }: SupperProps) {
  const { id, supper } = row;
  const known = useKitchen();
  const { problem } = useSave(`supper ${id}`);
  const [plans, setPlans] = useState<Plans>({});
  const onPlan = useCallback(
    (batchId: string, planned: Planned) =>
      setPlans((now) => (now[batchId]?.trays === planned.trays ? now : { ...now, [batchId]: planned })),
    [],
  );
  const { data: cooked } = api.useCookedQuery();
  // What is finished is still to be eaten: it counts, once.
  const own = useMemo(() => [...list, ...(cooked ?? [])].filter((batch) => batch.supper === id), [list, cooked, id]);
  const parts = useMemo(
    () =>
      partsOf(
        plans,
        own.map((batch) => batch.id),
      ),
    [plans, own],
  );
  const eats = useSupperEats(supper, parts);
  const hands = known?.kitchen.cooks ?? 1;
  const nowMs = useMinute();
  // Time goes on by itself: what has slipped by is planned anew.
  const dayPlan = api.useDayPlanQuery(id, { pollingInterval: 60_000, skipPollingIfUnfocused: true });
  const edits = useDayEdits(id, supper, hands);
  if (!known) return null;
  const { printer } = known;
  return (
    <Page>
      <PageTitle of={[supper.name]} />
      <TitleRow>
        <h1>{supper.name}</h1>
        <Soft as="span">
          {S.people(
            headsOf(supper.guests),
            own.reduce((sum, { pieces }) => sum + pieces, 0),
            supper.each,
          )}
        </Soft>
        <span className="grow" />
        <Link to={`/cook/supper/${id}`}>{E.run}</Link>
        <a href={`/api/suppers/${id}/plan.ics`}>{E.calendar}</a>
        <a href="/api/suppers/calendar.ics">{E.feed}</a>
        <a href={`/api/suppers/${id}/plan`} download={`${supper.name}.json`}>
          {E.json}
        </a>
        <SaveAs
          of="supper"
          id={id}
          name={supper.name}
          {...(dayPlan.data?.dayPlan && {
            drawing: () => daySvg(supper.name, dayPlan.data!, dayPlan.data!.dayPlan!, printer),
          })}
        />
        <Button $look="quiet" onPress={() => window.print()}>
          <PrinterIcon size={18} aria-hidden />
          {E.print}
        </Button>
        <Link to={`/store/shopping?supper=${id}`}>{S.shopping}</Link>
        <DeleteSupper row={row} />
      </TitleRow>
      {problem && <Problem>{problem}</Problem>}
      <SupperFigures row={row} batches={own} told={dayPlan.data ?? null} eats={eats} printer={printer} nowMs={nowMs} />
      <Asked of={dayPlan} what={E.theDayPlan}>
        {(told) =>
          told.dayPlan ? (
            <Wide>
              <DayPanel
                told={told}
                supper={supper}
                edits={edits}
                printer={printer}
                nowMs={nowMs}
                dayPlan={told.dayPlan}
              />
              <div>
                <Ways
                  supperId={id}
                  told={told}
                  printer={printer}
                  onTake={(way) =>
                    void edits.take(
                      way,
                      told.batches.map((batch) => batch.id),
                    )
                  }
                />
                <Cooks supper={supper} hands={hands} onChange={edits.setCooks} />
              </div>
              <DayPrint name={supper.name} told={told} dayPlan={told.dayPlan} printer={printer} />
            </Wide>
          ) : (
            <NoDayPlan told={told}>
              <Cooks supper={supper} hands={hands} onChange={edits.setCooks} />
            </NoDayPlan>
          )
        }
      </Asked>
      <Two>
        <SupperBatches row={row} own={own} list={list} printer={printer} onPlan={onPlan} />
        <div>
          <SupperGuests row={row} eats={eats} plans={plans} />
          <SupperWhen id={id} supper={supper} />
        </div>
      </Two>
    </Page>
  );
}

/** Asks before a supper goes for good. */
function DeleteSupper({ row: { id, supper } }: { readonly row: SupperRow }) {
  const [isAsking, setAsking] = useState(false);
  const [remove, removing] = api.useDeleteSupperMutation();
  const navigate = useNavigate();
  const confirm = async () => {
    const result = await remove(id);
    if ('error' in result && result.error) return;
    await navigate('/table');
  };
  return (
    <>
      <Button $look="quiet" aria-label={S.delete} onPress={() => setAsking(true)}>
        <Trash2 size={18} aria-hidden />
      </Button>
      {isAsking && (
        <Sheet title={S.deleteName(supper.name)} isOpen onClose={() => setAsking(false)} alert>
          <p>{S.deleteSays}</p>
          {removing.error && <Problem>{problemOf(removing.error).message}</Problem>}
          <Actions>
            <Button onPress={() => setAsking(false)}>{S.keep}</Button>
            <Button $look="danger" onPress={() => void confirm()}>
              {S.delete}
            </Button>
          </Actions>
        </Sheet>
      )}
    </>
  );
}
