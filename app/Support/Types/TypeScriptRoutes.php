<?php

declare(strict_types=1);

namespace App\Support\Types;

use Illuminate\Routing\Route;
use Illuminate\Routing\Router;

/** Writes the addresses of named routes for the interface, so that none stands there a second time. */
final readonly class TypeScriptRoutes
{
    public function __construct(private Router $router)
    {
    }

    public function written(): string
    {
        $lines = '';
        foreach ($this->addresses() as $name => $address) {
            $lines .= "    '".$name."': '".$address."',\n";
        }

        return "// Written by `php artisan moss:types` from the named routes; do not edit.\n\nexport const routes = {\n".$lines."} as const;\n\nexport type RouteName = keyof typeof routes;\n";
    }

    /** @return array<string, string> by name, in the order of names */
    private function addresses(): array
    {
        $addresses = [];
        foreach ($this->router->getRoutes()->getRoutes() as $route) {
            $name = $route->getName();
            // What belongs to nobody's page, such as the answer to an unknown address or to a program, is not linked to.
            if ($name !== null && ! $route->isFallback && ! str_starts_with($name, 'api.') && str_starts_with($this->action($route), 'App\\')) {
                $addresses[$name] = '/'.ltrim($route->uri(), '/');
            }
        }
        ksort($addresses);

        return $addresses;
    }

    private function action(Route $route): string
    {
        return ltrim($route->getActionName(), '\\');
    }
}
