import { LATER } from '#text/shared/laterPhrases';
import { ChevronDown } from 'lucide-react';
import { memo, useMemo, useState } from 'react';
import { Button, ComboBox, Input, Label, ListBox } from 'react-aria-components';
import { styled } from 'styled-components';
import { FINE } from '../../theme';
import { ListItem, ListPopover } from '../choice/Pick';

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
  ${FINE} {
    input {
      min-height: 36px;
    }
  }
  button {
    width: 44px;
    border: 0;
    background: none;
    cursor: pointer;
  }
`;

const Nothing = styled.p`
  font-size: 13px;
  color: ${({ theme }) => theme.soft};
`;

interface SearchProps {
  readonly label: string;
  /** Said in the empty field instead of over it. */
  readonly hideLabel?: boolean;
  /** What answers a text, best first; the same function for as long as the answers are. */
  readonly find: (text: string) => readonly { readonly id: string; readonly name: string }[];
  readonly onPick: (id: string) => void;
  /** What is not among them may be taken on by its name; absent: it may not. */
  readonly onNew?: (name: string) => void;
}

/** Begins the key of a name that is taken on. */
const NEW = 'new:';

/** Type to find one of many; picking one leaves the field empty and in focus for the next. */
export const Search = memo(function Search(props: SearchProps) {
  const [round, setRound] = useState(0);
  const pick = (id: string) => {
    if (id.startsWith(NEW)) props.onNew?.(id.slice(NEW.length));
    else props.onPick(id);
    setRound((now) => now + 1);
  };
  // A new field for each find: the list closes and the text goes with the old one.
  return <Finder key={round} {...props} onPick={pick} autoFocus={round > 0} />;
});

function Finder({
  label,
  hideLabel = false,
  find,
  onPick,
  onNew,
  autoFocus,
}: SearchProps & { readonly autoFocus: boolean }) {
  const [text, setText] = useState('');
  const canBeNew = onNew !== undefined;
  const items = useMemo(() => {
    const found = find(text);
    const name = text.trim().replace(/\s+/g, ' ').slice(0, 120).toWellFormed();
    const isThere = found.some((one) => one.name.toLowerCase() === name.toLowerCase());
    return canBeNew && name.length > 1 && !isThere
      ? [...found, { id: `${NEW}${name}`, name: LATER.takeOnNew(name) }]
      : found;
  }, [find, text, canBeNew]);
  return (
    <Wrap
      items={items}
      inputValue={text}
      onInputChange={setText}
      onSelectionChange={(key) => key !== null && onPick(String(key))}
      defaultFilter={() => true}
      menuTrigger="input"
      allowsCustomValue
      autoFocus={autoFocus}
    >
      <Label className={hideLabel ? 'visually-hidden' : ''}>{label}</Label>
      <div>
        <Input placeholder={hideLabel ? label : LATER.typeAName} />
        <Button aria-label={LATER.showAll}>
          <ChevronDown size={18} aria-hidden />
        </Button>
      </div>
      <ListPopover>
        <ListBox<{ id: string; name: string }>>{(item) => <ListItem id={item.id}>{item.name}</ListItem>}</ListBox>
      </ListPopover>
      {items.length === 0 && <Nothing role="status">{LATER.nothingByThatName}</Nothing>}
    </Wrap>
  );
}
