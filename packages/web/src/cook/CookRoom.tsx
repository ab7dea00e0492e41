import { dayAndClock } from '../text/printer';
import { COOK as T } from '#text/cook/cookPhrases';
import { stepState } from '@ember-fold/core/stove';
import { Printer as PrinterIcon, Undo2 } from 'lucide-react';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { styled } from 'styled-components';
import { problemOf } from '../data/api/api';
import { finishApi } from '../data/api/finishApi';
import { useAwake } from '../data/device/useAwake';
import { useKept } from '../data/offline/useKept';
import { useKitchen } from '../data/draft/useLine';
import { Asked } from '../ui/controls/choice/Asked';
import { Button } from '../ui/controls/button/Button';
import { NameField } from '../ui/controls/field/NameField';
import { Page, PageTitle, TitleRow } from '../ui/layout/Page';
import { Panel, PanelTitle, Problem, Soft } from '../ui/layout/Panel';
import { WhereFrom } from '../ui/controls/list/WhereFrom';
import { changeText, measureText, tableText } from '#text/cook/cookText';
import { stepName } from '#text/cook/runNames';
import type { Printer } from '../text/printer';
import { CookGrid } from './CookGrid';
import { CurrentStep } from './CurrentStep';
import { RunSheetPrint } from './RunSheetPrint';
import { type Cook, useCook } from './useCook';

const Steps = styled.ol`
  li {
    display: flex;
    align-items: center;
    gap: 8px;
    min-height: 48px;
    border-top: 1px solid ${({ theme }) => theme.line};
  }
  li > span {
    flex: 1;
  }
  small {
    display: block;
    font-size: 13px;
    color: ${({ theme }) => theme.soft};
  }
`;

const isName = (value: unknown): value is string => typeof value === 'string' && value.length <= 40;

/** The run of one batch, beside the board: one step at a time, in order. */
export function CookRoom() {
  useAwake();
  const { id = '' } = useParams();
  return <Sheet key={id} batchId={id} />;
}

function Sheet({ batchId }: { readonly batchId: string }) {
  const [me, setMe] = useKept('cook', isName);
  const { cook, problem, batch, query } = useCook(batchId, me ?? '');
  const printer = useKitchen()?.printer;
  const failed = batch.isError ? batch : query;
  return (
    <Page>
      <Asked of={{ ...failed, data: cook ?? undefined }} what={T.theRunSheet}>
        {(open) =>
          printer ? <Open batchId={batchId} cook={open} printer={printer} me={me ?? ''} onMe={setMe} /> : null
        }
      </Asked>
      {problem && <Problem>{problem}</Problem>}
    </Page>
  );
}

interface OpenProps {
  readonly batchId: string;
  readonly cook: Cook;
  readonly printer: Printer;
  readonly me: string;
  readonly onMe: (name: string | null) => void;
}

function Open({ batchId, cook, printer, me, onMe }: OpenProps) {
  const known = useKitchen();
  const cooks = known?.kitchen.cooks;
  const { now, sheet, changes, waiting, refusal, trays } = cook;
  const [first] = trays;
  return (
    <>
      <PageTitle of={[T.cook, cook.name]} />
      <TitleRow>
        <h1>{cook.name}</h1>
        <Soft as="span">
          {tableText(now.tableMs, Date.parse(cook.eatAt), sheet[0]?.startMs ?? now.tableMs, printer)}
        </Soft>
        <span className="grow" />
        {first && known && (
          <WhereFrom
            draft={first.draft}
            plan={() => first.plan}
            kitchen={known.kitchen}
            printer={printer}
            state={cook.state}
          />
        )}
        <Button $look="quiet" onPress={() => window.print()}>
          <PrinterIcon size={18} aria-hidden />
          {T.printRun}
        </Button>
        <Link to={`/bench/${batchId}/serve`}>{T.itsPlan}</Link>
      </TitleRow>
      <RunSheetPrint cook={cook} printer={printer} />
      <CookGrid>
        <div>
          {sheet.length === 0 ? (
            <Panel>
              <h2>{T.thereIsNothingToRun}</h2>
              <Soft>{T.thisPlanHasNoPiece}</Soft>
            </Panel>
          ) : now.current ? (
            <CurrentStep key={now.current.id} batchId={batchId} cook={cook} step={now.current} printer={printer} />
          ) : (
            <Panel>
              <h2>{T.allDone}</h2>
              <Soft>{now.taken.length > 0 ? T.whatIsLeftAnotherCook : T.everyStepIsDoneEnjoy}</Soft>
              {!sheet.some((step) => step.what === 'fry') && <FinishCooked batchId={batchId} />}
            </Panel>
          )}
          {changes.length > 0 && (
            <Panel aria-label={T.whatHasChanged}>
              <PanelTitle>{T.whatWasMeasuredHasMoved}</PanelTitle>
              <ul>
                {changes.map((change) => (
                  <li key={`${change.mark ?? ''} ${change.what}`}>{changeText(change, printer)}</li>
                ))}
              </ul>
            </Panel>
          )}
        </div>
        <div>
          {waiting > 0 && <Soft role="status">{T.keptHereUntilTheServer(waiting)}</Soft>}
          {refusal && <Problem>{refusal}</Problem>}
          <Coming cook={cook} printer={printer} me={me} />
          <Past cook={cook} printer={printer} />
          {/* One pair of hands has nobody to share the steps with. */}
          {cooks !== 1 && (
            <Panel>
              <NameField
                label={T.whoCooksAtThisDevice}
                value={me}
                whenEmpty={T.nobodyInParticular}
                onChange={(name) => onMe(name.trim() === '' ? null : name.slice(0, 40))}
              />
              <Soft>{T.withANameStepsCan}</Soft>
            </Panel>
          )}
        </div>
      </CookGrid>
    </>
  );
}

/** Nothing of it is fried: the batch is over when the cook says so. */
function FinishCooked({ batchId }: { readonly batchId: string }) {
  const navigate = useNavigate();
  const [finish, { error, isLoading }] = finishApi.useFinishCookedMutation();
  const end = async () => {
    const done = await finish(batchId);
    if ('data' in done && done.data) await navigate(`/ledger/${batchId}`);
  };
  return (
    <>
      <Button $look="primary" style={{ marginTop: 12 }} isDisabled={isLoading} onPress={() => void end()}>
        {T.intoLedger}
      </Button>
      {error && <Problem>{problemOf(error).message}</Problem>}
    </>
  );
}

/** What goes on by itself, and what comes. */
function Coming({ cook, printer, me }: Pick<OpenProps, 'cook' | 'printer' | 'me'>) {
  const { now, state, nowMs, tell, trays } = cook;
  return (
    <Panel aria-label={T.whatComes}>
      {now.background.length > 0 && (
        <>
          <PanelTitle>{T.goesOnByItself}</PanelTitle>
          <Steps aria-label={T.goesOnByItself}>
            {now.background.map(({ step, readyMs }) => (
              <li key={step.id}>
                <span>
                  {stepName(step, trays)}
                  <small>
                    {readyMs > nowMs
                      ? T.untilMore(printer.clock(readyMs), printer.span((readyMs - nowMs) / 1000))
                      : T.itsTimeIsOver}
                  </small>
                </span>
                <Button
                  aria-label={`Done: ${stepName(step, trays)}`}
                  onPress={() => tell({ kind: 'done', step: step.id })}
                >
                  {T.done}
                </Button>
              </li>
            ))}
          </Steps>
        </>
      )}
      <PanelTitle style={{ marginTop: now.background.length > 0 ? 10 : 0 }}>{T.next}</PanelTitle>
      <Steps aria-label={T.next}>
        {now.next.map((step) => {
          const { who } = stepState(state, step.id);
          const name = stepName(step, trays);
          return (
            <li key={step.id}>
              <span>
                {name}
                <small>
                  {T.plannedFor(
                    printer.span(step.durationS),
                    dayAndClock(step.startMs, Date.parse(cook.eatAt), printer),
                    who === '' ? '' : `, ${who}`,
                  )}
                </small>
              </span>
              {me !== '' && step.kind === 'hands' && (who === '' || who === me) && (
                <Button
                  $look="quiet"
                  aria-label={who === me ? T.giveBackNamed(name) : `Take: ${name}`}
                  onPress={() => tell({ kind: 'take', step: step.id, who: who === me ? '' : me })}
                >
                  {who === me ? T.giveBack : T.iTakeIt}
                </Button>
              )}
            </li>
          );
        })}
      </Steps>
      {now.next.length === 0 && <Soft>{T.nothingMore}</Soft>}
    </Panel>
  );
}

/** What is over, with what was measured; any of it can be opened again. */
function Past({ cook, printer }: Pick<OpenProps, 'cook' | 'printer'>) {
  const { sheet, state, tell, trays } = cook;
  const [all, setAll] = useState(false);
  const past = sheet
    .filter((step) => stepState(state, step.id).state !== 'open')
    .sort((a, b) => stepState(state, b.id).atMs! - stepState(state, a.id).atMs!);
  if (past.length === 0) return null;
  return (
    <Panel aria-label={T.whatIsOver}>
      <PanelTitle>{T.over}</PanelTitle>
      <Steps aria-label={T.over}>
        {(all ? past : past.slice(0, 2)).map((step) => {
          const { state: is, atMs, measured: told } = stepState(state, step.id);
          const measured = step.measures
            .map(({ what }) => (told[what] === undefined ? '' : `, ${measureText(what, told[what], printer)}`))
            .join('');
          return (
            <li key={step.id}>
              <span>
                {stepName(step, trays)}
                <small>{T.at(is === 'done' ? 'done' : 'skipped', printer.clock(atMs!), measured)}</small>
              </span>
              <Button
                $look="quiet"
                aria-label={T.goBackTo(stepName(step, trays))}
                onPress={() => tell({ kind: 'back', step: step.id })}
              >
                <Undo2 size={18} aria-hidden />
                {T.back}
              </Button>
            </li>
          );
        })}
      </Steps>
      {past.length > 2 && (
        <Button $look="quiet" style={{ padding: 0 }} onPress={() => setAll((on) => !on)}>
          {all ? T.fewer : T.all(past.length)}
        </Button>
      )}
    </Panel>
  );
}
