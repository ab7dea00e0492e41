import {
  type BatchSummary,
  type Evening,
  headsOf,
  servingsOf,
  type SupperEats,
  type SupperRow,
} from '@ember-fold/core';
import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import type { Printer } from '../text/printer';
import { eatsText, SUPPER as S } from '../text/supperPhrases';
import { STEP_NAME } from '../text/words';
import { ToneMark, toneColour } from '../ui/controls/Findings';
import { Figure, Panel, Soft } from '../ui/controls/Panel';

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
  readonly evening: Evening | null;
  readonly eats: SupperEats | null;
  readonly printer: Printer;
}

/** A supper at a glance: when, what begins it, who eats, how much there is. */
export function SupperFigures({ row: { supper }, batches, evening, eats, printer }: SupperFiguresProps) {
  const times = servingsOf(supper).map(({ at }) => Date.parse(at));
  const first = evening?.tasks[0] ?? null;
  const lastLiftMs = evening?.tasks.findLast(({ step }) => step === 'fry')?.endMs;
  const heads = headsOf(supper.guests);
  const pieces = batches.reduce((sum, batch) => sum + batch.pieces, 0);
  const told = eats && eatsText(eats, supper.each);
  return (
    <Strip>
      <One
        label={S.tableAt}
        figure={<Figure>{times.map((ms) => printer.clock(ms)).join(', ')}</Figure>}
        says={[printer.day(times[0]!), lastLiftMs && `${S.allUp.toLowerCase()} ${printer.clock(lastLiftMs)}`]
          .filter(Boolean)
          .join(', ')}
      />
      <One
        label={S.begin}
        figure={<Figure>{first ? `${printer.clock(first.startMs)} ${printer.day(first.startMs)}` : '–'}</Figure>}
        says={
          first
            ? S.beginSays(
                first.of?.own?.name ?? (first.step === 'change' ? S.change : STEP_NAME[first.step]),
                batches.find(({ id }) => id === first.batchId)?.name ?? supper.name,
              )
            : S.notYet
        }
      />
      <One
        label={S.everyone}
        figure={
          <Word $colour={told ? toneColour(told.tone) : null}>
            {told && <ToneMark tone={told.tone} size={22} />}
            {eats ? S.of(eats.fed, eats.heads) : '–'}
          </Word>
        }
        says={told ? told.says : heads === 0 ? S.nobody : S.notYet}
      />
      <One label={S.pieces} figure={<Figure>{pieces}</Figure>} says={heads > 0 ? S.aHead(pieces, heads) : ''} />
    </Strip>
  );
}
