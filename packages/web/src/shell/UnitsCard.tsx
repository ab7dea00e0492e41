import { SHELL as T } from '#text/shell/shellPhrases';
import { CUSTOMARY_MEASURES, type Kitchen, METRIC_MEASURES } from '@ember-fold/core/plan';
import type { RefObject } from 'react';
import { Dialog, Popover } from 'react-aria-components';
import { styled } from 'styled-components';
import { Choice } from '../ui/controls/choice/Choice';
import { Problem } from '../ui/layout/Panel';
import { editKitchen } from '../data/draft/editKitchen';
import { useSave } from '../data/draft/useSave';

const Card = styled(Popover)`
  padding: 12px 16px;
  border-radius: 12px;
  border: 1px solid ${({ theme }) => theme.edge};
  color: ${({ theme }) => theme.ink};
  background: ${({ theme }) => theme.panel};
  box-shadow: 0 8px 28px rgb(23 33 30 / 18%);
  [role='dialog'] {
    outline: none;
    width: 270px;
  }
`;

/** Signs to choose from; no kitchen needs more than its own. */
const SIGNS: Record<string, string> = { '€': '€', '£': '£', $: '$', kr: 'kr' };
const NO_SIGN = 'none';

interface UnitsCardProps {
  readonly kitchen: Kitchen;
  readonly triggerRef: RefObject<HTMLButtonElement | null>;
  readonly onClose: () => void;
}

/** Units of the whole kitchen, below their button. */
export function UnitsCard({ kitchen, triggerRef, onClose }: UnitsCardProps) {
  const { problem } = useSave('kitchen');
  return (
    <Card triggerRef={triggerRef} isOpen onOpenChange={(open) => !open && onClose()}>
      <Dialog aria-label={T.units}>
        <Choice
          label={T.ingredients}
          value={kitchen.units}
          options={{ grams: 'grams', cups: T.cupsAndSpoons }}
          onChange={(units) => editKitchen((now) => ({ ...now, units }))}
        />
        <Choice
          label={T.temperatures}
          value={kitchen.temperature}
          options={{ C: '°C', F: '°F' }}
          onChange={(temperature) => editKitchen((now) => ({ ...now, temperature }))}
        />
        <Choice
          label={T.cupAndSpoon}
          value={kitchen.measures.cupMl === METRIC_MEASURES.cupMl ? 'metric' : 'customary'}
          options={{ metric: '250 and 5 ml', customary: '237 and 4.9 ml' }}
          onChange={(kind) =>
            editKitchen((now) => ({ ...now, measures: kind === 'metric' ? METRIC_MEASURES : CUSTOMARY_MEASURES }))
          }
        />
        <Choice
          label={T.clock}
          value={String(kitchen.hours ?? 24) as '12' | '24'}
          options={{ '24': T.hours24, '12': T.hours12 }}
          onChange={(hours) => editKitchen((now) => ({ ...now, hours: hours === '12' ? 12 : 24 }))}
        />
        <Choice
          label={T.money}
          value={kitchen.currency ?? NO_SIGN}
          options={{ [NO_SIGN]: T.noSign, ...SIGNS }}
          onChange={(sign) =>
            editKitchen(({ currency: _, ...now }) => (sign === NO_SIGN ? now : { ...now, currency: sign }))
          }
        />
        {problem && <Problem>{problem}</Problem>}
      </Dialog>
    </Card>
  );
}
