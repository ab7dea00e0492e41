import { ArrowLeft } from 'lucide-react';
import { type ReactNode, useState } from 'react';
import { Link } from 'react-router';
import { styled } from 'styled-components';
import { PHONE } from '../ui/theme';
import { Panel } from '../ui/layout/Panel';

const Two = styled.div<{ $open: boolean }>`
  display: grid;
  grid-template-columns: 344px minmax(0, 1fr);
  gap: 14px;
  align-items: start;
  > .back {
    display: none;
  }
  ${PHONE} {
    grid-template-columns: minmax(0, 1fr);
    > .list {
      display: ${({ $open }) => ($open ? 'none' : 'block')};
    }
    > .back {
      display: ${({ $open }) => ($open ? 'inline-flex' : 'none')};
      align-items: center;
      gap: 6px;
      min-height: 44px;
    }
  }
`;

/** Many rows that are links; those out of sight cost nothing. */
export const Rows = styled.ul`
  height: calc(100vh - 292px);
  min-height: 260px;
  overflow: auto;
  margin-top: 8px;
  ${PHONE} {
    height: auto;
  }
  li {
    content-visibility: auto;
    contain-intrinsic-size: auto 53px;
    border-top: 1px solid ${({ theme }) => theme.line};
  }
  a {
    display: block;
    min-height: 52px;
    padding: 6px 8px;
    border-radius: 8px;
    color: inherit;
    text-decoration: none;
  }
  a[aria-current='page'] {
    background: ${({ theme }) => theme.well};
    box-shadow: inset 4px 0 0 ${({ theme }) => theme.accent};
  }
  small {
    display: block;
    font-size: 13px;
    color: ${({ theme }) => theme.soft};
  }
`;

/**
 * What is open: what was asked for, else the first of the list where there is room for both.
 * Shown in its place, not gone to: somebody may be on the way to another page.
 */
export function useOpened(asked: string | undefined, first: string | undefined): string | undefined {
  const [hasRoom] = useState(() => window.matchMedia(`not all and ${PHONE.replace('@media ', '')}`).matches);
  return asked ?? (hasRoom ? first : undefined);
}

interface ListAndDetailProps {
  readonly list: ReactNode;
  readonly detail: ReactNode;
  /** Whether something is open: on a phone it then has the screen to itself. */
  readonly isOpen: boolean;
  readonly backTo: string;
  readonly backText: string;
}

/** A list beside what is open in it; on a phone one after the other. */
export function ListAndDetail({ list, detail, isOpen, backTo, backText }: ListAndDetailProps) {
  return (
    <Two $open={isOpen}>
      <Panel className="list">{list}</Panel>
      <Link className="back" to={backTo}>
        <ArrowLeft size={18} aria-hidden />
        {backText}
      </Link>
      <div>{detail}</div>
    </Two>
  );
}
