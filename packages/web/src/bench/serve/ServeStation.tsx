import { Timeline } from './Timeline';
import { ownStretches, dayStretches } from './stretches';
import { SERVE as T } from '#text/bench/serve/servePhrases';
import { skipToken } from '@reduxjs/toolkit/query/react';
import { Suspense, useState } from 'react';
import { Link } from 'react-router';
import { styled } from 'styled-components';
import { FINE } from '../../ui/theme';
import { api } from '../../data/api/api';
import { useEdit } from '../../data/draft/useEdit';
import { selectSupperOf } from '../../data/draft/selectKitchen';
import { useAppSelector } from '../../data/draft/store';
import type { Line } from '../../data/draft/useLine';
import { hotFindingText } from '#text/bench/fry/hotFindingText';
import { Findings } from '../../ui/controls/list/Findings';
import { MomentField } from '../../ui/controls/field/MomentField';
import { NameField } from '../../ui/controls/field/NameField';
import { Figure, PanelTitle, Row, Soft } from '../../ui/layout/Panel';
import { Cautions } from '../../ui/controls/list/Cautions';
import { DEFERRAL } from '#text/shared/cautions';
import { ALLERGEN_NAME, DIET_NAME, MADE_AHEAD_NAME } from '#text/shared/words';
import { OWN } from '#text/bench/serve/ownStepPhrases';
import { Button } from '../../ui/controls/button/Button';
import { Pick } from '../../ui/controls/choice/Pick';
import { lazyPart } from '../../ui/lazyPart';
import { PiecesField } from '../PiecesField';
import { StationLayout } from '../StationLayout';
import { ForSupper } from './ForSupper';

const SaveBatch = lazyPart(() => import('./SaveBatch').then((m) => ({ default: m.SaveBatch })));
const OwnSteps = lazyPart(() => import('./OwnSteps').then((m) => ({ default: m.OwnSteps })));

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
  const { draft, printer, cold, hot, times } = line;
  const supper = useAppSelector((state) => selectSupperOf(state, line.batch.supper));
  const serve = times === 'known' ? (hot?.serve ?? null) : null;
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
            <Soft role="status">
              {times === 'coming'
                ? T.planningTheSupper
                : times === 'out-of-reach'
                  ? T.noPlanOfTheSupper
                  : hot
                    ? T.noPieceToFryYet
                    : T.computing}
            </Soft>
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
