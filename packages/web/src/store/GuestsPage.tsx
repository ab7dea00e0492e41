import { STORE as T } from '../text/storePhrases';
import { RANGES } from '@ember-fold/core';
import type { Guests } from '@ember-fold/core';
import { UserPlus } from 'lucide-react';
import { styled } from 'styled-components';
import { editKitchen } from '../data/editKitchen';
import { useSave } from '../data/useSave';
import { PHONE } from '../ui/theme';
import { useKitchen } from '../data/useLine';
import { AllergenTicks } from '../ui/controls/AllergenTicks';
import { Button } from '../ui/controls/Button';
import { NameField } from '../ui/controls/NameField';
import { Panel, PanelTitle, Problem, Soft } from '../ui/controls/Panel';
import { Pick } from '../ui/controls/Pick';
import { CountField } from '../ui/controls/UnitFields';
import { EATS_NAME } from '../text/oilText';

const Group = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 2fr) 190px minmax(0, 1fr) auto;
  gap: 4px 14px;
  align-items: end;
  padding: 10px 0;
  border-top: 1px solid ${({ theme }) => theme.line};
  > :last-child {
    grid-column: 1 / -1;
  }
  ${PHONE} {
    grid-template-columns: minmax(0, 1fr);
  }
`;

/** Who is at the table, what they eat, and what must not reach them. */
export function GuestsPage() {
  const known = useKitchen();
  const { problem } = useSave('kitchen');
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
      {guests.map((one) => (
        <Group key={one.id}>
          <NameField label={T.who} value={one.name} onChange={(name) => change(one.id, { name })} />
          <CountField
            label={T.howMany}
            value={one.count}
            {...RANGES.kitchen.guests}
            onChange={(count) => change(one.id, { count })}
          />
          <Pick<Guests['eats']>
            label={T.eats}
            value={one.eats}
            options={EATS_NAME}
            onChange={(eats) => change(one.id, { eats })}
          />
          <Button
            $look="quiet"
            aria-label={T.remove(one.name)}
            onPress={() => put(guests.filter((other) => other.id !== one.id))}
          >
            {T.remove2}
          </Button>
          <AllergenTicks
            label={T.allergicTo}
            value={one.allergies}
            onChange={(allergies) => change(one.id, { allergies })}
          />
        </Group>
      ))}
      <Button
        isDisabled={guests.length >= 60}
        onPress={() =>
          put([...guests, { id: crypto.randomUUID(), name: T.guest, count: 1, eats: 'anything', allergies: [] }])
        }
      >
        <UserPlus size={16} aria-hidden />
        {T.addGuests}
      </Button>
    </Panel>
  );
}
