import { COPIES } from '../text/en/store/copyPhrases';
import { FILES } from '../text/en/store/filePhrases';
import { HOME } from '../text/en/store/homePhrases';
import { LEARNT } from '../text/en/store/learntPhrases';
import { STORE as T } from '../text/en/store/storePhrases';
import { NavLink, Outlet, useLocation } from 'react-router';
import { styled } from 'styled-components';
import { figureFont } from '../ui/theme';
import { Page, PageTitle, TitleRow } from '../ui/controls/Page';

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

const PART_NAME = {
  formulas: T.formulas,
  ingredients: T.ingredients,
  freezer: T.stored,
  shopping: T.shopping,
  oil: T.oilAndPots,
  guests: T.guests,
  learnt: LEARNT.title,
  kitchen: T.kitchen,
  files: FILES.title,
  copies: COPIES.title,
  phones: HOME.title,
} as const;

/** What the kitchen keeps: formulas, ingredients, what still has to be bought, oil, pots, guests, and the kitchen itself. */
export function StoreRoom() {
  const part = useLocation().pathname.split('/')[2] as keyof typeof PART_NAME | undefined;
  return (
    <Page>
      <PageTitle of={[part && PART_NAME[part], T.store]} />
      <TitleRow>
        <h1>{T.store}</h1>
        <Parts aria-label={T.partsOfTheStore}>
          {Object.entries(PART_NAME).map(([one, name]) => (
            <NavLink key={one} to={`/store/${one}`}>
              {name}
            </NavLink>
          ))}
        </Parts>
      </TitleRow>
      <Outlet />
    </Page>
  );
}
