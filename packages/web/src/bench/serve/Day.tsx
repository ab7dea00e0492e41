import { Chain, Track, type Stretch } from './stretches';
import { SERVE as T } from '#text/bench/serve/servePhrases';
import type { Printer } from '../../text/printer';

export interface DayProps {
  readonly label: string;
  readonly steps: readonly Stretch[];
  readonly printer: Printer;
}

/** What is done on one day, each task where it lies in that day's work. */
export function Day({ label, steps, printer }: DayProps) {
  const from = steps[0]!.startMs;
  const to = steps.reduce((most, step) => Math.max(most, step.endMs), from + 1);
  const at = (ms: number) => `${(100 * (ms - from)) / (to - from)}%`;
  return (
    <Chain aria-label={label}>
      {steps.map((step) => (
        <li key={step.key}>
          <time dateTime={new Date(step.startMs).toISOString()}>{printer.clock(step.startMs)}</time>
          <span>
            {step.name}
            <small>{`${printer.span((step.endMs - step.startMs) / 1000)}, ${step.kind === 'hands' ? 'hands' : T.byItself}`}</small>
          </span>
          <Track className="track" aria-hidden>
            <i
              data-kind={step.kind}
              style={{ left: at(step.startMs), width: `${(100 * (step.endMs - step.startMs)) / (to - from)}%` }}
            />
          </Track>
        </li>
      ))}
    </Chain>
  );
}
