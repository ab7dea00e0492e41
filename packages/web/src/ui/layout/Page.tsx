import { styled } from 'styled-components';
import { figureFont, PHONE } from '../theme';

/** A room's page: heading row, then content. */
export const Page = styled.div`
  max-width: 1600px;
  margin: 0 auto;
  padding: 14px 22px 16px;
  ${PHONE} {
    padding: 12px 12px 28px;
  }
  h1 {
    ${figureFont}
    font-size: 28px;
    line-height: 1.15;
  }
`;

export const TitleRow = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 16px;
  min-height: 44px;
  margin-bottom: 8px;
  > .grow {
    flex: 1;
  }
  ${PHONE} {
    > .grow {
      flex-basis: 100%;
      height: 0;
    }
  }
`;

/** Rows that are links: a list of batches. */
export const LinkList = styled.ul`
  display: grid;
  gap: 10px;
  li {
    position: relative;
    display: flex;
    align-items: center;
    border-radius: 12px;
    background: ${({ theme }) => theme.panel};
  }
  a {
    flex: 1;
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 4px 18px;
    min-height: 64px;
    padding: 14px 18px;
    color: inherit;
    text-decoration: none;
    border-radius: 12px;
  }
  strong {
    ${figureFont}
    font-size: 20px;
  }
  small {
    font-size: 14px;
    color: ${({ theme }) => theme.soft};
  }
`;

/** The page's title in the browser: where, of what, then the product. */
export function PageTitle({ of }: { readonly of: readonly (string | null | undefined)[] }) {
  return <title>{[...of.filter(Boolean), 'Ember Fold'].join(' · ')}</title>;
}
