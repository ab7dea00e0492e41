import { Row } from '../ui/layout/layout';
import { api } from '../data/api/api';
import { useSearchParams } from 'react-router';
import { STORE as T } from '#text/store/storePhrases';
import { MomentField } from '../ui/controls/field/MomentField';
import { Pick } from '../ui/controls/choice/Pick';

const KEYS = ['supper', 'batch', 'from', 'to'] as const;
const WEEK_MS = 7 * 86_400_000;

/** What is bought for, as the page's address says it: a supper, a batch, some days; nothing: all that is planned. */
export function useShoppingQuery(): string {
  const [params] = useSearchParams();
  const asked = new URLSearchParams(KEYS.flatMap((key) => (params.has(key) ? [[key, params.get(key)!]] : [])));
  return asked.toString();
}

/** Chooses what is bought for. */
export function ShoppingFor() {
  const [params, setParams] = useSearchParams();
  const { data: suppers = [] } = api.useSuppersQuery();
  const { data: batches = [] } = api.useBatchesQuery();
  const to = (next: Readonly<Record<string, string>>) => setParams(next, { replace: true });
  const [from, until] = [params.get('from'), params.get('to')];
  const now = params.has('supper')
    ? `supper ${params.get('supper')}`
    : params.has('batch')
      ? `batch ${params.get('batch')}`
      : from !== null && until !== null
        ? 'days'
        : 'all';
  const options = {
    all: T.forAll,
    days: T.forDays,
    ...Object.fromEntries(suppers.map(({ id, supper }) => [`supper ${id}`, supper.name])),
    ...Object.fromEntries(batches.map(({ id, name }) => [`batch ${id}`, name])),
  };
  const choose = (next: string) => {
    const [kind, id] = next.split(' ');
    if (kind === 'days') {
      const ms = new Date().setHours(0, 0, 0, 0);
      return to({ from: new Date(ms).toISOString(), to: new Date(ms + WEEK_MS).toISOString() });
    }
    return to(id === undefined ? {} : { [kind!]: id });
  };
  return (
    <Row $gap="8px 14px" $align="end">
      <Pick label={T.buyFor} value={now} options={options} onChange={choose} />
      {from !== null && until !== null && (
        <>
          <MomentField label={T.eatenFrom} value={from} onChange={(next) => to({ from: next, to: until })} />
          <MomentField label={T.eatenTo} value={until} onChange={(next) => to({ from, to: next })} />
        </>
      )}
    </Row>
  );
}
