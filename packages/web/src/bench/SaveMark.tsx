import { styled } from 'styled-components';
import { api } from '../data/api';
import { conflictKept, draftLoaded } from '../data/draftSlice';
import { dropMirror } from '../data/draftMirror';
import { useAppDispatch, useAppSelector } from '../data/store';
import { Button } from '../ui/controls/Button';
import { SAVE_TEXT } from '../text/words';

const Mark = styled.span`
  font-size: 13px;
  color: ${({ theme }) => theme.soft};
  &[data-save='refused'],
  &[data-save='conflict'] {
    color: ${({ theme }) => theme.stop};
  }
`;

/** Whether the plan is safe on the server, and the way out when two windows disagree. */
export function SaveMark() {
  const { batchId, save, refusal } = useAppSelector((state) => state.draft);
  const dispatch = useAppDispatch();
  const [ask] = api.useLazyBatchQuery();
  const settle = async (keepMine: boolean) => {
    if (!batchId) return;
    const { data } = await ask(batchId);
    if (!data) return;
    if (keepMine) dispatch(conflictKept({ version: data.version }));
    else {
      dropMirror(batchId);
      dispatch(draftLoaded({ batchId, draft: data.draft, version: data.version, unsaved: false }));
    }
  };
  return (
    <>
      <Mark role="status" data-save={save}>
        {save === 'refused' && refusal ? refusal : SAVE_TEXT[save]}
      </Mark>
      {save === 'conflict' && (
        <>
          <Button onPress={() => void settle(true)}>Keep mine</Button>
          <Button onPress={() => void settle(false)}>Take theirs</Button>
        </>
      )}
    </>
  );
}
