<?php

declare(strict_types=1);

namespace App\Features\ClientSystems\Props;

/** One client's system, and a week in both. */
final readonly class ClientSystemProps
{
    /**
     * @param  list<CalledKindProps>  $payKinds  what it calls kinds of pay
     * @param  string  $week  `2026-W25`
     * @param  string  $before  the week before
     * @param  string  $after  the week after
     * @param  list<string>  $openWeeks  weeks in which somebody does not agree, the oldest first
     * @param  list<ComparedPersonProps>  $people  with time in the week, those who do not agree first
     * @param  list<ClientSystemPersonProps>  $unknown
     */
    public function __construct(
        public int $id,
        public string $name,
        public string $clientCode,
        public string $clientName,
        public string $startsOn,
        public string $personBy,
        public string $personHeading,
        public string $dateHeading,
        public string $hoursHeading,
        public string $chargeCodeHeading,
        public string $payKindHeading,
        public array $payKinds,
        public ?string $readAt,
        public string $week,
        public string $monday,
        public string $sunday,
        public string $before,
        public string $after,
        public array $openWeeks,
        public array $people,
        public array $unknown,
    ) {
    }
}
