import { styled } from 'styled-components';
import { PHONE } from '../ui/theme';

/** The one large step, and what comes beside it. */
export const CookGrid = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 380px;
  gap: 14px;
  align-items: start;
  > div {
    display: grid;
    gap: 14px;
  }
  ${PHONE} {
    grid-template-columns: minmax(0, 1fr);
  }
`;
