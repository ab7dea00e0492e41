import { Stack } from '../ui/layout/layout';
import { STOVE_ROOM as T } from '#text/stove/stovePhrases';
import type { BatchDraft } from '@ember-fold/core/plan';
import { Link } from 'react-router';
import { api } from '../data/api/api';
import { oilApi } from '../data/api/oilApi';
import { selectKitchenFor } from '../data/draft/selectKitchen';
import { useAppSelector } from '../data/draft/store';
import { Soft } from '../ui/layout/Panel';
import { potText } from '#text/stove/stoveWords';
import { listNames } from '../text/printer';
import { notForText } from '#text/store/oilText';

interface PlaceInSupperProps {
  readonly batchId: string;
  readonly draft: BatchDraft | null;
}

/** Which pot and oil it will be, whether that pot is free, and whether the order of the supper says something else first. */
export function PlaceInSupper({ batchId, draft }: PlaceInSupperProps) {
  const kitchen = useAppSelector((state) => selectKitchenFor(state, draft));
  const { data: lit = [] } = api.useStovesQuery();
  const { data: supper } = oilApi.useSupperOrderQuery(batchId, { refetchOnMountOrArgChange: true });
  if (!kitchen) return null;
  const pot = potText(kitchen.potName, kitchen.pot.diameterM);
  const busy = lit.find(({ potName, batchId: other }) => potName === (kitchen.potName ?? null) && other !== batchId);
  const places = supper?.order.places ?? [];
  const own = places.findIndex(({ job }) => job.id === batchId);
  // What is spoilt for somebody by frying this one now, before its turn.
  const spoilt = (supper?.after ?? []).filter((place) =>
    place.notFor.some(({ why }) => why === 'oil-allergen' || why === 'oil-diet'),
  );
  const before = places.slice(0, Math.max(0, own)).map(({ job }) => job.name);
  return (
    <Stack $gap={6} $bottom={12}>
      <p>{`In: ${pot}, ${kitchen.potOil ? kitchen.potOil.name : T.ofFreshOil}.`}</p>
      {busy && (
        <p role="note">
          <strong>{T.isInThisPotNow(busy.name)}</strong>
          {T.finishItFirstOrChoose} <Link to={`/bench/${batchId}/fry`}>{T.fryStation}</Link>
          {T.underLoads}
        </p>
      )}
      {before.length > 0 && <Soft>{T.byTheOrderOfThe(listNames(before))}</Soft>}
      {spoilt.map((place) => (
        <p key={place.job.id} role="note">
          <strong>{T.afterThisOneIsNot(place.job.name, notForText(place, kitchen.guests ?? []))}</strong>
        </p>
      ))}
    </Stack>
  );
}
