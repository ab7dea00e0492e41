import { ChevronDown } from 'lucide-react';
import { useState } from 'react';
import { Button, ComboBox, Input, Label, ListBox } from 'react-aria-components';
import { styled } from 'styled-components';
import { ListItem, ListPopover } from './Pick';

const Wrap = styled(ComboBox)`
  display: grid;
  gap: 4px;
  flex: 1;
  label {
    font-size: 13px;
    color: ${({ theme }) => theme.soft};
  }
  > div {
    display: flex;
    border: 1px solid ${({ theme }) => theme.edge};
    border-radius: 8px;
  }
  input {
    flex: 1;
    min-width: 0;
    min-height: 42px;
    padding: 0 10px;
    border: 0;
    background: none;
  }
  button {
    width: 44px;
    border: 0;
    background: none;
    cursor: pointer;
  }
`;

const Nothing = styled.p`
  padding: 8px 10px;
  color: ${({ theme }) => theme.soft};
`;

interface SearchProps {
  readonly label: string;
  /** What answers a text, best first. */
  readonly find: (text: string) => readonly { readonly id: string; readonly name: string }[];
  readonly onPick: (id: string) => void;
}

/** Type to find one of many; picking clears the field for the next. */
export function Search({ label, find, onPick }: SearchProps) {
  const [text, setText] = useState('');
  const [picked, setPicked] = useState<string | null>(null);
  const pick = (id: string) => {
    // Chosen for a moment, so that the list closes; then free for the next.
    setPicked(id);
    onPick(id);
    setTimeout(() => {
      setPicked(null);
      setText('');
    });
  };
  return (
    <Wrap
      items={find(text)}
      inputValue={text}
      onInputChange={setText}
      defaultFilter={() => true}
      selectedKey={picked}
      onSelectionChange={(key) => key !== null && pick(String(key))}
      menuTrigger="focus"
      allowsEmptyCollection
    >
      <Label>{label}</Label>
      <div>
        <Input placeholder="Type a name" />
        <Button aria-label="Show all">
          <ChevronDown size={18} aria-hidden />
        </Button>
      </div>
      <ListPopover>
        <ListBox<{ id: string; name: string }> renderEmptyState={() => <Nothing>Nothing by that name.</Nothing>}>
          {(item) => <ListItem id={item.id}>{item.name}</ListItem>}
        </ListBox>
      </ListPopover>
    </Wrap>
  );
}
