<?php

declare(strict_types=1);

namespace App\Exchange;

/** One thing wrong with an exchange file: where, what stands there, and what was expected. */
final readonly class FileProblem
{
    /**
     * @param  int|null  $line  as an editor counts; null where the file as a whole is meant
     * @param  string|null  $column  null where the line as a whole is meant
     */
    public function __construct(
        public string $file,
        public ?int $line,
        public ?string $column,
        public ?string $value,
        public string $expected,
    ) {
    }

    public function sentence(): string
    {
        $place = $this->file;
        if ($this->line !== null) {
            $place .= ExchangeText::get('place.line', ['line' => $this->line]);
        }
        if ($this->column !== null) {
            $place .= ExchangeText::get('place.column', ['column' => $this->column]);
        }
        if ($this->value !== null) {
            $shown = preg_replace('/[\x00-\x1F\x7F]+/', ' ', mb_scrub(mb_strimwidth($this->value, 0, 60, '…')));
            $place .= ExchangeText::get('place.value', ['value' => $shown ?? '']);
        }

        return $place.ExchangeText::get('place.expected', ['expected' => $this->expected]);
    }
}
