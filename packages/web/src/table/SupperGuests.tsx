import { RANGES, type SupperRow } from '@ember-fold/core/plan';
import { headsOf, type Supper, type SupperEats } from '@ember-fold/core/supper';
import { Plus, X } from 'lucide-react';
import { styled } from 'styled-components';
import { editSupper } from '../data/draft/editSupper';
import { STORE } from '#text/store/storePhrases';
import { SUPPER as S } from '#text/table/supperPhrases';
import { Button } from '../ui/controls/button/Button';
import { GuestRows } from '../ui/controls/list/GuestRows';
import { MomentField } from '../ui/controls/field/MomentField';
import { NameField } from '../ui/controls/field/NameField';
import { Panel, PanelTitle, Row, Soft } from '../ui/layout/Panel';
import { CountField } from '../ui/controls/field/UnitFields';
import type { Plans } from './planned';

const Eats = styled.div`
  margin: -4px 8px 10px 34px;
  font-size: 14px;
  p[data-off] {
    color: ${({ theme }) => theme.stop};
  }
`;

interface SupperGuestsProps {
  readonly row: SupperRow;
  readonly eats: SupperEats | null;
  readonly plans: Plans;
}

/** Who eats, what each may have, and what to keep off. */
export function SupperGuests({ row: { id, supper }, eats, plans }: SupperGuestsProps) {
  const { guests, each } = supper;
  const dishes = Object.values(plans).flatMap(({ part }) => part.dishes);
  const nameOf = (batchId: string, mark: string) =>
    dishes.find((dish) => dish.batchId === batchId && dish.mark === mark)?.name ?? '';
  return (
    <Panel>
      <PanelTitle>{headsOf(guests) === 0 ? S.guests : STORE.atTheTable(headsOf(guests))}</PanelTitle>
      {guests.length === 0 && <Soft>{S.nobody}</Soft>}
      <GuestRows
        guests={guests}
        onGuests={(next) => editSupper(id, (now) => ({ ...now, guests: next }))}
        under={({ id: guestId }) => {
          const group = eats?.groups.find((one) => one.guestId === guestId);
          return (
            group && (
              <Eats>
                {S.eatEach(group.each, each)}
                {group.keepOff.map(({ batchId, mark, why }) => (
                  <p key={`${batchId} ${mark}`} data-off>
                    {S.keepOff(nameOf(batchId, mark), why)}
                  </p>
                ))}
              </Eats>
            )
          );
        }}
      />
      {eats && eats.unsure.length > 0 && (
        <Soft>{S.unsure(eats.unsure.map((one) => plans[one]?.name ?? '').join(', '))}</Soft>
      )}
      <Soft style={{ marginTop: 8 }}>{S.labels}</Soft>
    </Panel>
  );
}

/** When a supper is, how much each is to have, and what it is called. */
export function SupperWhen({ id, supper }: { readonly id: string; readonly supper: Supper }) {
  const { servings, each, name } = supper;
  const put = (change: Partial<Supper>) => editSupper(id, (now) => ({ ...now, ...change }));
  return (
    <Panel>
      <NameField label={S.name} value={name} onChange={(next) => put({ name: next })} />
      {servings.map((serving, i) => (
        <Row key={serving.id} style={{ alignItems: 'end', border: 0 }}>
          <MomentField
            label={S.servingNo(i + 1, servings.length)}
            value={serving.at}
            onChange={(at) => put({ servings: servings.map((one) => (one.id === serving.id ? { ...one, at } : one)) })}
          />
          {servings.length > 1 && (
            <Button
              $look="quiet"
              aria-label={S.removeServing(i + 1)}
              onPress={() => put({ servings: servings.filter((one) => one.id !== serving.id) })}
            >
              <X size={18} aria-hidden />
            </Button>
          )}
        </Row>
      ))}
      <Soft>{S.servingsMove}</Soft>
      <Button
        isDisabled={servings.length >= RANGES.supper.servings.most}
        onPress={() => {
          const at = new Date(Date.parse(servings.at(-1)!.at) + 3_600_000).toISOString();
          put({ servings: [...servings, { id: crypto.randomUUID(), at }] });
        }}
      >
        <Plus size={16} aria-hidden />
        {S.addServing}
      </Button>
      <Row style={{ marginTop: 8 }}>
        <CountField label={S.each} value={each} {...RANGES.supper.each} onChange={(next) => put({ each: next })} />
      </Row>
    </Panel>
  );
}
