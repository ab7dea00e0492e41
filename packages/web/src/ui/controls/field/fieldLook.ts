import { css } from 'styled-components';
import { figureFont, FINE } from '../../theme';

/** A label over its field. */
export const labelOver = css`
  display: grid;
  gap: 4px;
  label,
  > span:first-child {
    font-size: 13px;
    color: ${({ theme }) => theme.soft};
  }
`;

/** The box a figure or a choice stands in; at least 44 px to touch, denser under a mouse. */
export const figureBox = css`
  ${figureFont}
  display: flex;
  align-items: center;
  min-height: 44px;
  border: 1px solid ${({ theme }) => theme.edge};
  border-radius: 8px;
  background: ${({ theme }) => theme.panel};
  ${FINE} {
    min-height: 38px;
  }
`;
