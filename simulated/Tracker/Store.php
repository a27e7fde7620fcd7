<?php

declare(strict_types=1);

namespace Simulated\Tracker;

use RuntimeException;

/** Keeps what the tracker knows in a file, one change after the other. */
final readonly class Store
{
    public function __construct(private string $folder)
    {
    }

    public function read(): Data
    {
        $text = is_file($this->file()) ? (string) file_get_contents($this->file()) : '';
        $data = $text === '' ? null : unserialize($text, ['allowed_classes' => [Data::class, Member::class]]);

        return $data instanceof Data ? $data : new Data;
    }

    /**
     * @template Result
     *
     * @param  callable(Data): Result  $act
     * @return Result
     */
    public function change(callable $act): mixed
    {
        $lock = fopen($this->folder.'/lock', 'c');
        if ($lock === false || ! flock($lock, LOCK_EX)) {
            throw new RuntimeException('The folder of the tracker cannot be written.');
        }
        try {
            $data = $this->read();
            $result = $act($data);
            file_put_contents($this->file().'.new', serialize($data));
            rename($this->file().'.new', $this->file());

            return $result;
        } finally {
            fclose($lock);
        }
    }

    /** Away it answers nothing but that it is, as a system does that is being repaired. */
    public function isAway(): bool
    {
        return is_file($this->folder.'/away');
    }

    public function turn(): void
    {
        $this->isAway() ? unlink($this->folder.'/away') : touch($this->folder.'/away');
    }

    private function file(): string
    {
        return $this->folder.'/tracker';
    }
}
