<?php

declare(strict_types=1);

namespace App\Models;

/** Values are made by casts alone. To look for a method that makes each value takes half the time in which it is read. */
trait HasNoMutators
{
    /** @param  string  $key */
    public function hasGetMutator($key): bool
    {
        return false;
    }

    /** @param  string  $key */
    public function hasSetMutator($key): bool
    {
        return false;
    }

    /** @param  string  $key */
    public function hasAttributeMutator($key): bool
    {
        return false;
    }

    /** @param  string  $key */
    public function hasAttributeGetMutator($key): bool
    {
        return false;
    }

    /** @param  string  $key */
    public function hasAttributeSetMutator($key): bool
    {
        return false;
    }
}
