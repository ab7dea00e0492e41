import { type DayEntry, type DayPin, type SupperCook, workRange } from '@ember-fold/core/supper';
import { styled } from 'styled-components';
import { cookName, entryName, DAY_PLAN as E, stepInDay } from '#text/table/dayPlanPhrases';
import type { Printer } from '../../text/printer';
import { Button } from '../../ui/controls/button/Button';
import { MomentField } from '../../ui/controls/field/MomentField';
import { Soft } from '../../ui/layout/Panel';
import { Pick } from '../../ui/controls/choice/Pick';
import { Actions, Sheet } from '../../ui/controls/sheet/Sheet';

const Steps = styled.ol`
  margin: 6px 0 12px;
  li {
    padding: 5px 0;
    border-top: 1px solid ${({ theme }) => theme.line};
  }
`;

interface TaskSheetProps {
  readonly entry: DayEntry;
  readonly pin: DayPin | undefined;
  readonly cooks: readonly SupperCook[];
  readonly nameOf: (id: string | null) => string | null;
  readonly printer: Printer;
  readonly onClose: () => void;
  readonly onPin: (pin: DayPin) => void;
  readonly onDayBefore: () => void;
  readonly onFree: () => void;
}

/** One task: its steps, when it begins and who does it. */
export function TaskSheet(props: TaskSheetProps) {
  const { entry, pin, cooks, nameOf, printer, onClose, onPin, onDayBefore, onFree } = props;
  const lengthS = (entry.endMs - entry.startMs) / 1000;
  const { leastS, mostS } = workRange({ lengthS, pot: entry.pot, hands: entry.cook === null ? null : 'board' });
  const { span } = printer;
  const names = Object.fromEntries(cooks.map((cook, i) => [cook.id, cookName(cook, i, cooks.length)]));
  return (
    <Sheet title={E.of(entryName(entry), nameOf(entry.batchId))} isOpen onClose={onClose}>
      <Soft>
        {printer.day(entry.startMs)}. {E.takes(span(lengthS), span(leastS), span(mostS))}
      </Soft>
      <Steps>
        {entry.steps
          .filter(({ lengthS }) => lengthS > 0)
          .map((step) => (
            <li key={`${step.what} ${step.batchId ?? ''} ${step.step?.id ?? ''}`}>
              {E.task(
                printer.clock(step.startMs),
                printer.clock(step.endMs),
                E.of(stepInDay(step), entry.batchId === null ? nameOf(step.batchId) : null),
              )}
            </li>
          ))}
      </Steps>
      {/* What was asked for stands while it is typed, also where it cannot be. */}
      <MomentField
        label={E.beginsAt}
        value={pin?.at ?? new Date(entry.startMs).toISOString()}
        onChange={(at) => onPin({ at })}
      />
      {entry.cook !== null && cooks.length > 1 && (
        <Pick label={E.who} value={cooks[entry.cook]?.id ?? ''} options={names} onChange={(cook) => onPin({ cook })} />
      )}
      <Actions>
        {pin && <Button onPress={onFree}>{E.free}</Button>}
        {entry.pot === null && entry.batchId !== null && <Button onPress={onDayBefore}>{E.dayBefore}</Button>}
      </Actions>
    </Sheet>
  );
}
