import type { BatchSummary, SupperRow } from '@ember-fold/core/plan';
import { DAY_TONE, dayVerdict, headsOf, servingsOf, type SupperEats, type SupperDay } from '@ember-fold/core/supper';
import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import type { Printer } from '../text/printer';
import { eatsText, SUPPER as S } from '#text/table/supperPhrases';
import { cookName, decidesText, entryName, DAY_PLAN as E } from '#text/table/dayPlanPhrases';
import { ToneMark, toneColour } from '../ui/controls/list/Findings';
import { Figure, Panel, Soft } from '../ui/layout/Panel';

const Strip = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(150px, 1fr));
  gap: 12px;
  margin-bottom: 14px;
  section {
    padding: 10px 16px;
  }
`;

const Word = styled(Figure)<{ $colour: ReturnType<typeof toneColour> | null }>`
  display: flex;
  align-items: center;
  gap: 6px;
  svg {
    flex: none;
  }
  color: ${({ theme, $colour }) => ($colour ? theme[$colour] : 'inherit')};
`;

function One({ label, figure, says }: { readonly label: string; readonly figure: ReactNode; readonly says: string }) {
  return (
    <Panel aria-label={label}>
      <Soft>{label}</Soft>
      {figure}
      <Soft>{says}</Soft>
    </Panel>
  );
}

interface SupperFiguresProps {
  readonly row: SupperRow;
  readonly batches: readonly BatchSummary[];
  /** `null` until it is planned. */
  readonly told: SupperDay | null;
  readonly nowMs: number;
  readonly eats: SupperEats | null;
  readonly printer: Printer;
}

/** A supper at a glance: whether it holds, what begins it, who eats, how many hands it takes. */
export function SupperFigures({ row: { supper }, batches, told, eats, printer, nowMs }: SupperFiguresProps) {
  const times = servingsOf(supper).map(({ at }) => Date.parse(at));
  const dayPlan = told?.dayPlan ?? null;
  const first = dayPlan?.entries[0] ?? null;
  const heads = headsOf(supper.guests);
  const pieces = batches.reduce((sum, batch) => sum + batch.pieces, 0);
  const eaten = eats && eatsText(eats, supper.each);
  const verdict = dayPlan && dayVerdict(dayPlan);
  const tone = verdict && DAY_TONE[verdict];
  const spareS = first ? (first.startMs - nowMs) / 1000 : 0;
  const tables = times.map((ms) => printer.clock(ms)).join(', ');
  const waits = told === null && batches.length > 0 ? E.working : S.notYet;
  const notYet = told?.problem ? E.noPlan[told.problem] : waits;
  const decides = dayPlan ? decidesText(dayPlan) : notYet;
  const handsS = dayPlan?.cooks.reduce((sum, cook) => sum + cook.handsS, 0) ?? 0;
  return (
    <Strip>
      <One
        label={verdict ? E.verdict[verdict] : S.tableAt}
        figure={
          <Word $colour={tone && toneColour(tone)}>
            {tone && <ToneMark tone={tone} size={22} />}
            {!dayPlan
              ? tables
              : verdict === 'late'
                ? E.lateBy(printer.span(dayPlan.lateS))
                : dayPlan.allUpMs === null
                  ? E.tableAt(tables)
                  : E.allUp(printer.clock(dayPlan.allUpMs))}
          </Word>
        }
        says={[`${S.tableAt.toLowerCase()} ${tables}, ${printer.day(times[0]!)}`, decides].join('; ')}
      />
      <One
        label={told?.isBegun ? E.goesOn : S.begin}
        figure={<Figure>{first ? `${printer.clock(first.startMs)} ${printer.day(first.startMs)}` : '–'}</Figure>}
        says={
          first
            ? [
                S.beginSays(entryName(first), batches.find(({ id }) => id === first.batchId)?.name ?? supper.name),
                !told?.isBegun && spareS > 0 && spareS < 86_400 ? E.toSpare(printer.span(spareS)) : null,
              ]
                .filter(Boolean)
                .join('; ')
            : notYet
        }
      />
      <One
        label={S.everyone}
        figure={
          <Word $colour={eaten ? toneColour(eaten.tone) : null}>
            {eaten && <ToneMark tone={eaten.tone} size={22} />}
            {eats ? S.of(eats.fed, eats.heads) : '–'}
          </Word>
        }
        says={eaten ? eaten.says : heads === 0 ? S.nobody : notYet}
      />
      <One
        label={E.handsTitle}
        figure={<Figure>{dayPlan ? printer.span(handsS) : '–'}</Figure>}
        says={[
          dayPlan && told && told.cooks.length > 1
            ? told.cooks
                .map(
                  (cook, i) => `${cookName(cook, i, told.cooks.length)} ${printer.span(dayPlan.cooks[i]?.handsS ?? 0)}`,
                )
                .join(', ')
            : null,
          heads > 0
            ? `${pieces} ${S.pieces.toLowerCase()}, ${S.aHead(pieces, heads)}`
            : `${pieces} ${S.pieces.toLowerCase()}`,
        ]
          .filter(Boolean)
          .join('; ')}
      />
    </Strip>
  );
}
