import { STATION_NAME } from '#text/shell/stationWords';
import { BENCH as T } from '#text/bench/benchPhrases';
import { lazyPart } from '../ui/lazyPart';
import { WhereFrom } from '../ui/controls/list/WhereFrom';
import { Flame, Layers2, ListChecks, Redo2, Undo2 } from 'lucide-react';
import { batchPieces, marksOf, type TrayMark } from '@ember-fold/core/plan';
import { skipToken } from '@reduxjs/toolkit/query/react';
import { memo, Suspense, useEffect, useRef, useState } from 'react';
import { Link, Navigate, useParams, useSearchParams } from 'react-router';
import { styled } from 'styled-components';
import { api } from '../data/api/api';
import { figureFont, PHONE } from '../ui/theme';
import { draftLoaded, redone, trayOpened, undone } from '../data/draft/draftSlice';
import { keptHistory } from '../data/draft/draftHistory';
import { draftKind } from '../data/draft/savedKinds';
import { saver } from '../data/draft/saves';
import { minutePassed } from '../data/draft/hotPlan';
import { useAppDispatch, useAppSelector } from '../data/draft/store';
import { type Line, useLine } from '../data/draft/useLine';
import { Asked } from '../ui/controls/choice/Asked';
import { Button } from '../ui/controls/button/Button';
import { Page, PageTitle, TitleRow } from '../ui/layout/Page';
import { Panel, Problem, Soft } from '../ui/layout/Panel';
import { STATIONS } from '#text/bench/lineText';
import { TRAY } from '#text/bench/trayText';
import { FoldStation } from './fold/FoldStation';
import { warmPlans } from '../workers/planClient';
import { LineBar } from './LineBar';
import { SaveMark } from './SaveMark';
import { trayIn, useOpenTray } from './openTray';

// A batch opens on its fold; the other stations come when the page is idle, or when they are opened.
const loadDough = () => import('./dough/DoughStation').then((m) => ({ default: m.DoughStation }));
const loadFilling = () => import('./filling/FillingStation').then((m) => ({ default: m.FillingStation }));
const loadFry = () => import('./fry/FryStation').then((m) => ({ default: m.FryStation }));
const loadServe = () => import('./serve/ServeStation').then((m) => ({ default: m.ServeStation }));
const DoughStation = lazyPart(loadDough);
const FillingStation = lazyPart(loadFilling);
const FryStation = lazyPart(loadFry);
const ServeStation = lazyPart(loadServe);
const TrayBar = lazyPart(() => import('./TrayBar').then((m) => ({ default: m.TrayBar })));
const TraySheet = lazyPart(() => import('./TraySheet').then((m) => ({ default: m.TraySheet })));

/** Fetches the stations that are not open yet once the open one is shown, so that each opens at once. */
function useStationsReady(shown: boolean) {
  useEffect(warmPlans, []);
  useEffect(() => {
    if (!shown) return;
    const timer = setTimeout(() => {
      for (const load of [loadDough, loadFilling, loadFry, loadServe]) void load().catch(() => undefined);
    }, READY_AFTER_MS);
    return () => clearTimeout(timer);
  }, [shown]);
}
const READY_AFTER_MS = 1500;

const ToStove = styled(Link)`
  ${figureFont}
  display: inline-flex;
  align-items: center;
  gap: 6px;
  min-height: 44px;
  font-size: 16px;
  text-decoration: none;
`;

/** A long name gives way to what can be done with the batch. */
const Name = styled.h1`
  @media (min-width: 1121px) {
    max-width: 34%;
    overflow: hidden;
    white-space: nowrap;
    text-overflow: ellipsis;
  }
`;

/** On a phone the arrows say enough; the words stay for the screen reader. */
const Step = styled(Button)`
  ${PHONE} {
    width: 44px;
    padding: 0;
    span {
      position: absolute;
      width: 1px;
      height: 1px;
      overflow: hidden;
      clip-path: inset(50%);
    }
  }
`;

/** Loads a batch into the draft; what this browser had not yet handed over goes first. */
function useOpenDraft(id: string, mark: TrayMark | null) {
  const latest = useRef(mark);
  useEffect(() => {
    latest.current = mark;
  });
  const batch = api.useBatchQuery(id, { refetchOnMountOrArgChange: true });
  // What it says of its time is what the day plan of its supper says.
  api.useDayPlanQuery(batch.data?.draft.supper ?? skipToken);
  const openId = useAppSelector((state) => state.draft.batchId);
  const dispatch = useAppDispatch();
  const { data, isFetching } = batch;
  useEffect(() => {
    if (!data || data.id !== id || isFetching || openId === id) return;
    const draft = saver.open(`draft ${id}`, id, draftKind, { value: data.draft, version: data.version });
    dispatch(draftLoaded({ batchId: id, draft, mark: latest.current, ...keptHistory(id, draft) }));
  }, [data, id, isFetching, openId, dispatch]);
  useEffect(() => {
    if (openId === id) dispatch(trayOpened(mark));
  }, [openId, id, mark, dispatch]);
  return batch;
}

/** Ctrl or ⌘ with Z and Y, wherever the focus is: planning has one history. */
function useUndoKeys() {
  const dispatch = useAppDispatch();
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || event.altKey) return;
      const key = event.key.toLowerCase();
      const again = key === 'y' || (key === 'z' && event.shiftKey);
      if (key !== 'z' && !again) return;
      event.preventDefault();
      dispatch(again ? redone() : undone());
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [dispatch]);
}

interface StationProps {
  readonly station: string;
  readonly line: Line;
}

/** Stations that need no oil do not draw again when only the worker's half has arrived. */
const ColdStation = memo(
  function ColdStation({ station, line }: StationProps) {
    if (station === 'dough') return <DoughStation line={line} />;
    if (station === 'filling') return <FillingStation line={line} />;
    return <FoldStation line={line} />;
  },
  (a, b) =>
    a.station === b.station &&
    a.line.draft === b.line.draft &&
    a.line.kitchen === b.line.kitchen &&
    a.line.cold === b.line.cold,
);

const StationView = memo(function StationView({ station, line }: StationProps) {
  switch (station) {
    case 'fry':
      return <FryStation line={line} />;
    case 'serve':
      return <ServeStation line={line} />;
    default:
      return <ColdStation station={station} line={line} />;
  }
});

interface OpenProps {
  readonly batchId: string;
  readonly station: keyof typeof STATION_NAME;
  readonly line: NonNullable<ReturnType<typeof useLine>>;
  readonly frying: boolean;
}

/** What undoes and redoes, and the ways on from planning. */
const Ways = memo(function Ways({ batchId, frying }: Pick<OpenProps, 'batchId' | 'frying'>) {
  const dispatch = useAppDispatch();
  const canUndo = useAppSelector((state) => state.draft.past.length > 0);
  const canRedo = useAppSelector((state) => state.draft.future.length > 0);
  return (
    <>
      <SaveMark batchId={batchId} />
      <Step $look="quiet" isDisabled={!canUndo} onPress={() => dispatch(undone())}>
        <Undo2 size={18} aria-hidden />
        <span>{T.undo}</span>
      </Step>
      <Step $look="quiet" isDisabled={!canRedo} onPress={() => dispatch(redone())}>
        <Redo2 size={18} aria-hidden />
        <span>{T.redo}</span>
      </Step>
      <ToStove to={`/cook/${batchId}`}>
        <ListChecks size={18} aria-hidden />
        {T.cookIt}
      </ToStove>
      <ToStove to={`/stove/${batchId}`}>
        <Flame size={18} aria-hidden />
        {frying ? T.backToTheStove : T.fryThisBatch}
      </ToStove>
    </>
  );
});

/** The way to the batch's trays. */
function Trays({ line }: { readonly line: Line }) {
  const [isOpen, setOpen] = useState(false);
  const open = useOpenTray();
  return (
    <>
      <Step $look="quiet" onPress={() => setOpen(true)}>
        <Layers2 size={18} aria-hidden />
        <span>{TRAY.trays}</span>
      </Step>
      <Suspense fallback={null}>
        {isOpen && <TraySheet line={line} onOpen={open} onClose={() => setOpen(false)} />}
      </Suspense>
    </>
  );
}

/** The open batch: drawn again only when its line has changed. */
const OpenBatch = memo(function OpenBatch({ batchId, station, line: open, frying }: OpenProps) {
  const dispatch = useAppDispatch();
  return (
    <>
      <PageTitle of={[STATION_NAME[station], 'draft' in open ? open.draft.name : null]} />
      <TitleRow>
        <Name>{'draft' in open ? open.draft.name : T.thisBatch}</Name>
        {'draft' in open && (
          <Soft as="span">
            {T.piecesEatAt(
              batchPieces(open.batch),
              open.printer.clock(Date.parse(open.draft.eatAt)),
              open.printer.day(Date.parse(open.draft.eatAt)),
            )}
          </Soft>
        )}
        <span className="grow" />
        {'draft' in open && <WhereFrom {...open} plan={() => ({ ...open.cold, ...open.hot })} />}
        {'draft' in open && <Trays line={open} />}
        <Ways batchId={batchId} frying={frying} />
      </TitleRow>
      {'problem' in open ? (
        <Panel>
          <Problem>{open.problem}</Problem>
          <Button onPress={() => dispatch(undone())}>{T.undoTheLastChange}</Button>
        </Panel>
      ) : (
        <>
          {/* Of one tray there is nothing to choose. */}
          {marksOf(open.batch).length > 1 && (
            <Suspense fallback={<div style={{ height: 54 }} />}>
              <TrayBar line={open} />
            </Suspense>
          )}
          <LineBar batchId={batchId} line={open} />
          {frying && <Soft role="status">{T.thisBatchIsAtThe}</Soft>}
          {open.hotProblem && <Problem>{open.hotProblem}</Problem>}
          <Suspense fallback={<Soft role="status">{T.openingTheStation}</Soft>}>
            <StationView station={station} line={open} />
          </Suspense>
        </>
      )}
    </>
  );
});

/** One batch on the bench: the line, and the station that is open. */
export function BatchPage() {
  const { id = '', station } = useParams();
  const [search] = useSearchParams();
  const batch = useOpenDraft(id, trayIn(search));
  const line = useLine();
  const dispatch = useAppDispatch();
  const batchId = useAppSelector((state) => state.draft.batchId);
  useUndoKeys();
  useStationsReady(batchId === id && line !== null);
  useEffect(() => {
    const timer = setInterval(() => dispatch(minutePassed()), 60_000);
    return () => clearInterval(timer);
  }, [dispatch]);
  const known = STATIONS.find((one) => one === station);
  if (!known) return <Navigate to={`/bench/${id}/fold`} replace />;
  return (
    <Page>
      <Asked of={{ ...batch, data: batchId === id ? (line ?? undefined) : undefined }} what={T.theBatch}>
        {(open) => <OpenBatch batchId={id} station={known} line={open} frying={batch.data?.status === 'frying'} />}
      </Asked>
    </Page>
  );
}
