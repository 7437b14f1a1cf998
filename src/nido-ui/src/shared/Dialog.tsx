import { X } from "lucide-react";
import { type ReactNode, useEffect, useId, useRef } from "react";
import { useTranslation } from "react-i18next";

/** A dialog over the page: Escape and the cross close it, focus stays inside and goes back. */
export function Dialog({
  title,
  onClose,
  children,
  wide = false,
}: {
  title: string;
  onClose: () => void;
  children: ReactNode;
  wide?: boolean;
}) {
  const { t } = useTranslation();
  const ref = useRef<HTMLDialogElement>(null);
  const id = useId();
  useEffect(() => {
    const dialog = ref.current;
    const before = document.activeElement as HTMLElement | null;
    dialog?.showModal();
    return () => {
      dialog?.close();
      before?.focus();
    };
  }, []);
  return (
    <dialog ref={ref} className="modal" aria-labelledby={id} onClose={onClose}>
      <div className={`modal-box max-h-[94vh] ${wide ? "max-w-4xl" : "max-w-lg"}`}>
        <div className="mb-3 flex items-start justify-between gap-4">
          <h2 id={id} className="text-lg">
            {title}
          </h2>
          <button type="button" className="btn btn-ghost btn-sm btn-square" aria-label={t("close")} onClick={onClose}>
            <X size={18} aria-hidden="true" />
          </button>
        </div>
        {children}
      </div>
    </dialog>
  );
}
