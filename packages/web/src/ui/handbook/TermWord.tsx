import { Dotted } from './cardLook';
import { useOpenHandbook } from './openHandbook';

interface TermWordProps {
  /** Of the handbook's words. */
  readonly id: string;
  readonly children: string;
}

/** A word on a page that explains itself: what it means and its drawing open beside the work. */
export function TermWord({ id, children }: TermWordProps) {
  const open = useOpenHandbook();
  return <Dotted onPress={() => open({ term: id })}>{children}</Dotted>;
}
