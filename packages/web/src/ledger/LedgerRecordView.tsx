import { LEDGER as T } from '#text/ledger/ledgerPhrases';
import { lazyPart } from '../ui/lazyPart';
import { cookAgain, type LedgerRecord, platesOf, type Proposal, withProposal } from '@ember-fold/core/ledger';
import { friedPieces, fryTrays, trayOf } from '@ember-fold/core/plan';
import { stoveState } from '@ember-fold/core/stove';
import { RotateCcw } from 'lucide-react';
import { Suspense, useMemo, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { styled } from 'styled-components';
import { api, problemOf } from '../data/api/api';
import { useKitchen } from '../data/draft/useLine';
import { Button } from '../ui/controls/button/Button';
import { PageTitle, TitleRow } from '../ui/layout/Page';
import { Tally } from '../ui/controls/list/Tally';
import { Panel, PanelTitle, Problem, Soft } from '../ui/layout/Panel';
import { COMPARE as C } from '#text/ledger/comparePhrases';
import { isJudged, LESSON as L, triedText } from '#text/ledger/lessonPhrases';
import { TEST } from '#text/bench/testPhrases';
import { trayName } from '#text/bench/trayText';
import { readingsTable } from '#text/store/csvTables';
import { READINGS } from '#text/store/filePhrases';
import { SaveAs } from '../ui/controls/button/SaveAs';
import { BackToStove } from './BackToStove';
import { LessonPanel } from './LessonPanel';
import { Looks } from './Looks';
import { Notes } from './Notes';
import { Outcome } from './Outcome';
import { DeleteRecord } from './DeleteRecord';
import { RecordTags } from './RecordTags';
import { SideBySide } from './SideBySide';
import { useLesson, useLooks, useWhole } from './useLooks';
import { MatteredPanel, WholePanel } from './WholePanel';

const ReadingsFile = lazyPart(() => import('./ReadingsFile').then((m) => ({ default: m.ReadingsFile })));
const OilChart = lazyPart(() => import('../ui/charts/OilChart').then((m) => ({ default: m.OilChart })));

const Grid = styled.div`
  display: grid;
  gap: 14px;
  grid-template-columns: minmax(0, 1fr) 400px;
  align-items: start;
  > div {
    display: grid;
    gap: 14px;
  }
  @media (max-width: 1000px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;

const Files = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-top: 10px;
`;

/** The trace starts this long before the first load: warming up says little. */
const LEAD_S = 240;

/** Tomorrow at the hour this one was meant for. */
function tomorrowAt(eatAt: string): string {
  const was = new Date(eatAt);
  const at = new Date();
  at.setDate(at.getDate() + 1);
  at.setHours(was.getHours(), was.getMinutes(), 0, 0);
  return at.toISOString();
}

/** Trace against the range, planned and happened, outcomes, notes, and the way to the next one. */
export function LedgerRecordView({ record }: { readonly record: LedgerRecord }) {
  const printer = useKitchen()?.printer;
  const navigate = useNavigate();
  const [make, making] = api.useMakeBatchFromMutation();
  const [againId] = useState(() => crypto.randomUUID());
  const { draft, figures, readings, acts } = record;
  const trace = useMemo(() => readings.map((r) => [r.atS, r.probeC] as const), [readings]);
  const state = useMemo(() => stoveState(acts, friedPieces(fryTrays(draft))), [acts, draft]);
  const { loadStartsS } = state;
  const { looks, judge, key: saved } = useLooks(record);
  const lesson = useLesson(record, looks);
  const whole = useWhole(record);
  const [isShown, setShown] = useState(false);
  const [isReading, setReading] = useState(false);
  // Nobody has judged it yet: that is asked before anything is shown, and stays where it is while it is answered.
  const [asksFirst] = useState(() => !record.trays.some(({ mark }) => isJudged(record.looks.looks.trays[mark])));
  if (!printer) return null;
  const again = async (proposal?: Proposal) => {
    const next = cookAgain(
      draft,
      Object.fromEntries(record.trays.map((one) => [one.mark, one.figures])),
      tomorrowAt(draft.eatAt),
    );
    const result = await make({ id: againId, draft: proposal ? withProposal(next, proposal, record.id) : next });
    if ('data' in result && result.data) await navigate(`/bench/${result.data.id}/fry`);
  };
  const { test } = draft;
  // Of a blind test nothing says which plate is which before both are judged.
  const plates = test?.blind && !isShown ? platesOf(test) : null;
  const isBlind = plates !== null && !plates.every((mark) => isJudged(looks.trays[mark]));
  const places = isBlind ? plates : record.trays.map(({ mark }) => mark);
  const asked = places.flatMap((mark) => record.trays.find((one) => one.mark === mark) ?? []);
  const asks = asked.map(({ mark, figures: of }, i) => (
    <Looks
      key={mark}
      title={isBlind ? TEST.howPlate(i + 1) : record.trays.length > 1 ? L.ofTray(trayName(trayOf(draft, mark))) : L.how}
      looks={looks.trays[mark] ?? {}}
      burst={of.burst}
      photo={{ recordId: record.id, mark, hasPhoto: record.photos.includes(mark) }}
      saved={saved}
      onJudge={(what) => judge(mark, what)}
    />
  ));
  return (
    <>
      <PageTitle of={[T.ledger, draft.name]} />
      <TitleRow>
        <h1>{draft.name}</h1>
        <Soft as="span">{`${printer.date(Date.parse(record.startedAt))}, ${printer.clock(Date.parse(record.startedAt))}`}</Soft>
        <span className="grow" />
        <Link to={`/ledger/compare?of=${record.id}`}>{C.compare}</Link>
        <Link to="/ledger">{T.allRecords}</Link>
        <BackToStove key={record.id} record={record} />
        <Button $look="primary" isDisabled={making.isLoading} onPress={() => void again()}>
          <RotateCcw size={17} aria-hidden />
          {T.cookAgainWithTheActual}
        </Button>
      </TitleRow>
      {making.error && <Problem>{problemOf(making.error).message}</Problem>}
      <Grid>
        <div>
          {asksFirst && asks}
          <Panel>
            <PanelTitle>{T.oilAgainstItsRange}</PanelTitle>
            {trace.length === 0 ? (
              <Soft>{T.noReadingWasTaken}</Soft>
            ) : (
              <Suspense fallback={<div style={{ height: 300 }} />}>
                <OilChart
                  trace={trace}
                  range={figures.range}
                  loadStartsS={loadStartsS}
                  printer={printer}
                  height={300}
                  fromS={Math.max(0, (loadStartsS[0] ?? 0) - LEAD_S)}
                  label={T.oilOverTimeAgainst(printer.temp(figures.range.least), printer.temp(figures.range.most))}
                />
              </Suspense>
            )}
            {record.isThinned && <Soft>{READINGS.thinned}</Soft>}
            {!isBlind && <Outcome record={record} printer={printer} />}
            <Files>
              <SaveAs of="record" id={record.id} name={draft.name} readings={() => readingsTable(record)} />
              <Button onPress={() => setReading(true)}>{READINGS.open}</Button>
            </Files>
            <Suspense fallback={null}>
              {isReading && <ReadingsFile record={record} printer={printer} onClose={() => setReading(false)} />}
            </Suspense>
          </Panel>
          {!asksFirst && asks}
          {whole && !isBlind && <WholePanel whole={whole} printer={printer} />}
          {isBlind ? (
            <Panel aria-label={L.sideBySide}>
              <Soft>{TEST.hidden}</Soft>
              <Button onPress={() => setShown(true)}>{TEST.reveal}</Button>
            </Panel>
          ) : (
            <SideBySide record={record} looks={looks} />
          )}
        </div>
        <div>
          {draft.trying && (
            <Panel aria-label={L.tried}>
              <PanelTitle>{L.tried}</PanelTitle>
              <p>{triedText(draft.trying, figures.burst, figures.fried + figures.burst)}</p>
              <Link to={`/ledger/${draft.trying.record}`}>{T.theOneBefore}</Link>
            </Panel>
          )}
          {!isBlind && (
            <LessonPanel
              record={record}
              looks={looks}
              lesson={lesson}
              printer={printer}
              isMaking={making.isLoading}
              onNext={(proposal) => void again(proposal)}
            />
          )}
          <Panel>
            <PanelTitle>{T.whatCameOut}</PanelTitle>
            <Tally
              counts={{
                [T.tallyOf.whole]: figures.fried,
                [T.tallyOf.burst]: figures.burst,
                ...(figures.aside > 0 && { [T.tallyOf.aside]: figures.aside }),
                [T.tallyOf.notFried]: figures.notFried,
                ...(figures.baked && { [T.tallyOf.baked]: figures.baked }),
                ...(figures.stored && { [T.tallyOf.stored]: figures.stored }),
              }}
            />
            {figures.burst > 0 && (
              <Soft>{`Burst: ${state.pieces
                .filter((p) => p.burst)
                .map((p) => T.after(p.number, printer.time((p.outS ?? p.droppedS) - p.droppedS)))
                .join(', ')}.`}</Soft>
            )}
            <Notes id={record.id} note={record.note} />
            <RecordTags id={record.id} tags={record.tags} />
            <DeleteRecord record={record} />
          </Panel>
          {/* Below what is typed into: it comes a moment later, and nothing moves for it. */}
          {whole && !isBlind && <MatteredPanel whole={whole} printer={printer} several={record.trays.length > 1} />}
        </div>
      </Grid>
    </>
  );
}
