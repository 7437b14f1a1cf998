import { Component, type ReactNode } from "react";
import { type WithTranslation, withTranslation } from "react-i18next";

/** A place that breaks says so and offers the way back; the others go on. */
class Boundary extends Component<{ children: ReactNode } & WithTranslation, { broken: boolean }> {
  override state = { broken: false };

  static getDerivedStateFromError() {
    return { broken: true };
  }

  override render() {
    const { t, children } = this.props;
    return this.state.broken ? (
      <main className="flex-1 p-6" role="alert">
        <h1>{t("broken.title")}</h1>
        <p className="my-2">{t("broken.why")}</p>
        <button type="button" className="btn btn-primary" onClick={() => window.location.reload()}>
          {t("broken.again")}
        </button>
      </main>
    ) : (
      children
    );
  }
}

export const ErrorBoundary = withTranslation()(Boundary);
