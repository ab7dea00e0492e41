import { styled } from 'styled-components';

/** Ways to choose from: what each is, and at its end the button that takes it. */
export const WayList = styled.ul`
  margin-top: 8px;
  li {
    display: flex;
    align-items: center;
    gap: 12px;
    min-height: 56px;
    padding: 6px 0;
    border-top: 1px solid ${({ theme }) => theme.line};
  }
  div {
    flex: 1;
  }
`;
