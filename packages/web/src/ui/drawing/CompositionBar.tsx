import { LATER } from '#text/shared/laterPhrases';
import { styled } from 'styled-components';

const Bar = styled.div`
  display: flex;
  height: 16px;
  overflow: hidden;
  border-radius: 6px;
  margin: 12px 0 4px;
  i {
    display: block;
    height: 100%;
  }
  i + i {
    border-left: 2px solid ${({ theme }) => theme.panel};
  }
`;

const Legend = styled.ul`
  display: flex;
  flex-wrap: wrap;
  gap: 2px 16px;
  font-size: 13px;
  color: ${({ theme }) => theme.soft};
  i {
    display: inline-block;
    width: 10px;
    height: 10px;
    margin-right: 6px;
    border-radius: 3px;
  }
`;

export interface CompositionPart {
  readonly name: string;
  readonly kg: number;
  readonly colour: string;
}

/** What a mass is made of, as one stacked bar with its legend. */
export function CompositionBar({
  parts,
  printMass,
}: {
  readonly parts: readonly CompositionPart[];
  readonly printMass: (kg: number) => string;
}) {
  const present = parts.filter((part) => part.kg > 0);
  return (
    <div>
      <Bar aria-hidden>
        {present.map((part) => (
          <i key={part.name} style={{ flexGrow: part.kg, background: part.colour }} />
        ))}
      </Bar>
      <Legend aria-label={LATER.madeOf}>
        {present.map((part) => (
          <li key={part.name}>
            <i style={{ background: part.colour }} aria-hidden />
            {part.name} {printMass(part.kg)}
          </li>
        ))}
      </Legend>
    </div>
  );
}
