import { Component, type ReactNode } from 'react';

interface GuardProps {
  readonly children: ReactNode;
  /** Shown in place of what fell over. */
  readonly instead: ReactNode;
}

/** What falls over inside takes nothing else with it. React has boundaries as classes only. */
export class Guard extends Component<GuardProps, { readonly fell: boolean }> {
  override state = { fell: false };

  static getDerivedStateFromError() {
    return { fell: true };
  }

  override render() {
    return this.state.fell ? this.props.instead : this.props.children;
  }
}
