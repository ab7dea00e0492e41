import { type Stretch } from './stretches';
import { Day } from './Day';
import { SERVE as T } from '#text/bench/serve/servePhrases';
import { Fragment } from 'react';
import { PanelTitle } from '../../ui/layout/Panel';
import type { Printer } from '../../text/printer';

export function Timeline({
  stretches,
  printer,
}: {
  readonly stretches: readonly Stretch[];
  readonly printer: Printer;
}) {
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
