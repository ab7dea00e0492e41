import { LATER } from '#text/shared/laterPhrases';
import { ChevronDown } from 'lucide-react';
import { memo, useMemo } from 'react';
import { Button, Label, ListBox, ListBoxItem, Popover, Select, SelectValue } from 'react-aria-components';
import { styled } from 'styled-components';
import { figureBox, labelOver } from '../field/fieldLook';
import { useLatest } from '../field/useLatest';

const Wrap = styled(Select)`
  ${labelOver}
`;

const Open = styled(Button)`
  ${figureBox}
  justify-content: space-between;
  gap: 8px;
  padding: 0 12px;
  font-size: 16px;
  text-align: left;
  cursor: pointer;
`;

export const ListPopover = styled(Popover)`
  min-width: var(--trigger-width);
  max-height: 320px;
  overflow: auto;
  padding: 6px;
  border-radius: 10px;
  border: 1px solid ${({ theme }) => theme.edge};
  background: ${({ theme }) => theme.panel};
  box-shadow: 0 8px 28px rgb(23 33 30 / 18%);
`;

export const ListItem = styled(ListBoxItem)`
  display: flex;
  align-items: center;
  min-height: 40px;
  padding: 0 10px;
  border-radius: 8px;
  cursor: pointer;
  outline: none;
  &[data-focused],
  &[data-hovered] {
    background: ${({ theme }) => theme.well};
    box-shadow: inset 0 0 0 2px ${({ theme }) => theme.know};
  }
  &[data-selected] {
    color: ${({ theme }) => theme.accentText};
  }
`;

interface PickProps<T extends string> {
  readonly label: string;
  readonly value: T | null;
  readonly options: Readonly<Record<T, string>>;
  readonly onChange: (value: T) => void;
}

/** The costly part: drawn again only when what it shows has changed. */
const PickView = memo(function PickView({ label, value, options, onChange }: PickProps<string>) {
  const items = useMemo(() => Object.entries(options).map(([id, name]) => ({ id, name })), [options]);
  return (
    <Wrap
      selectedKey={value}
      onSelectionChange={(key) => key !== null && onChange(String(key))}
      placeholder={LATER.choose}
    >
      <Label>{label}</Label>
      <Open>
        <SelectValue />
        <ChevronDown size={18} aria-hidden />
      </Open>
      <ListPopover>
        <ListBox items={items}>{(item) => <ListItem id={item.id}>{item.name}</ListItem>}</ListBox>
      </ListPopover>
    </Wrap>
  );
});

/** One of a list that is too long to show side by side. */
export function Pick<T extends string>({ onChange, ...props }: PickProps<T>) {
  return <PickView {...props} onChange={useLatest((value: string) => onChange(value as T))} />;
}
