<?php

declare(strict_types=1);

namespace App\Models;

/**
 * Looks for what traits do when a model boots by its name (`bootTimestamps`, `initializeTimestamps`) and nowhere else. Looking through the
 * attributes of all methods of a model takes a quarter of a millisecond, of which every page has some dozens.
 */
trait BootsByName
{
    protected static function bootTraits(): void
    {
        $initializers = [];
        foreach (class_uses_recursive(static::class) as $trait) {
            [$boot, $initialize] = ['boot'.class_basename($trait), 'initialize'.class_basename($trait)];
            if (method_exists(static::class, $boot)) {
                static::$boot();
            }
            if (method_exists(static::class, $initialize)) {
                $initializers[] = $initialize;
            }
        }
        static::$traitInitializers[static::class] = $initializers;
    }
}
