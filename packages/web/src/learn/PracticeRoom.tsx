import { nextSituation, type PracticeSkill, practiceSkills } from '@ember-fold/core/stove';
import { Link } from 'react-router';
import { styled, useTheme } from 'styled-components';
import { usePracticeResults } from '../data/draft/practiceResults';
import { PRACTICE as T } from '#text/learn/practicePhrases';
import { LinkList, Page, PageTitle, TitleRow } from '../ui/layout/Page';
import { Panel, PanelTitle, Soft } from '../ui/layout/Panel';
import { figureFont } from '../ui/theme';

const Tiles = styled(LinkList)`
  grid-template-columns: repeat(auto-fill, minmax(min(300px, 100%), 1fr));
  a {
    flex-direction: column;
    gap: 6px;
    height: 100%;
  }
`;

const Next = styled(Link)`
  ${figureFont}
  display: inline-flex;
  align-items: center;
  min-height: 48px;
  font-size: 22px;
`;

/** Situations to practise, how each of them goes, and what is worth practising next. */
export function PracticeRoom() {
  const [results] = usePracticeResults();
  const next = nextSituation(results);
  return (
    <Page>
      <PageTitle of={[T.title]} />
      <TitleRow>
        <h1>{T.room}</h1>
        <Link to="/learn/eye-and-hand">{T.eyeAndHand}</Link>
        <Link to="/learn">{T.handbook}</Link>
      </TitleRow>
      <Panel style={{ marginBottom: 12 }}>
        <p>{T.says}</p>
        <Soft>{T.apart}</Soft>
        <p>
          <Next to={`/learn/practice/${next}`}>
            {T.nextIs}: {T.of(next).name}
          </Next>
        </p>
      </Panel>
      <PanelTitle>{T.situations}</PanelTitle>
      <Tiles>
        {practiceSkills(results).map((skill) => (
          <li key={skill.kind}>
            <Link to={`/learn/practice/${skill.kind}`}>
              <strong>{T.of(skill.kind).name}</strong>
              <Likely skill={skill} />
              <small>{T.tried(skill)}</small>
            </Link>
          </li>
        ))}
      </Tiles>
    </Page>
  );
}

/** The score to be expected, as a bar from least to most. */
function Likely({ skill: { kind, value, low, high } }: { readonly skill: PracticeSkill }) {
  const theme = useTheme();
  return (
    <svg
      viewBox="0 0 100 6"
      width="100%"
      height="10"
      preserveAspectRatio="none"
      role="img"
      aria-label={T.bar(T.of(kind).name, low, high)}
    >
      <rect y={2} width={100} height={2} fill={theme.line} />
      {value !== null && <rect x={low} width={Math.max(2, high - low)} height={6} fill={theme.know} />}
    </svg>
  );
}
