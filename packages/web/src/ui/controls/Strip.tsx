import { styled } from 'styled-components';

/** What calls from elsewhere, under the bar of every room. */
export const Strip = styled.ul`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 10px;
  padding: 6px 22px;
`;

/** Timers and pots side by side where there is room for both. */
export const Strips = styled.div`
  display: flex;
  flex-wrap: wrap;
  background: ${({ theme }) => theme.panel};
  border-bottom: 1px solid ${({ theme }) => theme.line};
  &:empty {
    display: none;
  }
`;
