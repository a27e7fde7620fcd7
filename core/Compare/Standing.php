<?php

declare(strict_types=1);

namespace Moss\Core\Compare;

/** How actual hours stand against what is planned to date. */
enum Standing: string
{
    case Over = 'over';
    case Under = 'under';
    case OnTrack = 'on track';
    /** Hours that nothing was planned for. */
    case Unplanned = 'unplanned';
    /** Nothing is planned yet, and nothing recorded. */
    case Ahead = 'ahead';
    /** Recorded hours that no plan can be set against. */
    case Recorded = 'recorded';

    /** @param  int  $tolerance  percent of what is planned to date by which a group may differ and still be on track; 0 or more */
    public static function of(ComparisonRow $row, int $tolerance): self
    {
        $difference = $row->againstToDate();

        return match (true) {
            $row->plannedToDate === 0 => $row->actual === 0 ? self::Ahead : self::Unplanned,
            abs($difference) * 100 <= $tolerance * $row->plannedToDate => self::OnTrack,
            $difference > 0 => self::Over,
            default => self::Under,
        };
    }

    /** Whether somebody should look at it. */
    public function asks(): bool
    {
        return $this === self::Over || $this === self::Under || $this === self::Unplanned;
    }
}
