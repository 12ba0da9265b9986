import { useEffect, useState } from "react";

/** A value once it has stood still for a while, so that typing asks once. */
export function useSettled<T>(value: T, milliseconds: number): T {
  const [settled, setSettled] = useState(value);
  const key = JSON.stringify(value);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the key stands for the value
  useEffect(() => {
    const timer = setTimeout(() => setSettled(value), milliseconds);
    return () => clearTimeout(timer);
  }, [key, milliseconds]);
  return settled;
}
