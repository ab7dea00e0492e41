import { Button as AriaButton } from 'react-aria-components';
import { styled } from 'styled-components';
import { figureFont } from '../../theme';

type Look = 'primary' | 'plain' | 'quiet' | 'danger';

/** A button that says what happens. At least 44 px to touch. */
export const Button = styled(AriaButton)<{ $look?: Look }>`
  ${figureFont}
  min-height: 44px;
  padding: 0 16px;
  border-radius: 10px;
  border: 1px solid ${({ theme, $look = 'plain' }) => ($look === 'plain' ? theme.edge : 'transparent')};
  font-size: 16px;
  cursor: pointer;
  display: inline-flex;
  align-items: center;
  justify-content: center;
  gap: 8px;
  color: ${({ theme, $look = 'plain' }) =>
    $look === 'primary' || $look === 'danger' ? theme.onAccent : $look === 'quiet' ? theme.accentText : theme.ink};
  background: ${({ theme, $look = 'plain' }) =>
    $look === 'primary' ? theme.action : $look === 'danger' ? theme.danger : 'transparent'};
  transition: filter 120ms;
  &[data-hovered] {
    filter: brightness(0.94);
  }
  &[data-pressed] {
    filter: brightness(0.86);
  }
  &[data-disabled] {
    opacity: 0.5;
    cursor: default;
  }
`;
