interface Form<T> {
    setData: (changed: (before: T) => T) => void;
}

/** Changes some values of a form; the others stay. */
export function changing<T extends object>(form: Form<T>): (changed: Partial<T>) => void {
    return (changed) => {
        form.setData((before) => ({ ...before, ...changed }));
    };
}
