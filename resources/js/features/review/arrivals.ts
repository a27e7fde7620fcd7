/** How the sheets of the desk take the focus when one arrives at them, by their place on the desk. */
export class Arrivals {
    private readonly acts = new Map<number, () => void>();

    /** Takes what a sheet does; what comes back takes it out again. */
    add(sheet: number, act: () => void): () => void {
        this.acts.set(sheet, act);

        return () => {
            this.acts.delete(sheet);
        };
    }

    at(sheet: number): void {
        this.acts.get(sheet)?.();
    }
}
