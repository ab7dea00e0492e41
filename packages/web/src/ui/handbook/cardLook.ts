import { Button, Popover } from 'react-aria-components';
import { styled } from 'styled-components';

/** A word that explains itself. */
export const Dotted = styled(Button)`
  padding: 0;
  border: 0;
  border-bottom: 1px dotted currentcolor;
  font: inherit;
  color: inherit;
  background: none;
  cursor: pointer;
`;

export const Card = styled(Popover)`
  max-width: min(320px, 92vw);
  padding: 12px 14px;
  border: 1px solid ${({ theme }) => theme.edge};
  border-radius: 10px;
  color: ${({ theme }) => theme.ink};
  background: ${({ theme }) => theme.panel};
  [role='dialog'] {
    outline: none;
  }
  p {
    margin: 4px 0 8px;
  }
`;

export const MoreLink = styled(Button)`
  min-height: 44px;
  padding: 0;
  border: 0;
  font: inherit;
  color: ${({ theme }) => theme.accentText};
  text-decoration: underline;
  background: none;
  cursor: pointer;
`;
