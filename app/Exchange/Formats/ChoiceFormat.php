<?php

declare(strict_types=1);

namespace App\Exchange\Formats;

use App\Exchange\Format;
use App\Exchange\Unreadable;

/** One of a few words. */
final readonly class ChoiceFormat implements Format
{
    /** @var list<string> */
    private array $choices;

    public function __construct(string ...$choices)
    {
        $this->choices = array_values($choices);
    }

    public function read(string $text): string
    {
        return in_array($text, $this->choices, true)
            ? $text
            : throw Unreadable::expected('choice', ['choices' => implode(', ', $this->choices)]);
    }

    public function print(string|int $value): string
    {
        return (string) $value;
    }
}
