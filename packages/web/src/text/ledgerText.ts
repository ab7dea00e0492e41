import type { LedgerRecord } from '@ember-fold/core';
import { plain, type Printer } from './printer';
import { TURN_NAME } from './words';

interface LedgerRow {
  readonly name: string;
  readonly planned: string;
  readonly happened: string;
}

/** What was planned beside what happened. */
export function plannedAndHappened({ draft, figures, planned }: LedgerRecord, p: Printer): readonly LedgerRow[] {
  const temp = (c: number | null) => (c === null ? 'not measured' : p.temp(c));
  const range =
    figures.oilLeastC === null || figures.oilMostC === null
      ? ''
      : `, ${Math.round(p.degrees(figures.oilLeastC))} to ${p.temp(figures.oilMostC)}`;
  return [
    {
      name: 'Pieces',
      planned: String(draft.pieces),
      happened: `${figures.fried} whole, ${figures.burst} burst${figures.aside > 0 ? `, ${figures.aside} finished in the oven` : ''}`,
    },
    {
      name: 'Oil',
      planned: temp(draft.fry.oilC),
      happened: figures.oilMeanC === null ? 'not measured' : `${temp(figures.oilMeanC)} on average${range}`,
    },
    {
      name: 'In its band',
      planned: `${Math.round(p.degrees(figures.band.least))} to ${p.temp(figures.band.most)}`,
      happened: figures.inBandShare === null ? 'not measured' : `${p.percent(figures.inBandShare)} of the time`,
    },
    {
      name: 'In the oil',
      planned: planned.inOilS === null ? 'no moment' : p.time(planned.inOilS),
      happened: figures.meanInOilS === null ? 'none came out whole' : `${p.time(figures.meanInOilS)} on average`,
    },
    {
      name: 'Lots',
      planned:
        planned.lots === null ? 'none' : `${planned.lots} of ${planned.lotSize} in ${p.span(planned.fryingS ?? 0)}`,
      happened: `${figures.lots} in ${p.span(figures.fryingS)}`,
    },
    {
      name: 'Turned',
      planned:
        planned.turns === null ? TURN_NAME[draft.fry.turn] : `${planned.turns} times, ${TURN_NAME[draft.fry.turn]}`,
      happened: figures.turnsPerPiece === null ? 'not measured' : `${plain(figures.turnsPerPiece)} times each`,
    },
  ];
}
