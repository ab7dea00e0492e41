import { LATER } from '#text/shared/laterPhrases';
import { CalendarDateTime, getLocalTimeZone, parseAbsolute, toCalendarDateTime } from '@internationalized/date';
import { DateField, DateInput, DateSegment, FieldError, I18nProvider, Label } from 'react-aria-components';
import { styled } from 'styled-components';
import { usePrinter } from '../../printing';
import { figureBox, labelOver } from './fieldLook';

const Wrap = styled(DateField)`
  ${labelOver}
`;

const Line = styled(DateInput)`
  ${figureBox}
  padding: 0 10px;
  font-size: 17px;
`;

const Part = styled(DateSegment)`
  padding: 4px 1px;
  border-radius: 4px;
  white-space: pre;
  &[data-focused] {
    outline: none;
    color: ${({ theme }) => theme.barInk};
    background: ${({ theme }) => theme.bar};
  }
  &[data-placeholder] {
    color: ${({ theme }) => theme.soft};
  }
`;

interface MomentFieldProps {
  readonly label: string;
  /** ISO 8601, UTC. */
  readonly value: string;
  readonly onChange: (iso: string) => void;
}

/** A day and a time of day in the cook's own time zone, in the order and by the clock of this kitchen. */
export function MomentField({ label, value, onChange }: MomentFieldProps) {
  const zone = getLocalTimeZone();
  const { system, hours } = usePrinter();
  const moment: CalendarDateTime = toCalendarDateTime(parseAbsolute(value, zone));
  return (
    <I18nProvider locale={system === 'us' ? 'en-US' : 'en-GB'}>
      <Wrap
        value={moment}
        granularity="minute"
        hourCycle={hours}
        shouldForceLeadingZeros
        minValue={new CalendarDateTime(2000, 1, 1)}
        maxValue={new CalendarDateTime(2200, 1, 1)}
        onChange={(next) => next && onChange(next.toDate(zone).toISOString())}
      >
        <Label>{label}</Label>
        <Line>{(segment) => <Part segment={segment} />}</Line>
        <FieldError>{LATER.chooseADay}</FieldError>
      </Wrap>
    </I18nProvider>
  );
}
