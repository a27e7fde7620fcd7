<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model as EloquentModel;

/**
 * Looks for what traits do when a model boots by its name (`bootTimestamps`, `initializeTimestamps`) and nowhere else. Looking through the
 * attributes of all methods of a model takes a quarter of a millisecond, of which every page has some dozens.
 */
trait BootsByName
{
    /** @var array<string, string>|null those that all models have */
    private static ?array $commonTraits = null;

    protected static function bootTraits(): void
    {
        $initializers = [];
        foreach (self::traits() as $trait) {
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

    /** @return array<string, string> as `class_uses_recursive` has them, which looks for the common ones with each model anew */
    private static function traits(): array
    {
        $traits = self::$commonTraits ??= class_uses_recursive(EloquentModel::class);
        for ($class = static::class; $class !== false && $class !== EloquentModel::class; $class = get_parent_class($class)) {
            foreach (class_uses($class) ?: [] as $trait) {
                $traits += [$trait => $trait] + trait_uses_recursive($trait);
            }
        }

        return $traits;
    }
}
