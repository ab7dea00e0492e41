import { memo } from 'react';
import { Label, Radio, RadioGroup } from 'react-aria-components';
import { styled } from 'styled-components';
import { figureFont, FINE } from '../../theme';
import { useLatest } from '../field/useLatest';

const Group = styled(RadioGroup)`
  display: grid;
  gap: 4px;
  padding: 6px 0;
  > span:first-child {
    font-size: 13px;
    color: ${({ theme }) => theme.soft};
  }
`;

const Strip = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 2px;
  padding: 3px;
  border-radius: 10px;
  background: ${({ theme }) => theme.well};
`;

const Item = styled(Radio)`
  ${figureFont}
  display: flex;
  align-items: center;
  justify-content: center;
  flex: 1 0 auto;
  min-height: 38px;
  padding: 0 10px;
  border-radius: 8px;
  font-size: 14px;
  cursor: pointer;
  &[data-selected] {
    color: ${({ theme }) => theme.barInk};
    background: ${({ theme }) => theme.bar};
  }
  &[data-disabled] {
    opacity: 0.5;
  }
  ${FINE} {
    min-height: 32px;
  }
`;

interface ChoiceProps<T extends string> {
  readonly label: string;
  readonly value: T;
  readonly options: Readonly<Record<T, string>>;
  readonly onChange: (value: T) => void;
  readonly hideLabel?: boolean;
}

/** The costly part: drawn again only when what it shows has changed. */
const ChoiceView = memo(function ChoiceView(props: ChoiceProps<string>) {
  const { label, value, options, onChange, hideLabel = false } = props;
  return (
    <Group value={value} onChange={onChange} orientation="horizontal">
      <Label className={hideLabel ? 'visually-hidden' : ''}>{label}</Label>
      <Strip>
        {Object.entries(options).map(([key, name]) => (
          <Item key={key} value={key}>
            {name}
          </Item>
        ))}
      </Strip>
    </Group>
  );
});

/** A few options side by side, one of them chosen. */
export function Choice<T extends string>({ onChange, ...props }: ChoiceProps<T>) {
  return <ChoiceView {...props} onChange={useLatest((value: string) => onChange(value as T))} />;
}
