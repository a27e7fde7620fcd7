<?php

declare(strict_types=1);

namespace Moss\Core\Search;

/**
 * Finds things by words of their name, or by their code. Every word must fit somewhere; slips of the finger are forgiven
 * in names, not in codes.
 */
final readonly class NameSearch
{
    /** @var list<string> */
    private array $words;

    public function __construct(private string $sought)
    {
        $this->words = Words::of($sought);
    }

    /** How well something is meant: null where a word fits nowhere, more for what fits better. */
    public function fit(string $code, string $name): ?int
    {
        $plainCode = Words::plain($code);
        if ($plainCode === Words::plain(trim($this->sought))) {
            // The code in full is what was meant, whatever else its words fit.
            return PHP_INT_MAX;
        }
        $sum = 0;
        $names = Words::of($name);
        $codes = [$plainCode, ...Words::of($code)];
        foreach ($this->words as $word) {
            $best = 0;
            foreach ($names as $place => $known) {
                $fit = WordFit::of($word, $known, true);
                // What begins a name is what most people type.
                $best = max($best, $fit > 0 && $place === 0 ? $fit + 1 : $fit);
            }
            foreach ($codes as $known) {
                $best = max($best, WordFit::of($word, $known, false));
            }
            if ($best === 0) {
                return null;
            }
            $sum += $best;
        }

        return $sum;
    }
}
