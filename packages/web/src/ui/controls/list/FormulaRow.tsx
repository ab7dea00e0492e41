import { LATER } from '#text/shared/laterPhrases';
import { RANGES } from '@ember-fold/core/plan';
import { Repeat2, X } from 'lucide-react';
import { memo } from 'react';
import { styled } from 'styled-components';
import { PHONE } from '../../theme';
import { usePantry } from '../../../data/draft/useLine';
import { plain, type Printer } from '../../../text/printer';
import { Button } from '../button/Button';
import { MeasureField, PercentField } from '../field/MoreFields';

/** Reads as the name it is; opens what may stand in for it. */
const Name = styled(Button)`
  && {
    width: auto;
    padding: 0;
    border: 0;
    font: inherit;
    text-align: left;
    justify-content: flex-start;
    color: inherit;
  }
  svg {
    flex: none;
    color: ${({ theme }) => theme.accentText};
  }
  ${PHONE} {
    text-decoration: underline dotted;
    svg {
      display: none;
    }
  }
`;

interface FormulaRowProps {
  readonly kind: 'dough' | 'filling' | 'base';
  readonly ingredientId: string;
  readonly massKg: number;
  readonly percent: number;
  readonly byPercent: boolean;
  readonly printer: Printer;
  readonly index: number;
  /** Whether something may stand in for it; `onSwap` opens what. */
  readonly canSwap: boolean;
  readonly onSwap: (index: number) => void;
  /** `null` takes the line out. */
  readonly onSet: (index: number, ingredientId: string, massKg: number | null) => void;
  readonly onShare: (index: number, ingredientId: string, share: number) => void;
}

/** Drawn again only when its own figures change: typing in one line leaves the others alone. */
export const FormulaRow = memo(function FormulaRow(props: FormulaRowProps) {
  const { kind, index, ingredientId, massKg, percent, byPercent, printer, canSwap } = props;
  const { name, densityKgPerM3 } = usePantry().find(ingredientId);
  return (
    <tr>
      <td>
        {canSwap ? (
          <Name $look="quiet" onPress={() => props.onSwap(index)} aria-label={LATER.swapIt(name)}>
            {name}
            <Repeat2 size={15} aria-hidden />
          </Name>
        ) : (
          name
        )}
      </td>
      <td>
        {byPercent ? (
          <PercentField
            label={name}
            hideLabel
            value={percent / 100}
            least={0}
            most={kind === 'dough' ? 9.5 : 0.95}
            width={116}
            onChange={(share) => props.onShare(index, ingredientId, share)}
          />
        ) : (
          <MeasureField
            label={name}
            hideLabel
            value={massKg}
            {...RANGES.draft.lineKg}
            printer={printer}
            densityKgPerM3={densityKgPerM3}
            width={printer.units === 'cups' ? 168 : 116}
            onChange={(kg) => props.onSet(index, ingredientId, kg)}
          />
        )}
      </td>
      <td>{byPercent ? printer.mass(massKg) : `${plain(percent)} %`}</td>
      <td>
        <Button
          $look="quiet"
          style={{ padding: 0, width: 44 }}
          aria-label={LATER.takeOut(name)}
          onPress={() => props.onSet(index, ingredientId, null)}
        >
          <X size={17} aria-hidden />
        </Button>
      </td>
    </tr>
  );
});
