import { STORE as T } from '../text/storePhrases';
import { RANGES } from '@ember-fold/core';
import type { Guests } from '@ember-fold/core';
import { ChevronRight, UserPlus } from 'lucide-react';
import { useState } from 'react';
import { Button as AriaButton, Disclosure, DisclosureGroup, DisclosurePanel, type Key } from 'react-aria-components';
import { styled } from 'styled-components';
import { editKitchen } from '../data/editKitchen';
import { useSave } from '../data/useSave';
import { PHONE } from '../ui/theme';
import { useKitchen } from '../data/useLine';
import { AllergenSet } from '../ui/controls/AllergenSet';
import { Button } from '../ui/controls/Button';
import { NameField } from '../ui/controls/NameField';
import { Panel, PanelTitle, Problem, Soft } from '../ui/controls/Panel';
import { Pick } from '../ui/controls/Pick';
import { CountField } from '../ui/controls/UnitFields';
import { EATS_NAME } from '../text/oilText';
import { ALLERGEN_NAME } from '../text/words';

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
  grid-template-columns: minmax(0, 2fr) 190px minmax(0, 1fr) auto;
  gap: 4px 14px;
  align-items: end;
  padding: 4px 8px 14px;
  > :last-child {
    grid-column: 1 / -1;
  }
  ${PHONE} {
    grid-template-columns: minmax(0, 1fr);
  }
`;

interface GuestRowProps {
  readonly guests: Guests;
  readonly onChange: (to: Partial<Guests>) => void;
  readonly onRemove: () => void;
}

/** One group of guests in a line; opened, what can be changed of it. */
function GuestRow({ guests, onChange, onRemove }: GuestRowProps) {
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
            {T.remove2}
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

/** Who is at the table, what they eat, and what must not reach them. */
export function GuestsPage() {
  const known = useKitchen();
  const { problem } = useSave('kitchen');
  const [open, setOpen] = useState<Key | null>(null);
  if (!known) return null;
  const guests = known.kitchen.guests ?? [];
  const put = (next: readonly Guests[]) => editKitchen((now) => ({ ...now, guests: next }));
  const change = (id: string, to: Partial<Guests>) =>
    put(guests.map((one) => (one.id === id ? { ...one, ...to } : one)));
  const heads = guests.reduce((sum, one) => sum + one.count, 0);
  return (
    <Panel>
      <PanelTitle>{heads === 0 ? T.nobodyIsListedYet : T.atTheTable(heads)}</PanelTitle>
      <Soft>{T.allergiesHereDecideTheOrder}</Soft>
      {problem && <Problem>{problem}</Problem>}
      <DisclosureGroup expandedKeys={open === null ? [] : [open]} onExpandedChange={(keys) => setOpen(lastOf(keys))}>
        {guests.map((one) => (
          <Group key={one.id} id={one.id}>
            <GuestRow
              guests={one}
              onChange={(to) => change(one.id, to)}
              onRemove={() => put(guests.filter((other) => other.id !== one.id))}
            />
          </Group>
        ))}
      </DisclosureGroup>
      <Button
        isDisabled={guests.length >= 60}
        onPress={() => {
          const id = crypto.randomUUID();
          put([...guests, { id, name: T.guest, count: 1, eats: 'anything', allergies: [] }]);
          setOpen(id);
        }}
      >
        <UserPlus size={16} aria-hidden />
        {T.addGuests}
      </Button>
    </Panel>
  );
}
