import { styled } from 'styled-components';

/** One line over every room. */
export const Notice = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 14px;
  padding: 8px 22px;
  font-size: 14px;
  color: ${({ theme }) => theme.ink};
  background: ${({ theme }) => theme.panel};
  border-bottom: 2px solid ${({ theme }) => theme.lookOut};
  li {
    list-style: none;
  }
`;
