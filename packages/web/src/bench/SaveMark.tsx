import { styled } from 'styled-components';
import { useSave } from '../data/draft/useSave';
import { SAVE_TEXT } from '#text/shell/stationWords';

const Mark = styled.span`
  font-size: 13px;
  color: ${({ theme }) => theme.soft};
  &[data-save='refused'],
  &[data-save='conflict'] {
    color: ${({ theme }) => theme.stop};
  }
`;

/** Whether the plan is safe on the server. Where two devices disagree, the shell asks. */
export function SaveMark({ batchId }: { readonly batchId: string }) {
  const { state, problem } = useSave(`draft ${batchId}`);
  return (
    <Mark role="status" data-save={state}>
      {state === 'refused' && problem ? problem : SAVE_TEXT[state]}
    </Mark>
  );
}
