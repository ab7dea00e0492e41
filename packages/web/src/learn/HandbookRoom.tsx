import { useMemo, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { styled } from 'styled-components';
import { useKitchen } from '../data/draft/useLine';
import { CHAPTERS, HANDBOOK as T, openSearch, pageOf } from '#text/learn/handbook/handbook';
import { DRILL } from '#text/learn/drillPhrases';
import { PRACTICE } from '#text/learn/practicePhrases';
import { TERMS } from '#text/learn/handbook/terms';
import { Button } from '../ui/controls/button/Button';
import { FilterField } from '../ui/controls/field/FilterField';
import { Page, PageTitle, TitleRow } from '../ui/layout/Page';
import { Panel, PanelTitle, Soft } from '../ui/layout/Panel';
import { Article } from '../ui/handbook/Article';
import { figureFont, PHONE } from '../ui/theme';

const Sides = styled.div`
  display: grid;
  grid-template-columns: minmax(240px, 320px) minmax(0, 1fr);
  align-items: start;
  gap: 14px;
  ${PHONE} {
    grid-template-columns: minmax(0, 1fr);
  }
`;

const Field = styled.div`
  flex: 1;
  max-width: 460px;
`;

/** On a phone the open page stands before the list of all. */
const Chapters = styled(Panel)<{ $isAfter: boolean }>`
  ${PHONE} {
    order: ${({ $isAfter }) => ($isAfter ? 1 : 0)};
  }
`;

const List = styled.ul`
  a {
    ${figureFont}
    display: flex;
    align-items: center;
    min-height: 44px;
    padding: 4px 8px;
    border-radius: 8px;
    font-size: 16px;
    color: ${({ theme }) => theme.ink};
    text-decoration: none;
  }
  a[aria-current='page'] {
    background: ${({ theme }) => theme.well};
  }
`;

const Words = styled.dl`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(260px, 100%), 1fr));
  gap: 10px 18px;
  dt {
    font-weight: 600;
  }
`;

/** The handbook: chapters, a search that forgives, and the page that is open. */
export function HandbookRoom() {
  const { page: asked = '' } = useParams();
  const go = useNavigate();
  const known = useKitchen();
  const [text, setText] = useState('');
  const asPrinted = known?.printer;
  const search = useMemo(() => asPrinted && openSearch(asPrinted), [asPrinted]);
  if (!known || !search) return null;
  const { printer, kitchen } = known;
  const found = text.trim() === '' ? null : search(text).slice(0, 12);
  const page = pageOf(asked);
  return (
    <Page>
      <PageTitle of={[page?.title, T.title]} />
      <TitleRow>
        <h1>{T.title}</h1>
        <Field>
          <FilterField label={T.search} value={text} onChange={setText} />
        </Field>
        <Link to="/learn/practice">{PRACTICE.room}</Link>
        <Link to="/learn/eye-and-hand">{DRILL.practise}</Link>
        {page && <Button onPress={() => window.print()}>{T.print}</Button>}
      </TitleRow>
      <Sides>
        <Chapters as="nav" aria-label={T.chapters} $isAfter={page !== null && found === null}>
          {found ? (
            <>
              <p role="status">{found.length === 0 ? T.nothing : T.found(found.length)}</p>
              <List>
                {found.map(({ page: id, title, says }) => (
                  <li key={`${id} ${title}`}>
                    <Link to={`/learn/${id}`}>{title}</Link>
                    {says && <Soft>{says}</Soft>}
                  </li>
                ))}
              </List>
            </>
          ) : (
            CHAPTERS.map(({ title, pages }) => (
              <section key={title}>
                <PanelTitle>{title}</PanelTitle>
                <List>
                  {pages.map(({ id, title: name }) => (
                    <li key={id}>
                      <Link to={`/learn/${id}`} aria-current={id === asked ? 'page' : undefined}>
                        {name}
                      </Link>
                    </li>
                  ))}
                </List>
              </section>
            ))
          )}
        </Chapters>
        <Panel>
          {page ? (
            <Article page={page} printer={printer} kitchen={kitchen} onPage={(id) => void go(`/learn/${id}`)} />
          ) : asked !== '' ? (
            <p>{T.noPage}</p>
          ) : (
            <>
              <PanelTitle>{T.words}</PanelTitle>
              <Words>
                {TERMS.map(({ id, name, says, page: of }) => (
                  <div key={id}>
                    <dt>
                      <Link to={`/learn/${of}`}>{name}</Link>
                    </dt>
                    <dd>{says}</dd>
                  </div>
                ))}
              </Words>
            </>
          )}
        </Panel>
      </Sides>
    </Page>
  );
}
