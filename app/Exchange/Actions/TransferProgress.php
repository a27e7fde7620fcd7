<?php

declare(strict_types=1);

namespace App\Exchange\Actions;

/** How far a transfer has come, in a file beside its others: what a transaction does is seen by nobody else before it ends. */
final class TransferProgress
{
    private const EVERY = 500;

    private int $done = 0;

    public function __construct(private readonly string $folder, private readonly int $total)
    {
        $this->write();
    }

    public function add(int $rows): void
    {
        $before = $this->done;
        $this->done += $rows;
        if (intdiv($before, self::EVERY) !== intdiv($this->done, self::EVERY)) {
            $this->write();
        }
    }

    /** @return array{int, int}|null rows that are done, and all; null where nothing is known */
    public static function read(string $folder): ?array
    {
        $text = is_file($folder.'/progress') ? (string) file_get_contents($folder.'/progress') : '';

        return preg_match('/^(\d+) (\d+)$/D', $text, $found) === 1 ? [(int) $found[1], (int) $found[2]] : null;
    }

    private function write(): void
    {
        file_put_contents($this->folder.'/progress', min($this->done, $this->total).' '.$this->total);
    }
}
