import { styled } from 'styled-components';

const Scroll = styled.div`
  overflow-x: auto;
  table {
    border-collapse: collapse;
    min-width: 100%;
    font-size: 14px;
  }
  th,
  td {
    padding: 6px 12px 6px 0;
    text-align: left;
    vertical-align: top;
    border-top: 1px solid ${({ theme }) => theme.line};
  }
  thead th {
    border-top: 0;
    font-size: 13px;
    font-weight: 400;
    color: ${({ theme }) => theme.soft};
  }
`;

/** Rows under heads; the first cell of a row names it. May be wider than a phone: it scrolls by itself. */
export function Table({
  label,
  head,
  rows,
}: {
  readonly label: string;
  readonly head: readonly string[];
  readonly rows: readonly (readonly string[])[];
}) {
  return (
    <Scroll tabIndex={0} role="region" aria-label={label}>
      <table>
        <thead>
          <tr>
            {head.map((name) => (
              <th key={name} scope="col">
                {name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(([name, ...cells]) => (
            <tr key={name}>
              <th scope="row">{name}</th>
              {cells.map((cell, i) => (
                <td key={head[i + 1]}>{cell}</td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </Scroll>
  );
}
