<?php

declare(strict_types=1);

namespace App\Features\Load\Props;

use Moss\Core\Planning\Workload;
use Moss\Core\Time\Minutes;

/** The load of a person on the days of a column, in minutes. */
final readonly class LoadCellProps
{
    /**
     * @param  int  $load  entered on days gone by, planned on days to come
     * @param  list<LoadedDayProps>  $daysOver
     */
    public function __construct(public int $expected, public int $planned, public int $entered, public int $load, public int $over, public int $free, public array $daysOver)
    {
    }

    public static function of(Workload $load): self
    {
        return new self(
            $load->expected()->toInt(), $load->planned()->toInt(), $load->entered()->toInt(), $load->load()->toInt(), $load->over()->toInt(), $load->free()->toInt(),
            array_map(static fn (string $day, Minutes $over): LoadedDayProps => new LoadedDayProps($day, $over->toInt()), array_keys($load->daysOver()), array_values($load->daysOver())),
        );
    }
}
