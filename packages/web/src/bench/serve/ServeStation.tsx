import { SERVE as T } from '#text/bench/serve/servePhrases';
import type { BatchDraft } from '@ember-fold/core/plan';
import type { ChainStep, DayPlan, DayEntry } from '@ember-fold/core/supper';
import { skipToken } from '@reduxjs/toolkit/query/react';
import { Fragment, Suspense, useState } from 'react';
import { Link } from 'react-router';
import { styled } from 'styled-components';
import { figureFont, FINE } from '../../ui/theme';
import { api } from '../../data/api/api';
import { useEdit } from '../../data/draft/useEdit';
import { selectSupperOf } from '../../data/draft/selectKitchen';
import { useAppSelector } from '../../data/draft/store';
import type { Line } from '../../data/draft/useLine';
import { entryName, stepInDay } from '#text/table/dayPlanPhrases';
import { hotFindingText } from '#text/bench/fry/hotFindingText';
import { Findings } from '../../ui/controls/list/Findings';
import { MomentField } from '../../ui/controls/field/MomentField';
import { NameField } from '../../ui/controls/field/NameField';
import { Figure, PanelTitle, Row, Soft } from '../../ui/layout/Panel';
import { Cautions } from '../../ui/controls/list/Cautions';
import { DEFERRAL } from '#text/shared/cautions';
import { ALLERGEN_NAME, DIET_NAME, MADE_AHEAD_NAME, STEP_NAME } from '#text/shared/words';
import type { Printer } from '../../text/printer';
import { fillingName, trayNames } from '#text/bench/trayText';
import { TRAY_SHEET } from '#text/bench/traySheetPhrases';
import { OWN } from '#text/bench/serve/ownStepPhrases';
import { Button } from '../../ui/controls/button/Button';
import { Pick } from '../../ui/controls/choice/Pick';
import { lazyPart } from '../../ui/lazyPart';
import { PiecesField } from '../PiecesField';
import { StationLayout } from '../StationLayout';
import { ForSupper } from './ForSupper';

const SaveBatch = lazyPart(() => import('./SaveBatch').then((m) => ({ default: m.SaveBatch })));
const OwnSteps = lazyPart(() => import('./OwnSteps').then((m) => ({ default: m.OwnSteps })));

const Chain = styled.ol`
  li {
    display: grid;
    grid-template-columns: 64px 168px minmax(0, 1fr);
    align-items: center;
    gap: 10px;
    min-height: 46px;
    border-top: 1px solid ${({ theme }) => theme.line};
  }
  time {
    ${figureFont}
    font-size: 19px;
  }
  small {
    display: block;
    font-size: 13px;
    color: ${({ theme }) => theme.soft};
  }
  @media (max-width: 480px) {
    li {
      grid-template-columns: 58px minmax(0, 1fr);
    }
    .track {
      grid-column: 1 / -1;
      margin-bottom: 8px;
    }
  }
`;

const Track = styled.div`
  position: relative;
  height: 16px;
  border-radius: 8px;
  background: ${({ theme }) => theme.well};
  i {
    position: absolute;
    top: 0;
    bottom: 0;
    min-width: 4px;
    border-radius: 8px;
  }
  i[data-kind='hands'] {
    background: ${({ theme }) => theme.action};
  }
  i[data-kind='passive'] {
    background: repeating-linear-gradient(
      -45deg,
      ${({ theme }) => theme.know} 0 5px,
      ${({ theme }) => theme.well} 5px 8px
    );
  }
`;

const Head = styled.div`
  display: flex;
  align-items: baseline;
  justify-content: space-between;
  button {
    margin-block: -10px;
    padding: 0;
  }
`;

const Whose = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: 6px 14px;
  margin-bottom: 10px;
  > button:last-child {
    margin-left: auto;
  }
  ${FINE} {
    > button:last-child {
      min-height: 38px;
    }
  }
`;

/** A task as it is listed. */
interface Stretch {
  readonly key: string;
  readonly name: string;
  readonly kind: ChainStep['kind'];
  readonly startMs: number;
  readonly endMs: number;
}

/** The batch's own way to the table. */
function ownStretches(steps: readonly ChainStep[], batch: BatchDraft): Stretch[] {
  const names = trayNames(batch);
  return steps.map(({ id, mark, portion: load, own, kind, startMs, endMs }) => {
    const isFilling = id === 'filling' || id === 'cool';
    const of = mark === undefined ? '' : isFilling ? fillingName(batch, mark) : names.get(mark);
    const named = own ? own.name : of ? `${STEP_NAME[id]}, ${of}` : STEP_NAME[id];
    const name = own || load === undefined ? named : TRAY_SHEET.load(named, load);
    return { key: `${id} ${own?.id ?? ''} ${mark ?? ''} ${load ?? ''}`, name, kind, startMs, endMs };
  });
}

/** The same in the day plan of its supper. */
function dayStretches({ entries, rests }: DayPlan, batchId: string): Stretch[] {
  const of = (one: { readonly batchId: string | null }) => one.batchId === batchId;
  const isTable = (entry: DayEntry) => entry.id.startsWith('table ');
  const work = entries.flatMap((entry): Stretch[] => {
    if (isTable(entry)) return [{ ...entry, key: entry.id, name: entryName(entry), kind: 'hands' }];
    if (entry.pot === null) return entry.batchId === batchId ? [stretchOf(entry, entryName(entry))] : [];
    return entry.steps
      .filter((step) => of(step) && step.lengthS > 0)
      .map((step) => stretchOf({ ...step, id: step.what, cook: 0 }, stepInDay(step)));
  });
  const alone = rests
    .filter((rest) => of(rest) && rest.endMs > rest.startMs)
    .map(({ step, startMs, endMs }): Stretch => {
      const name = stepInDay({ batchId, what: step.what, step, fromS: 0, lengthS: 0, startMs, endMs });
      return { key: step.id, name, kind: 'passive', startMs, endMs };
    });
  return [...work, ...alone].sort((a, b) => a.startMs - b.startMs);
}

const stretchOf = (
  { id, cook, startMs, endMs }: Pick<DayEntry, 'id' | 'cook' | 'startMs' | 'endMs'>,
  name: string,
): Stretch => ({ key: id, name, kind: cook === null ? 'passive' : 'hands', startMs, endMs });

function Timeline({ stretches, printer }: { readonly stretches: readonly Stretch[]; readonly printer: Printer }) {
  const days = [...new Set(stretches.map(({ startMs }) => printer.day(startMs)))];
  return (
    <>
      {days.map((day) => {
        const own = stretches.filter(({ startMs }) => printer.day(startMs) === day);
        return (
          <Fragment key={day}>
            {days.length > 1 && <PanelTitle as="h3">{day}</PanelTitle>}
            <Day label={days.length > 1 ? T.stepsOn(day) : T.steps} steps={own} printer={printer} />
          </Fragment>
        );
      })}
    </>
  );
}

interface DayProps {
  readonly label: string;
  readonly steps: readonly Stretch[];
  readonly printer: Printer;
}

/** What is done on one day, each task where it lies in that day's work. */
function Day({ label, steps, printer }: DayProps) {
  const from = steps[0]!.startMs;
  const to = steps.reduce((most, step) => Math.max(most, step.endMs), from + 1);
  const at = (ms: number) => `${(100 * (ms - from)) / (to - from)}%`;
  return (
    <Chain aria-label={label}>
      {steps.map((step) => (
        <li key={step.key}>
          <time dateTime={new Date(step.startMs).toISOString()}>{printer.clock(step.startMs)}</time>
          <span>
            {step.name}
            <small>{`${printer.span((step.endMs - step.startMs) / 1000)}, ${step.kind === 'hands' ? 'hands' : T.byItself}`}</small>
          </span>
          <Track className="track" aria-hidden>
            <i
              data-kind={step.kind}
              style={{ left: at(step.startMs), width: `${(100 * (step.endMs - step.startMs)) / (to - from)}%` }}
            />
          </Track>
        </li>
      ))}
    </Chain>
  );
}

/** How much of the batch is made on an earlier day. */
function Ahead({ line: { draft } }: { readonly line: Line }) {
  const edit = useEdit();
  const { ahead } = draft.dough;
  const now = ahead ? (`${ahead.upTo}-${ahead.days}` as keyof typeof MADE_AHEAD_NAME) : 'none';
  return (
    <Pick<keyof typeof MADE_AHEAD_NAME>
      label={T.madeAhead}
      value={now}
      options={MADE_AHEAD_NAME}
      onChange={(choice) =>
        edit('dough.ahead', (d) => {
          const { ahead: _before, ...rest } = d.dough;
          const [upTo, days] = choice.split('-') as ['dough' | 'pieces', string];
          return { ...d, dough: choice === 'none' ? rest : { ...rest, ahead: { days: Number(days), upTo } } };
        })
      }
    />
  );
}

/** Back from the eating time; who may eat it; the cautions. */
export function ServeStation({ line }: { readonly line: Line }) {
  const edit = useEdit();
  const [own, setOwn] = useState(false);
  const { draft, printer, cold, hot } = line;
  const supper = useAppSelector((state) => selectSupperOf(state, line.batch.supper));
  const serve = hot?.serve ?? null;
  const batchId = useAppSelector((state) => state.draft.batchId);
  const dayPlan = api.useDayPlanQuery(line.batch.supper ?? skipToken).data?.dayPlan ?? null;
  const stretches =
    batchId !== null && dayPlan?.batches.some((one) => one.batchId === batchId)
      ? dayStretches(dayPlan, batchId)
      : ownStretches(serve?.steps ?? [], line.batch);
  const { allergens, diet } = cold.contains;
  return (
    <StationLayout
      wideFindings
      controls={
        <>
          <Head>
            <PanelTitle>{T.serve}</PanelTitle>
            {supper && <Link to={`/table/${supper.id}`}>{supper.supper.name}</Link>}
          </Head>
          <MomentField
            label={T.eatAtLabel}
            value={draft.eatAt}
            onChange={(eatAt) => edit('eatAt', (d) => ({ ...d, eatAt }))}
          />
          <PiecesField pieces={draft.pieces} />
          <div style={{ margin: '4px 0 10px' }}>
            <Ahead line={line} />
          </div>
          <NameField
            label={T.nameOfTheBatch}
            value={draft.name}
            onChange={(name) => edit('name', (d) => ({ ...d, name }))}
          />
          <Row style={{ marginTop: 10 }}>
            <span>{T.contains}</span>
            <strong>{allergens.map((a) => ALLERGEN_NAME[a]).join(', ') || T.noneOfTheUsualAllergens}</strong>
          </Row>
          <Row>
            <span>{T.fits}</span>
            <strong>{DIET_NAME[diet]}</strong>
          </Row>
          <Soft>{T.readEveryLabelOilThat}</Soft>
          <Soft style={{ marginTop: 10 }}>{DEFERRAL}</Soft>
        </>
      }
      drawing={
        <>
          <Head>
            <PanelTitle>{T.backFromTheTable}</PanelTitle>
            <Button $look="quiet" onPress={() => setOwn(true)}>
              {OWN.title}
            </Button>
          </Head>
          <Whose>
            <ForSupper batch={line.batch} printer={printer} />
            <Suspense fallback={null}>{batchId !== null && <SaveBatch line={line} id={batchId} />}</Suspense>
          </Whose>
          <Suspense fallback={null}>{own && <OwnSteps line={line} onClose={() => setOwn(false)} />}</Suspense>
          {serve ? (
            <Timeline stretches={stretches} printer={printer} />
          ) : (
            <Soft>{hot ? T.noPieceToFryYet : 'Computing…'}</Soft>
          )}
        </>
      }
      findings={
        <>
          <Soft>{T.start}</Soft>
          <Figure>{serve ? `${printer.clock(serve.startMs)} ${printer.day(serve.startMs)}` : '–'}</Figure>
          {serve && <Findings findings={serve.findings} printer={printer} say={hotFindingText} />}
          <Cautions printer={printer} beside />
        </>
      }
    />
  );
}
