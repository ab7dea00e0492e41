import { Dialog, DialogTrigger } from 'react-aria-components';
import { pageOf } from '#text/learn/handbook/handbook';
import type { PageId } from '#text/learn/handbook/page';
import { HANDBOOK as T } from '#text/learn/handbook/handbook';
import { type Term, termsIn } from '#text/learn/handbook/terms';
import { Card, Dotted, MoreLink } from './cardLook';

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
              <MoreLink
                onPress={() => {
                  close();
                  onPage(term.page);
                }}
              >
                {T.more(title)}
              </MoreLink>
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
