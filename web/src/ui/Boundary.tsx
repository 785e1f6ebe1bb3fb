import { TriangleAlert } from "lucide-react";
import type { ReactNode } from "react";
import { ErrorBoundary } from "react-error-boundary";
import { Button } from "./Button";

type Props = {
  /** What failed, as it is called on the page. */
  name: string;
  children: ReactNode;
};

/** Holds a failure of one part of the page, so that the others and the work stay. */
export function Boundary({ name, children }: Props) {
  return (
    <ErrorBoundary
      fallbackRender={({ resetErrorBoundary }) => (
        <div
          role="alert"
          className="grid h-full place-items-center rounded-panel border border-alarm bg-alarm-ground p-4 text-center text-alarm text-sm"
        >
          <div>
            <TriangleAlert size={20} aria-hidden className="mx-auto" />
            <p className="mt-2">{name} could not be shown. Your work is kept in this browser.</p>
            <div className="mt-3 flex justify-center gap-2">
              <Button look="outline" onClick={resetErrorBoundary}>
                Try again
              </Button>
              <Button look="outline" onClick={() => location.reload()}>
                Reload the page
              </Button>
            </div>
          </div>
        </div>
      )}
    >
      {children}
    </ErrorBoundary>
  );
}
