import { FRY as T } from '#text/bench/fry/fryPhrases';
import type { CrumbPlan } from '@ember-fold/core/plan';
import { CRUMB_ANSWERS } from '@ember-fold/core/stove';
import { useEffect, useState } from 'react';
import { useEdit } from '../../data/draft/useEdit';
import type { Line } from '../../data/draft/useLine';
import { Button } from '../../ui/controls/button/Button';
import { Soft } from '../../ui/layout/Panel';
import { Sheet } from '../../ui/controls/sheet/Sheet';
import { WayList } from '../../ui/controls/list/WayList';
import { CRUMB_NAME, crumbText } from '#text/bench/fry/methodText';
import { crumbsLatest } from '../../workers/planClient';

/** No thermometer: what a crumb of dough does, and what that leaves to know. */
export function CrumbSheet({ line, onClose }: { readonly line: Line; readonly onClose: () => void }) {
  const edit = useEdit();
  const { draft, kitchen, printer } = line;
  const [plans, setPlans] = useState<readonly (CrumbPlan | null)[] | null>(null);
  useEffect(() => {
    let gone = false;
    crumbsLatest(draft, kitchen).then(
      (found) => !gone && found && setPlans(found),
      () => !gone && setPlans(CRUMB_ANSWERS.map(() => null)),
    );
    return () => {
      gone = true;
    };
  }, [draft, kitchen]);
  return (
    <Sheet title={T.withoutAThermometer} isOpen onClose={onClose}>
      <p>{T.dropInACrumbOf}</p>
      <WayList aria-label={T.whatTheCrumbDoes}>
        {CRUMB_ANSWERS.map((answer, i) => {
          const plan = plans?.[i] ?? null;
          return (
            <li key={answer}>
              <div>
                <strong>{CRUMB_NAME[answer]}</strong>
                <Soft>{plans ? crumbText(answer, plan, draft.fry.oilC, printer) : T.workingItOut}</Soft>
              </div>
              {plan && (
                <Button
                  aria-label={T.planWith(CRUMB_NAME[answer])}
                  onPress={() => {
                    const { safeS, leastC, mostC } = plan;
                    const oilC = Math.round((leastC + mostC) / 2);
                    const minutesS = safeS && Math.round((safeS.from + Math.min(safeS.to, safeS.from + 180)) / 2);
                    edit('fry.crumb', (d) => ({ ...d, fry: { ...d.fry, oilC, minutesS } }));
                    onClose();
                  }}
                >
                  {T.planWithIt}
                </Button>
              )}
            </li>
          );
        })}
      </WayList>
      <Soft>{T.aCrumbIsARange}</Soft>
    </Sheet>
  );
}
