import { Component, type ReactNode } from 'react';

/**
 * Error boundary: reports that a part of the page has failed, and how to continue. Changes are already on the server.
 */
export class Trouble extends Component<{ children: ReactNode }, { error: Error | null }> {
  state = { error: null as Error | null };

  static getDerivedStateFromError(error: Error) {
    return { error };
  }

  render() {
    if (!this.state.error) return this.props.children;
    return (
      <main role="alert" className="flex h-full flex-col items-center justify-center gap-4 px-8 text-center">
        <p className="text-lead">This page has failed. Your words are safe on the server.</p>
        <p className="max-w-xl text-note text-soft">{this.state.error.message}</p>
        <p className="flex gap-6">
          <button onClick={() => window.location.reload()} className="text-accent underline">
            Reload
          </button>
          <a href="/" className="text-accent underline">
            Back to the clips
          </a>
        </p>
      </main>
    );
  }
}
