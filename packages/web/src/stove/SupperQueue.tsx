import { STOVE_ROOM as T } from '#text/stove/stovePhrases';
import type { FryPlace } from '@ember-fold/core/stove';
import { styled } from 'styled-components';
import { useKitchen } from '../data/draft/useLine';
import { Panel, Soft } from '../ui/layout/Panel';
import { notForText } from '#text/store/oilText';

const Queue = styled.ol`
  li {
    padding: 6px 0;
    border-top: 1px solid ${({ theme }) => theme.line};
    font-size: 16px;
  }
`;

/** The rest of the supper in this oil, in the order that keeps allergies and diets safe. */
export function SupperQueue({ queue }: { readonly queue: readonly FryPlace[] }) {
  const known = useKitchen();
  if (queue.length === 0 || !known) return null;
  const { kitchen, printer } = known;
  return (
    <Panel aria-label={T.theRestOfTheSupper} style={{ paddingBlock: 10 }}>
      <Soft>{T.thenInThisOil}</Soft>
      <Queue aria-label={T.thenInThisOil}>
        {queue.map((place) => {
          const not = notForText(place, kitchen.guests ?? []);
          const wait = place.changeS > 60 ? T.untilTheOilIsThere(printer.span(place.changeS)) : '';
          return (
            <li key={place.job.id}>
              <strong>{place.job.name}</strong>
              <span>{` ${printer.temp(place.job.oilC)}${wait}.${not === '' ? '' : T.notFor(not)}`}</span>
            </li>
          );
        })}
      </Queue>
    </Panel>
  );
}
