import { useCallback, useLayoutEffect, useRef } from 'react';

/** The same function for as long as the component lives, that always does what the latest one does. For handlers only. */
export function useStable<Parameters extends unknown[], Result>(
    act: (...parameters: Parameters) => Result,
): (...parameters: Parameters) => Result {
    const latest = useRef(act);
    useLayoutEffect(() => {
        latest.current = act;
    });

    return useCallback((...parameters: Parameters) => latest.current(...parameters), []);
}
