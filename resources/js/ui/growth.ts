/** Minutes that have grown against a mark. */
export interface Growth {
    approved: number;
    pending: number;
    remaining: number;
    /** What it is held against; null where that is nothing, and so nothing can lie past it. */
    mark: number | null;
}

/** A stretch of the bar, in percent of its scale. */
export interface Stretch {
    texture: 'approved' | 'pending' | 'remaining' | 'over';
    from: number;
    to: number;
}

/**
 * Lays growth out from a common zero: approved, then pending, then what remains; what lies past the mark becomes `over`.
 *
 * The scale is what the full width stands for; bars in one list share it. Negative parts draw nothing.
 */
export function stretches({ approved, pending, remaining, mark: held }: Growth, scale: number): Stretch[] {
    const mark = held ?? Infinity;
    const whole = Math.max(scale, 1);
    const parts: [Stretch['texture'], number][] = [
        ['approved', Math.max(0, approved)],
        ['pending', Math.max(0, pending)],
        ['remaining', Math.max(0, remaining)],
    ];
    const drawn: Stretch[] = [];
    let start = 0;
    for (const [texture, minutes] of parts) {
        const end = start + minutes;
        if (Math.min(end, mark) > start) {
            drawn.push({ texture, from: start, to: Math.min(end, mark) });
        }
        start = end;
    }
    if (start > mark) {
        drawn.push({ texture: 'over', from: mark, to: start });
    }

    return drawn.map((stretch) => ({ ...stretch, from: (stretch.from * 100) / whole, to: (stretch.to * 100) / whole }));
}

/** What the full width of a list of bars must stand for. */
export function commonScale(growths: Growth[]): number {
    return Math.max(
        1,
        ...growths.map(({ approved, pending, remaining, mark }) => Math.max(approved + pending + remaining, mark ?? 0)),
    );
}
