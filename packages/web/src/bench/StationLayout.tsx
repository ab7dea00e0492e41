import type { LucideIcon } from 'lucide-react';
import { memo, type ReactNode } from 'react';
import { styled } from 'styled-components';
import { FINE } from '../ui/theme';
import { Button } from '../ui/controls/button/Button';
import { Panel } from '../ui/layout/Panel';

const Grid = styled.div<{ $wide: boolean }>`
  display: grid;
  gap: 14px;
  align-items: stretch;
  grid-template-columns: 296px minmax(0, 1fr) ${({ $wide }) => ($wide ? 440 : 306)}px;
  grid-template-areas: 'controls drawing findings';
  @media (max-width: 1120px) {
    grid-template-columns: 280px minmax(0, 1fr);
    grid-template-areas: 'controls drawing' 'findings findings';
  }
  @media (max-width: 760px) {
    grid-template-columns: minmax(0, 1fr);
    grid-template-areas: 'controls' 'drawing' 'findings';
    gap: 12px;
  }
`;

interface StationLayoutProps {
  readonly controls: ReactNode;
  readonly drawing: ReactNode;
  readonly findings: ReactNode;
  /** Where the findings are most of what there is to read. */
  readonly wideFindings?: boolean;
}

/** Every station: what is decided, what it looks like, what follows. */
export function StationLayout({ controls, drawing, findings, wideFindings = false }: StationLayoutProps) {
  return (
    <Grid $wide={wideFindings}>
      <Panel style={{ gridArea: 'controls' }}>{controls}</Panel>
      <Panel style={{ gridArea: 'drawing' }}>{drawing}</Panel>
      <Panel style={{ gridArea: 'findings' }}>{findings}</Panel>
    </Grid>
  );
}

const Tools = styled.div`
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0 12px;
  margin-top: 8px;
  border-top: 1px solid ${({ theme }) => theme.line};
  button {
    justify-content: flex-start;
    padding: 0;
    ${FINE} {
      min-height: 36px;
    }
  }
`;

interface StationToolsProps<Id extends string> {
  readonly tools: readonly { readonly id: Id; readonly name: string; readonly icon: LucideIcon }[];
  readonly onOpen: (id: Id) => void;
}

function ToolsOf<Id extends string>({ tools, onOpen }: StationToolsProps<Id>) {
  return (
    <Tools>
      {tools.map(({ id, name, icon: Icon }) => (
        <Button key={id} $look="quiet" onPress={() => onOpen(id)}>
          <Icon size={16} aria-hidden />
          {name}
        </Button>
      ))}
    </Tools>
  );
}

/** What a station opens: sheets, two side by side. The same whatever is typed. */
export const StationTools = memo(ToolsOf) as typeof ToolsOf;
