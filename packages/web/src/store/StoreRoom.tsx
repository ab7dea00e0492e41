import { NavLink, Outlet } from 'react-router';
import { styled } from 'styled-components';
import { figureFont } from '../ui/theme';
import { Page, TitleRow } from '../ui/controls/Page';

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

/** What the kitchen keeps: formulas, ingredients, what still has to be bought, oil, pots, guests, and the kitchen itself. */
export function StoreRoom() {
  return (
    <Page>
      <TitleRow>
        <h1>Store</h1>
        <Parts aria-label="Parts of the Store">
          <NavLink to="/store/formulas">Formulas</NavLink>
          <NavLink to="/store/ingredients">Ingredients</NavLink>
          <NavLink to="/store/shopping">Shopping</NavLink>
          <NavLink to="/store/oil">Oil and pots</NavLink>
          <NavLink to="/store/guests">Guests</NavLink>
          <NavLink to="/store/kitchen">Kitchen</NavLink>
        </Parts>
      </TitleRow>
      <Outlet />
    </Page>
  );
}
