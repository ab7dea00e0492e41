import { STORE as T } from '#text/store/storePhrases';
import { NavLink, Outlet, useLocation } from 'react-router';
import { styled } from 'styled-components';
import { figureFont } from '../ui/theme';
import { Page, PageTitle, TitleRow } from '../ui/layout/Page';

const Parts = styled.nav`
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  a {
    ${figureFont}
    display: flex;
    align-items: center;
    min-height: 44px;
    padding: 0 12px;
    border-radius: 10px;
    font-size: 16px;
    color: ${({ theme }) => theme.ink};
    text-decoration: none;
  }
  a[aria-current='page'] {
    color: ${({ theme }) => theme.barInk};
    background: ${({ theme }) => theme.bar};
  }
`;

interface StoreRoomProps {
  /** Its parts, in the order they are listed. */
  readonly parts: readonly { readonly path: string; readonly name: string }[];
}

/** What the kitchen keeps: formulas, ingredients, what still has to be bought, oil, pots, guests, and the kitchen itself. */
export function StoreRoom({ parts }: StoreRoomProps) {
  const { pathname } = useLocation();
  const part = parts.find(({ path }) => path === pathname.split('/')[2]);
  return (
    <Page>
      <PageTitle of={[part?.name, T.store]} />
      <TitleRow>
        <h1>{T.store}</h1>
        <Parts aria-label={T.partsOfTheStore}>
          {parts.map(({ path, name }) => (
            <NavLink key={path} to={`/store/${path}`}>
              {name}
            </NavLink>
          ))}
        </Parts>
      </TitleRow>
      <Outlet />
    </Page>
  );
}
