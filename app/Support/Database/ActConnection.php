<?php

declare(strict_types=1);

namespace App\Support\Database;

use Closure;
use Illuminate\Database\SQLiteConnection;

/** Does what belongs to every act at the end of its transaction, within it, and what comes after it once it has ended. */
final class ActConnection extends SQLiteConnection
{
    /** So many rows an act writes quickly enough that nobody else has to wait for the write lock. */
    public const MOST_ROWS = 150;

    /** @var list<Closure(): void> */
    private array $endings = [];

    /** @var list<Closure(): void> */
    private array $sequels = [];

    private int $acts = 0;

    private bool $isAfterAct = false;

    /** @param  Closure(): void  $ending */
    public function beforeActsEnd(Closure $ending): void
    {
        $this->endings[] = $ending;
    }

    /** @param  Closure(): void  $sequel  which may act itself */
    public function afterActs(Closure $sequel): void
    {
        $this->sequels[] = $sequel;
    }

    /** @param  int<1, max>  $attempts */
    public function transaction(Closure $callback, $attempts = 1): mixed
    {
        $result = parent::transaction(function () use ($callback): mixed {
            $this->acts++;
            try {
                $result = $callback($this);
                $this->end(1);

                return $result;
            } finally {
                $this->acts--;
            }
        }, $attempts);
        $this->goOn();

        return $result;
    }

    public function commit(): void
    {
        $this->end(0);
        parent::commit();
        $this->goOn();
    }

    /** An act within another ends with it. */
    private function end(int $acts): void
    {
        foreach ($this->acts === $acts ? $this->endings : [] as $ending) {
            $ending();
        }
    }

    private function goOn(): void
    {
        if ($this->acts > 0 || $this->isAfterAct) {
            return;
        }
        $this->isAfterAct = true;
        try {
            foreach ($this->sequels as $sequel) {
                $sequel();
            }
        } finally {
            $this->isAfterAct = false;
        }
    }
}
