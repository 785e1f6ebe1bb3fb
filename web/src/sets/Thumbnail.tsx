import { useQuery } from "@tanstack/react-query";
import { type RefObject, useEffect, useRef, useState } from "react";
import { api } from "../api/client";
import { turns } from "../api/turns";
import type { SetSummary } from "../api/types";
import { Mark } from "../ui/Mark";

/** Each is made when it is first asked for, which takes seconds: one at a time, those in sight alone. */
const inTurn = turns();

/** The set as it was saved; the mark until there is a picture of it, and where there is none. */
export function Thumbnail({ summary: { id, version } }: { summary: SetSummary }) {
  const frame = useRef<HTMLSpanElement>(null);
  const seen = useSeen(frame);
  const picture = useQuery({
    queryKey: ["set-picture", id, version],
    queryFn: ({ signal }) => inTurn(() => api.setPicture(id, version, signal), signal),
    enabled: seen,
    staleTime: Infinity,
    retry: false,
  });
  const url = useAddress(picture.data);
  return (
    <span
      ref={frame}
      className="grid h-12 w-18 shrink-0 place-items-center overflow-hidden rounded bg-surround *:col-start-1 *:row-start-1"
    >
      <Mark size={20} />
      {url && <img src={url} alt="" className="size-full object-cover" />}
    </span>
  );
}

/** Whether it has come into sight. */
function useSeen(element: RefObject<Element | null>): boolean {
  const [seen, setSeen] = useState(false);
  useEffect(() => {
    if (!element.current) return;
    const observer = new IntersectionObserver((entries) => {
      if (entries.some(({ isIntersecting }) => isIntersecting)) setSeen(true);
    });
    observer.observe(element.current);
    return () => observer.disconnect();
  }, [element]);
  return seen;
}

function useAddress(blob: Blob | undefined): string | null {
  const [url, setUrl] = useState<string | null>(null);
  useEffect(() => {
    if (!blob) return;
    const made = URL.createObjectURL(blob);
    setUrl(made);
    return () => URL.revokeObjectURL(made);
  }, [blob]);
  return url;
}
