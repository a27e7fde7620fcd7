<?php

declare(strict_types=1);

namespace App\Exchange;

/** One file of an exchange that is there, read as often as it is needed. */
final readonly class ExchangeFile
{
    public function __construct(public FileKind $kind, private ExchangeSource $source)
    {
    }

    /**
     * Everything in it, noting what is wrong.
     *
     * @return iterable<FileRow>
     */
    public function read(FileProblems $problems): iterable
    {
        return $this->rows(new FileReading($this->kind, $problems));
    }

    /**
     * The rows that could be read as a whole, once it is known what is wrong with the others.
     *
     * @return iterable<FileRow>
     */
    public function complete(): iterable
    {
        foreach ($this->rows(new FileReading($this->kind, new FileProblems, mustBeUnique: false)) as $row) {
            if ($row->isComplete) {
                yield $row;
            }
        }
    }

    /**
     * @param  positive-int  $length
     * @return iterable<non-empty-list<FileRow>> those rows, so many at once
     */
    public function chunks(int $length): iterable
    {
        $chunk = [];
        foreach ($this->complete() as $row) {
            $chunk[] = $row;
            if (count($chunk) === $length) {
                yield $chunk;
                $chunk = [];
            }
        }
        if ($chunk !== []) {
            yield $chunk;
        }
    }

    /** @return iterable<FileRow> */
    private function rows(FileReading $reading): iterable
    {
        $stream = $this->source->stream($this->kind->file());
        if ($stream === null) {
            return;
        }
        try {
            yield from $reading->rows($stream);
        } finally {
            fclose($stream);
        }
    }
}
