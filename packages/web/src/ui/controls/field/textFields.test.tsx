import { act, fireEvent, render, screen } from '@testing-library/react';
import fc from 'fast-check';
import { type ReactElement, useState } from 'react';
import { ThemeProvider } from 'styled-components';
import { planningTheme } from '../../theme';
import { DigitsField } from './DigitsField';
import { NameField } from './NameField';
import { Search } from './Search';

// Every browser has it; jsdom has not.
beforeAll(() => Object.assign(globalThis, { CSS: { escape: (text: string) => text.replace(/[^\w-]/g, '\\$&') } }));

const drawn = (field: ReactElement) => render(<ThemeProvider theme={planningTheme}>{field}</ThemeProvider>);

/** A page that keeps what a field hands out, as every room does. */
function Kept({
  start,
  field,
}: {
  start: string;
  field: (value: string, set: (next: string) => void) => ReactElement;
}) {
  const [value, setValue] = useState(start);
  return (
    <>
      {field(value, setValue)}
      <output>{value}</output>
    </>
  );
}
const kept = () => screen.getByRole('status').textContent;
const box = () => screen.getByRole<HTMLInputElement>('textbox');
const type = (text: string) => fireEvent.change(box(), { target: { value: text } });

describe('a name', () => {
  const name = (whenEmpty?: string) =>
    drawn(
      <Kept
        start="Squash and sage"
        field={(value, set) => (
          <NameField label="Name" value={value} onChange={set} {...(whenEmpty === undefined ? {} : { whenEmpty })} />
        )}
      />,
    );

  it('is kept as it is typed; nothing but blanks is refused at the field, and the last name stays', () => {
    fc.assert(
      fc.property(fc.array(fc.string({ maxLength: 20 }), { minLength: 1, maxLength: 5 }), (texts) => {
        const { unmount } = name();
        let last = 'Squash and sage';
        for (const text of texts) {
          type(text);
          const isBlank = text.trim() === '';
          if (!isBlank) last = box().value;
          expect(kept()).toBe(last);
          expect(box().getAttribute('aria-invalid')).toBe(isBlank ? 'true' : null);
          // What is in the field is what was typed, blanks too: it is not taken from under the hand.
          if (isBlank) expect(box().value.trim()).toBe('');
        }
        unmount();
      }),
      { numRuns: 12 },
    );
  });

  it('that may be empty says what then stands in its place', () => {
    name('A half-moon');
    type('');
    expect(kept()).toBe('');
    expect(box().placeholder).toBe('A half-moon');
    expect(box().getAttribute('aria-invalid')).toBeNull();
  });
});

it('a code is six digits at most, whatever is pasted around them', () => {
  fc.assert(
    fc.property(fc.string({ maxLength: 30, unit: 'binary' }), (text) => {
      const { unmount } = drawn(
        <Kept start="" field={(value, set) => <DigitsField label="Code" value={value} onChange={set} />} />,
      );
      type(text);
      expect(kept()).toBe(
        [...text]
          .filter((sign) => sign >= '0' && sign <= '9')
          .join('')
          .slice(0, 6),
      );
      expect(box().value).toBe(kept());
      unmount();
    }),
    { numRuns: 25 },
  );
});

describe('a search', () => {
  const ALL = ['Butter', 'Buttermilk', 'Squash'].map((name) => ({ id: name.toLowerCase(), name }));
  const find = (text: string) => ALL.filter(({ name }) => name.toLowerCase().includes(text.trim().toLowerCase()));
  const field = () => screen.getByRole<HTMLInputElement>('combobox');
  const open = (onPick: (id: string) => void, onNew?: (name: string) => void) =>
    drawn(<Search label="Ingredient" find={find} onPick={onPick} {...(onNew ? { onNew } : {})} />);
  const ask = (text: string) => {
    act(() => field().focus());
    fireEvent.change(field(), { target: { value: text } });
  };
  const options = () => screen.queryAllByRole('option').map((one) => one.textContent);

  it('offers what is found, hands out what is picked, and is empty and ready for the next', () => {
    const picked: string[] = [];
    open((id) => picked.push(id));
    ask('butter');
    expect(options()).toEqual(['Butter', 'Buttermilk']);
    fireEvent.keyDown(field(), { key: 'ArrowDown' });
    fireEvent.keyDown(field(), { key: 'Enter' });
    expect(picked).toEqual(['butter']);
    expect(field().value).toBe('');
    expect(document.activeElement).toBe(field());
  });

  it('takes on a new name only where that may be, and never one that is there', () => {
    const taken: string[] = [];
    const { unmount } = open(
      () => undefined,
      (name) => taken.push(name),
    );
    ask('SQUASH');
    expect(options()).toEqual(['Squash']);
    ask('  quillhaven   rye ');
    expect(options()).toHaveLength(1);
    fireEvent.keyDown(field(), { key: 'ArrowDown' });
    fireEvent.keyDown(field(), { key: 'Enter' });
    expect(taken).toEqual(['quillhaven rye']);
    unmount();
    open(() => undefined);
    ask('quillhaven rye');
    expect(options()).toEqual([]);
  });

  it('half an emoji in a name is mended before it is taken on', () => {
    const taken: string[] = [];
    open(
      () => undefined,
      (name) => taken.push(name),
    );
    ask('rye \ud83e');
    fireEvent.keyDown(field(), { key: 'ArrowDown' });
    fireEvent.keyDown(field(), { key: 'Enter' });
    expect(taken).toEqual(['rye \ufffd']);
  });
});
