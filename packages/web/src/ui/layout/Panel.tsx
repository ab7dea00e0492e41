import { styled } from 'styled-components';
import { figureFont, FINE } from '../theme';

export const Panel = styled.section`
  background: ${({ theme }) => theme.panel};
  border-radius: 12px;
  padding: 14px 18px;
  min-width: 0;
`;

export const PanelTitle = styled.h2`
  ${figureFont}
  font-size: 17px;
  margin-bottom: 6px;
`;

/** One control or figure; hairlines between rows rather than boxes in boxes. */
export const Row = styled.div`
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 12px;
  min-height: 48px;
  border-top: 1px solid ${({ theme }) => theme.line};
  padding: 4px 0;
  ${FINE} {
    min-height: 42px;
    padding: 2px 0;
  }
`;

export const Soft = styled.p`
  color: ${({ theme }) => theme.soft};
  font-size: 13px;
`;

/** A big figure with its label above. */
export const Figure = styled.div`
  ${figureFont}
  font-size: 27px;
  line-height: 1.1;
`;

export const Problem = styled.p.attrs({ role: 'alert' })`
  color: ${({ theme }) => theme.stop};
  font-size: 14px;
`;
