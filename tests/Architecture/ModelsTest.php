<?php

declare(strict_types=1);

namespace Tests\Architecture;

use App\Models\BootsByName;
use Illuminate\Database\Eloquent\Attributes\Boot;
use Illuminate\Database\Eloquent\Attributes\Initialize;
use Illuminate\Database\Eloquent\Model;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use ReflectionClass;

/** Models find by its name what their traits do when they boot, so that no trait may ask for it by an attribute. */
final class ModelsTest extends TestCase
{
    /** @param  class-string<Model>  $model */
    #[DataProvider('models')]
    public function test_a_model_boots_by_name_and_misses_nothing_that_its_traits_ask_for(string $model): void
    {
        self::assertContains(BootsByName::class, class_uses_recursive($model));
        foreach ((new ReflectionClass($model))->getMethods() as $method) {
            $asked = [...$method->getAttributes(Boot::class), ...$method->getAttributes(Initialize::class)];
            self::assertSame([], $asked, $model.'::'.$method->getName());
        }
    }

    /** @return iterable<string, array{class-string<Model>}> */
    public static function models(): iterable
    {
        foreach (glob(dirname(__DIR__, 2).'/app/Models/*.php') ?: [] as $file) {
            $class = 'App\Models\\'.basename($file, '.php');
            if (is_subclass_of($class, Model::class)) {
                yield basename($file, '.php') => [$class];
            }
        }
    }
}
