import { FRY as T } from '#text/bench/fry/fryPhrases';
import type { SupperOrder } from '@ember-fold/core/ledger';
import { Link, useParams } from 'react-router';
import { styled } from 'styled-components';
import { selectSupperOf } from '../../data/draft/selectKitchen';
import { useAppSelector } from '../../data/draft/store';
import { oilApi } from '../../data/api/oilApi';
import type { Line } from '../../data/draft/useLine';
import { Asked } from '../../ui/controls/choice/Asked';
import { Soft } from '../../ui/layout/Panel';
import { notForText, oilCarriesText, ownOilText } from '#text/store/oilText';

const Order = styled.ol`
  margin-top: 8px;
  counter-reset: place;
  li {
    display: grid;
    grid-template-columns: 32px 1fr auto;
    gap: 2px 8px;
    padding: 8px 0;
    border-top: 1px solid ${({ theme }) => theme.line};
    counter-increment: place;
  }
  li::before {
    content: counter(place);
    font-weight: 700;
  }
  li > p {
    grid-column: 2 / -1;
    font-size: 14px;
  }
  li > p[data-not] {
    color: ${({ theme }) => theme.stop};
  }
`;

/** The supper's batches in the order in which they share the oil, and whom each is not for. */
export function PotOrder({ line }: { readonly line: Line }) {
  const { id = '' } = useParams();
  const asked = oilApi.useSupperOrderQuery(id, { refetchOnMountOrArgChange: true });
  return (
    <Asked of={asked} what={T.theOrder}>
      {(supper) => <Places supper={supper} line={line} />}
    </Asked>
  );
}

function Places({ supper: { order, left }, line }: { readonly supper: SupperOrder; readonly line: Line }) {
  const { batch, kitchen, printer } = line;
  const guests = kitchen.guests ?? [];
  const row = useAppSelector((state) => selectSupperOf(state, batch.supper));
  return (
    <>
      <Soft>{kitchen.potOil ? T.theIn(kitchen.potOil.name, oilCarriesText(kitchen.potOil)) : T.inFreshOilAsNo}</Soft>
      <Order aria-label={T.orderAtThePot}>
        {order.places.map((place) => {
          const not = notForText(place, guests);
          return (
            <li key={place.job.id}>
              <strong>{place.job.name}</strong>
              <span>{`${printer.temp(place.job.oilC)}, ${printer.span(place.job.totalS)}`}</span>
              <p>{place.changeS > 60 ? T.firstUntilTheOilIs(printer.span(place.changeS)) : T.straightOn}</p>
              {not !== '' && <p data-not>{T.notFor(not)}</p>}
            </li>
          );
        })}
      </Order>
      <p>{T.atThePotInAll(printer.span(order.totalS))}</p>
      {order.ownOilFor.map(({ guestId, jobIds }) => (
        <p key={guestId} style={{ marginTop: 6 }}>
          {ownOilText(guestId, jobIds.length, guests)}
        </p>
      ))}
      {left.length > 0 && <p>{T.notFriedAsPlannedSo(left.join(', '))}</p>}
      <Soft style={{ marginTop: 8 }}>
        {T.neverServeFromSharedOil}{' '}
        {row ? <Link to={`/table/${row.id}`}>{row.supper.name}</Link> : <Link to="/store/guests">{T.storeGuests}</Link>}
        {T.localFoodRulesAndWhat}
      </Soft>
    </>
  );
}
