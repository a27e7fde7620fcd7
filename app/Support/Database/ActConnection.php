<?php

declare(strict_types=1);

namespace App\Support\Database;

use Closure;
use Illuminate\Database\SQLiteConnection;

/** Does what belongs to every act at the end of its transaction, within it. */
final class ActConnection extends SQLiteConnection
{
    /** @var list<Closure(): void> */
    private array $endings = [];

    private int $acts = 0;

    /** @param  Closure(): void  $ending */
    public function beforeActsEnd(Closure $ending): void
    {
        $this->endings[] = $ending;
    }

    /** @param  int<1, max>  $attempts */
    public function transaction(Closure $callback, $attempts = 1): mixed
    {
        return parent::transaction(function () use ($callback): mixed {
            $this->acts++;
            try {
                $result = $callback($this);
                $this->end(1);

                return $result;
            } finally {
                $this->acts--;
            }
        }, $attempts);
    }

    public function commit(): void
    {
        $this->end(0);
        parent::commit();
    }

    /** An act within another ends with it. */
    private function end(int $acts): void
    {
        foreach ($this->acts === $acts ? $this->endings : [] as $ending) {
            $ending();
        }
    }
}
