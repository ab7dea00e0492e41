import type { Allergen } from '@ember-fold/core/plan';
import { Plus, X } from 'lucide-react';
import { Menu, MenuItem, MenuTrigger, Popover } from 'react-aria-components';
import { styled } from 'styled-components';
import { LATER } from '#text/shared/laterPhrases';
import { ALLERGEN_NAME } from '#text/shared/words';
import { Button } from '../button/Button';

const Line = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 8px;
  > span:first-child {
    flex-basis: 100%;
    font-size: 13px;
    color: ${({ theme }) => theme.soft};
  }
`;

const Options = styled(Menu)`
  display: grid;
  max-height: 320px;
  overflow: auto;
  padding: 4px;
  border: 1px solid ${({ theme }) => theme.edge};
  border-radius: 10px;
  background: ${({ theme }) => theme.panel};
  color: ${({ theme }) => theme.ink};
  [role='menuitem'] {
    min-height: 40px;
    padding: 8px 14px;
    border-radius: 7px;
    cursor: pointer;
  }
  [role='menuitem'][data-focused] {
    background: ${({ theme }) => theme.well};
  }
`;

interface AllergenSetProps {
  readonly label: string;
  readonly value: readonly Allergen[];
  readonly onChange: (value: Allergen[]) => void;
}

/** The allergies that are set, each with its remove button, and one more from the usual fourteen. */
export function AllergenSet({ label, value, onChange }: AllergenSetProps) {
  const others = (Object.keys(ALLERGEN_NAME) as Allergen[]).filter((one) => !value.includes(one));
  return (
    <Line role="group" aria-label={label}>
      <span>{label}</span>
      {value.length === 0 && <span>{LATER.nothing}</span>}
      {value.map((one) => (
        <Button
          key={one}
          aria-label={LATER.takeOff(ALLERGEN_NAME[one])}
          onPress={() => onChange(value.filter((v) => v !== one))}
        >
          {ALLERGEN_NAME[one]}
          <X size={14} aria-hidden />
        </Button>
      ))}
      {others.length > 0 && (
        <MenuTrigger>
          <Button $look="quiet">
            <Plus size={16} aria-hidden />
            {LATER.addAllergy}
          </Button>
          <Popover>
            <Options onAction={(key) => onChange([...value, key as Allergen].sort())}>
              {others.map((one) => (
                <MenuItem key={one} id={one}>
                  {ALLERGEN_NAME[one]}
                </MenuItem>
              ))}
            </Options>
          </Popover>
        </MenuTrigger>
      )}
    </Line>
  );
}
