import { Component, type ReactNode } from 'react';
import { Broken } from './Broken';

/** Catches a screen that breaks and offers the toy as a file. */
export class Boundary extends Component<{ children: ReactNode }, { broken: boolean }> {
  override state = { broken: false };

  static getDerivedStateFromError() {
    return { broken: true };
  }

  override render() {
    return this.state.broken ? (
      <Broken onBack={() => this.setState({ broken: false })} />
    ) : (
      this.props.children
    );
  }
}
