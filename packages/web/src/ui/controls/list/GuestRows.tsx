import { type Guests, RANGES } from '@ember-fold/core/plan';
import { ChevronRight, UserPlus } from 'lucide-react';
import { type ReactNode, useState } from 'react';
import { Button as AriaButton, Disclosure, DisclosureGroup, DisclosurePanel, type Key } from 'react-aria-components';
import { styled } from 'styled-components';
import { EATS_NAME } from '#text/store/oilText';
import { STORE as T } from '#text/store/storePhrases';
import { ALLERGEN_NAME } from '#text/shared/words';
import { AllergenSet } from '../choice/AllergenSet';
import { Button } from '../button/Button';
import { NameField } from '../field/NameField';
import { Pick } from '../choice/Pick';
import { CountField } from '../field/UnitFields';

const Group = styled(Disclosure)`
  border-top: 1px solid ${({ theme }) => theme.line};
  [slot='trigger'] {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 2px 16px;
    width: 100%;
    min-height: 52px;
    border: 0;
    color: inherit;
    font: inherit;
    background: none;
    padding: 10px 8px;
    border-radius: 8px;
    text-align: left;
    cursor: pointer;
  }
  [slot='trigger'] strong {
    font-size: 17px;
  }
  [slot='trigger'] svg {
    align-self: center;
    color: ${({ theme }) => theme.soft};
  }
  [slot='trigger']:hover {
    background: ${({ theme }) => theme.well};
  }
  &[data-expanded] [slot='trigger'] svg {
    transform: rotate(90deg);
  }
  .allergic {
    font-weight: 600;
    color: ${({ theme }) => theme.stop};
  }
`;

const Fields = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(190px, 100%), 1fr));
  gap: 4px 14px;
  align-items: end;
  padding: 4px 8px 14px;
  > :last-child {
    grid-column: 1 / -1;
  }
`;

interface GuestRowProps {
  readonly guests: Guests;
  readonly onChange: (to: Partial<Guests>) => void;
  readonly onRemove: () => void;
  readonly children: ReactNode;
}

/** One group of guests in a line; opened, what can be changed of it. */
function GuestRow({ guests, onChange, onRemove, children }: GuestRowProps) {
  return (
    <>
      <AriaButton slot="trigger">
        <ChevronRight size={16} aria-hidden />
        <strong>{guests.name === '' ? T.guest : guests.name}</strong>
        <span>{T.people(guests.count)}</span>
        <span>{EATS_NAME[guests.eats]}</span>
        {guests.allergies.length > 0 && (
          <span className="allergic">{T.allergicToThese(guests.allergies.map((one) => ALLERGEN_NAME[one]))}</span>
        )}
      </AriaButton>
      {children}
      <DisclosurePanel>
        <Fields>
          <NameField label={T.who} value={guests.name} onChange={(name) => onChange({ name })} />
          <CountField
            label={T.howMany}
            value={guests.count}
            {...RANGES.kitchen.guests}
            onChange={(count) => onChange({ count })}
          />
          <Pick<Guests['eats']>
            label={T.eats}
            value={guests.eats}
            options={EATS_NAME}
            onChange={(eats) => onChange({ eats })}
          />
          <Button $look="quiet" aria-label={T.remove(guests.name)} onPress={onRemove}>
            {T.removeIt}
          </Button>
          <AllergenSet
            label={T.allergicTo}
            value={guests.allergies}
            onChange={(allergies) => onChange({ allergies })}
          />
        </Fields>
      </DisclosurePanel>
    </>
  );
}

/** The row that was opened last: one is open at a time. */
const lastOf = (keys: ReadonlySet<Key>): Key | null => [...keys].at(-1) ?? null;

interface GuestRowsProps {
  readonly guests: readonly Guests[];
  readonly onGuests: (next: readonly Guests[]) => void;
  /** What stands under each group. */
  readonly under?: (guests: Guests) => ReactNode;
}

/** Groups of guests, each a row that opens, and a way to add one. */
export function GuestRows({ guests, onGuests, under }: GuestRowsProps) {
  const [open, setOpen] = useState<Key | null>(null);
  const change = (id: string, to: Partial<Guests>) =>
    onGuests(guests.map((one) => (one.id === id ? { ...one, ...to } : one)));
  return (
    <>
      <DisclosureGroup expandedKeys={open === null ? [] : [open]} onExpandedChange={(keys) => setOpen(lastOf(keys))}>
        {guests.map((one) => (
          <Group key={one.id} id={one.id}>
            <GuestRow
              guests={one}
              onChange={(to) => change(one.id, to)}
              onRemove={() => onGuests(guests.filter((other) => other.id !== one.id))}
            >
              {under?.(one)}
            </GuestRow>
          </Group>
        ))}
      </DisclosureGroup>
      <Button
        isDisabled={guests.length >= RANGES.supper.groups.most}
        onPress={() => {
          const id = crypto.randomUUID();
          onGuests([...guests, { id, name: T.guest, count: 1, eats: 'anything', allergies: [] }]);
          setOpen(id);
        }}
      >
        <UserPlus size={16} aria-hidden />
        {T.addGuests}
      </Button>
    </>
  );
}
