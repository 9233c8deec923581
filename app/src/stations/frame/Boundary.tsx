import { Component, type ReactNode } from 'react';
import { Broken } from './Broken';

/** Catches a screen that breaks and offers the toy as a file. */
export class Boundary extends Component<{ children: ReactNode }, { broken: { error: unknown } | null }> {
  override state: { broken: { error: unknown } | null } = { broken: null };

  static getDerivedStateFromError(error: unknown) {
    return { broken: { error } };
  }

  override render() {
    const again = () => this.setState({ broken: null });
    return this.state.broken ? (
      <Broken error={this.state.broken.error} onAgain={again} onBack={again} />
    ) : (
      this.props.children
    );
  }
}
