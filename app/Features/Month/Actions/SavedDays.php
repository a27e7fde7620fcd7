<?php

declare(strict_types=1);

namespace App\Features\Month\Actions;

use App\Features\Week\Actions\CellResult;
use App\Features\Week\Props\CellOutcome;
use App\Support\Language\Wording;

/** What became of the cells of a month that were saved together. */
final readonly class SavedDays
{
    /** So many days that were not saved are named. */
    private const NAMED = 5;

    /**
     * @param  list<CellResult>  $saved
     * @param  list<CellResult>  $refused
     */
    private function __construct(public array $saved, private array $refused)
    {
    }

    /** @param  list<CellResult>  $results */
    public static function of(array $results): self
    {
        $isSaved = static fn (CellResult $result): bool => $result->outcome === CellOutcome::Saved;

        return new self(array_values(array_filter($results, $isSaved)), array_values(array_filter($results, static fn (CellResult $result): bool => ! $isSaved($result))));
    }

    /** Why the first of those that were not saved was not; null where all were. */
    public function refusal(): ?string
    {
        return $this->refused[0]->message ?? null;
    }

    /** The days that were not saved, for people. */
    public function refusedDays(): string
    {
        $named = array_map(static fn (CellResult $result): string => Wording::day($result->input->day), array_slice($this->refused, 0, self::NAMED));

        return implode(', ', $named).(count($this->refused) > self::NAMED ? ' …' : '');
    }
}
