import { styled } from 'styled-components';
import { figureFont } from '../../theme';

const List = styled.dl`
  display: flex;
  flex-wrap: wrap;
  gap: 8px 20px;
  margin: 6px 0 10px;
  div {
    display: flex;
    flex-direction: column-reverse;
  }
  dd {
    ${figureFont}
    font-size: 34px;
    line-height: 1;
  }
  dt {
    font-size: 14px;
    color: ${({ theme }) => theme.soft};
  }
`;

/** Counts side by side, each over its word. */
export function Tally({ counts }: { readonly counts: Readonly<Record<string, number>> }) {
  return (
    <List>
      {Object.entries(counts).map(([word, count]) => (
        <div key={word}>
          <dt>{word}</dt>
          <dd>{count}</dd>
        </div>
      ))}
    </List>
  );
}
