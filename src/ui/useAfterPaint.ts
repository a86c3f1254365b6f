"use client";

import { startTransition, useEffect, useState } from "react";

/**
 * A value that may be shown one frame after the rest: it follows once the frame that is due has been drawn. For long lists
 * beside something that has to answer at once.
 */
export function useAfterPaint<T>(value: T): T {
  const [shown, setShown] = useState(value);
  useEffect(() => {
    const after = new MessageChannel();
    after.port1.onmessage = () => startTransition(() => setShown(() => value));
    // a message sent while a frame is being made is read when it is done
    const frame = requestAnimationFrame(() => after.port2.postMessage(null));
    return () => {
      cancelAnimationFrame(frame);
      after.port1.onmessage = null;
      after.port1.close();
    };
  }, [value]);
  return shown;
}
