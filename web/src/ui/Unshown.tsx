import { Component, type ReactNode } from "react";

interface Props {
  /** Another one begins afresh: where the screen is. */
  place: string;
  children: ReactNode;
}

interface State {
  failedAt?: string;
}

/** A screen that cannot be shown takes nothing else with it. */
export class Unshown extends Component<Props, State> {
  override state: State = {};

  override componentDidCatch() {
    this.setState({ failedAt: this.props.place });
  }

  static getDerivedStateFromError(): State {
    return { failedAt: "here" };
  }

  override componentDidUpdate(before: Props) {
    if (before.place !== this.props.place && this.state.failedAt) {
      this.setState({ failedAt: undefined });
    }
  }

  override render() {
    if (!this.state.failedAt) {
      return this.props.children;
    }
    return (
      <div className="space-y-3 p-6" role="alert">
        <h1>This screen could not be shown</h1>
        <p>
          Something in it is not as this version expects. Nothing was lost; the sections above still work.
        </p>
        <button type="button" className="act" onClick={() => window.location.reload()}>
          Load it again
        </button>
      </div>
    );
  }
}
