<?php

declare(strict_types=1);

namespace App\Support\Types;

use App\Support\Console\WritesErrors;
use Illuminate\Console\Command;

final class TypesCommand extends Command
{
    use WritesErrors;

    private const FOLDER = 'resources/js/types/generated/';

    protected $signature = 'moss:types {--check : write nothing; fail if a file is out of date}';

    protected $description = 'Write the TypeScript types of page props, and the addresses of routes';

    protected $help = <<<'HELP'
        Examples:
          php artisan moss:types
          php artisan moss:types --check
        HELP;

    public function handle(TypeScriptTypes $types, TypeScriptRoutes $routes): int
    {
        $outdated = [];
        foreach (['props.ts' => $types->of($this->classes()), 'routes.ts' => $routes->written()] as $file => $written) {
            $path = base_path(self::FOLDER.$file);
            if ($this->option('check') !== true) {
                file_put_contents($path, $written);
            } elseif (! is_file($path) || file_get_contents($path) !== $written) {
                $outdated[] = self::FOLDER.$file;
            }
        }
        if ($outdated !== []) {
            $this->complain(implode(' and ', $outdated).' not up to date. Run: php artisan moss:types');

            return self::FAILURE;
        }

        return self::SUCCESS;
    }

    /** @return list<class-string> */
    private function classes(): array
    {
        $classes = [];
        foreach ([...glob(app_path('*/Props/*.php')) ?: [], ...glob(app_path('Features/*/Props/*.php')) ?: []] as $path) {
            $class = 'App'.str_replace('/', '\\', substr($path, strlen(app_path()), -strlen('.php')));
            if (class_exists($class) || enum_exists($class)) {
                $classes[] = $class;
            }
        }

        return $classes;
    }
}
