import type { GridPlace } from './moves';

const nameOf = ({ row, column }: GridPlace) => `${row} ${column}`;

/**
 * The elements of a grid's cells, by where they stand: each cell hands its own in, so that nobody has to look for one.
 *
 * A place that is not drawn yet takes the focus as soon as it is.
 */
export class CellElements {
    private readonly byPlace = new Map<string, HTMLElement>();

    private awaited: string | null = null;

    /** Draws a row that is out of sight; set by what draws only some of the rows. */
    reveal: ((row: number) => void) | null = null;

    /** Takes the element of a place; what comes back takes it out again. */
    add(place: GridPlace, element: HTMLElement): () => void {
        const name = nameOf(place);
        this.byPlace.set(name, element);
        if (this.awaited === name) {
            this.awaited = null;
            element.focus();
        }

        return () => {
            if (this.byPlace.get(name) === element) {
                this.byPlace.delete(name);
            }
        };
    }

    /** Focuses a place, now or once it is drawn; says whether it was there. */
    focus(place: GridPlace): boolean {
        const element = this.byPlace.get(nameOf(place));
        this.awaited = null;
        if (element === undefined && this.reveal !== null) {
            this.awaited = nameOf(place);
            this.reveal(place.row);
        }
        element?.focus();

        return element !== undefined;
    }
}
