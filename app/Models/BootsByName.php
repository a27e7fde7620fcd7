<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasEvents;
use Illuminate\Database\Eloquent\Concerns\HasGlobalScopes;
use Illuminate\Database\Eloquent\Model as EloquentModel;

/**
 * Looks for what traits do when a model boots by its name (`bootTimestamps`, `initializeTimestamps`) and nowhere else, and not for
 * observers and scopes among the attributes of its class. That takes a tenth of a millisecond or more for each model, of which every
 * page has some dozens.
 */
trait BootsByName
{
    /** @var array{list<string>, list<string>}|null methods that boot and initialize what all models have */
    private static ?array $ofAll = null;

    protected static function bootTraits(): void
    {
        self::$ofAll ??= self::methods(EloquentModel::class, array_diff(class_uses_recursive(EloquentModel::class), [HasEvents::class, HasGlobalScopes::class]));
        $own = self::methods(static::class, self::ownTraits());
        foreach ([...self::$ofAll[0], ...$own[0]] as $boot) {
            static::$boot();
        }
        static::$traitInitializers[static::class] = [...self::$ofAll[1], ...$own[1]];
    }

    /**
     * @param  class-string  $class
     * @param  array<string>  $traits
     * @return array{list<string>, list<string>} those that boot, and those that initialize
     */
    private static function methods(string $class, array $traits): array
    {
        $methods = [[], []];
        foreach ($traits as $trait) {
            $name = class_basename($trait);
            foreach (['boot'.$name, 'initialize'.$name] as $place => $method) {
                if (method_exists($class, $method)) {
                    $methods[$place][] = $method;
                }
            }
        }

        return $methods;
    }

    /** @return array<string, string> those that a model has beyond what all have */
    private static function ownTraits(): array
    {
        $traits = [];
        for ($class = static::class; $class !== false && $class !== EloquentModel::class && $class !== Model::class; $class = get_parent_class($class)) {
            foreach (class_uses($class) ?: [] as $trait) {
                $traits += [$trait => $trait] + trait_uses_recursive($trait);
            }
        }

        return $traits;
    }
}
