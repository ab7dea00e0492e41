import { LEDGER as T } from '#text/ledger/ledgerPhrases';
import { useParams } from 'react-router';
import { api } from '../data/api/api';
import { Asked } from '../ui/controls/choice/Asked';
import { Page } from '../ui/layout/Page';
import { LedgerRecordView } from './LedgerRecordView';

/** One finished batch. */
export function LedgerPage() {
  const { id = '' } = useParams();
  const record = api.useRecordQuery(id, { refetchOnMountOrArgChange: true });
  return (
    <Page>
      <Asked of={record} what={T.theRecord}>
        {(data) => <LedgerRecordView key={id} record={data} />}
      </Asked>
    </Page>
  );
}
