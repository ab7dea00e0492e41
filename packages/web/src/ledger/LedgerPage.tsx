import { useParams } from 'react-router';
import { api } from '../app/api';
import { Asked } from '../controls/Asked';
import { Page } from '../controls/Page';
import { LedgerRecordView } from './LedgerRecordView';

/** One finished batch. */
export function LedgerPage() {
  const { id = '' } = useParams();
  const record = api.useRecordQuery(id, { refetchOnMountOrArgChange: true });
  return (
    <Page>
      <Asked of={record} what="the record">
        {(data) => <LedgerRecordView key={id} record={data} />}
      </Asked>
    </Page>
  );
}
