import { Button, Dialog, DialogTrigger, Popover } from 'react-aria-components';
import { styled } from 'styled-components';
import { pageOf } from '../../text/handbook/handbook';
import type { PageId } from '../../text/handbook/page';
import { HANDBOOK as T } from '../../text/handbook/handbook';
import { type Term, termsIn } from '../../text/handbook/terms';

const Dotted = styled(Button)`
  padding: 0;
  border: 0;
  border-bottom: 1px dotted currentcolor;
  font: inherit;
  color: inherit;
  background: none;
  cursor: pointer;
`;

const Card = styled(Popover)`
  max-width: min(320px, 92vw);
  padding: 12px 14px;
  border: 1px solid ${({ theme }) => theme.edge};
  border-radius: 10px;
  color: ${({ theme }) => theme.ink};
  background: ${({ theme }) => theme.panel};
  [role='dialog'] {
    outline: none;
  }
  p {
    margin: 4px 0 8px;
  }
`;

const Link = styled(Button)`
  min-height: 44px;
  padding: 0;
  border: 0;
  font: inherit;
  color: ${({ theme }) => theme.accentText};
  text-decoration: underline;
  background: none;
  cursor: pointer;
`;

/** A word with a dotted line: one sentence, and the way to its page. */
function Word({
  term,
  text,
  onPage,
}: {
  readonly term: Term;
  readonly text: string;
  readonly onPage: (id: PageId) => void;
}) {
  const title = pageOf(term.page)!.title;
  return (
    <DialogTrigger>
      <Dotted>{text}</Dotted>
      <Card>
        <Dialog aria-label={term.name}>
          {({ close }) => (
            <>
              <strong>{term.name}</strong>
              <p>{term.says}</p>
              <Link
                onPress={() => {
                  close();
                  onPage(term.page);
                }}
              >
                {T.more(title)}
              </Link>
            </>
          )}
        </Dialog>
      </Card>
    </DialogTrigger>
  );
}

interface ExplainedProps {
  readonly text: string;
  /** Terms that stood on the page before this text. */
  readonly seen: ReadonlySet<string>;
  readonly onPage: (id: PageId) => void;
}

/** A text in which every term explains itself where it stands first. */
export function Explained({ text, seen, onPage }: ExplainedProps) {
  return termsIn(text, new Set(seen)).map(({ text: part, term }, i) =>
    term ? <Word key={i} term={term} text={part} onPage={onPage} /> : <span key={i}>{part}</span>,
  );
}
