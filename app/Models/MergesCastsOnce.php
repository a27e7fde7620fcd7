<?php

declare(strict_types=1);

namespace App\Models;

/** Puts the cast of the key and the others together once for each model, rather than several times whenever one of its values is read. */
trait MergesCastsOnce
{
    /** @var array<string, string>|null */
    private ?array $mergedCasts = null;

    /** @return array<string, string> */
    public function getCasts(): array
    {
        return $this->mergedCasts ??= parent::getCasts();
    }

    /** @param  array<string, string>  $casts */
    public function mergeCasts($casts): static
    {
        $this->mergedCasts = null;

        return parent::mergeCasts($casts);
    }
}
