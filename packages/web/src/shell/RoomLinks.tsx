import { SHELL as T } from '#text/shell/shellPhrases';
import { useEffect, useRef } from 'react';
import { NavLink, useLocation } from 'react-router';
import { styled } from 'styled-components';
import { ROOMS } from './rooms';
import { figureFont, PHONE } from '../ui/theme';

export const Rooms = styled.nav`
  display: flex;
  flex: 1;
  a {
    ${figureFont}
    font-weight: 580;
    font-stretch: 90%;
    display: flex;
    align-items: center;
    padding: 0 14px;
    font-size: 15px;
    color: ${({ theme }) => theme.barSoft};
    text-decoration: none;
    border-bottom: 4px solid transparent;
    border-top: 4px solid transparent;
  }
  ${PHONE} {
    min-width: 0;
    overflow-x: auto;
    a {
      padding: 0 4px;
      font-size: 14px;
    }
  }
  a[aria-current='page'] {
    color: ${({ theme }) => theme.barInk};
    border-bottom-color: ${({ theme }) => theme.accent};
  }
`;

export function RoomLinks() {
  const { pathname } = useLocation();
  const links = useRef<HTMLElement>(null);
  // On a phone the row is slid sideways: the room one is in is always in sight.
  useEffect(() => {
    links.current?.querySelector('[aria-current="page"]')?.scrollIntoView({ inline: 'nearest', block: 'nearest' });
  }, [pathname]);
  return (
    <Rooms ref={links} aria-label={T.rooms}>
      {ROOMS.map(({ path, name }) => (
        <NavLink key={path} to={`/${path}`}>
          {name}
        </NavLink>
      ))}
    </Rooms>
  );
}
