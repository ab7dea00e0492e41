import { RANGES } from '@ember-fold/core/plan';
import { type Supper, type SupperCook, supperCooks, servingsOf } from '@ember-fold/core/supper';
import { Plus, X } from 'lucide-react';
import { styled } from 'styled-components';
import { cookName, DAY_PLAN as E } from '#text/table/dayPlanPhrases';
import { Button } from '../../ui/controls/button/Button';
import { MomentField } from '../../ui/controls/field/MomentField';
import { NameField } from '../../ui/controls/field/NameField';
import { Panel, PanelTitle } from '../../ui/layout/Panel';
import { TickField } from '../../ui/controls/field/TickField';
import { withCook } from './editDay';

const One = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 4px 8px;
  align-items: end;
  padding: 8px 0;
  border-top: 1px solid ${({ theme }) => theme.line};
  > .wide {
    grid-column: 1 / -1;
    display: flex;
    flex-wrap: wrap;
    gap: 6px 12px;
    align-items: center;
  }
`;

const HOURS_MS = 3 * 3_600_000;

interface CooksProps {
  readonly supper: Supper;
  readonly hands: number;
  readonly onChange: (cooks: readonly SupperCook[]) => void;
}

/** Who cooks that day: names, hours, and who keeps away from the oil. */
export function Cooks({ supper, hands, onChange }: CooksProps) {
  const cooks = supperCooks(supper, hands);
  const put = (id: string, change: Partial<SupperCook>) => onChange(withCook(supper, hands, id, change));
  const without = (id: string, key: 'from' | 'to' | 'noOil') =>
    onChange(
      cooks.map((cook) => {
        if (cook.id !== id) return cook;
        const { [key]: _gone, ...rest } = cook;
        return rest;
      }),
    );
  const eatMs = Date.parse(servingsOf(supper)[0]!.at);
  return (
    <Panel aria-label={E.cooks}>
      <PanelTitle>{E.cooks}</PanelTitle>
      {cooks.map((cook, i) => {
        const name = cookName(cook, i, cooks.length);
        return (
          <One key={cook.id}>
            <NameField
              label={E.cookName}
              value={cook.name}
              whenEmpty={name}
              onChange={(next) => put(cook.id, { name: next.slice(0, 40) })}
            />
            <Button
              $look="quiet"
              aria-label={E.removeCook(name)}
              onPress={() => onChange(cooks.filter(({ id }) => id !== cook.id))}
            >
              <X size={18} aria-hidden />
            </Button>
            <div className="wide">
              {cook.from === undefined ? (
                <Button $look="quiet" onPress={() => put(cook.id, { from: new Date(eatMs - HOURS_MS).toISOString() })}>
                  {E.comesLater}
                </Button>
              ) : (
                <>
                  <MomentField
                    label={`${E.from}, ${name}`}
                    value={cook.from}
                    onChange={(from) => put(cook.id, { from })}
                  />
                  <Button $look="quiet" aria-label={E.allTheTime(name)} onPress={() => without(cook.id, 'from')}>
                    <X size={16} aria-hidden />
                  </Button>
                </>
              )}
              {cook.to === undefined ? (
                <Button $look="quiet" onPress={() => put(cook.id, { to: new Date(eatMs).toISOString() })}>
                  {E.leavesSooner}
                </Button>
              ) : (
                <>
                  <MomentField label={`${E.to}, ${name}`} value={cook.to} onChange={(to) => put(cook.id, { to })} />
                  <Button $look="quiet" aria-label={E.staysTillEnd(name)} onPress={() => without(cook.id, 'to')}>
                    <X size={16} aria-hidden />
                  </Button>
                </>
              )}
              <TickField
                label={E.noOil}
                value={cook.noOil === true}
                onChange={(on) => (on ? put(cook.id, { noOil: true }) : without(cook.id, 'noOil'))}
              />
            </div>
          </One>
        );
      })}
      <Button
        isDisabled={cooks.length >= RANGES.supper.cooks.most}
        onPress={() => onChange([...cooks, { id: crypto.randomUUID(), name: '' }])}
      >
        <Plus size={16} aria-hidden />
        {E.addCook}
      </Button>
    </Panel>
  );
}
