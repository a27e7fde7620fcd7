import { useSyncExternalStore } from 'react';

/** A value that outlives what shows it. Whatever reads it is shown anew when it changes. */
export class Store<Value> {
    private readonly readers = new Set<() => void>();

    constructor(private value: Value) {}

    readonly get = (): Value => this.value;

    set(value: Value): void {
        this.value = value;
        this.readers.forEach((read) => {
            read();
        });
    }

    /** Calls back at each change, until what it gives is called. */
    readonly subscribe = (read: () => void): (() => void) => {
        this.readers.add(read);

        return () => {
            this.readers.delete(read);
        };
    };
}

export function useStore<Value>(store: Store<Value>): Value {
    return useSyncExternalStore(store.subscribe, store.get, store.get);
}
