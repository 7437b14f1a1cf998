import { X } from "lucide-react";
import { type ReactNode, useEffect, useId, useRef, useState } from "react";
import { useTranslation } from "react-i18next";

/**
 * A dialog over the page: Escape and the cross close it, focus stays inside and goes back. One that is typed into asks
 * before it drops what was typed.
 */
export function Dialog({
  title,
  onClose,
  children,
  wide = false,
  typed = false,
}: {
  title: string;
  onClose: () => void;
  children: ReactNode;
  wide?: boolean;
  /** What is typed here is kept by a button only. */
  typed?: boolean;
}) {
  const { t } = useTranslation();
  const ref = useRef<HTMLDialogElement>(null);
  const id = useId();
  const [touched, setTouched] = useState(false);
  const [asking, setAsking] = useState(false);
  const leave = () => (typed && touched ? setAsking(true) : onClose());
  useEffect(() => {
    const dialog = ref.current;
    const before = document.activeElement as HTMLElement | null;
    dialog?.showModal();
    // One begins at the first field, not at the cross.
    dialog
      ?.querySelector<HTMLElement>(
        "[data-body] :is(input:not([type=hidden], [type=file]), select, textarea):not(:disabled)",
      )
      ?.focus();
    return () => {
      dialog?.close();
      // Where the button is in a menu that has closed, or gone, the nearest there is has the focus again.
      const seen = before?.isConnected && before.offsetParent !== null;
      const near = before?.isConnected ? before.closest("details")?.querySelector("summary") : null;
      (seen ? before : (near ?? document.getElementById("place")))?.focus();
    };
  }, []);
  return (
    <dialog
      ref={ref}
      className="modal"
      aria-labelledby={id}
      onClose={onClose}
      onCancel={(e) => {
        if (e.target === ref.current) {
          e.preventDefault();
          leave();
        }
      }}
    >
      <div onInput={() => setTouched(true)} className={`modal-box max-h-[94vh] ${wide ? "max-w-4xl" : "max-w-lg"}`}>
        <div className="mb-3 flex items-start justify-between gap-4">
          <h2 id={id} className="text-lg">
            {title}
          </h2>
          <button type="button" className="btn btn-ghost btn-sm btn-square" aria-label={t("close")} onClick={leave}>
            <X size={18} aria-hidden="true" />
          </button>
        </div>
        {asking && (
          <p role="alert" className="mb-3 flex flex-wrap items-center gap-2 rounded-[10px] border border-error p-2">
            <span className="mr-auto">{t("dialog.notKept")}</span>
            <button type="button" className="btn btn-sm btn-primary" onClick={() => setAsking(false)}>
              {t("dialog.stay")}
            </button>
            <button type="button" className="btn btn-outline btn-sm" onClick={onClose}>
              {t("dialog.drop")}
            </button>
          </p>
        )}
        <div data-body>{children}</div>
      </div>
    </dialog>
  );
}
